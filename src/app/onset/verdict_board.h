// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>

#include "core/read/reading.h"

namespace refero {

/// A verdict in letters for somebody three metres away (capitals of 81 px, 23 mm on a display of 0.28 mm
/// pixels), with its shape, and what to do under it.
class VerdictBoard : public QWidget {
    Q_OBJECT
  public:
    explicit VerdictBoard(QWidget* parent = nullptr);
    void show(const Reading& reading);
    /// No verdict: waiting, reading, no chart.
    void say(const QString& headline, const QString& text);
    const QString& headline() const { return headline_; }
    const QString& text() const { return text_; }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::optional<Verdict> verdict_;
    QString headline_, text_;
};

}  // namespace refero
