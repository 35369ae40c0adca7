// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/nearness.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <span>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/colour/shown_picture.h"
#include "core/numeric/normal_draws.h"
#include "core/pair/colour_group.h"
#include "core/read/balance.h"
#include "core/say/say.h"

namespace refero {
namespace {

bool usable(const PatchReading& p) {
    return !p.leftOut && p.clipped <= 0.01 && p.pixels > 0;
}

Lab referenceOf(const Patch& patch) {
    return toLab(referenceXyzD50(patch), white::d50);
}

Vector3 drawn(const PatchReading& p, numeric::NormalDraws& normal) {
    return p.rgb + p.standardError().cwiseProduct(normal.three());
}

// What is drawn anew: the chart's tolerance once for both, the noise of each.
double drawnDifference(const SeenChart& first, const SeenChart& second, std::span<const std::size_t> patches,
                       double tolerance, numeric::NormalDraws& normal) {
    double sum = 0;
    for (const std::size_t i : patches) {
        Lab reference = referenceOf(first.reading.chart.patches[i]);
        // Near a colour CIEDE2000 is about CIELAB's distance over what its weights take off.
        const Vector3 step = tolerance / std::sqrt(3.0) * (1 + 0.02 * toLch(reference).C) * normal.three();
        reference.L += step.x();
        reference.a += step.y();
        reference.b += step.z();
        sum += ciede2000(reference, first.lab(drawn(first.reading.patches[i], normal))) -
               ciede2000(reference, second.lab(drawn(second.reading.patches[i], normal)));
    }
    return sum / static_cast<double>(patches.size());
}

GroupNearness nearnessOf(std::size_t group, const SeenChart& first, const SeenChart& second,
                         std::span<const std::size_t> patches, const NearnessOptions& options,
                         numeric::NormalDraws& normal) {
    const auto n = static_cast<double>(patches.size());
    GroupNearness g{std::string(colourGroupId(group)), patches.size(), 0, 0, {}, Nearer::notTold};
    for (const std::size_t i : patches) {
        const Lab reference = referenceOf(first.reading.chart.patches[i]);
        g.first += ciede2000(reference, first.lab(first.reading.patches[i].rgb)) / n;
        g.second += ciede2000(reference, second.lab(second.reading.patches[i].rgb)) / n;
    }
    std::vector<double> differences;
    for (std::size_t k = 0; k < options.draws; ++k)
        differences.push_back(drawnDifference(first, second, patches, options.chartTolerance, normal));
    std::sort(differences.begin(), differences.end());
    const auto quantile = [&](double q) {
        return differences[static_cast<std::size_t>(q * static_cast<double>(differences.size() - 1))];
    };
    g.difference = {quantile(0.025), quantile(0.975)};
    if (g.difference.high < 0) g.nearer = Nearer::first;
    if (g.difference.low > 0) g.nearer = Nearer::second;
    return g;
}

}  // namespace

SeenChart asShown(const Reading& reading) {
    if (const auto picture = shownPicture(reading.encoding))
        return {reading, [p = *picture](const Vector3& rgb) { return toLab(p.xyzD50(rgb), white::d50); }};
    const Vector3 gains = neutralGains(reading).value_or(Vector3::Ones());
    const double level = usableNeutrals(reading).empty() ? 1 : neutralLevel(reading, gains);
    const Matrix3 toXyz = rgbToXyzD50(primaries::bt709) * (gains * level).asDiagonal();
    return {reading, [toXyz](const Vector3& rgb) { return toLab(Xyz::from(toXyz * rgb), white::d50); }};
}

SeenChart asShownLevelled(const Reading& reading) {
    SeenChart shown = asShown(reading);
    double sum = 0, weights = 0;
    for (const std::size_t i : usableNeutrals(reading)) {
        const double should = referenceXyzD50(reading.chart.patches[i]).y;
        sum +=
            std::sqrt(should) * std::log(should / std::max(toXyz(shown.lab(reading.patches[i].rgb)).y, 1e-6));
        weights += std::sqrt(should);
    }
    if (!(weights > 0)) return shown;
    return {reading, [lab = shown.lab, level = std::exp(sum / weights)](const Vector3& rgb) {
                return toLab(Xyz::from(level * toXyz(lab(rgb)).vector()), white::d50);
            }};
}

SeenChart seenThrough(const Reading& reading, const ColourTransform& correction) {
    return {reading, [correction](const Vector3& rgb) { return correction.toLab(rgb); }};
}

Result<std::vector<GroupNearness>> nearness(const SeenChart& first, const SeenChart& second,
                                            const NearnessOptions& options) {
    const Chart& chart = first.reading.chart;
    if (chart.id != second.reading.chart.id || first.reading.patches.size() != second.reading.patches.size())
        return failure(
            say("The two shots are of two charts, %1 and %2; who is nearer to the truth is told on one chart "
                "only.",
                chart.name, second.reading.chart.name));
    if (options.draws == 0) return failure(say("An interval needs at least one draw."));
    std::array<std::vector<std::size_t>, kColourGroups> groups;
    for (std::size_t i = 0; i < chart.patches.size(); ++i) {
        if (!usable(first.reading.patches[i]) || !usable(second.reading.patches[i])) continue;
        if (const auto group = colourGroup(chart.patches[i].role, referenceOf(chart.patches[i])))
            groups[*group].push_back(i);
    }
    numeric::NormalDraws normal(options.seed);
    std::vector<GroupNearness> out;
    for (std::size_t g = 0; g < groups.size(); ++g)
        if (!groups[g].empty()) out.push_back(nearnessOf(g, first, second, groups[g], options, normal));
    if (out.empty())
        return failure(
            say("No patch can be used in both shots, so nothing can be compared. Shoot the chart again."));
    return out;
}

std::vector<MergedPair> mergedPairs(const SeenChart& seen) {
    constexpr double kNear = 2, kFar = 20, kTold = 1, kHalf = 0.5;
    std::vector<MergedPair> out;
    const Reading& r = seen.reading;
    std::vector<Lab> reference, shown;
    for (std::size_t i = 0; i < r.patches.size(); ++i) {
        reference.push_back(referenceOf(r.chart.patches[i]));
        shown.push_back(seen.lab(r.patches[i].rgb));
    }
    for (std::size_t i = 0; i < r.patches.size(); ++i)
        for (std::size_t k = i + 1; k < r.patches.size(); ++k) {
            if (!usable(r.patches[i]) || !usable(r.patches[k])) continue;
            const double should = ciede2000(reference[i], reference[k]);
            if (should < kNear || should > kFar) continue;
            const double is = ciede2000(shown[i], shown[k]);
            if (is < kTold || is < kHalf * should)
                out.push_back({r.patches[i].id, r.patches[k].id, should, is});
        }
    std::sort(out.begin(), out.end(), [](const MergedPair& a, const MergedPair& b) {
        return a.seen / a.reference < b.seen / b.reference;
    });
    return out;
}

std::vector<MergedPair> brokenSteps(const SeenChart& seen) {
    constexpr double kHalf = 0.5, kCopies = 3;
    std::vector<MergedPair> out;
    const Reading& r = seen.reading;
    std::vector<std::size_t> greys;
    for (const std::size_t i : r.neutrals())
        if (usable(r.patches[i])) greys.push_back(i);
    for (std::size_t k = 1; k < greys.size(); ++k) {
        const std::size_t i = greys[k - 1], j = greys[k];
        const double should = referenceOf(r.chart.patches[i]).L - referenceOf(r.chart.patches[j]).L;
        const double is = seen.lab(r.patches[i].rgb).L - seen.lab(r.patches[j].rgb).L;
        if (should > kCopies && is < kHalf * should)
            out.push_back({r.patches[i].id, r.patches[j].id, should, is});
    }
    return out;
}

}  // namespace refero
