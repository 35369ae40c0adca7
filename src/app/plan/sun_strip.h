// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>
#include <vector>

#include "app/look/described.h"
#include "app/plan/day_model.h"
#include "core/plan/drift.h"

namespace refero {

/// The sun's height at a place over the same hours as the day's table, with the span in which a chart shot
/// can be trusted.
class SunStrip : public QWidget, public look::Described {
    Q_OBJECT
  public:
    struct Shown {
        std::vector<plan::SkyMoment> sky;  ///< empty: no coordinates, or the light does not move
        plan::Moment midnight{};           ///< of the place's clock
        DayAxis axis;
        std::optional<int> shot, from, until;  ///< minutes
        QString empty;                         ///< why there is no curve
    };

    explicit SunStrip(QWidget* parent = nullptr);
    void show(Shown shown);
    /// The time column of the table above, in this widget's coordinates.
    void setColumn(int left, int width);
    /// Minutes under the pointer, or nothing.
    std::optional<int> pointed() const { return pointed_; }
    QString describe() const override;

  signals:
    void pointedAt(std::optional<int> minutes);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void leaveEvent(QEvent* event) override;

  private:
    double xOf(int minutes) const;
    int minutesOf(plan::Moment at) const;

    Shown shown_;
    int left_ = 0, width_ = 100;
    std::optional<int> pointed_;
};

}  // namespace refero
