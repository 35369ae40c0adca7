// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/assess/assessment.h"

#include <algorithm>
#include <cmath>

#include "core/assess/defects.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/log_curve.h"
#include "core/read/balance.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr double kNearlyBlack = 0.03;  // Y

Lab referenceOf(const Patch& p) {
    return toLab(referenceXyzD50(p), white::d50);
}

bool counts(const PatchReading& p) {
    return !p.leftOut && p.pixels > 0 && p.clipped <= 0.01;
}

double chromaNoiseAt(const FedTransform& fed, const PatchReading& p, double stops) {
    Eigen::Matrix<double, 2, 3> slope;
    for (int c = 0; c < 3; ++c) {
        const double step = std::max(1e-5, 0.02 * std::abs(p.rgb[c]));
        Vector3 up = p.rgb, down = p.rgb;
        up[c] += step;
        down[c] -= step;
        const Lab a = fed.lab(up, stops), b = fed.lab(down, stops);
        slope(0, c) = (a.a - b.a) / (2 * step);
        slope(1, c) = (a.b - b.b) / (2 * step);
    }
    return std::sqrt(std::max(0.0, (slope * p.covariance * slope.transpose()).trace()));
}

// Ends where the picture's numbers do, though the reference's would not.
bool isCut(const FedTransform& fed, const Patch& patch, const Vector3& rgb, double stops) {
    constexpr double kEnd = 0.002, kInside = 0.02;
    const OutputSpace space = fed.terms().space;
    if (info(space).unbounded) return false;
    const Vector3 given = fed.transform().apply(fed.fed(rgb, stops));
    const Vector3 wanted = encoded(space, xyzD50ToLinear(space) * referenceXyzD50(patch).vector());
    for (int c = 0; c < 3; ++c) {
        if (given[c] <= kEnd && wanted[c] > kInside) return true;
        if (given[c] >= 1 - kEnd && wanted[c] < 1 - kInside) return true;
    }
    return false;
}

// What is fed ends at 1, but for curves that are meant to go on.
bool isBeyond(const FedTransform& fed, const Vector3& rgb, double stops) {
    constexpr double kEnd = 1.0005;
    return fed.fed(rgb, stops).maxCoeff() > kEnd && fed.fed(rgb).maxCoeff() <= kEnd;
}

AssessedPatch patchOf(const FedTransform& fed, std::size_t i, double stops) {
    const Reading& r = fed.reading();
    const PatchReading& p = r.patches[i];
    AssessedPatch out;
    out.id = p.id;
    out.role = r.chart.patches[i].role;
    out.reference = referenceOf(r.chart.patches[i]);
    out.seen = fed.lab(p.rgb);
    out.levelled = fed.lab(p.rgb, stops);
    out.difference = ciede2000(out.reference, out.seen);
    out.differenceLevelled = ciede2000(out.reference, out.levelled);
    out.counted = counts(p);
    out.beyond = isBeyond(fed, p.rgb, stops);
    out.cut = out.counted && !out.beyond && isCut(fed, r.chart.patches[i], p.rgb, stops);
    out.chromaNoise = chromaNoiseAt(fed, p, stops);
    return out;
}

AssessedGrey greyOf(const AssessedPatch& p) {
    AssessedGrey out;
    out.level = p.reference.L;
    out.shown = p.levelled.L;
    out.redder = p.levelled.a - p.reference.a;
    out.yellower = p.levelled.b - p.reference.b;
    Lab plain = p.levelled;
    plain.a = p.reference.a;
    plain.b = p.reference.b;
    out.difference = ciede2000(plain, p.levelled);
    return out;
}

std::vector<AssessedHue> huesOf(const std::vector<AssessedPatch>& patches) {
    std::vector<AssessedHue> out;
    for (std::size_t g = kSkinGroup; g < kColourGroups; ++g) {
        AssessedHue hue;
        hue.group = g;
        double chroma = 0, wanted = 0;
        for (const AssessedPatch& p : patches) {
            if (!p.counted || p.beyond || colourGroup(p.role, p.reference) != g) continue;
            ++hue.patches;
            hue.difference += p.differenceLevelled;
            hue.turnDegrees += std::remainder(toLch(p.levelled).h - toLch(p.reference).h, 360.0);
            chroma += toLch(p.levelled).C;
            wanted += toLch(p.reference).C;
        }
        if (hue.patches == 0) continue;
        hue.difference /= static_cast<double>(hue.patches);
        hue.turnDegrees /= static_cast<double>(hue.patches);
        if (wanted > 0) hue.chroma = chroma / wanted;
        out.push_back(hue);
    }
    return out;
}

// Greys of the camera at every exposure, from six stops below mid-grey to six above.
std::vector<ContrastPoint> contrastOf(const FedTransform& fed, double stops) {
    constexpr double kReach = 6, kStep = 0.25;
    const Vector3 white = whiteSeen(fed.reading());
    std::vector<ContrastPoint> out;
    if (!(white.minCoeff() > 0)) return out;
    for (double s = -kReach; s <= kReach + 1e-9; s += kStep)
        out.push_back({s, fed.lab(white * kMidGrey * std::exp2(s), stops).L});
    return out;
}

double greyCast(const FedTransform& fed, double stops, double mired) {
    const Reading& r = fed.reading();
    double sum = 0;
    for (const std::size_t i : r.neutrals()) {
        if (!counts(r.patches[i])) continue;
        const Lab reference = referenceOf(r.chart.patches[i]), seen = fed.lab(r.patches[i].rgb, stops, mired);
        if (seen.L < 5 || seen.L > 98) continue;
        sum += std::hypot(seen.a - reference.a, seen.b - reference.b);
    }
    return sum;
}

double expectedMired(const FedTransform& fed, double stops) {
    constexpr double kMost = 150;
    double best = 0, least = greyCast(fed, stops, 0);
    for (double m = -kMost; m <= kMost; m += 10)
        if (const double cast = greyCast(fed, stops, m); cast < least) {
            least = cast;
            best = m;
        }
    for (double step = 5; step > 0.2; step /= 2)
        for (const double m : {best - step, best + step})
            if (const double cast = greyCast(fed, stops, m); cast < least) {
                least = cast;
                best = m;
            }
    return best;
}

// Mean move of colours once the mean lightness of the greys is brought back.
double moved(const FedTransform& fed, double stops, double change, double mired) {
    const Reading& r = fed.reading();
    double before = 0, after = 0;
    for (const std::size_t i : r.neutrals())
        if (counts(r.patches[i])) {
            before += fed.xyz(r.patches[i].rgb, stops).y;
            after += fed.xyz(r.patches[i].rgb, stops + change, mired).y;
        }
    const double level = after > 0 ? before / after : 1;
    double sum = 0, n = 0;
    for (const PatchReading& p : r.patches) {
        if (!counts(p)) continue;
        const Xyz changed = Xyz::from(level * fed.xyz(p.rgb, stops + change, mired).vector());
        sum += ciede2000(fed.lab(p.rgb, stops), toLab(changed, white::d50));
        ++n;
    }
    return n > 0 ? sum / n : 0;
}

void addReading(Assessment& out, const FedTransform& fed, double share) {
    const ExpectedExposure expected = expectedExposure(fed);
    std::vector<AssessedPatch> patches;
    for (std::size_t i = 0; i < fed.reading().patches.size(); ++i)
        patches.push_back(patchOf(fed, i, expected.stops));
    double mean = 0, levelled = 0, n = 0, within = 0, noise = 0, seen = 0;
    for (const AssessedPatch& p : patches) {
        if (!p.counted) continue;
        ++n;
        mean += p.difference;
        if (!p.beyond) {
            levelled += p.differenceLevelled;
            ++within;
        }
        if (toXyz(p.reference).y < kNearlyBlack) continue;
        noise += p.chromaNoise * p.chromaNoise;
        ++seen;
    }
    out.mean += share * mean / n;
    out.meanLevelled += share * (within > 0 ? levelled / within : mean / n);
    out.chromaNoise += share * (seen > 0 ? std::sqrt(noise / seen) : 0);
    out.expectsStops += share * expected.stops;
    out.expectsMired += share * expectedMired(fed, expected.stops);
    out.halfStopUnder += share * moved(fed, expected.stops, -0.5, 0);
    out.halfStopOver += share * moved(fed, expected.stops, 0.5, 0);
    out.warmer20 += share * moved(fed, expected.stops, 0, 20);
    if (out.patches.empty()) {
        out.patches = std::move(patches);
        for (AssessedPatch& p : out.patches) p.difference *= share, p.differenceLevelled *= share;
        return;
    }
    for (std::size_t i = 0; i < patches.size(); ++i) {
        out.patches[i].difference += share * patches[i].difference;
        out.patches[i].differenceLevelled += share * patches[i].differenceLevelled;
        out.patches[i].cut = out.patches[i].cut || patches[i].cut;
    }
}

}  // namespace

Result<Assessment> assessed(const ForeignTransform& transform, std::span<const Reading> readings,
                            const TransformTerms& terms, const Correction* own, const std::stop_token& stop) {
    if (readings.empty()) return failure(say("An assessment needs a reading."));
    for (const Reading& r : readings) {
        if (r.chart.id != readings.front().chart.id || r.patches.size() != readings.front().patches.size())
            return failure(say("%1 shows %2, %3 shows %4. Assess on one chart at a time.", r.framePath,
                               r.chart.name, readings.front().framePath, readings.front().chart.name));
        if (std::none_of(r.patches.begin(), r.patches.end(), counts))
            return failure(say("No patch of %1 can be used: all are clipped or left out.", r.framePath));
    }
    Assessment out;
    out.name = transform.name;
    out.kind = transform.kind;
    out.terms = terms;
    out.remarks = transform.remarks;
    out.readings = readings.size();
    for (const Reading& r : readings) {
        if (stop.stop_requested()) return stoppedEarly();
        addReading(out, FedTransform(transform, terms, r), 1 / static_cast<double>(readings.size()));
    }
    const FedTransform first(transform, terms, readings.front());
    for (const std::size_t i : readings.front().neutrals())
        if (out.patches[i].counted && !out.patches[i].beyond) out.greys.push_back(greyOf(out.patches[i]));
    out.hues = huesOf(out.patches);
    for (const AssessedPatch& p : out.patches)
        if (p.cut) out.cut.push_back(p.id);
    const double stops = expectedExposure(first).stops;
    out.contrast = contrastOf(first, stops);
    if (stop.stop_requested()) return stoppedEarly();
    Reversals reversals = reversalsIn(first, stops);
    out.reversedShare = reversals.share;
    out.reversals = std::move(reversals.places);
    out.bands = bandsIn(first, stops);
    out.merges = mergesIn(first, stops, own);
    return out;
}

Result<Reading> pictureThrough(const ForeignTransform& transform, const TransformTerms& terms,
                               const Reading& reading) {
    const auto encoding = [&]() -> std::optional<Encoding> {
        switch (terms.space) {
            case OutputSpace::srgb:
                return Encoding::srgb;
            case OutputSpace::bt1886:
            case OutputSpace::rec709:
                return Encoding::bt1886;
            default:
                return {};
        }
    }();
    if (!encoding)
        return failure(
            say("What %1 gives is %2. To be another camera's aim it must be a picture for sRGB or BT.1886.",
                transform.name, info(terms.space).label));
    const FedTransform fed(transform, terms, reading);
    Reading out = reading;
    out.encoding = *encoding;
    for (PatchReading& p : out.patches) {
        const Vector3 at = fed.fed(p.rgb);
        Matrix3 slope;
        for (int c = 0; c < 3; ++c) {
            const double step = std::max(1e-5, 0.02 * std::abs(p.rgb[c]));
            Vector3 up = p.rgb, down = p.rgb;
            up[c] += step;
            down[c] -= step;
            const auto light = [&](const Vector3& rgb) -> Vector3 {
                Vector3 v = transform.apply(fed.fed(rgb));
                for (int k = 0; k < 3; ++k) v[k] = decode(*encoding, v[k]);
                return v;
            };
            slope.col(c) = (light(up) - light(down)) / (2 * step);
        }
        const Vector3 given = transform.apply(at);
        for (int c = 0; c < 3; ++c) {
            p.rgb[c] = decode(*encoding, given[c]);
            p.clippedChannels[c] = given[c] >= 1 ? 1 : 0;
        }
        p.clipped = p.clippedChannels.maxCoeff();
        p.covariance = slope * p.covariance * slope.transpose();
        p.deviation = p.covariance.diagonal().cwiseMax(0).cwiseSqrt();
        p.treatmentError = (slope.cwiseAbs() * p.treatmentError).cwiseAbs();
    }
    out.light.reset();
    out.checks.clear();
    return out;
}

}  // namespace refero
