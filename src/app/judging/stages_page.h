// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>
#include <vector>

#include "core/fit/correction.h"

class QGridLayout;

namespace refero {

/// The correction stage by stage, from the file's numbers to the finished picture, and where it comes from.
class StagesPage : public QWidget {
    Q_OBJECT
  public:
    explicit StagesPage(QWidget* parent = nullptr);
    void setCorrection(const std::optional<Correction>& correction);

    struct Stage {
        QString name, what;
        bool there = true;  ///< false: it does nothing
    };
    static std::vector<Stage> stagesOf(const Correction& correction);

  private:
    QGridLayout* grid_;
};

}  // namespace refero
