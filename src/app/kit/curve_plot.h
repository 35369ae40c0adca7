// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>

#include "core/colour/log_curve.h"

namespace refero {

/// A log curve over the stops around mid-grey, with what it holds in figures; for a curve that cannot be,
/// why.
class CurvePlot : public QWidget {
    Q_OBJECT
  public:
    explicit CurvePlot(QWidget* parent = nullptr);
    void setCurve(const LogCurve& curve);
    /// The figures under the plot.
    QString words() const { return words_; }
    QSize sizeHint() const override { return {260, 190}; }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::optional<LogCurve> curve_;
    QString words_;
};

}  // namespace refero
