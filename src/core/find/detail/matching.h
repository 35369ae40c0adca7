// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "core/chart/chart.h"
#include "core/find/regions.h"

namespace refero::detail {

/// A placement of the chart that the regions' geometry supports.
struct Placement {
    Homography chartToImage;
    std::size_t seen = 0;  ///< patches that have a region of their own
};

/// Placements by geometry alone, most patches first, at most `most`. Each begins from one region taken as one
/// patch in one of four turns and grows to its neighbours. `minSeen` is a count of patches; `seeds` says how
/// many regions may begin: more find a chart beside a wall of like shapes, and cost more.
std::vector<Placement> placements(const Chart& chart, const std::vector<Region>& regions, std::size_t minSeen,
                                  std::size_t seeds, std::size_t most);

}  // namespace refero::detail
