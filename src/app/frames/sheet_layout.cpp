// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/sheet_layout.h"

#include <algorithm>

namespace refero {

void SheetLayout::lay(std::vector<int> groups, int width, Qt::LayoutDirection direction) {
    width_ = width;
    fromRight_ = direction == Qt::RightToLeft;
    columns_ = std::max(1, (width - kLeft) / kCellWidth);
    groups_.clear();
    height_ = count_ = 0;
    for (const int n : groups) {
        groups_.push_back({count_, n, height_});
        count_ += n;
        height_ += kHeading + (n + columns_ - 1) / columns_ * kCellHeight;
    }
}

QRect SheetLayout::heading(int group) const {
    return {0, groups_[static_cast<std::size_t>(group)].top, width_, kHeading};
}

const SheetLayout::Group& SheetLayout::groupOf(int index) const {
    const auto after = std::upper_bound(groups_.begin(), groups_.end(), index,
                                        [](int i, const Group& g) { return i < g.first; });
    // Empty groups share their first with the next one; the last of them has the cell.
    return *(after - 1);
}

QRect SheetLayout::cell(int index) const {
    const Group& g = groupOf(index);
    const int i = index - g.first;
    const int x = kLeft + i % columns_ * kCellWidth;
    return {fromRight_ ? width_ - x - kCellWidth : x, g.top + kHeading + i / columns_ * kCellHeight,
            kCellWidth, kCellHeight};
}

std::optional<int> SheetLayout::cellAt(const QPoint& at) const {
    const int x = fromRight_ ? width_ - 1 - at.x() : at.x();
    const int column = (x - kLeft) / kCellWidth;
    if (x < kLeft || column >= columns_) return {};
    for (const Group& g : groups_) {
        const int y = at.y() - g.top - kHeading;
        if (y < 0) continue;
        const int i = y / kCellHeight * columns_ + column;
        if (i < g.count) return g.first + i;
    }
    return {};
}

std::pair<int, int> SheetLayout::between(int top, int bottom) const {
    int first = count_, last = 0;
    for (const Group& g : groups_) {
        const int rows = (g.count + columns_ - 1) / columns_;
        const int from = std::clamp((top - g.top - kHeading) / kCellHeight, 0, rows);
        const int to = std::clamp((bottom - g.top - kHeading) / kCellHeight + 1, 0, rows);
        if (bottom < g.top || from >= to) continue;
        first = std::min(first, g.first + from * columns_);
        last = std::max(last, std::min(g.first + to * columns_, g.first + g.count));
    }
    return {std::min(first, last), last};
}

int SheetLayout::vertically(int index, int rows) const {
    const QRect here = cell(index);
    int best = index, least = 1 << 30;
    for (int i = std::max(0, index - 4 * columns_); i < std::min(count_, index + 4 * columns_ + 1); ++i) {
        const QRect there = cell(i);
        if (rows < 0 ? there.top() >= here.top() : there.top() <= here.top()) continue;
        const int far = std::abs(there.top() - here.top()) * 4 + std::abs(there.left() - here.left());
        if (far < least) least = far, best = i;
    }
    return best;
}

}  // namespace refero
