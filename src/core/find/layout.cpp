// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/layout.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <set>

#include "core/find/detail/layout_fit.h"
#include "core/find/detail/plane_fields.h"
#include "core/find/detail/region_grid.h"
#include "core/find/detail/worth_searching.h"
#include "core/numeric/statistics.h"

namespace refero {
namespace {

using detail::PlacedFields;

constexpr std::array<int, 3> kLongEdges{1400, 2600, 700};
constexpr std::size_t kSeeds = 48;
constexpr std::size_t kFewest = 12, kMost = 300;
// Largest number of layouts told of one frame.
constexpr std::size_t kChoices = 8;
// A patch is even where its colour varies by less than this, and two differ where they are farther apart;
// both in roots of linear light, of which the lightest in the field is 1.
constexpr double kEven = 0.05, kDiffers = 0.05;
// Shares of patches that must be even, and of neighbours that must differ.
constexpr double kLeastEven = 0.7, kLeastVaried = 0.6;
// Two samples of one ground differ by less than this share of it: light falls off over a chart.
constexpr double kOneGround = 0.15;
constexpr double kGapPixels = 5;
// Where the lens is not known it is between these.
constexpr double kShortest35mm = 24, kTypical35mm = 50, kLongest35mm = 200;
// A patch that is as nearly square as this is meant to be square: what the view tells of its shape is not
// surer, with the lens known and without.
constexpr double kSquareKnown = 0.006, kSquare = 0.025;

struct Seen {
    Vector3 root = Vector3::Zero();  // mean of square roots
    double deviation = 0;            // of the channel that varies most
};

std::optional<Seen> seenAt(const LinearImage& image, const Homography& map, const Point& centre,
                           const Point& size) {
    constexpr int n = 7;
    std::array<Vector3, n * n> values;
    Seen out;
    for (int k = 0; k < n * n; ++k) {
        const Point share((k % n + 0.5) / n - 0.5, (k / n + 0.5) / n - 0.5);
        const Point at = map(centre + share.cwiseProduct(size) * 0.6);
        if (!(at.x() >= 0 && at.y() >= 0 && at.x() < image.width() && at.y() < image.height())) return {};
        const float* v = image.pixel(static_cast<int>(at.x()), static_cast<int>(at.y()));
        values[static_cast<std::size_t>(k)] = Vector3(v[0], v[1], v[2]).cwiseMax(0).cwiseSqrt();
        out.root += values[static_cast<std::size_t>(k)] / (n * n);
    }
    Vector3 square = Vector3::Zero();
    for (const Vector3& v : values) square += (v - out.root).cwiseAbs2() / (n * n);
    out.deviation = std::sqrt(square.maxCoeff());
    return out;
}

using SeenPlaces = std::vector<std::optional<Seen>>;

SeenPlaces seenIn(const LinearImage& image, const PatchField& f, const Homography& map) {
    SeenPlaces out;
    for (std::size_t i = 0; i < f.count(); ++i) out.push_back(seenAt(image, map, f.centre(i), f.size));
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
    std::array<std::vector<double>, 3> values;
    const Point gap = f.pitch - f.size;
    for (std::size_t i = 0; i < f.count(); ++i)
        for (int axis = 0; axis < 2; ++axis) {
            if (gap[axis] <= 0.02 * f.size[axis]) continue;
            Point at = f.centre(i);
            at[axis] += f.pitch[axis] / 2;
            if (const auto s = seenAt(image, map, at, f.size * 0.01))
                for (int c = 0; c < 3; ++c) values[static_cast<std::size_t>(c)].push_back(s->root[c]);
        }
    if (values[0].size() < 3) return {};
    Vector3 out;
    for (int c = 0; c < 3; ++c) out[c] = numeric::medianOf(std::move(values[static_cast<std::size_t>(c)]));
    return out;
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

// Less than half of the line is even, or is parted from the next line by the field's ground.
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
        const auto there = ground ? seenAt(image, map, between, f.size * 0.01) : std::nullopt;
        parted +=
            there && (there->root - *ground).norm() < kOneGround * std::max(0.2 * lightest, ground->norm());
    }
    // A gap of a few pixels shows its neighbours as well.
    const double gapPixels = (f.pitch[axis] - f.size[axis]) * std::sqrt(map.areaScale(f.centre(0)));
    const bool gap = ground && gapPixels > kGapPixels;
    return 2 * even < line.length || (gap && 2 * parted < line.length);
}

// Takes off lines at the rim that are none of the chart's: what lies beside it, a pitch away.
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

// Whether the places hold patches: even within, and unlike their neighbours. Windows and tiles are alike.
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

double focalPixels(const LinearImage& frame, double focal35mm) {
    return focal35mm / std::hypot(36.0, 24.0) * std::hypot(frame.width(), frame.height());
}

// The grid as a field in millimetres, its longer side near what charts are taken for.
PlacedFields placedGrid(const LinearImage& frame, const detail::RegionGrid& grid, int factor,
                        double focal35mm) {
    const Homography toFrame = detail::scaled(grid.toImage, factor);
    const double aspect =
        detail::aspectOf(toFrame, focalPixels(frame, focal35mm > 0 ? focal35mm : kTypical35mm),
                         Point(frame.width() / 2.0, frame.height() / 2.0));
    const double unit = 0.9 * kAssumedLongSideMm / std::max<double>(grid.columns, grid.rows * aspect);
    PatchField f;
    f.rows = grid.rows;
    f.columns = grid.columns;
    f.pitch = {unit, unit * aspect};
    f.size = f.pitch.cwiseProduct(grid.size.cwiseMin(0.98));
    Eigen::Matrix3d toGrid = Eigen::Matrix3d::Identity();
    toGrid(0, 0) = 1 / f.pitch.x();
    toGrid(1, 1) = 1 / f.pitch.y();
    return {{f}, Homography(toFrame.matrix() * toGrid), 0};
}

Homography stretched(const Homography& map, const Point& by) {
    Eigen::Matrix3d m = Eigen::Matrix3d::Identity();
    m(0, 0) = 1 / by.x();
    m(1, 1) = 1 / by.y();
    return Homography(map.matrix() * m);
}

// Every length on the plane times `by`; the picture of it stays.
void stretch(PlacedFields& p, const Point& by) {
    for (PatchField& f : p.fields) {
        f.first = f.first.cwiseProduct(by);
        f.pitch = f.pitch.cwiseProduct(by);
        f.size = f.size.cwiseProduct(by);
    }
    p.toFrame = stretched(p.toFrame, by);
}

// The plane's own proportions, as the lens shows them; patches that may be square are.
void setProportions(const LinearImage& frame, PlacedFields& p, double focal35mm) {
    const Point middle(frame.width() / 2.0, frame.height() / 2.0);
    const auto heightOf = [&](double focal) {
        const Point& size = p.fields.front().size;
        return detail::aspectOf(p.toFrame, focalPixels(frame, focal), middle) * size.y() / size.x();
    };
    double low = heightOf(focal35mm > 0 ? focal35mm : kShortest35mm), high = low;
    const double likely = heightOf(focal35mm > 0 ? focal35mm : kTypical35mm);
    if (focal35mm <= 0) high = heightOf(kLongest35mm);
    if (low > high) std::swap(low, high);
    const double tolerance = focal35mm > 0 ? kSquareKnown : kSquare;
    const bool square = low < 1 + tolerance && high > 1 - tolerance;
    const Point& size = p.fields.front().size;
    stretch(p, Point(1, (square ? 1 : likely) * size.x() / size.y()));
}

LearnedLayout layoutOf(PlacedFields p, double seen) {
    FramedFields on = framed(std::move(p.fields));
    Eigen::Matrix3d shift = Eigen::Matrix3d::Identity();
    shift.block<2, 1>(0, 2) = -on.shift;
    p.fields = std::move(on.fields);
    p.toFrame = Homography(p.toFrame.matrix() * shift);
    const double scale = kAssumedLongSideMm / on.outlineMm.maxCoeff();
    stretch(p, Point(scale, scale));
    LearnedLayout out;
    out.fields = std::move(p.fields);
    out.outlineMm = on.outlineMm * scale;
    out.chartToFrame = p.toFrame;
    const Point& o = out.outlineMm;
    out.corners = p.toFrame(Quad{Point(0, 0), Point(o.x(), 0), o, Point(0, o.y())});
    out.seen = seen;
    out.edgeResidualPixels = p.residualPixels;
    return out;
}

bool wanted(std::size_t patches) {
    return patches >= kFewest && patches <= kMost;
}

// What lies between the patches is settled; false where they are none.
bool settle(const LinearImage& frame, PatchField& f, const Homography& toFrame) {
    const auto what = detail::between(frame, f, toFrame);
    if (what == detail::Between::nothing) f.size = f.pitch;
    return what != detail::Between::others;
}

// Whether the second field is on the same card, as far as that shows: the same ground and patches of a like
// size. Else it may be anything beside the chart, and is told only after the chart alone.
bool onOneCard(const LinearImage& image, const PatchField& a, const PatchField& b, const Homography& map) {
    const Point ratio = a.size.cwiseQuotient(b.size);
    if (!(ratio.minCoeff() > 0.5 && ratio.maxCoeff() < 2)) return false;
    const auto one = groundOf(image, a, map), other = groundOf(image, b, map);
    return one && other && (*one - *other).norm() < kOneGround * std::max(one->norm(), other->norm());
}

// One grid, alone and with each field that lies beside it.
void learn(const LinearImage& frame, const LinearImage& image, const std::vector<detail::Region>& regions,
           const detail::RegionGrid& grid, int factor, const LearnOptions& options,
           std::vector<LearnedLayout>& out) {
    PlacedFields alone = placedGrid(frame, grid, factor, options.focalLength35mm);
    const Homography toImage = detail::scaled(alone.toFrame, 1.0 / factor);
    PatchField& field = alone.fields.front();
    if (!settle(frame, field, alone.toFrame)) return;
    field = withoutStrangeRim(image, field, toImage);
    if (!looksLikePatches(image, field, toImage)) return;
    const auto keep = [&](PlacedFields p) {
        if (!wanted(places(p.fields))) return;
        p = detail::fitFieldsToEdges(frame, std::move(p));
        setProportions(frame, p, options.focalLength35mm);
        out.push_back(layoutOf(std::move(p), grid.seenShare()));
    };
    std::set<std::size_t> own;
    for (const auto& r : grid.region)
        if (r) own.insert(*r);
    std::vector<detail::Region> others;
    for (std::size_t i = 0; i < regions.size(); ++i)
        if (!own.contains(i)) others.push_back(regions[i]);
    std::vector<PatchField> unlike;
    for (PatchField second : detail::fieldsBeside(field, others, toImage.inverse())) {
        if (!looksLikePatches(image, second, toImage) || !settle(frame, second, alone.toFrame)) continue;
        if (!onOneCard(image, field, second, toImage)) {
            unlike.push_back(second);
            continue;
        }
        PlacedFields both = alone;
        both.fields.push_back(second);
        keep(std::move(both));
    }
    keep(alone);
    for (const PatchField& second : unlike) {
        PlacedFields both = alone;
        both.fields.push_back(second);
        keep(std::move(both));
    }
}

}  // namespace

Result<std::vector<LearnedLayout>> learnedLayouts(const LinearImage& frame, const LearnOptions& options) {
    if (auto ok = detail::worthSearching(frame); !ok) return tl::unexpected(ok.error());
    std::vector<LearnedLayout> out;
    std::set<int> tried;
    for (const int longEdge : kLongEdges) {
        const int factor = detail::shrinkingFor(frame, longEdge);
        if (!tried.insert(factor).second) continue;
        const LinearImage small = factor > 1 ? shrunk(frame, factor) : LinearImage();
        const LinearImage& image = factor > 1 ? small : frame;
        const auto regions = detail::evenRegions(image);
        for (const auto& grid : detail::regionGrids(regions, kSeeds)) {
            if (options.stop.stop_requested()) return stoppedEarly();
            if (out.size() < kChoices) learn(frame, image, regions, grid, factor, options, out);
        }
        if (!out.empty()) return out;
    }
    return failure(
        ErrorKind::notFound,
        "No field of patches in rows and columns was found in this frame. Frame the whole chart, in "
        "focus and evenly lit, so that it fills a quarter of the picture.");
}

}  // namespace refero
