// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "core/read/detail/check_parts.h"

namespace refero::detail {
namespace {

Check size(const Reading& r, const Limits& limits) {
    const double share = 100 * std::abs(signedArea(r.corners)) / (double(r.width) * r.height);
    Check c = started("size", "Size in the frame", share, "% of the frame", limits.sharePercent);
    c.scaleHigh = 100;
    c.limit = figure("%.1f", c.low) + " to " + figure("%.0f", c.high) + " %";
    c.reason = "The chart covers " + figure("%.1f", share) + " % of the frame.";
    if (share > limits.sharePercent.high) {
        c.reason += " Filling the frame, it takes the lens's darker corners for colour.";
        c.remedy = "Step back until it covers about a tenth of the frame.";
    } else if (share < limits.sharePercent.low) {
        c.remedy = "Go closer, or use a larger chart.";
    } else {
        c.reason += " About a tenth, away from the corners, is the safest.";
    }
    return c;
}

Check pixels(const Reading& r, const Limits& limits) {
    const auto smallest =
        std::min_element(r.patches.begin(), r.patches.end(), [](const auto& a, const auto& b) {
            return a.leftOut == b.leftOut ? a.pixels < b.pixels : b.leftOut;
        });
    Check c = started("pixels", "Pixels per patch", static_cast<double>(smallest->pixels), "pixels",
                      limits.patchPixels);
    c.high = c.scaleHigh = 10000;
    c.limit = "at least " + figure("%.0f", limits.patchPixels.low);
    c.reason = "The smallest patch, " + smallest->id + ", gives " + std::to_string(smallest->pixels) +
               " pixels to average; the mean's noise falls with their square root.";
    if (c.verdict != Verdict::pass) {
        c.remedy = "Go closer, or use a larger chart.";
        c.evidence.patches = {static_cast<std::size_t>(smallest - r.patches.begin())};
    }
    return c;
}

Check edge(const Reading& r, const Limits& limits) {
    double nearest = 1e9;
    std::size_t corner = 0;
    for (std::size_t i = 0; i < 4; ++i) {
        const Point& p = r.corners[i];
        const double d = std::min({p.x(), p.y(), r.width - p.x(), r.height - p.y()});
        if (d < nearest) {
            nearest = d;
            corner = i;
        }
    }
    constexpr const char* kNames[] = {"top left", "top right", "bottom right", "bottom left"};
    const double share = 100 * nearest / std::min(r.width, r.height);
    Check c = started("edge", "Away from the edge", share, "% of the short side", limits.edgePercent);
    c.high = c.scaleHigh = 50;
    c.limit = "at least " + figure("%.1f", limits.edgePercent.low) + " %";
    c.reason = "Its " + std::string(kNames[corner]) + " corner is " + figure("%.0f", nearest) +
               " pixels from the frame's edge.";
    if (c.verdict != Verdict::pass) {
        c.reason += " Lenses are darkest and least sharp there.";
        c.remedy = "Bring the chart nearer to the middle.";
        c.evidence.lines = {{r.corners[(corner + 3) % 4], r.corners[corner], r.corners[(corner + 1) % 4]}};
    }
    return c;
}

Check tilt(const Reading& r, const Limits& limits) {
    const double diagonal = std::hypot(r.width, r.height);
    const double focal35 = r.focalLength35mm > 0 ? r.focalLength35mm : 50;
    const auto map = fitHomography(r.chart.outline(), r.corners);
    const Pose seen =
        map ? pose(*map, focal35 / std::hypot(36.0, 24.0) * diagonal, Point(r.width / 2.0, r.height / 2.0))
            : Pose{90, 0};
    Check c = started("tilt", "Tilt", seen.tiltDegrees, "degrees", limits.tilt);
    c.scaleHigh = 45;
    c.limit = "at most " + figure("%.0f", limits.tilt.high) + " degrees";
    c.reason = "The chart is tilted " + figure("%.0f", seen.tiltDegrees) + " degrees away from the camera" +
               (r.focalLength35mm > 0 ? "" : ", taking the lens for a 50 mm (the frame does not say)") +
               ", and turned " + figure("%.0f", std::abs(seen.turnDegrees)) + " degrees in the picture.";
    if (c.verdict != Verdict::pass) {
        c.reason += " At a slant its surface shines, and its patches differ in brightness.";
        c.remedy = "Face it to the camera, and shoot it again.";
        c.evidence.lines = {{r.corners[0], r.corners[1], r.corners[2], r.corners[3], r.corners[0]}};
    }
    return c;
}

std::vector<Check> focus(const Reading& r, const Limits& limits) {
    const Sharpness& s = r.sharpness;
    if (s.sides == 0 || !(s.widthPixels > 0)) return {};
    const double wide = std::max({s.widthPixels, s.acrossPixels, s.downPixels});
    const double share = 100 * wide / s.smallestSidePixels;
    Check c = started("focus", "Sharpness", share, "% of a patch", limits.focusPercent);
    c.scaleHigh = 50;
    c.limit = "edges at most " + figure("%.0f", limits.focusPercent.high) + " % of the smallest patch";
    c.reason = "Edges of patches are " + figure("%.1f", wide) + " pixels wide; the smallest patch has " +
               figure("%.0f", s.smallestSidePixels) + ".";
    if (c.verdict == Verdict::pass) return {c};
    c.reason += " Colours of neighbours run into one another.";
    if (looksMoved(s)) {
        c.reason += " They are wide one way only (" + figure("%.0f", s.movementDegrees) +
                    " degrees from level): something moved.";
        c.remedy = "Use a stand or a shorter exposure, and shoot it again.";
        const Point middle = centroid(r.corners);
        const double angle = s.movementDegrees * std::numbers::pi / 180;
        const Point d = Point(std::cos(angle), std::sin(angle)) * std::max(20.0, 3 * wide);
        c.evidence.lines = {{middle - d, middle + d}};
    } else {
        c.remedy = "Focus on the chart, and shoot it again.";
        c.evidence.lines = {{r.corners[0], r.corners[1], r.corners[2], r.corners[3], r.corners[0]}};
    }
    return {c};
}

}  // namespace

std::vector<Check> framingChecks(const Reading& r, const Limits& limits) {
    std::vector<Check> out{size(r, limits), pixels(r, limits), edge(r, limits), tilt(r, limits)};
    for (Check& c : focus(r, limits)) out.push_back(std::move(c));
    return out;
}

}  // namespace refero::detail
