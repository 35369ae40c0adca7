// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/assess/defects.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <random>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr std::size_t kSamples = 3000, kMostPlaces = 8;

bool counts(const PatchReading& p) {
    return !p.leftOut && p.pixels > 0 && p.clipped <= 0.01;
}

std::vector<std::size_t> countedOf(const Reading& r) {
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < r.patches.size(); ++i)
        if (counts(r.patches[i])) out.push_back(i);
    return out;
}

// Half a cell of the grid, so that a straight piece is seen as it is.
double stepOf(const ForeignTransform& c) {
    return c.points > 1 ? 0.5 / (c.points - 1) : 1.0 / 64;
}

Matrix3 slopeAt(const FedTransform& fed, const Vector3& at, double step) {
    Matrix3 out;
    for (int c = 0; c < 3; ++c) {
        Vector3 up = at, down = at;
        up[c] += step;
        down[c] -= step;
        out.col(c) = (fed.transform().apply(up) - fed.transform().apply(down)) / (2 * step);
    }
    return out;
}

// Turned over, and not just level: where it clips or makes grey there is no volume left to be turned.
bool turnsOver(const Matrix3& slope) {
    constexpr double kLeastSlope = 0.05, kLeastVolume = 0.02;
    const Vector3 lengths(slope.col(0).norm(), slope.col(1).norm(), slope.col(2).norm());
    if (lengths.minCoeff() < kLeastSlope) return false;
    return slope.determinant() < -kLeastVolume * lengths.prod();
}

Lab labOf(const FedTransform& fed, const Vector3& at) {
    return toLab(fed.given(at), white::d50);
}

// The lightest grey of the shot, so that a ramp of greys is that of the camera.
std::optional<Vector3> whiteOf(const Reading& r) {
    for (const std::size_t i : r.neutrals())
        if (counts(r.patches[i])) return r.patches[i].rgb;
    return {};
}

struct Ramp {
    std::string along;
    Vector3 end;  ///< fed
};

// As far as what is fed goes.
Vector3 endOf(const FedTransform& fed, const Vector3& rgb, double stops) {
    const Vector3 end = fed.fed(rgb, stops);
    return end / std::max(1.0, end.maxCoeff());
}

std::vector<Ramp> rampsOf(const FedTransform& fed, double stops) {
    constexpr std::size_t kColours = 6;
    const Reading& r = fed.reading();
    std::vector<Ramp> out;
    if (const auto white = whiteOf(r)) out.push_back({"grey", endOf(fed, *white, stops)});
    std::vector<std::size_t> order = countedOf(r);
    const auto chroma = [&](std::size_t i) {
        return toLch(toLab(referenceXyzD50(r.chart.patches[i]), white::d50)).C;
    };
    std::sort(order.begin(), order.end(),
              [&](std::size_t a, std::size_t b) { return chroma(a) > chroma(b); });
    for (std::size_t k = 0; k < std::min(kColours, order.size()); ++k)
        out.push_back({r.patches[order[k]].id, endOf(fed, r.patches[order[k]].rgb, stops)});
    return out;
}

std::vector<Lab> along(const FedTransform& fed, const Ramp& ramp, std::size_t steps) {
    const Vector3 black = fed.fed(Vector3::Zero());
    std::vector<Lab> out;
    for (std::size_t i = 0; i < steps; ++i)
        out.push_back(labOf(
            fed, black + (ramp.end - black) * (static_cast<double>(i) / static_cast<double>(steps - 1))));
    return out;
}

// A jump among neighbours that hardly move.
void addJumps(const std::vector<Lab>& seen, const Ramp& ramp, std::vector<RampStep>& out) {
    constexpr double kSeen = 0.6, kStandsOut = 4;
    constexpr std::ptrdiff_t kAbout = 12;
    std::vector<double> moved;
    for (std::size_t i = 1; i < seen.size(); ++i) moved.push_back(ciede2000(seen[i - 1], seen[i]));
    std::vector<RampStep> found;
    const auto n = static_cast<std::ptrdiff_t>(moved.size());
    for (std::ptrdiff_t i = 0; i < n; ++i) {
        const auto at = static_cast<std::size_t>(i);
        if (moved[at] < kSeen) continue;
        std::vector<double> about;
        for (std::ptrdiff_t k = std::max<std::ptrdiff_t>(0, i - kAbout); k < std::min(n, i + kAbout + 1); ++k)
            if (k != i) about.push_back(moved[static_cast<std::size_t>(k)]);
        std::nth_element(about.begin(), about.begin() + static_cast<std::ptrdiff_t>(about.size() / 2),
                         about.end());
        if (moved[at] > kStandsOut * about[about.size() / 2] + 0.05)
            found.push_back({ramp.along, static_cast<double>(i) / static_cast<double>(n), moved[at]});
    }
    constexpr std::size_t kRepeated = 3;  // one jump is a corner, not a staircase
    if (found.size() >= kRepeated) out.insert(out.end(), found.begin(), found.end());
}

// Values at the grid's own points that go up and down about a smooth line: along its diagonal, where what is
// straight between the points does not come into it.
void addWaves(const FedTransform& fed, std::vector<RampStep>& out) {
    constexpr double kSeen = 1.0, kDarkest = 5, kLightest = 95;
    constexpr int kRepeated = 3;
    const int points = fed.transform().points;
    if (points < 8) return;
    std::vector<double> seen;
    for (int k = 0; k < points; ++k)
        seen.push_back(labOf(fed, Vector3::Constant(static_cast<double>(k) / (points - 1))).L);
    int pairs = 0;
    double before = 0;
    RampStep largest{say("the diagonal of its grid"), 0, 0};
    for (std::size_t k = 1; k + 1 < seen.size(); ++k) {
        const bool inside = seen[k - 1] > kDarkest && seen[k + 1] < kLightest;
        const double bend = inside ? seen[k + 1] - 2 * seen[k] + seen[k - 1] : 0;
        if (bend * before < 0 && std::min(std::abs(bend), std::abs(before)) > kSeen) {
            ++pairs;
            if (std::abs(bend) > largest.step)
                largest = {largest.along, static_cast<double>(k) / points, std::abs(bend)};
        }
        before = bend;
    }
    if (pairs >= kRepeated) out.push_back(largest);
}

}  // namespace

Reversals reversalsIn(const FedTransform& fed, double stops) {
    constexpr double kTold = 0.004, kDarker = 0.7;
    const Reading& r = fed.reading();
    const auto patches = countedOf(r);
    Reversals out;
    if (patches.empty()) return out;
    std::mt19937 engine(20);
    const auto uniform = [&] { return engine() / 4294967295.0; };
    const double step = stepOf(fed.transform());
    std::size_t turned = 0, seen = 0;
    std::vector<Reversal> places;
    for (std::size_t k = 0; k < kSamples; ++k) {
        double a = -std::log(uniform() + 1e-12), b = -std::log(uniform() + 1e-12),
               c = -std::log(uniform() + 1e-12);
        const double sum = a + b + c;
        const auto any = [&] { return r.patches[patches[engine() % patches.size()]].rgb; };
        const Vector3 rgb = (a * any() + b * any() + c * any()) / sum;
        Vector3 at = fed.fed(rgb, stops - 2 + 3 * uniform());
        if (at.maxCoeff() > 1) continue;  // past the end of what it is fed
        ++seen;
        at = at.cwiseMax(step).cwiseMin(1 - step);
        if (!turnsOver(slopeAt(fed, at, step))) continue;
        ++turned;
        if (places.size() < kMostPlaces) places.push_back({at, labOf(fed, at)});
    }
    out.share = static_cast<double>(turned) / static_cast<double>(std::max<std::size_t>(seen, 1));
    if (out.share > kTold) out.places = std::move(places);
    // Greys that fall.
    if (const auto white = whiteOf(r)) {
        const Ramp ramp{"grey", endOf(fed, *white, stops)};
        const std::vector<Lab> greys = along(fed, ramp, 257);
        double highest = greys.front().L, fall = 0;
        std::size_t where = 0;
        for (std::size_t i = 0; i < greys.size(); ++i) {
            highest = std::max(highest, greys[i].L);
            if (highest - greys[i].L > fall) {
                fall = highest - greys[i].L;
                where = i;
            }
        }
        if (fall > kDarker)
            out.places.insert(out.places.begin(),
                              {ramp.end * (static_cast<double>(where) / 256), greys[where]});
    }
    return out;
}

std::vector<RampStep> bandsIn(const FedTransform& fed, double stops) {
    std::vector<RampStep> out;
    for (const Ramp& ramp : rampsOf(fed, stops)) addJumps(along(fed, ramp, 1024), ramp, out);
    addWaves(fed, out);
    std::sort(out.begin(), out.end(), [](const RampStep& a, const RampStep& b) { return a.step > b.step; });
    if (out.size() > kMostPlaces) out.resize(kMostPlaces);
    return out;
}

std::vector<Merge> mergesIn(const FedTransform& fed, double stops, const Correction* own) {
    constexpr double kNear = 3, kFar = 30, kTold = 1, kShare = 0.3, kOwn = 0.6;
    const Reading& r = fed.reading();
    auto patches = countedOf(r);
    // Past the end of what is fed, clipping merges whatever the transform does.
    std::erase_if(patches, [&](std::size_t i) { return fed.fed(r.patches[i].rgb, stops).maxCoeff() > 1; });
    std::vector<Merge> out;
    for (std::size_t a = 0; a < patches.size(); ++a)
        for (std::size_t b = a + 1; b < patches.size(); ++b) {
            const std::size_t i = patches[a], k = patches[b];
            const double should = ciede2000(toLab(referenceXyzD50(r.chart.patches[i]), white::d50),
                                            toLab(referenceXyzD50(r.chart.patches[k]), white::d50));
            if (should < kNear || should > kFar) continue;
            const double is = ciede2000(fed.lab(r.patches[i].rgb, stops), fed.lab(r.patches[k].rgb, stops));
            if (is >= kTold && is >= kShare * should) continue;
            // What the camera itself does not tell apart is not the transform's doing.
            if (own && ciede2000(own->toLab(r.patches[i].rgb), own->toLab(r.patches[k].rgb)) < kOwn * should)
                continue;
            out.push_back({r.patches[i].id, r.patches[k].id, should, is});
        }
    std::sort(out.begin(), out.end(),
              [](const Merge& a, const Merge& b) { return a.seen / a.reference < b.seen / b.reference; });
    return out;
}

}  // namespace refero
