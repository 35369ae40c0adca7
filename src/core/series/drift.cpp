// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/series/drift.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/numeric/normal_draws.h"
#include "core/read/balance.h"
#include "core/read/treatment.h"

namespace refero {
namespace {

double turnBetween(const Lab& from, const Lab& to) {
    return std::remainder(toLch(to).h - toLch(from).h, 360.0);
}

// About the figure itself: noise drawn on top of noise only ever adds to a difference.
Interval middle95(std::vector<double> v, double figure, bool above0) {
    if (v.empty()) return {figure, figure};
    double mean = 0;
    for (const double x : v) mean += x / static_cast<double>(v.size());
    std::sort(v.begin(), v.end());
    const auto at = [&](double q) {
        return v[static_cast<std::size_t>(q * static_cast<double>(v.size() - 1))];
    };
    const double low = figure + at(0.025) - mean;
    return {above0 ? std::max(0.0, low) : low, figure + at(0.975) - mean};
}

using Groups = std::array<std::vector<std::size_t>, kColourGroups>;

// Sums over one set of colours, so that the figures and their draws come from one place.
struct Moves {
    double mean = 0;
    std::array<GroupDrift, kColourGroups> groups;
};

Moves movesOf(const std::vector<Lab>& base, const std::vector<Lab>& shot, const std::vector<std::size_t>& all,
              const Groups& groups) {
    Moves out;
    for (const std::size_t i : all) out.mean += ciede2000(base[i], shot[i]) / static_cast<double>(all.size());
    for (std::size_t g = 0; g < groups.size(); ++g) {
        GroupDrift& d = out.groups[g];
        d.group = g;
        d.patches = groups[g].size();
        const auto n = static_cast<double>(d.patches);
        double chroma = 0, chromaBefore = 0;
        for (const std::size_t i : groups[g]) {
            d.difference += ciede2000(base[i], shot[i]) / n;
            d.lightness += (shot[i].L - base[i].L) / n;
            d.redder += (shot[i].a - base[i].a) / n;
            d.yellower += (shot[i].b - base[i].b) / n;
            if (g == kNeutralGroup) continue;
            d.turnDegrees += turnBetween(base[i], shot[i]) / n;
            chroma += toLch(shot[i]).C;
            chromaBefore += toLch(base[i]).C;
        }
        if (chromaBefore > 0) d.chroma = chroma / chromaBefore;
    }
    return out;
}

std::vector<Lab> drawnAnew(const LevelledChart& c, const std::vector<std::size_t>& all,
                           numeric::NormalDraws& normal) {
    std::vector<Lab> out(c.seen.size());
    for (const std::size_t i : all) {
        const PatchReading& p = c.reading->patches[i];
        out[i] = c.correction.toLab(p.rgb + p.standardError().cwiseProduct(normal.three()));
    }
    return out;
}

}  // namespace

const GroupDrift* Drift::group(std::size_t which) const {
    const auto at =
        std::find_if(groups.begin(), groups.end(), [&](const GroupDrift& g) { return g.group == which; });
    return at == groups.end() ? nullptr : &*at;
}

double Drift::judged() const {
    double out = mean;
    for (const std::size_t g : {kNeutralGroup, kSkinGroup})
        if (const GroupDrift* d = group(g)) out = std::max(out, d->difference);
    return out;
}

LevelledChart levelled(const Reading& shot, const Reading& base, const Correction& correction, double stops) {
    LevelledChart out{&shot, correction, {}, {}};
    const bool told = !usableNeutrals(shot).empty() && !usableNeutrals(base).empty();
    out.correction.level *= told ? neutralLevel(shot, correction.gains) / neutralLevel(base, correction.gains)
                                 : std::exp2(-stops);
    out.counted.assign(shot.patches.size(), true);
    for (std::size_t i = 0; i < shot.patches.size(); ++i)
        out.counted[i] = !shot.patches[i].leftOut && shot.patches[i].pixels > 0;
    for (const std::size_t i : coveredPatches(shot)) out.counted[i] = false;
    for (const PatchReading& p : shot.patches) out.seen.push_back(out.correction.toLab(p.rgb));
    return out;
}

Drift driftBetween(const LevelledChart& base, const LevelledChart& shot, std::size_t draws) {
    const Chart& chart = base.reading->chart;
    std::vector<std::size_t> all;
    Groups groups;
    for (std::size_t i = 0; i < chart.patches.size(); ++i) {
        if (!base.counted[i] || !shot.counted[i]) continue;
        all.push_back(i);
        const Lab reference = toLab(referenceXyzD50(chart.patches[i]), white::d50);
        if (const auto g = colourGroup(chart.patches[i].role, reference)) groups[*g].push_back(i);
    }
    Drift out;
    if (all.empty()) return out;
    const Moves moves = movesOf(base.seen, shot.seen, all, groups);
    out.mean = moves.mean;
    numeric::NormalDraws normal(1);
    std::vector<double> means;
    std::array<std::vector<double>, kColourGroups> differences, turns;
    for (std::size_t k = 0; k < draws; ++k) {
        const Moves m = movesOf(drawnAnew(base, all, normal), drawnAnew(shot, all, normal), all, groups);
        means.push_back(m.mean);
        for (std::size_t g = 0; g < kColourGroups; ++g) {
            differences[g].push_back(m.groups[g].difference);
            turns[g].push_back(m.groups[g].turnDegrees);
        }
    }
    out.meanIn = middle95(means, out.mean, true);
    for (std::size_t g = 0; g < kColourGroups; ++g) {
        if (groups[g].empty()) continue;
        out.groups.push_back(moves.groups[g]);
        out.groups.back().differenceIn = middle95(differences[g], moves.groups[g].difference, true);
        out.groups.back().turnIn = middle95(turns[g], moves.groups[g].turnDegrees, false);
    }
    return out;
}

}  // namespace refero
