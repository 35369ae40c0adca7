// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/nearness.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/colour/shown_picture.h"
#include "core/grade/recipe.h"
#include "core/numeric/normal_draws.h"
#include "core/read/balance.h"

namespace refero {
namespace {

constexpr double kColoured = 8;  // C*ab from which a colour has a hue to speak of

bool usable(const PatchReading& p) {
    return !p.leftOut && p.clipped <= 0.01 && p.pixels > 0;
}

Lab referenceOf(const Patch& patch) {
    return toLab(referenceXyzD50(patch), white::d50);
}

std::string groupOf(const Patch& patch) {
    if (patch.role == Role::neutral) return "neutral";
    if (patch.role == Role::skin) return "skin";
    const Lch c = toLch(referenceOf(patch));
    if (c.C <= kColoured) return {};
    std::size_t sector = 0;
    for (std::size_t k = 1; k < kRecipeSectors.size(); ++k)
        if (sectorShare(c.h, k) > sectorShare(c.h, sector)) sector = k;
    return std::string(kRecipeSectors[sector].letters);
}

Vector3 drawn(const PatchReading& p, numeric::NormalDraws& normal) {
    return p.rgb + p.standardError().cwiseProduct(normal.three());
}

std::vector<std::string> groupsInOrder() {
    std::vector<std::string> out{"neutral", "skin"};
    for (const HueSector& s : kRecipeSectors) out.emplace_back(s.letters);
    return out;
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

SeenChart seenThrough(const Reading& reading, const Correction& correction) {
    return {reading, [correction](const Vector3& rgb) { return correction.toLab(rgb); }};
}

Result<std::vector<GroupNearness>> nearness(const SeenChart& first, const SeenChart& second,
                                            const NearnessOptions& options) {
    const Chart& chart = first.reading.chart;
    if (chart.id != second.reading.chart.id || first.reading.patches.size() != second.reading.patches.size())
        return failure("The two shots are of two charts, " + chart.name + " and " +
                       second.reading.chart.name + "; who is nearer to the truth is told on one chart only.");
    std::map<std::string, std::vector<std::size_t>> groups;
    for (std::size_t i = 0; i < chart.patches.size(); ++i)
        if (usable(first.reading.patches[i]) && usable(second.reading.patches[i]))
            if (const std::string group = groupOf(chart.patches[i]); !group.empty())
                groups[group].push_back(i);
    if (groups.empty())
        return failure(
            "No patch can be used in both shots, so nothing can be compared. Shoot the chart again.");
    numeric::NormalDraws normal(options.seed);
    std::vector<GroupNearness> out;
    for (const std::string& name : groupsInOrder()) {
        const auto at = groups.find(name);
        if (at == groups.end()) continue;
        const auto n = static_cast<double>(at->second.size());
        GroupNearness g{name, at->second.size(), 0, 0, {}, Nearer::notTold};
        for (const std::size_t i : at->second) {
            const Lab reference = referenceOf(chart.patches[i]);
            g.first += ciede2000(reference, first.lab(first.reading.patches[i].rgb)) / n;
            g.second += ciede2000(reference, second.lab(second.reading.patches[i].rgb)) / n;
        }
        std::vector<double> differences;
        for (std::size_t k = 0; k < options.draws; ++k) {
            double sum = 0;
            for (const std::size_t i : at->second) {
                Lab reference = referenceOf(chart.patches[i]);
                // Near a colour CIEDE2000 is about CIELAB's distance over what its weights take off.
                const double scale =
                    options.chartTolerance / std::sqrt(3.0) * (1 + 0.02 * toLch(reference).C);
                const Vector3 step = scale * normal.three();
                reference.L += step.x();
                reference.a += step.y();
                reference.b += step.z();
                sum += ciede2000(reference, first.lab(drawn(first.reading.patches[i], normal))) -
                       ciede2000(reference, second.lab(drawn(second.reading.patches[i], normal)));
            }
            differences.push_back(sum / n);
        }
        std::sort(differences.begin(), differences.end());
        const auto quantile = [&](double q) {
            return differences[static_cast<std::size_t>(q * static_cast<double>(differences.size() - 1))];
        };
        g.difference = {quantile(0.025), quantile(0.975)};
        if (g.difference.high < 0) g.nearer = Nearer::first;
        if (g.difference.low > 0) g.nearer = Nearer::second;
        out.push_back(std::move(g));
    }
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
