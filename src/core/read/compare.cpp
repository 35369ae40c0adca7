// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/compare.h"

#include <algorithm>
#include <cmath>

#include "core/colour/difference.h"
#include "core/read/balance.h"
#include "core/read/detail/check_parts.h"
#include "core/read/grey_candidate.h"
#include "core/read/swatch.h"
#include "core/say/figure.h"

namespace refero {
namespace {

// From where on a change is named; below, two careful shots of one setup differ as much (common practice).
constexpr double kStops = 0.1, kGrey = 1, kFocusShare = 0.3, kEvenStops = 0.1, kVeil = 0.003,
                 kPlacePercent = 3, kSizeShare = 0.1, kColours = 1;

// Of the greys that both can use: the ratio of later to earlier, per channel.
std::optional<Vector3> greyRatio(const Reading& earlier, const Reading& later) {
    const auto usable = usableNeutrals(later);
    Vector3 sum = Vector3::Zero();
    double weights = 0;
    for (const std::size_t i : usableNeutrals(earlier)) {
        if (std::find(usable.begin(), usable.end(), i) == usable.end()) continue;
        const Vector3 &a = earlier.patches[i].rgb, &b = later.patches[i].rgb;
        const double w = std::min(a.y(), b.y());
        sum += w * (b.array() / a.array()).log().matrix();
        weights += w;
    }
    if (!(weights > 0)) return {};
    return Vector3((sum / weights).array().exp().matrix());
}

ReadingChange levelChange(const Vector3& ratio) {
    const double stops = std::log2(ratio.y());
    return {Moved::level, say("Level"),
            stops < 0 ? sayf("%.2f stops darker", -stops) : sayf("%.2f stops lighter", stops), stops,
            std::abs(stops) > kStops};
}

// How a grey of the later shot looks, balanced on the earlier one.
Result<ReadingChange> lightChange(const Reading& earlier, const Vector3& ratio) {
    const auto gains = neutralGains(earlier);
    if (!gains) return failure(say("The earlier reading has no usable grey."));
    const Vector3 grey = ratio.cwiseQuotient(*gains);
    const auto seen = greyCandidate(grey * (0.5 / grey.maxCoeff()), earlier);
    if (!seen) return tl::unexpected(seen.error());
    // Balancing on a warm grey turns the picture cold: the light turned the other way.
    const double mired = -seen->miredShift, duv = -seen->duvShift;
    std::string words = mired < 0 ? sayf("%.0f mired colder", -mired) : sayf("%.0f mired warmer", mired);
    if (std::abs(duv) > 0.002) words += duv > 0 ? say(", greener") : say(", more magenta");
    return ReadingChange{Moved::light, say("Light"), words + ", CIEDE2000 " + figure("%.1f", seen->ciede2000),
                         mired, seen->ciede2000 > kGrey};
}

std::vector<ReadingChange> shotChanges(const Reading& a, const Reading& b) {
    std::vector<ReadingChange> out;
    if (a.sharpness.widthPixels > 0 && b.sharpness.widthPixels > 0) {
        const double wider = b.sharpness.widthPixels / a.sharpness.widthPixels - 1;
        out.push_back({Moved::focus, say("Focus"),
                       sayf("edges of %.1f px, were %.1f", b.sharpness.widthPixels, a.sharpness.widthPixels),
                       wider, std::abs(wider) > kFocusShare});
    }
    if (a.light && b.light) {
        const double range = b.light->rangeStops - a.light->rangeStops;
        out.push_back({Moved::evenness, say("Even light"),
                       sayf("%.2f stops, was %.2f", b.light->rangeStops, a.light->rangeStops), range,
                       std::abs(range) > kEvenStops});
        const double flare = b.light->flareShare - a.light->flareShare;
        out.push_back({Moved::flare, say("Veil"),
                       sayf("%.2f %%, was %.2f", 100 * b.light->flareShare, 100 * a.light->flareShare), flare,
                       std::abs(flare) > kVeil});
    }
    return out;
}

std::vector<ReadingChange> frameChanges(const Reading& a, const Reading& b) {
    const auto scaled = [](const Reading& r) {
        const Point size(std::max(1, r.width), std::max(1, r.height));
        Quad q = r.corners;
        for (Point& p : q) p = p.cwiseQuotient(size);
        return q;
    };
    const auto middle = [](const Quad& q) { return Point((q[0] + q[1] + q[2] + q[3]) / 4); };
    const auto side = [](const Quad& q) { return (q[1] - q[0]).norm() + (q[2] - q[3]).norm(); };
    const Quad from = scaled(a), to = scaled(b);
    const double percent = 100 * (middle(to) - middle(from)).norm();
    const double size = side(from) > 0 ? side(to) / side(from) - 1 : 0;
    return {
        {Moved::place, say("Place"), sayf("%.1f %% of the frame", percent), percent, percent > kPlacePercent},
        {Moved::size, say("Size"),
         percent == 0 && size == 0 ? say("the same")
         : size < 0                ? sayf("%.0f %% smaller", -100 * size)
                                   : sayf("%.0f %% larger", 100 * size),
         size, std::abs(size) > kSizeShare}};
}

// What balance and level cannot mend: another spectrum, another lens, a dirty chart.
ReadingChange colourChange(const Reading& a, const Reading& b) {
    const auto before = balancedLab(a), after = balancedLab(b);
    double sum = 0, most = 0;
    std::size_t n = 0, where = 0;
    for (std::size_t i = 0; i < before.size(); ++i) {
        if (a.patches[i].leftOut || b.patches[i].leftOut || a.patches[i].clipped > 0.01 ||
            b.patches[i].clipped > 0.01)
            continue;
        const double d = ciede2000(before[i], after[i]);
        sum += d;
        ++n;
        if (d > most) {
            most = d;
            where = i;
        }
    }
    const double mean = n ? sum / static_cast<double>(n) : 0;
    return {Moved::colours, say("Colours"),
            figure("%.1f", mean) + " CIEDE2000, " + a.patches[where].id + " " + figure("%.1f", most), mean,
            mean > kColours};
}

}  // namespace

Result<std::vector<ReadingChange>> changesBetween(const Reading& earlier, const Reading& later) {
    if (earlier.chart.id != later.chart.id || earlier.patches.size() != later.patches.size() ||
        earlier.patches.empty())
        return failure(say("These are readings of different charts; only the same chart can be compared."));
    const auto ratio = greyRatio(earlier, later);
    if (!ratio)
        return failure(say("The two readings have no usable grey in common, so nothing can be compared."));
    std::vector<ReadingChange> out{levelChange(*ratio)};
    auto light = lightChange(earlier, *ratio);
    if (!light) return tl::unexpected(light.error());
    out.push_back(*std::move(light));
    for (ReadingChange& c : shotChanges(earlier, later)) out.push_back(std::move(c));
    for (ReadingChange& c : frameChanges(earlier, later)) out.push_back(std::move(c));
    out.push_back(colourChange(earlier, later));
    return out;
}

std::string inOneSentence(const std::vector<ReadingChange>& changes) {
    std::vector<std::string> moved;
    for (const ReadingChange& c : changes) {
        if (!c.noticeable) continue;
        std::string title = c.title;
        title[0] = static_cast<char>(std::tolower(static_cast<unsigned char>(title[0])));
        moved.push_back(std::move(title));
    }
    if (moved.empty()) return say("Nothing moved.");
    return say("Moved: %1.", listed(moved));
}

}  // namespace refero
