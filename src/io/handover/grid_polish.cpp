// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/grid_polish.h"

#include <tbb/parallel_for.h>

#include <array>
#include <vector>

namespace refero::io {
namespace {

// By trial on corrections of every model: less leaves the middles off, more the nodes.
constexpr float kShare = 0.6f;

// A cell falls into six tetrahedra, one for each order of its coordinates: from the lower corner one axis
// after the other to the upper one.
constexpr std::array<std::array<int, 3>, 6> kOrders{
    {{0, 1, 2}, {0, 2, 1}, {1, 0, 2}, {1, 2, 0}, {2, 0, 1}, {2, 1, 0}}};

}  // namespace

void polish(std::span<Eigen::Vector3f> grid, int n, const GridTruth& truth) {
    if (n < 3) return;
    const auto side = static_cast<std::size_t>(n);
    const std::array<std::size_t, 3> step{1, side, side * side};
    std::vector<Eigen::Vector3f> missing(grid.size(), Eigen::Vector3f::Zero());
    std::vector<int> seen(grid.size(), 0);
    // Two layers of cells share nodes: even ones first, then odd ones.
    for (int parity = 0; parity < 2; ++parity)
        tbb::parallel_for(0, (n - parity) / 2, [&](int half) {
            const int z = 2 * half + parity;
            if (z >= n - 1) return;
            std::vector<float> places;
            places.reserve(18 * side * side);
            for (int y = 0; y < n - 1; ++y)
                for (int x = 0; x < n - 1; ++x)
                    for (const auto& order : kOrders) {
                        std::array<float, 3> at{float(x), float(y), float(z)};
                        for (std::size_t k = 0; k < 3; ++k)
                            at[static_cast<std::size_t>(order[k])] += 0.75f - 0.25f * float(k);
                        for (const float v : at) places.push_back(v / float(n - 1));
                    }
            truth(places);
            const float* value = places.data();
            for (int y = 0; y < n - 1; ++y)
                for (int x = 0; x < n - 1; ++x)
                    for (const auto& order : kOrders) {
                        std::array<std::size_t, 4> corner{static_cast<std::size_t>(x) +
                                                          side * static_cast<std::size_t>(y) +
                                                          side * side * static_cast<std::size_t>(z)};
                        for (std::size_t k = 0; k < 3; ++k)
                            corner[k + 1] = corner[k] + step[static_cast<std::size_t>(order[k])];
                        const Eigen::Vector3f off =
                            Eigen::Map<const Eigen::Vector3f>(value) -
                            0.25f * (grid[corner[0]] + grid[corner[1]] + grid[corner[2]] + grid[corner[3]]);
                        value += 3;
                        for (const std::size_t c : corner) {
                            missing[c] += off;
                            ++seen[c];
                        }
                    }
        });
    for (std::size_t i = 0; i < grid.size(); ++i) grid[i] += missing[i] * (kShare / float(seen[i]));
}

}  // namespace refero::io
