// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "core/read/detail/check_parts.h"
#include "core/say/say.h"

namespace refero::detail {
namespace {

Check size(const Reading& r, const Limits& limits) {
    const double share = 100 * std::abs(signedArea(r.corners)) / (double(r.width) * r.height);
    Check c = started("size", say("Size in the frame"), share, word("% of the frame"), limits.sharePercent);
    c.scaleHigh = 100;
    c.limit = say("%1 to %2 %", figure("%.1f", c.low), figure("%.0f", c.high));
    c.reason = say("The chart covers %1 % of the frame.", figure("%.1f", share));
    if (share > limits.sharePercent.high) {
        c.reason += say(" Filling the frame, it takes the lens's darker corners for colour.");
        c.remedy = say("Step back until it covers about a tenth of the frame.");
    } else if (share < limits.sharePercent.low) {
        c.remedy = say("Go closer, or use a larger chart.");
    } else {
        c.reason += say(" About a tenth, away from the corners, is the safest.");
    }
    return c;
}

Check pixels(const Reading& r, const Limits& limits) {
    const auto smallest =
        std::min_element(r.patches.begin(), r.patches.end(), [](const auto& a, const auto& b) {
            return a.leftOut == b.leftOut ? a.pixels < b.pixels : b.leftOut;
        });
    Check c = started("pixels", say("Pixels per patch"), static_cast<double>(smallest->pixels),
                      word("pixels"), limits.patchPixels);
    c.high = c.scaleHigh = 10000;
    c.limit = say("at least %1", figure("%.0f", limits.patchPixels.low));
    c.reason = say(
        "The smallest patch, %1, gives %2 pixels to average; the mean's noise falls with their square root.",
        smallest->id, std::to_string(smallest->pixels));
    if (c.verdict != Verdict::pass) {
        c.remedy = say("Go closer, or use a larger chart.");
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
    const std::string names[] = {say("top left"), say("top right"), say("bottom right"), say("bottom left")};
    const double share = 100 * nearest / std::min(r.width, r.height);
    Check c =
        started("edge", say("Away from the edge"), share, word("% of the short side"), limits.edgePercent);
    c.high = c.scaleHigh = 50;
    c.limit = say("at least %1 %", figure("%.1f", limits.edgePercent.low));
    c.reason =
        say("Its %1 corner is %2 pixels from the frame's edge.", names[corner], figure("%.0f", nearest));
    if (c.verdict != Verdict::pass) {
        c.reason += say(" Lenses are darkest and least sharp there.");
        c.remedy = say("Bring the chart nearer to the middle.");
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
    Check c = started("tilt", say("Tilt"), seen.tiltDegrees, word("degrees"), limits.tilt);
    c.scaleHigh = 45;
    c.limit = say("at most %1 degrees", figure("%.0f", limits.tilt.high));
    const std::string tilt = figure("%.0f", seen.tiltDegrees),
                      turn = figure("%.0f", std::abs(seen.turnDegrees));
    c.reason = r.focalLength35mm > 0
                   ? say("The chart is tilted %1 degrees away from the camera, and turned %2 degrees in the "
                         "picture.",
                         tilt, turn)
                   : say("The chart is tilted %1 degrees away from the camera, taking the lens for a 50 mm "
                         "(the frame does not say), and turned %2 degrees in the picture.",
                         tilt, turn);
    if (c.verdict != Verdict::pass) {
        c.reason += say(" At a slant its surface shines, and its patches differ in brightness.");
        c.remedy = say("Face it to the camera, and shoot it again.");
        c.evidence.lines = {{r.corners[0], r.corners[1], r.corners[2], r.corners[3], r.corners[0]}};
    }
    return c;
}

std::vector<Check> focus(const Reading& r, const Limits& limits) {
    const Sharpness& s = r.sharpness;
    if (s.sides == 0 || !(s.widthPixels > 0)) return {};
    const double wide = std::max({s.widthPixels, s.acrossPixels, s.downPixels});
    const double share = 100 * wide / s.smallestSidePixels;
    Check c = started("focus", say("Sharpness"), share, word("% of a patch"), limits.focusPercent);
    c.scaleHigh = 50;
    c.limit = say("edges at most %1 % of the smallest patch", figure("%.0f", limits.focusPercent.high));
    c.reason = say("Edges of patches are %1 pixels wide; the smallest patch has %2.", figure("%.1f", wide),
                   figure("%.0f", s.smallestSidePixels));
    if (c.verdict == Verdict::pass) return {c};
    c.reason += say(" Colours of neighbours run into one another.");
    if (looksMoved(s)) {
        c.reason += say(" They are wide one way only (%1 degrees from level): something moved.",
                        figure("%.0f", s.movementDegrees));
        c.remedy = say("Use a stand or a shorter exposure, and shoot it again.");
        const Point middle = centroid(r.corners);
        const double angle = s.movementDegrees * std::numbers::pi / 180;
        const Point d = Point(std::cos(angle), std::sin(angle)) * std::max(20.0, 3 * wide);
        c.evidence.lines = {{middle - d, middle + d}};
    } else {
        c.remedy = say("Focus on the chart, and shoot it again.");
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
