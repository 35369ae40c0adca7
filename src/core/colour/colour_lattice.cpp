// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/colour_lattice.h"

#include <tbb/parallel_for.h>

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <cmath>

#include "core/colour/root_curve.h"
#include "core/colour/tetrahedra.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr int kMostPoints = 65;
constexpr double kGrey = 1e-6;  // by which a grey's roots may differ

const Vector3& d50White() {
    static const Vector3 w = whiteXyz(white::d50).vector();
    return w;
}

// The six ways from a cell's near corner to its far one; each spans a tetrahedron.
constexpr int kWays[6][3] = {{0, 1, 2}, {0, 2, 1}, {1, 0, 2}, {1, 2, 0}, {2, 0, 1}, {2, 1, 0}};

}  // namespace

Vector3 toRoots(const Vector3& xyz) {
    return xyz.cwiseQuotient(d50White()).unaryExpr(&toRoot);
}

Vector3 fromRoots(const Vector3& roots) {
    return roots.unaryExpr(&fromRoot).cwiseProduct(d50White());
}

ColourLattice ColourLattice::sampled(const ColourMove& move, int points) {
    ColourLattice out;
    out.points_ = points;
    const auto n = static_cast<std::size_t>(points);
    out.nodes_.assign(4 * n * n * n, 0);
    const double step = kRange / (points - 1);
    tbb::parallel_for(std::size_t{0}, n, [&](std::size_t z) {
        for (std::size_t y = 0; y < n; ++y)
            for (std::size_t x = 0; x < n; ++x) {
                Vector3 v = move(step * Vector3(double(x), double(y), double(z)));
                if (x == y && y == z) v.setConstant(v.y());
                float* node = out.nodes_.data() + 4 * (x + n * (y + n * z));
                for (int k = 0; k < 3; ++k) node[k] = static_cast<float>(std::round(v(k) / kUnit) * kUnit);
            }
    });
    return out;
}

Result<ColourLattice> ColourLattice::of(int points, std::vector<float> nodes) {
    if (points < 2 || points > kMostPoints)
        return failure(say("A lattice has 2 to %1 points a side, not %2.", std::to_string(kMostPoints),
                           std::to_string(points)));
    const auto n = static_cast<std::size_t>(points);
    if (nodes.size() != 4 * n * n * n)
        return failure(say("The lattice does not hold as many numbers as its size says."));
    if (!std::all_of(nodes.begin(), nodes.end(), [](float v) { return std::isfinite(v); }))
        return failure(say("The lattice holds what is no number."));
    ColourLattice out;
    out.points_ = points;
    out.nodes_ = std::move(nodes);
    for (std::size_t i = 0; i < n; ++i) {
        const Vector3 v = out.node(i * (1 + n + n * n));
        if (v.maxCoeff() - v.minCoeff() > kGrey) return failure(say("The lattice does not keep greys grey."));
    }
    return out;
}

Vector3 ColourLattice::move(const Vector3& roots) const {
    return inTetrahedra(points_, roots / kRange, [&](std::size_t at) { return node(at); });
}

bool ColourLattice::reversesOrientation() const {
    const auto n = static_cast<std::size_t>(points_);
    const std::array<std::size_t, 3> stride{1, n, n * n};
    const double step = kRange / (points_ - 1);
    std::vector<char> wrong(n, 0);
    tbb::parallel_for(std::size_t{0}, n - 1, [&](std::size_t z) {
        for (std::size_t y = 0; y + 1 < n && !wrong[z]; ++y)
            for (std::size_t x = 0; x + 1 < n; ++x)
                for (const auto& way : kWays) {
                    std::size_t at = x + n * (y + n * z);
                    Matrix3 slope = Matrix3::Identity();
                    for (const int axis : way) {
                        const std::size_t next = at + stride[static_cast<std::size_t>(axis)];
                        slope.col(axis) += (node(next) - node(at)) / step;
                        at = next;
                    }
                    if (!(slope.determinant() > 1e-3)) wrong[z] = 1;
                }
    });
    return std::any_of(wrong.begin(), wrong.end(), [](char w) { return w != 0; });
}

ColourLattice ColourLattice::scaled(double share) const {
    ColourLattice out = *this;
    for (float& v : out.nodes_) v = static_cast<float>(std::round(share * double(v) / kUnit) * kUnit);
    return out;
}

}  // namespace refero
