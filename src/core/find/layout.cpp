// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/layout.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <set>

#include "core/find/detail/layout_fit.h"
#include "core/find/detail/patch_evidence.h"
#include "core/find/detail/plane_fields.h"
#include "core/find/detail/region_grid.h"
#include "core/find/detail/worth_searching.h"
#include "core/say/say.h"

namespace refero {
namespace {

using detail::PlacedFields;

constexpr std::array<int, 3> kLongEdges{1400, 2600, 700};
constexpr std::size_t kSeeds = 48;
constexpr std::size_t kFewest = 12, kMost = 300;
// Largest number of layouts told of one frame.
constexpr std::size_t kChoices = 8;
// Edges lie nearer than this to where even fields put them, as a share of the smallest patch's side.
constexpr double kStraight = 0.03;
// Where the lens is not known it is between these.
constexpr double kShortest35mm = 24, kTypical35mm = 50, kLongest35mm = 200;
// A patch that is as nearly square as this is meant to be square: what the view tells of its shape is not
// surer, with the lens known and without.
constexpr double kSquareKnown = 0.006, kSquare = 0.025;

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

LearnedLayout layoutOf(PlacedFields p) {
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
    return out;
}

// Of all patches, in the frame's pixels.
double smallestSide(const PlacedFields& p) {
    double side = 1e30;
    for (const PatchField& f : p.fields)
        for (const std::size_t i : {std::size_t{0}, f.count() - 1})
            side = std::min(side, f.size.minCoeff() * std::sqrt(std::abs(p.toFrame.areaScale(f.centre(i)))));
    return side;
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

// One grid, alone and with each field that lies beside it.
void learn(const LinearImage& frame, const LinearImage& image, const std::vector<detail::Region>& regions,
           const detail::RegionGrid& grid, int factor, const LearnOptions& options,
           std::vector<LearnedLayout>& out) {
    PlacedFields alone = placedGrid(frame, grid, factor, options.focalLength35mm);
    const Homography toImage = detail::scaled(alone.toFrame, 1.0 / factor);
    PatchField& field = alone.fields.front();
    if (!settle(frame, field, alone.toFrame)) return;
    field = detail::withoutStrangeRim(image, field, toImage);
    if (!detail::looksLikePatches(image, field, toImage)) return;
    const auto keep = [&](PlacedFields p) {
        if (!wanted(places(p.fields))) return;
        p = detail::fitFieldsToEdges(frame, std::move(p));
        if (p.residualPixels > kStraight * smallestSide(p)) return;
        setProportions(frame, p, options.focalLength35mm);
        out.push_back(layoutOf(std::move(p)));
    };
    std::set<std::size_t> own;
    for (const auto& r : grid.region)
        if (r) own.insert(*r);
    std::vector<detail::Region> others;
    for (std::size_t i = 0; i < regions.size(); ++i)
        if (!own.contains(i)) others.push_back(regions[i]);
    std::vector<PatchField> unlike;
    for (PatchField second : detail::fieldsBeside(field, others, toImage.inverse())) {
        if (!detail::looksLikePatches(image, second, toImage) || !settle(frame, second, alone.toFrame))
            continue;
        if (!detail::onOneCard(image, field, second, toImage)) {
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
    return failure(ErrorKind::notFound,
                   say("No field of patches in rows and columns was found in this frame. Frame the whole "
                       "chart, in focus and evenly lit, so that it fills a quarter of the picture."));
}

}  // namespace refero
