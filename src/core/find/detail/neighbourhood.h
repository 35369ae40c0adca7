// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <optional>
#include <utility>
#include <vector>

#include "core/find/regions.h"

namespace refero::detail {

/// Regions by place, so that the nearest one is found without looking at all of them. The regions must
/// outlive it.
class Neighbourhood {
  public:
    explicit Neighbourhood(const std::vector<Region>& regions);

    /// The region nearest to `at` within `radius` whose area is 0.45 to 1.8 of `area`.
    std::optional<std::size_t> nearest(const Point& at, double radius, double area) const;

  private:
    static constexpr int kSide = 32;
    std::pair<int, int> index(const Point& p) const;
    std::size_t cell(const Point& p) const;

    const std::vector<Region>& regions_;
    Point low_{1e30, 1e30}, high_{-1e30, -1e30};
    std::vector<std::vector<std::size_t>> cells_;
};

/// Where to begin looking for a grid: regions with most neighbours of like size first (patches have many,
/// furniture few), the best of each group of neighbours before the others. At most `most`.
std::vector<std::size_t> startingRegions(const std::vector<Region>& regions, std::size_t most);

}  // namespace refero::detail
