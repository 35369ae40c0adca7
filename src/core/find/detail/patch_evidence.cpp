// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/detail/patch_evidence.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

#include "core/numeric/statistics.h"

namespace refero::detail {
namespace {

// A patch is even where its colour varies by less than this, and two differ where they are farther apart;
// both in roots of linear light, of which the lightest in the field is 1.
constexpr double kEven = 0.05, kDiffers = 0.05;
// Shares of patches that must be even, and of neighbours that must differ.
constexpr double kLeastEven = 0.7, kLeastVaried = 0.6;
// Two samples of one ground differ by less than this share of it: light falls off over a chart.
constexpr double kOneGround = 0.15;
// A gap that is not wider than this, in pixels, shows its neighbours as well.
constexpr double kGapPixels = 5;
// Shares of a patch that are looked at: its inner part, and a spot of a gap.
constexpr double kInner = 0.6, kSpot = 0.006;

using SeenPlaces = std::vector<std::optional<PlaceSeen>>;

SeenPlaces seenIn(const LinearImage& image, const PatchField& f, const Homography& map) {
    SeenPlaces out;
    for (std::size_t i = 0; i < f.count(); ++i)
        out.push_back(placeSeen(image, map, f.centre(i), f.size * kInner));
    return out;
}

double lightestOf(const SeenPlaces& seen) {
    double lightest = 1e-6;
    for (const auto& s : seen)
        if (s) lightest = std::max(lightest, s->root.maxCoeff());
    return lightest;
}

// The colour around a field's patches, in roots of linear light; nothing where they touch or it is not seen.
std::optional<Vector3> groundOf(const LinearImage& image, const PatchField& f, const Homography& map) {
    std::vector<Vector3> seen;
    const Point gap = f.pitch - f.size;
    for (std::size_t i = 0; i < f.count(); ++i)
        for (int axis = 0; axis < 2; ++axis) {
            if (gap[axis] <= 0.02 * f.size[axis]) continue;
            Point at = f.centre(i);
            at[axis] += f.pitch[axis] / 2;
            if (const auto s = placeSeen(image, map, at, f.size * kSpot)) seen.push_back(s->root);
        }
    return seen.size() < 3 ? std::nullopt : std::optional(medianColour(seen));
}

// One line at the rim: `side` 0 to 3 is left, upper, right, lower.
struct RimLine {
    int side = 0, length = 0;
    bool row = false;
    std::size_t at(const PatchField& f, int k) const {
        const int line = side < 2 ? 0 : (row ? f.rows : f.columns) - 1;
        return static_cast<std::size_t>(row ? line * f.columns + k : k * f.columns + line);
    }
};

RimLine rimLine(const PatchField& f, int side) {
    const bool row = side % 2 == 1;
    return {side, row ? f.columns : f.rows, row};
}

// Less than half of the line is even, or less than half of it is parted from the next line by the field's
// ground.
bool strange(const LinearImage& image, const PatchField& f, const Homography& map, const SeenPlaces& seen,
             const std::optional<Vector3>& ground, const RimLine& line) {
    const double lightest = lightestOf(seen);
    const int axis = line.row ? 1 : 0;
    int even = 0, parted = 0;
    for (int k = 0; k < line.length; ++k) {
        const std::size_t place = line.at(f, k);
        even += seen[place] && seen[place]->deviation < kEven * lightest;
        Point between = f.centre(place);
        between[axis] += (line.side < 2 ? 0.5 : -0.5) * f.pitch[axis];
        const auto there = ground ? placeSeen(image, map, between, f.size * kSpot) : std::nullopt;
        parted +=
            there && (there->root - *ground).norm() < kOneGround * std::max(0.2 * lightest, ground->norm());
    }
    const double gapPixels = (f.pitch[axis] - f.size[axis]) * std::sqrt(map.areaScale(f.centre(0)));
    const bool gap = ground && gapPixels > kGapPixels;
    return 2 * even < line.length || (gap && 2 * parted < line.length);
}

}  // namespace

std::optional<PlaceSeen> placeSeen(const LinearImage& image, const Homography& map, const Point& centre,
                                   const Point& size) {
    constexpr int n = 7;
    std::array<Vector3, n * n> roots;
    PlaceSeen out;
    for (int k = 0; k < n * n; ++k) {
        const Point share((k % n + 0.5) / n - 0.5, (k / n + 0.5) / n - 0.5);
        const Point at = map(centre + share.cwiseProduct(size));
        if (!(at.x() >= 0 && at.y() >= 0 && at.x() < image.width() && at.y() < image.height())) return {};
        const float* v = image.pixel(static_cast<int>(at.x()), static_cast<int>(at.y()));
        const Vector3 linear = Vector3(v[0], v[1], v[2]).cwiseMax(0);
        roots[static_cast<std::size_t>(k)] = linear.cwiseSqrt();
        out.mean += linear / (n * n);
        out.root += roots[static_cast<std::size_t>(k)] / (n * n);
    }
    Vector3 square = Vector3::Zero();
    for (const Vector3& r : roots) square += (r - out.root).cwiseAbs2() / (n * n);
    out.deviation = std::sqrt(square.maxCoeff());
    return out;
}

Vector3 medianColour(const std::vector<Vector3>& colours) {
    Vector3 out;
    for (int c = 0; c < 3; ++c) {
        std::vector<double> values;
        for (const Vector3& v : colours) values.push_back(v[c]);
        out[c] = numeric::medianOf(std::move(values));
    }
    return out;
}

PatchField withoutStrangeRim(const LinearImage& image, PatchField f, const Homography& map) {
    for (bool changed = true; changed && f.rows > 1 && f.columns > 1;) {
        changed = false;
        const SeenPlaces seen = seenIn(image, f, map);
        const auto ground = groundOf(image, f, map);
        for (int side = 0; side < 4 && !changed; ++side) {
            const RimLine line = rimLine(f, side);
            if (!strange(image, f, map, seen, ground, line)) continue;
            if (side == 0) f.first.x() += f.pitch.x();
            if (side == 1) f.first.y() += f.pitch.y();
            --(line.row ? f.rows : f.columns);
            changed = true;
        }
    }
    return f;
}

bool looksLikePatches(const LinearImage& image, const PatchField& f, const Homography& map) {
    const SeenPlaces seen = seenIn(image, f, map);
    const double lightest = lightestOf(seen);
    std::size_t even = 0, pairs = 0, varied = 0;
    const auto across = static_cast<std::size_t>(f.columns);
    for (std::size_t i = 0; i < f.count(); ++i) {
        if (!seen[i]) return false;
        even += seen[i]->deviation < kEven * lightest;
        for (const std::size_t next : {i + 1, i + across}) {
            if (next >= f.count() || (next == i + 1 && next % across == 0)) continue;
            if (!seen[next]) return false;
            ++pairs;
            varied += (seen[i]->root - seen[next]->root).norm() > kDiffers * lightest;
        }
    }
    return static_cast<double>(even) >= kLeastEven * static_cast<double>(f.count()) &&
           static_cast<double>(varied) >= kLeastVaried * static_cast<double>(pairs);
}

bool onOneCard(const LinearImage& image, const PatchField& a, const PatchField& b, const Homography& map) {
    const Point ratio = a.size.cwiseQuotient(b.size);
    if (!(ratio.minCoeff() > 0.5 && ratio.maxCoeff() < 2)) return false;
    const auto one = groundOf(image, a, map), other = groundOf(image, b, map);
    return one && other && (*one - *other).norm() < kOneGround * std::max(one->norm(), other->norm());
}

}  // namespace refero::detail
