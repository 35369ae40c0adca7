// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/session/setup.h"
#include "studio/records.h"

class QComboBox;

namespace refero {

namespace look {
class Button;
class Label;
}  // namespace look

/// Checks a correction on a chart frame that it was not built from, and tells what came of it.
class ProofPage : public QWidget {
    Q_OBJECT
  public:
    explicit ProofPage(QWidget* parent = nullptr);
    /// The other chart frames of the setup; null where there is no correction.
    void show(const Setup* setup, const std::vector<studio::Frame>& frames);

  signals:
    void wanted(const QString& path);

  private:
    QString told(const Correction& correction) const;

    QComboBox* frame_;
    look::Button* check_;
    look::Label* outcome_;
};

}  // namespace refero
