// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <array>

#include "core/colour/xyz.h"

namespace refero {

/// What a cube of `points` a side, X fastest, holds at a place (0 to 1 a side; beyond, its surface): each
/// cell is six tetrahedra, and three numbers alike meet only nodes whose numbers are alike. `node` gives the
/// value at an index.
template <class Node>
Vector3 inTetrahedra(int points, const Vector3& place, const Node& node) {
    const auto n = static_cast<std::size_t>(points);
    const std::array<std::size_t, 3> stride{1, n, n * n};
    std::array<double, 3> f;
    std::size_t at = 0;
    for (std::size_t k = 0; k < 3; ++k) {
        const double x = std::clamp(place(static_cast<Eigen::Index>(k)), 0.0, 1.0) * (points - 1);
        const int cell = std::min(static_cast<int>(x), points - 2);
        f[k] = x - cell;
        at += static_cast<std::size_t>(cell) * stride[k];
    }
    // From the near corner along the axis with the largest fraction, then the next, then the last.
    std::array<std::size_t, 3> order{0, 1, 2};
    std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return f[a] > f[b]; });
    Vector3 out = node(at) * (1 - f[order[0]]);
    for (std::size_t k = 0; k < 3; ++k) {
        at += stride[order[k]];
        out += node(at) * (f[order[k]] - (k < 2 ? f[order[k + 1]] : 0));
    }
    return out;
}

}  // namespace refero
