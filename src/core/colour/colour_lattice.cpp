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

// The corners of all tetrahedra that are turned over, some of them more than once.
std::vector<std::size_t> ColourLattice::foldedNodes() const {
    const auto n = static_cast<std::size_t>(points_);
    const std::array<std::size_t, 3> stride{1, n, n * n};
    const double step = kRange / (points_ - 1);
    std::vector<std::vector<std::size_t>> folded(n);
    tbb::parallel_for(std::size_t{0}, n - 1, [&](std::size_t z) {
        for (std::size_t y = 0; y + 1 < n; ++y)
            for (std::size_t x = 0; x + 1 < n; ++x)
                for (const auto& way : kWays) {
                    std::array<std::size_t, 4> corners{x + n * (y + n * z)};
                    Matrix3 slope = Matrix3::Identity();
                    for (std::size_t k = 0; k < 3; ++k) {
                        corners[k + 1] = corners[k] + stride[static_cast<std::size_t>(way[k])];
                        slope.col(way[k]) += (node(corners[k + 1]) - node(corners[k])) / step;
                    }
                    if (!(slope.determinant() > 1e-3))
                        folded[z].insert(folded[z].end(), corners.begin(), corners.end());
                }
    });
    std::vector<std::size_t> out;
    for (const auto& slab : folded) out.insert(out.end(), slab.begin(), slab.end());
    return out;
}

bool ColourLattice::reversesOrientation() const {
    return !foldedNodes().empty();
}

// Each corner of a fold goes to the mean of its neighbours, in rounds that reach further and further around
// it.
std::optional<ColourLattice> ColourLattice::unfolded() const {
    constexpr int kRounds = 24, kWider = 6;
    constexpr std::size_t kMostOf = 8;  // what folds in more of it is no slip at its rim
    const auto n = static_cast<std::size_t>(points_);
    const auto neighbours = [n](std::size_t at, const auto& use) {
        for (const std::size_t stride : {std::size_t{1}, n, n * n}) {
            const std::size_t along = at / stride % n;
            if (along > 0) use(at - stride);
            if (along + 1 < n) use(at + stride);
        }
    };
    ColourLattice out = *this;
    for (int round = 0; round < kRounds; ++round) {
        std::vector<std::size_t> at = out.foldedNodes();
        if (at.empty()) return out;
        const auto eachOnce = [&] {
            std::sort(at.begin(), at.end());
            at.erase(std::unique(at.begin(), at.end()), at.end());
        };
        eachOnce();
        for (int wider = 0; wider < round / kWider; ++wider) {
            for (std::size_t i = 0, before = at.size(); i < before; ++i)
                neighbours(at[i], [&](std::size_t next) { at.push_back(next); });
            eachOnce();
        }
        if (at.size() > n * n * n / kMostOf) return {};
        const ColourLattice was = out;
        for (const std::size_t i : at) {
            Vector3 sum = Vector3::Zero();
            double count = 0;
            neighbours(i, [&](std::size_t next) {
                sum += was.node(next);
                ++count;
            });
            Vector3 mean = sum / count;
            if (i % (1 + n + n * n) == 0) mean = was.node(i);  // a grey stays where it is
            for (int k = 0; k < 3; ++k)
                out.nodes_[4 * i + static_cast<std::size_t>(k)] =
                    static_cast<float>(std::round(mean(k) / kUnit) * kUnit);
        }
    }
    return {};
}

ColourLattice ColourLattice::scaled(double share) const {
    ColourLattice out = *this;
    for (float& v : out.nodes_) v = static_cast<float>(std::round(share * double(v) / kUnit) * kUnit);
    return out;
}

}  // namespace refero
