// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPoint>
#include <QRect>
#include <Qt>
#include <optional>
#include <vector>

namespace refero {

/// Where the cells of a contact sheet lie: groups under each other, each with a heading, cells in rows as
/// wide as the room allows.
class SheetLayout {
  public:
    static constexpr int kCellWidth = 168, kCellHeight = 148, kHeading = 34, kLeft = 12;

    /// Numbers of cells in each group, for a given width.
    void lay(std::vector<int> groups, int width, Qt::LayoutDirection direction = Qt::LeftToRight);

    int height() const { return height_; }
    int columns() const { return columns_; }
    int count() const { return count_; }
    QRect heading(int group) const;
    QRect cell(int index) const;
    std::optional<int> cellAt(const QPoint& at) const;
    /// First cell and one past the last that are to be seen between top and bottom.
    std::pair<int, int> between(int top, int bottom) const;
    int groups() const { return static_cast<int>(groups_.size()); }
    /// The cell that lies a row above or below, as near as there is.
    int vertically(int index, int rows) const;

  private:
    struct Group {
        int first = 0, count = 0, top = 0;
    };
    const Group& groupOf(int index) const;
    std::vector<Group> groups_;
    bool fromRight_ = false;
    int columns_ = 1, height_ = 0, count_ = 0, width_ = 0;
};

}  // namespace refero
