// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/grid_polish.h"

#include <tbb/parallel_for.h>

#include <array>
#include <vector>

namespace refero::io {
namespace {

// By trial on corrections of every model: less leaves the middles off, more the nodes.
// The six ways through a cell from its darkest corner to its lightest: a tetrahedron each.
constexpr std::array<std::array<int, 3>, 6> kOrders{
    {{0, 1, 2}, {0, 2, 1}, {1, 0, 2}, {1, 2, 0}, {2, 0, 1}, {2, 1, 0}}};

struct Rule {
    int rounds;
    float share;  ///< of what a node is off by, that it moves in a round
    float own;    ///< how many tetrahedra the node's own value counts as
    bool shown;   ///< values are cut off at 0 and 1
};
// Found by trying: more rounds, or a smaller weight of the nodes themselves, make the largest error larger.
constexpr Rule kOnce{1, 0.6f, 0, false}, kShown{8, 1, 8, true};

Eigen::Vector3f cut(const Eigen::Vector3f& v, bool shown) {
    return shown ? Eigen::Vector3f(v.cwiseMax(0.0f).cwiseMin(1.0f)) : v;
}

std::size_t cellAt(int x, int y, int z, int n) {
    const auto side = static_cast<std::size_t>(n - 1);
    return static_cast<std::size_t>(x) +
           side * (static_cast<std::size_t>(y) + side * static_cast<std::size_t>(z));
}

// What is wanted in the middle of each tetrahedron, six a cell.
std::vector<Eigen::Vector3f> middles(int n, const GridTruth& truth) {
    std::vector<Eigen::Vector3f> out(6 * cellAt(0, 0, n - 1, n));
    tbb::parallel_for(0, n - 1, [&](int z) {
        Eigen::Vector3f* const first = &out[6 * cellAt(0, 0, z, n)];
        Eigen::Vector3f* value = first;
        for (int y = 0; y < n - 1; ++y)
            for (int x = 0; x < n - 1; ++x)
                for (const auto& order : kOrders) {
                    Eigen::Vector3f at{float(x), float(y), float(z)};
                    for (int k = 0; k < 3; ++k)
                        at(order[static_cast<std::size_t>(k)]) += 0.75f - 0.25f * float(k);
                    *value++ = at / float(n - 1);
                }
        truth({first->data(), 3 * static_cast<std::size_t>(value - first)});
    });
    return out;
}

void oneRound(std::span<Eigen::Vector3f> grid, int n, std::span<const Eigen::Vector3f> wanted,
              std::span<const Eigen::Vector3f> exact, const Rule& rule) {
    const auto side = static_cast<std::size_t>(n);
    const std::array<std::size_t, 3> step{1, side, side * side};
    std::vector<Eigen::Vector3f> missing(grid.size(), Eigen::Vector3f::Zero());
    std::vector<int> seen(grid.size(), 0);
    // Two layers of cells share nodes: even ones first, then odd ones.
    for (int parity = 0; parity < 2; ++parity)
        tbb::parallel_for(0, (n - parity) / 2, [&](int half) {
            const int z = 2 * half + parity;
            if (z >= n - 1) return;
            const Eigen::Vector3f* value = &wanted[6 * cellAt(0, 0, z, n)];
            for (int y = 0; y < n - 1; ++y)
                for (int x = 0; x < n - 1; ++x)
                    for (const auto& order : kOrders) {
                        std::array<std::size_t, 4> corner{static_cast<std::size_t>(x) +
                                                          side * static_cast<std::size_t>(y) +
                                                          side * side * static_cast<std::size_t>(z)};
                        for (std::size_t k = 0; k < 3; ++k)
                            corner[k + 1] = corner[k] + step[static_cast<std::size_t>(order[k])];
                        const Eigen::Vector3f have =
                            0.25f * (grid[corner[0]] + grid[corner[1]] + grid[corner[2]] + grid[corner[3]]);
                        const Eigen::Vector3f off = cut(*value++, rule.shown) - cut(have, rule.shown);
                        for (const std::size_t c : corner) {
                            missing[c] += off;
                            ++seen[c];
                        }
                    }
        });
    for (std::size_t i = 0; i < grid.size(); ++i) {
        const Eigen::Vector3f own = rule.own * (cut(exact[i], rule.shown) - cut(grid[i], rule.shown));
        grid[i] += (missing[i] + own) * (rule.share / (float(seen[i]) + rule.own));
    }
}

void polishBy(std::span<Eigen::Vector3f> grid, int n, const GridTruth& truth, const Rule& rule) {
    if (n < 3) return;
    const auto wanted = middles(n, truth);
    const std::vector<Eigen::Vector3f> exact(grid.begin(), grid.end());
    for (int round = 0; round < rule.rounds; ++round) oneRound(grid, n, wanted, exact, rule);
    // Black is looked at more than any other node: it is not traded for its neighbours.
    grid.front() = exact.front();
}

}  // namespace

void polish(std::span<Eigen::Vector3f> grid, int n, const GridTruth& truth) {
    polishBy(grid, n, truth, kOnce);
}

void polishShown(std::span<Eigen::Vector3f> grid, int n, const GridTruth& truth) {
    polishBy(grid, n, truth, kShown);
}

}  // namespace refero::io
