// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/checks.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

#include "core/read/balance.h"

namespace refero {
namespace {

constexpr const char* kChannel[] = {"red", "green", "blue"};

std::string text(const char* format, double v) {
    char buffer[64];
    std::snprintf(buffer, sizeof buffer, format, v);
    return buffer;
}

std::string percent(double share) {
    return text(share < 0.0995 ? "%.1f %%" : "%.0f %%", share * 100);
}

Check make(const char* id, const char* title, double value, const char* unit, const Band& band) {
    Check c;
    c.id = id;
    c.title = title;
    c.value = value;
    c.unit = unit;
    c.low = band.low;
    c.high = band.high;
    c.verdict = judge(value, band);
    return c;
}

Check exposure(const Reading& r, const Limits& limits) {
    const auto neutrals = r.chart.neutrals();
    const PatchReading& lightest = r.patches[neutrals.front()];
    Eigen::Index channel = 0;
    const double level = lightest.rgb.maxCoeff(&channel);
    Check c = make("exposure", "Exposure", level, "of clipping", limits.exposure);
    c.scaleLow = 0;
    c.scaleHigh = 1;
    c.limit = text("%.2f", c.low) + " to " + text("%.2f", c.high);
    c.reason = "The lightest neutral, " + lightest.id + ", reaches " + percent(level) +
               " of the clipping level in " + kChannel[channel] + ", its strongest channel. ";
    if (level > limits.exposure.high) {
        c.reason +=
            "This close to the ceiling, highlights of the subject and a channel of the chart are lost.";
        c.remedy = "Close down by " + text("%.1f", std::max(0.3, std::log2(level / 0.75))) +
                   " stops and shoot it again.";
    } else if (level < limits.exposure.low) {
        c.reason += "Dark patches sink into noise, and the correction would lift that noise with them.";
        c.remedy = "Open up by " + text("%.1f", std::log2(0.75 / std::max(level, 1e-3))) +
                   " stops and shoot it again.";
    } else {
        c.reason += "That uses the range well and clips nothing.";
    }
    return c;
}

Check clipping(const Reading& r, const Limits& limits) {
    const auto worstPatch =
        std::max_element(r.patches.begin(), r.patches.end(),
                         [](const auto& a, const auto& b) { return a.clipped < b.clipped; });
    Check c = make("clipping", "Clipping", worstPatch->clipped, "of pixels", limits.clipping);
    c.scaleHigh = 0.05;
    c.limit = "at most " + percent(c.high) + " in any patch";
    if (worstPatch->clipped <= limits.clipping.high) {
        c.reason = "No patch touches the ceiling in any channel.";
    } else {
        Eigen::Index channel = 0;
        worstPatch->clippedChannels.maxCoeff(&channel);
        c.reason = "In " + worstPatch->id + ", " + percent(worstPatch->clipped) +
                   " of the pixels are clipped, most in " + kChannel[channel] +
                   ". A clipped channel reads too low, and its colour turns.";
        c.remedy = "Close down by half a stop to a stop and shoot it again.";
    }
    return c;
}

Check buried(const Reading& r, const Limits& limits) {
    const PatchReading& darkest = r.patches[r.chart.neutrals().back()];
    Eigen::Index channel = 0;
    const Vector3 ratio = darkest.rgb.cwiseQuotient(darkest.deviation.cwiseMax(1e-6));
    const double signal = std::min(ratio.minCoeff(&channel), 999.0);
    Check c = make("buried", "Black above noise", signal, "x noise", limits.buried);
    c.high = 100;
    c.scaleHigh = 100;
    c.limit = "at least " + text("%.0f", limits.buried.low);
    c.reason = "In the darkest neutral, " + darkest.id + ", one pixel's " + kChannel[channel] + " is " +
               text("%.0f", signal) + " times its noise.";
    if (c.verdict != Verdict::pass) {
        c.reason += " Black that lies in noise cannot be corrected, only lifted.";
        c.remedy = "Give more light or a lower sensitivity, and shoot it again.";
    }
    return c;
}

Check neutrality(const Reading& r, const Limits& limits) {
    const auto gains = neutralGains(r);
    if (!gains) {
        Check c = make("neutrality", "Neutral greys", 1, "cast", limits.neutrality);
        c.verdict = Verdict::reshoot;
        c.scaleHigh = 0.05;
        c.limit = "at most " + percent(c.high);
        c.reason =
            "No grey patch is usable: each is clipped or lies in noise, so there is nothing to balance on.";
        c.remedy =
            "Set the exposure so that the lightest grey is bright but not clipped, and shoot it again.";
        return c;
    }
    double worstCast = 0;
    std::string where;
    for (const std::size_t i : usableNeutrals(r)) {
        const double cast = castOf(r, i, *gains);
        if (cast > worstCast) {
            worstCast = cast;
            where = r.patches[i].id;
        }
    }
    Check c = make("neutrality", "Neutral greys", worstCast, "cast", limits.neutrality);
    c.scaleHigh = 0.05;
    c.limit = "at most " + percent(c.high);
    c.reason = "After one balance for all greys, the worst, " + where + ", is " + percent(worstCast) +
               " from neutral.";
    if (c.verdict != Verdict::pass) {
        c.reason += " The greys disagree: mixed or uneven light, glare on the dark ones, or a dirty patch.";
        c.remedy = "Look for a second light or a reflection on the chart, remove it, and shoot it again.";
    } else {
        c.reason += " One balance serves highlights and shadows alike.";
    }
    return c;
}

std::vector<Check> size(const Reading& r, const Limits& limits) {
    const double share = 100 * std::abs(signedArea(r.corners)) / (double(r.width) * r.height);
    Check area = make("size", "Size in the frame", share, "% of the frame", limits.sharePercent);
    area.scaleHigh = 100;
    area.limit = text("%.0f", area.low) + " to " + text("%.0f", area.high) + " %";
    area.reason = "The chart covers " + text("%.1f", share) + " % of the frame.";
    if (share > limits.sharePercent.high) {
        area.reason += " Filling the frame, it takes the lens's darker corners for colour.";
        area.remedy = "Step back until it covers about a tenth of the frame.";
    } else if (share < limits.sharePercent.low) {
        area.remedy = "Go closer, or use a larger chart.";
    } else {
        area.reason += " About a tenth, away from the corners, is the safest.";
    }
    const auto smallest = std::min_element(r.patches.begin(), r.patches.end(),
                                           [](const auto& a, const auto& b) { return a.pixels < b.pixels; });
    Check pixels = make("pixels", "Pixels per patch", static_cast<double>(smallest->pixels), "pixels",
                        limits.patchPixels);
    pixels.high = pixels.scaleHigh = 10000;
    pixels.limit = "at least " + text("%.0f", limits.patchPixels.low);
    pixels.reason = "The smallest patch, " + smallest->id + ", gives " + std::to_string(smallest->pixels) +
                    " pixels to average; the mean's noise falls with their square root.";
    if (pixels.verdict != Verdict::pass) pixels.remedy = "Go closer, or use a larger chart.";
    return {area, pixels};
}

Check tilt(const Reading& r, const Limits& limits) {
    const double diagonal = std::hypot(r.width, r.height);
    const double focal35 = r.focalLength35mm > 0 ? r.focalLength35mm : 50;
    const auto map = fitHomography(r.chart.outline(), r.corners);
    const double degrees =
        map ? pose(*map, focal35 / std::hypot(36.0, 24.0) * diagonal, Point(r.width / 2.0, r.height / 2.0))
                  .tiltDegrees
            : 90;
    Check c = make("tilt", "Tilt", degrees, "degrees", limits.tilt);
    c.scaleHigh = 45;
    c.limit = "at most " + text("%.0f", limits.tilt.high) + " degrees";
    c.reason = "The chart is turned " + text("%.0f", degrees) + " degrees away from the camera" +
               (r.focalLength35mm > 0 ? "." : ", taking the lens for a 50 mm (the frame does not say).");
    if (c.verdict != Verdict::pass) {
        c.reason += " At a slant its surface shines, and its patches differ in brightness.";
        c.remedy = "Face it to the camera, and shoot it again.";
    }
    return c;
}

Check encoding(const Reading& r) {
    Check c;
    c.id = "encoding";
    c.title = "Encoding";
    c.unit = "sure";
    c.value = r.encodingSource == "assumed" ? 0 : 1;
    c.low = 0.5;
    c.limit = "stated by the file or by you";
    c.verdict = r.encodingSource == "assumed" ? Verdict::review : Verdict::pass;
    if (r.encodingSource == "assumed") {
        c.reason = "The file does not say how its numbers relate to light; " + std::string(name(r.encoding)) +
                   " was assumed from its kind. A wrong curve bends every colour.";
        c.remedy = "If you know better, state the encoding and read it again.";
    } else {
        c.reason = "Read as " + std::string(name(r.encoding)) + ", which " +
                   (r.encodingSource == "stated" ? "you stated." : "the file states.");
    }
    return c;
}

}  // namespace

Verdict judge(double value, const Band& b) {
    if (value >= b.low && value <= b.high) return Verdict::pass;
    return value >= b.tolerableLow && value <= b.tolerableHigh ? Verdict::review : Verdict::reshoot;
}

std::vector<Check> judged(const Reading& reading, const Limits& limits) {
    std::vector<Check> out;
    const bool hasNeutrals = !reading.chart.neutrals().empty();
    if (hasNeutrals) out.push_back(exposure(reading, limits));
    out.push_back(clipping(reading, limits));
    if (hasNeutrals) {
        out.push_back(buried(reading, limits));
        out.push_back(neutrality(reading, limits));
    }
    for (Check& c : size(reading, limits)) out.push_back(std::move(c));
    out.push_back(tilt(reading, limits));
    out.push_back(encoding(reading));
    return out;
}

Verdict worst(const std::vector<Check>& checks) {
    Verdict v = Verdict::pass;
    for (const Check& c : checks) v = std::max(v, c.verdict);
    return v;
}

}  // namespace refero
