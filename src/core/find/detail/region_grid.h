// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "core/find/regions.h"
#include "core/frame/geometry.h"

namespace refero::detail {

/// Like regions in even rows and columns, on a plane seen in perspective.
struct RegionGrid {
    Homography toImage;  ///< from (column, row); centres lie at whole numbers
    int rows = 0, columns = 0;
    std::vector<std::optional<std::size_t>> region;  ///< of each place, row by row: index of its region
    Point size = Point::Zero();                      ///< of a patch, as a share of the pitch, 0..1

    std::size_t seen() const;
    double seenShare() const { return static_cast<double>(seen()) / static_cast<double>(region.size()); }
};

/// Grids of at least 2 x 2 places of which at least six, and half, have a region; most regions first. Each
/// begins at one of `seeds` regions and grows from neighbour to neighbour; rows and columns at the rim of
/// which less than two fifths are seen are left out.
std::vector<RegionGrid> regionGrids(const std::vector<Region>& regions, std::size_t seeds);

}  // namespace refero::detail
