// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/finder.h"

#include <algorithm>
#include <cmath>
#include <iterator>
#include <set>

#include "core/find/colour_check.h"
#include "core/find/detail/edges.h"
#include "core/find/detail/matching.h"
#include "core/find/detail/worth_searching.h"
#include "core/find/regions.h"
#include "core/say/say.h"

namespace refero {
namespace {

using detail::scaled, detail::shrinkingFor, detail::worthSearching;

// No other placement is looked at then.
constexpr double kBeyondDoubt = 0.97;
// About what lies between light and a display encoding; and how well the colours must then agree.
constexpr double kBent = 2.2, kBentAgreement = 0.93;

struct Candidate {
    Homography map;
    detail::ColourCheck colour;
    double seen = 0;
    double exponent = 1;  // of the curve that the frame was read by wrongly

    double score() const { return std::max(colour.plain, colour.robust * colour.agreeing); }
};

bool accepted(const Candidate& c, const FindOptions& o) {
    return c.colour.plain >= o.minAgreement ||
           (c.colour.robust >= o.minRobustAgreement && c.colour.agreeing >= 0.6 && c.seen >= 0.45);
}

bool acceptedBent(const Candidate& c, const FindOptions& options) {
    FindOptions sure = options;
    sure.minAgreement = sure.minRobustAgreement = kBentAgreement;
    return accepted(c, sure);
}

enum class Effort { glance, thorough };

// The best placement at one working size. `wanted` leaves placements out; `bent` becomes the best of those
// whose colours agree once another curve is undone.
template <class Wanted>
Candidate search(const LinearImage& image, const std::vector<detail::Region>& regions, const Chart& chart,
                 int factor, const FindOptions& options, Wanted wanted, Effort effort = Effort::thorough,
                 Candidate* bent = nullptr) {
    const auto n = static_cast<double>(chart.patches.size());
    const auto minSeen = static_cast<std::size_t>(std::max(6.0, std::ceil(options.minSeen * n)));
    Candidate best;
    std::vector<detail::Placement> placements;
    // Beside a larger grid the chart fits into that in a hundred ways as well, and into its own in one.
    struct Pass {
        std::size_t seeds, most;
    };
    for (const auto& [seeds, most] : {Pass{16, 40}, Pass{96, 400}}) {
        placements = detail::placements(chart, regions, minSeen, seeds, most);
        for (const auto& p : placements) {
            if (options.stop.stop_requested()) return {};
            Candidate c{scaled(p.chartToImage, factor), {}, static_cast<double>(p.seen) / n};
            if (!wanted(c.map)) continue;
            c.colour = detail::colourCheck(image, chart, p.chartToImage);
            if (c.score() > best.score()) best = c;
            if (accepted(best, options) && best.score() > kBeyondDoubt) return best;
        }
        if (accepted(best, options)) return best;
        if (effort == Effort::glance) break;
    }
    if (!bent) return best;
    for (const auto& p : placements)
        for (const double exponent : {kBent, 1 / kBent}) {
            Candidate c{scaled(p.chartToImage, factor), {}, static_cast<double>(p.seen) / n, exponent};
            if (!wanted(c.map)) continue;
            c.colour = detail::colourCheck(image, chart, p.chartToImage, exponent);
            if (acceptedBent(c, options) && c.score() > bent->score()) *bent = c;
        }
    return best;
}

std::string outside(const LinearImage& frame, const Chart& chart, const Homography& map) {
    std::string ids;
    for (const Patch& p : chart.patches) {
        const Quad q = map(p.corners(0.6));
        const bool in = std::all_of(q.begin(), q.end(), [&](const Point& c) {
            return c.x() >= 0 && c.y() >= 0 && c.x() <= frame.width() && c.y() <= frame.height();
        });
        if (!in) ids += (ids.empty() ? "" : ", ") + p.id;
    }
    return ids;
}

LinearImage mirror(const LinearImage& image) {
    LinearImage out(image.width(), image.height());
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            std::copy_n(image.pixel(image.width() - 1 - x, y), 3, out.pixel(x, y));
    return out;
}

// A logistic regression over the survey's desperate frames, seeds 1 to 700, of whether every corner is within
// 0.1 patch widths (docs/survey.md shows how it holds for others). How well the edges lie on straight lines
// tells most; what agrees too little in colour is not sure either, however straight it is.
double confidenceOf(const FoundChart& f, const Chart& chart) {
    double side = 1e9;
    for (const Patch& p : chart.patches) {
        const Quad q = f.chartToFrame(p.corners());
        side = std::min({side, (q[1] - q[0]).norm(), (q[2] - q[1]).norm()});
    }
    const double residual = std::max(0.001, f.edgeResidualPixels / std::max(1.0, side));
    const double evidence = 5.9 + 2.6 * (f.agreeing - 0.8) + 3.3 * (f.seen - 0.7) + 5.7 * (f.edges - 0.8) -
                            4.6 * std::log(residual / 0.01) + 20 * std::min(0.0, f.robustAgreement - 0.93);
    return 1 / (1 + std::exp(-evidence));
}

FoundChart placed(const LinearImage& frame, const Chart& chart, const detail::EdgeFit& edges, double seen,
                  double exponent = 1) {
    const auto colour = detail::colourCheck(frame, chart, edges.chartToFrame, exponent);
    FoundChart found;
    found.chartToFrame = edges.chartToFrame;
    found.corners = edges.chartToFrame(chart.outline());
    found.agreement = colour.plain;
    found.robustAgreement = colour.robust;
    found.agreeing = colour.agreeing;
    found.seen = seen;
    found.edges = edges.sidesSeen;
    found.edgeResidualPixels = edges.residualPixels;
    found.confidence = confidenceOf(found, chart);
    return found;
}

}  // namespace

struct ChartFinder::Working {
    LinearImage small;
    const LinearImage* image = nullptr;
    std::vector<detail::Region> regions;
};

ChartFinder::ChartFinder(const LinearImage& frame, const FindOptions& options)
    : frame_(frame), options_(options) {}

ChartFinder::~ChartFinder() = default;

ChartFinder::Working& ChartFinder::working(int factor, bool mirrored) {
    auto& slot = working_[{factor, mirrored}];
    if (slot) return *slot;
    slot = std::make_unique<Working>();
    if (mirrored) {
        const Working& straight = working(factor, false);
        slot->small = mirror(*straight.image);
        slot->image = &slot->small;
        slot->regions = detail::mirrored(straight.regions, straight.image->width());
        return *slot;
    }
    // Memory sets the pace here: of four rows two tell as much of edges.
    if (factor > 1) slot->small = shrunk(frame_, factor, factor >= 4 ? 2 : 1);
    slot->image = factor > 1 ? &slot->small : &frame_;
    slot->regions = detail::evenRegions(*slot->image);
    return *slot;
}

Result<FoundChart> ChartFinder::find(const Chart& chart) {
    if (auto ok = worthSearching(frame_); !ok) return tl::unexpected(ok.error());
    const auto any = [](const Homography&) { return true; };
    Candidate best, bent;
    std::set<int> tried;
    for (const int longEdge : options_.longEdges) {
        const int factor = shrinkingFor(frame_, longEdge);
        if (!tried.insert(factor).second) continue;
        if (options_.stop.stop_requested()) return stoppedEarly();
        const Working& w = working(factor, false);
        const Candidate found =
            search(*w.image, w.regions, chart, factor, options_, any, Effort::thorough, &bent);
        if (found.score() > best.score()) best = found;
        if (accepted(best, options_)) break;
    }
    if (options_.stop.stop_requested()) return stoppedEarly();
    // Read by a wrong curve, its colours are bent; that is for the checks to say, not a reason to miss it.
    if (!accepted(best, options_) && bent.score() > 0) best = bent;
    if (!accepted(best, options_)) {
        const int factor = shrinkingFor(frame_, options_.longEdges.front());
        const Working& w = working(factor, true);
        if (accepted(search(*w.image, w.regions, chart, factor, options_, any, Effort::glance), options_))
            return failure(ErrorKind::partlyFound,
                           say("The frame shows the %1 mirrored, as in a looking glass. Turn the picture "
                               "over (or shoot the chart itself) and read it again.",
                               chart.name));
        return failure(ErrorKind::notFound,
                       say("No %1 was found in this frame. Is the whole chart in it, in focus and not "
                           "covered? If you can see it, set its four corners by hand.",
                           chart.name));
    }
    const auto edges = detail::fitToEdges(frame_, chart, best.map);
    const std::string missing = outside(frame_, chart, edges.chartToFrame);
    if (!missing.empty())
        return failure(ErrorKind::partlyFound, say("Only part of the chart is in the frame: %1 lie outside. "
                                                   "Frame the whole chart and shoot it again.",
                                                   missing));
    return placed(frame_, chart, edges, best.seen, best.exponent);
}

std::optional<FoundChart> ChartFinder::findBeside(const Chart& chart, const Quad& taken) {
    if (!worthSearching(frame_)) return {};
    const auto apart = [&](const Homography& map) {
        const Quad q = map(chart.outline());
        return !contains(taken, centroid(q)) && !contains(q, centroid(taken)) &&
               std::none_of(q.begin(), q.end(), [&](const Point& p) { return contains(taken, p); });
    };
    const int factor = shrinkingFor(frame_, options_.longEdges.front());
    const Working& w = working(factor, false);
    std::vector<detail::Region> outsideIt;
    std::copy_if(w.regions.begin(), w.regions.end(), std::back_inserter(outsideIt),
                 [&](const detail::Region& r) { return !contains(taken, r.centre * factor); });
    // A glance: what is hard to see beside the chart is no danger to it.
    const Candidate best = search(*w.image, outsideIt, chart, factor, options_, apart, Effort::glance);
    if (!accepted(best, options_)) return {};
    return placed(frame_, chart, detail::fitToEdges(frame_, chart, best.map), best.seen);
}

Result<FoundChart> findChart(const LinearImage& frame, const Chart& chart, const FindOptions& options) {
    return ChartFinder(frame, options).find(chart);
}

Result<FoundChart> chartAt(const LinearImage& frame, const Chart& chart, const Quad& corners) {
    for (const Point& p : corners)
        if (!p.allFinite()) return failure(say("A corner of the chart is not a number."));
    if (!isProperQuad(corners) && isProperQuad({corners[1], corners[0], corners[3], corners[2]}))
        return failure(
            say("The four corners go round the chart the other way: left and right are changed. Give them as "
                "top left, top right, bottom right, bottom left of the chart as its definition draws it."));
    if (!isProperQuad(corners))
        return failure(
            say("The four corners do not go round the chart: give them as top left, top right, bottom right, "
                "bottom left of the chart as its definition draws it."));
    const Quad outline = chart.outline();
    auto map = fitHomography(outline, corners);
    if (!map) return tl::unexpected(map.error());
    const std::string missing = outside(frame, chart, *map);
    if (!missing.empty())
        return failure(say("With these corners, patches %1 lie outside the frame.", missing));
    FoundChart found = placed(frame, chart, {*map, 0, 0, 0}, 1);
    found.corners = corners;
    found.confidence = 1;  // a person said so
    return found;
}

}  // namespace refero
