// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Grids as a reader of LUTs sees them: by tetrahedra, written down once more.
#include "io/handover/grid_polish.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <random>
#include <vector>

namespace refero::io {
namespace {

using Eigen::Vector3f;
using Function = Vector3f (*)(const Vector3f&);

Vector3f straight(const Vector3f& v) {
    return {0.2f + 0.5f * v.x() - 0.1f * v.y(), 0.3f * v.z(), v.x() + v.y() - v.z()};
}
// A bend in each channel, and channels that see one another.
Vector3f bent(const Vector3f& v) {
    return {v.x() * v.x() * 0.8f + 0.1f * v.y(), std::sqrt(0.05f + v.y()) * 0.9f, 0.5f * v.z() * v.x()};
}
// Goes below none and above all, with a sharp bend at the border, as colours do beyond a gamut.
Vector3f beyond(const Vector3f& v) {
    const auto signedRoot = [](float x) { return x < 0 ? -std::sqrt(-x) : std::sqrt(x); };
    return {signedRoot(1.3f * v.x() - 0.35f * v.y()), signedRoot(1.2f * v.y() - 0.2f * v.z()),
            signedRoot(1.4f * v.z() - 0.2f * v.x())};
}

std::vector<Vector3f> gridOf(Function f, int n) {
    std::vector<Vector3f> out;
    for (int z = 0; z < n; ++z)
        for (int y = 0; y < n; ++y)
            for (int x = 0; x < n; ++x)
                out.push_back(f(Vector3f{float(x), float(y), float(z)} / float(n - 1)));
    return out;
}

GridTruth truthOf(Function f) {
    return [f](std::span<float> places) {
        for (std::size_t i = 0; i < places.size(); i += 3) {
            const Vector3f v = f({places[i], places[i + 1], places[i + 2]});
            std::copy(v.data(), v.data() + 3, &places[i]);
        }
    };
}

// From corner to corner along the axes, the largest share first.
Vector3f at(const std::vector<Vector3f>& grid, int n, const Vector3f& place) {
    std::array<int, 3> cell{};
    std::array<float, 3> share{};
    for (std::size_t k = 0; k < 3; ++k) {
        const float p = place(static_cast<Eigen::Index>(k)) * float(n - 1);
        cell[k] = std::min(n - 2, static_cast<int>(p));
        share[k] = p - float(cell[k]);
    }
    std::array<std::size_t, 3> order{0, 1, 2};
    std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return share[a] > share[b]; });
    const auto node = [&](const std::array<int, 3>& c) {
        return grid[static_cast<std::size_t>(c[0] + n * (c[1] + n * c[2]))];
    };
    Vector3f out = (1 - share[order[0]]) * node(cell);
    for (std::size_t k = 0; k < 3; ++k) {
        ++cell[order[k]];
        out += (share[order[k]] - (k < 2 ? share[order[k + 1]] : 0)) * node(cell);
    }
    return out;
}

struct Off {
    double mean = 0, largest = 0;
};

Off offBy(const std::vector<Vector3f>& grid, int n, Function f, bool shown) {
    std::mt19937 random(4);
    std::uniform_real_distribution<float> any(0, 1);
    Off out;
    constexpr int kPlaces = 20000;
    for (int i = 0; i < kPlaces; ++i) {
        const Vector3f place(any(random), any(random), any(random));
        Vector3f want = f(place), got = at(grid, n, place);
        if (shown) {
            want = want.cwiseMax(0.0f).cwiseMin(1.0f);
            got = got.cwiseMax(0.0f).cwiseMin(1.0f);
        }
        const double d = (want - got).norm();
        out.mean += d / kPlaces;
        out.largest = std::max(out.largest, d);
    }
    return out;
}

TEST(GridPolish, LeavesWhatIsStraightAsItIs) {
    constexpr int n = 9;
    const auto exact = gridOf(straight, n);
    auto once = exact;
    polish(once, n, truthOf(straight));
    for (std::size_t i = 0; i < exact.size(); ++i) EXPECT_LT((once[i] - exact[i]).norm(), 1e-5f);
    EXPECT_LT(offBy(once, n, straight, false).largest, 1e-5);
}

TEST(GridPolish, HalvesWhatBendsAreOffBy) {
    constexpr int n = 9;
    auto grid = gridOf(bent, n);
    const Off before = offBy(grid, n, bent, false);
    polish(grid, n, truthOf(bent));
    const Off after = offBy(grid, n, bent, false);
    EXPECT_LT(after.mean, 0.65 * before.mean);
    EXPECT_LT(after.largest, before.largest);
}

// What is shown is cut off at none and at all: the border's nodes serve what lies inside.
TEST(GridPolish, ServesWhatIsShownWhereTheRestIsCutOff) {
    constexpr int n = 17;
    auto plain = gridOf(beyond, n), shown = plain;
    const Off exact = offBy(plain, n, beyond, true);
    polish(plain, n, truthOf(beyond));
    polishShown(shown, n, truthOf(beyond));
    const Off once = offBy(plain, n, beyond, true), served = offBy(shown, n, beyond, true);
    EXPECT_LT(served.mean, once.mean);
    EXPECT_LT(served.mean, 0.6 * exact.mean);
    EXPECT_LT(served.largest, once.largest);
}

TEST(GridPolish, OfTwoPointsASideHasNothingToMove) {
    auto grid = gridOf(bent, 2);
    const auto before = grid;
    polish(grid, 2, truthOf(bent));
    polishShown(grid, 2, truthOf(bent));
    EXPECT_EQ(grid, before);
}

}  // namespace
}  // namespace refero::io
