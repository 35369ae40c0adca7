// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/samples.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <memory>

#include "core/colour/lab.h"
#include "core/colour/shown_picture.h"
#include "core/fit/matrix.h"
#include "core/read/average.h"
#include "core/read/balance.h"
#include "core/say/say.h"
#include "core/spectra/illuminant.h"

namespace refero {
namespace {

constexpr double kLeastWeight = 0.01, kMostWeight = 100;

// Readings that contradict each other are of two setups, or one of them is spoilt.
Status ofOneSetup(std::span<const Reading> readings) {
    // A balance that differs by more is another light; daylight drifts by less between two careful shots.
    constexpr double kOtherLight = 0.06;
    const Reading& first = readings.front();
    const auto gains = neutralGains(first);
    for (const Reading& r : readings.subspan(1)) {
        if (!r.body.empty() && !first.body.empty() && r.body != first.body)
            return failure(
                say("The readings are of two cameras, %1 and %2; each needs a correction of its own.",
                    first.body, r.body));
        if (!r.serial.empty() && !first.serial.empty() && r.serial != first.serial)
            return failure(
                say("The readings are of two bodies of one model, number %1 and %2; each needs a correction "
                    "of its own.",
                    first.serial, r.serial));
        const auto other = neutralGains(r);
        if (!gains || !other) continue;  // said elsewhere
        const double apart = std::exp((other->array() / gains->array()).log().abs().maxCoeff()) - 1;
        if (!(apart < kOtherLight))
            return failure(
                say("The greys of %1 differ from those of %2 by %3 % in colour: that is another light. Build "
                    "a correction for each.",
                    r.framePath, first.framePath, std::to_string(std::lround(100 * apart))));
    }
    return {};
}

// Readings of one setup made one: each brought to the first one's level, then averaged by certainty.
Result<Reading> merged(std::span<const Reading> readings) {
    if (readings.empty()) return failure(say("A correction needs at least one reading."));
    Reading out = readings.front();
    for (const Reading& r : readings) {
        if (!r.found || r.patches.size() != r.chart.patches.size())
            return failure(say("The reading of %1 holds no chart; read the frame again.", r.framePath));
        if (r.chart.id != out.chart.id)
            return failure(say("The readings are of two charts, %1 and %2. Give readings of one chart.",
                               out.chart.id, r.chart.id));
        if (r.encoding != out.encoding)
            return failure(say("The readings are of two encodings, %1 and %2; they cannot be of one setup.",
                               name(out.encoding), name(r.encoding)));
    }
    if (readings.size() == 1) return out;
    if (const auto same = ofOneSetup(readings); !same) return tl::unexpected(same.error());
    // Each patch of those in which it is whole; the level by the patches that are whole in both.
    return averaged({readings.begin(), readings.end()});
}

double weightOf(const Patch& patch, const PreparationOptions& options) {
    // What fluoresces looks otherwise in each light.
    constexpr double kFluorescent = 0.25;
    const auto own = options.weights.find(patch.id);
    const double weight =
        (own == options.weights.end() ? 1 : own->second) * (patch.fluorescent() ? kFluorescent : 1);
    for (const KnownColour& c : options.known)
        if (c.name == patch.id) return c.weight * weight;
    if (options.intent == Intent::neutrals && patch.role == Role::neutral) return 4 * weight;
    if (options.intent == Intent::skin && patch.role == Role::skin) return 4 * weight;
    return weight;
}

Status known(const std::map<std::string, double>& weights, const Chart& chart) {
    for (const auto& [id, weight] : weights) {
        if (!chart.patch(id)) return failure(say("There is no patch %1 on %2.", id, chart.name));
        if (!(weight >= kLeastWeight && weight <= kMostWeight))
            return failure(
                say("Patch %1 can count from %2 to %3 times, not %4. To count it nowhere, leave it out of "
                    "the reading.",
                    id, std::to_string(kLeastWeight).substr(0, 4),
                    std::to_string(static_cast<int>(kMostWeight)), std::to_string(weight)));
    }
    return {};
}

Result<std::vector<Xyz>> referencesOf(const Chart& chart, const std::string& lightName) {
    const auto light = illuminantByName(lightName);
    if (!light) return tl::unexpected(light.error());
    const bool d50 = lightName == "d50";
    std::vector<Xyz> out;
    for (const Patch& p : chart.patches) {
        if (!d50 && !p.reflectance)
            return failure(
                say("Patch %1 of %2 has no reflectance, so its colour under %3 is not known. Use d50.", p.id,
                    chart.name, lightName));
        out.push_back(d50 ? referenceXyzD50(p) : referenceXyzD50(p, *light));
    }
    return out;
}

// The aim's colours; patches that it does not have are left out. A grey is balanced to what it is there.
Result<std::vector<Xyz>> towardsAim(Reading& reading, const PreparationOptions& options) {
    const Aim& aim = *options.aim;
    std::vector<Xyz> out;
    for (std::size_t i = 0; i < reading.patches.size(); ++i) {
        Patch& patch = reading.chart.patches[i];
        const bool marked = std::any_of(options.known.begin(), options.known.end(),
                                        [&](const KnownColour& c) { return c.name == patch.id; });
        const auto at = aim.colours.find(patch.id);
        if (marked) {
            // Of a colour marked in both pictures it is known how it looks in the aim's.
            const Xyz seen = referenceXyzD50(patch);
            out.push_back(aim.look ? aim.look->undone(seen) : seen);
        } else if (at != aim.colours.end()) {
            out.push_back(at->second.xyz);
        } else {
            reading.patches[i].leftOut = true;
            out.push_back(referenceXyzD50(patch));
            continue;
        }
        patch.labD50 = toLab(out.back(), white::d50);
    }
    return out;
}

std::optional<GreyCurves> curvesOf(const PreparedChart& chart, const Vector3& scale,
                                   const PreparationOptions& options) {
    std::vector<Vector3> greys;
    std::vector<double> y;
    for (const std::size_t i : usableNeutrals(chart.reading)) {
        greys.push_back(chart.reading.patches[i].rgb.cwiseProduct(scale));
        y.push_back(chart.reference[i].y);
    }
    const double plain = chart.reading.encoding == Encoding::linear ? kPlainLight : kPlainPicture;
    return greyCurves(greys, y, options.greyCurves, plain);
}

Vector3 slopes(const Vector3& rgb, const GreyCurves& curves) {
    return {curves[0].slope(rgb.x()), curves[1].slope(rgb.y()), curves[2].slope(rgb.z())};
}

// What depends on balance, level and curves: the recorded values as the fit sees them.
void fill(Samples& s, const PreparedChart& chart) {
    const Vector3 scale = chart.gains * chart.level;
    s.rgb.clear();
    s.error.clear();
    s.noise.clear();
    for (const std::size_t i : s.index) {
        const PatchReading& p = chart.reading.patches[i];
        const Vector3 balanced = p.rgb.cwiseProduct(scale);
        s.rgb.push_back(chart.curves ? straightened(balanced, *chart.curves) : balanced);
        const Vector3 slope =
            chart.curves ? Vector3(scale.cwiseProduct(slopes(balanced, *chart.curves))) : scale;
        const Vector3 error = p.standardError().cwiseProduct(slope);
        s.error.push_back(chart.aimError.empty()
                              ? error
                              : Vector3((error.cwiseAbs2() + chart.aimError[i].cwiseAbs2()).cwiseSqrt()));
        const Matrix3 noise =
            p.covariance.isZero() ? Matrix3(p.deviation.cwiseAbs2().asDiagonal()) : p.covariance;
        s.noise.push_back(slope.asDiagonal() * noise * slope.asDiagonal());
    }
}

Samples samplesOf(const PreparedChart& chart, const PreparationOptions& options) {
    Samples s;
    bool spectral = true;
    for (std::size_t i = 0; i < chart.reading.patches.size(); ++i) {
        const PatchReading& p = chart.reading.patches[i];
        const Patch& patch = chart.reading.chart.patches[i];
        if (p.leftOut || p.clipped > options.maxClipped) continue;
        s.index.push_back(i);
        s.reference.push_back(chart.reference[i]);
        s.weights.push_back(weightOf(patch, options));
        const bool own = std::any_of(options.known.begin(), options.known.end(),
                                     [&](const KnownColour& c) { return c.name == patch.id; });
        spectral = spectral && (patch.reflectance || own);
        s.reflectances.push_back(patch.reflectance ? std::optional(patch.reflectance->spectrum())
                                                   : std::nullopt);
    }
    if (!spectral) s.reflectances.clear();
    if (options.aim && options.aim->look) s.look = std::make_shared<const PictureLook>(*options.aim->look);
    if (const auto picture = shownPicture(chart.reading.encoding)) s.shownBy = picture->rgbToXyzD50;
    fill(s, chart);
    return s;
}

// A camera sees a grey's tint in its own way: by the matrix that the whole chart tells, the greys go to what
// they are there rather than to what BT.709's primaries would make of them.
void refineWhite(PreparedChart& chart, const PreparationOptions& options) {
    const Vector3 scale = chart.gains * chart.level;
    std::vector<Vector3> rgb;
    std::vector<Xyz> wanted;
    std::vector<double> weights;
    for (std::size_t i = 0; i < chart.reading.patches.size(); ++i) {
        const PatchReading& p = chart.reading.patches[i];
        if (p.leftOut || p.clipped > options.maxClipped) continue;
        rgb.push_back(p.rgb.cwiseProduct(scale));
        wanted.push_back(chart.reference[i]);
        weights.push_back(1 / (wanted.back().y + 0.01));
    }
    const auto matrix = leastSquaresMatrix(rgb, wanted, weights);
    if (!matrix) return;
    const Matrix3 back = matrix->inverse();
    Vector3 sum = Vector3::Zero();
    double all = 0;
    for (const std::size_t i : usableNeutrals(chart.reading)) {
        const Vector3 is = chart.reading.patches[i].rgb.cwiseProduct(scale);
        const Vector3 should = back * chart.reference[i].vector();
        if (!(is.minCoeff() > 0) || !(should.minCoeff() > 0)) continue;
        sum += is.y() * (should.array() / is.array()).log().matrix();
        all += is.y();
    }
    if (!(all > 0)) return;
    const Vector3 step = (sum / all).array().exp();
    chart.gains = chart.gains.cwiseProduct(step) / step.y();
    chart.level *= step.y();
}

// Gains, level and curves from the usable greys; false where there is none.
bool balance(PreparedChart& chart, const PreparationOptions& options) {
    const auto gains = neutralGains(chart.reading);
    if (!gains) return false;
    chart.gains = *gains;
    std::vector<double> referenceY;
    for (const Xyz& xyz : chart.reference) referenceY.push_back(xyz.y);
    chart.level = neutralLevel(chart.reading, chart.gains, referenceY);
    if (options.aim) refineWhite(chart, options);
    chart.curves = curvesOf(chart, chart.gains * chart.level, options);
    return true;
}

// Greys that are not kept are left out of balance, level and curves.
std::optional<Samples> balancedBy(const PreparedChart& whole, const PreparationOptions& options,
                                  std::span<const std::size_t> kept) {
    std::vector<bool> in(whole.reading.patches.size(), false);
    for (const std::size_t k : kept) in[whole.samples.index[k]] = true;
    PreparedChart again = whole;
    bool fewer = false;
    for (const std::size_t i : usableNeutrals(whole.reading))
        if (!in[i]) again.reading.patches[i].leftOut = fewer = true;
    if (!fewer) return whole.samples;
    if (!balance(again, options)) return {};
    // Too few greys for curves of their own: those of all.
    if (whole.curves && !again.curves) again.curves = whole.curves;
    fill(again.samples, again);
    return std::move(again.samples);
}

template <class T>
std::vector<T> chosen(const std::vector<T>& all, std::span<const std::size_t> which) {
    std::vector<T> out;
    if (all.empty()) return out;
    out.reserve(which.size());
    for (const std::size_t i : which) out.push_back(all[i]);
    return out;
}

}  // namespace

Samples Samples::only(std::span<const std::size_t> which) const {
    return {chosen(index, which),
            chosen(rgb, which),
            chosen(error, which),
            chosen(noise, which),
            chosen(reference, which),
            chosen(weights, which),
            chosen(reflectances, which),
            shownBy,
            look,
            {}};
}

Lab Samples::lab(const Xyz& xyzD50) const {
    return toLab(look ? look->shown(xyzD50) : xyzD50, white::d50);
}

Result<PreparedChart> prepared(std::span<const Reading> readings, const PreparationOptions& options) {
    auto reading = merged(readings);
    if (reading && !options.aim && reading->chart.estimatedColours)
        return failure(
            say("The colours of %1 are not known yet: its layout was learned from a picture. Give its data, "
                "then build the correction.",
                reading->chart.name));
    if (reading) reading = withKnownColours(*std::move(reading), options.known);
    if (!reading) return tl::unexpected(reading.error());
    auto reference =
        options.aim ? towardsAim(*reading, options) : referencesOf(reading->chart, options.referenceLight);
    if (!reference) return tl::unexpected(reference.error());
    return prepared(*std::move(reading), *std::move(reference), options);
}

Result<PreparedChart> prepared(Reading reading, std::vector<Xyz> reference,
                               const PreparationOptions& options) {
    if (const auto ok = known(options.weights, reading.chart); !ok) return tl::unexpected(ok.error());
    PreparedChart out{std::move(reading), {1, 1, 1}, 1, std::move(reference), {}, {}, {}};
    if (options.aim)
        for (const PatchReading& p : out.reading.patches) {
            const auto at = options.aim->colours.find(p.id);
            out.aimError.push_back(at == options.aim->colours.end() ? Vector3::Zero() : at->second.error);
        }
    if (!balance(out, options))
        return failure(
            say("No grey patch of this reading is usable (all are clipped, buried in noise, or missing), so "
                "there is nothing to balance on. Shoot the chart again."));
    out.samples = samplesOf(out, options);
    // Of a copy: what is prepared is moved about.
    const auto whole = std::make_shared<const PreparedChart>(out);
    PreparationOptions again = options;
    again.greyCurves = out.curves ? CurveUse::always : CurveUse::never;
    out.samples.balancedBy = [whole, again](std::span<const std::size_t> kept) {
        return balancedBy(*whole, again, kept);
    };
    return out;
}

}  // namespace refero
