// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/plan/day_model.h"
#include "app/tables/row_table.h"

namespace refero {

/// The day's lines with their times as bars. A bar is dragged to another time, or longer and shorter at its
/// ends; where there is none, dragging draws one.
class DayTable : public RowTable {
    Q_OBJECT
  public:
    explicit DayTable(QWidget* parent = nullptr);
    DayModel& day() { return model_; }
    void setCompact(bool compact);
    int heightOfAll() const;

    /// The span a row shows: as dragged, while it is.
    std::pair<std::optional<int>, std::optional<int>> spanOf(int row) const;
    /// The time column, in the viewport's coordinates.
    QRect timeColumn() const;

  signals:
    void chosen(studio::SetupId setup);
    void timeDragged(studio::SetupId setup, int start, int end);
    void timeColumnMoved();

  protected:
    void paintEvent(QPaintEvent* event) override;
    void currentChanged(const QModelIndex& now, const QModelIndex& before) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    enum class Grip { none, whole, start, end };
    struct Drag {
        int row = -1;
        Grip grip = Grip::none;
        int grabbed = 0, start = 0, end = 0;  ///< minutes
        bool moved = false;
    };
    Grip gripAt(const QPoint& at, int row) const;
    int minutesAt(int x) const;
    int xOf(int minutes) const;
    bool inTime(const QPoint& at) const;

    DayModel model_;
    Drag drag_;
};

}  // namespace refero
