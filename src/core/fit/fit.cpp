// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/fit.h"

#include <tbb/parallel_for.h>

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <cstdio>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/read/balance.h"
#include "core/spectra/illuminant.h"

namespace refero {
namespace {

constexpr std::size_t kFewestPatches = 8;

// Readings of one setup made one: each brought to the first one's level, then averaged by certainty.
Result<Reading> merged(std::span<const Reading> readings) {
    if (readings.empty()) return failure("A correction needs at least one reading.");
    Reading out = readings.front();
    for (const Reading& r : readings) {
        if (!r.found || r.patches.size() != r.chart.patches.size())
            return failure("The reading of " + r.framePath + " holds no chart; read the frame again.");
        if (r.chart.id != out.chart.id)
            return failure("The readings are of two charts, " + out.chart.id + " and " + r.chart.id +
                           ". Give readings of one chart.");
        if (r.encoding != out.encoding)
            return failure("The readings are of two encodings, " + std::string(name(out.encoding)) + " and " +
                           std::string(name(r.encoding)) + "; they cannot be of one setup.");
    }
    if (readings.size() == 1) return out;
    const auto greenOf = [](const Reading& r) {
        double sum = 0;
        for (const std::size_t i : usableNeutrals(r)) sum += r.patches[i].rgb.y();
        return sum;
    };
    const double level = greenOf(out);
    for (std::size_t i = 0; i < out.patches.size(); ++i) {
        Vector3 sum = Vector3::Zero();
        double weights = 0, clipped = 0;
        for (const Reading& r : readings) {
            const double scale = greenOf(r) > 0 ? level / greenOf(r) : 1;
            const double error = scale * r.patches[i].standardError().mean() + 1e-5;
            sum += r.patches[i].rgb * scale / (error * error);
            weights += 1 / (error * error);
            clipped = std::max(clipped, r.patches[i].clipped);
            out.patches[i].leftOut |= r.patches[i].leftOut;
        }
        out.patches[i].rgb = sum / weights;
        out.patches[i].clipped = clipped;
    }
    return out;
}

struct Samples {
    std::vector<std::size_t> index;  // into the chart's patches
    std::vector<Vector3> rgb;        // balanced and levelled
    std::vector<Xyz> reference;
    std::vector<double> weights;
};

double weightOf(const Patch& patch, Intent intent) {
    if (intent == Intent::neutrals && patch.role == Role::neutral) return 4;
    if (intent == Intent::skin && patch.role == Role::skin) return 4;
    return 1;
}

Samples without(const Samples& s, std::size_t k) {
    Samples out = s;
    const auto at = static_cast<std::ptrdiff_t>(k);
    out.index.erase(out.index.begin() + at);
    out.rgb.erase(out.rgb.begin() + at);
    out.reference.erase(out.reference.begin() + at);
    out.weights.erase(out.weights.begin() + at);
    return out;
}

// The colour each patch gets from a fit that did not see it.
std::vector<double> leaveOneOut(const Samples& s) {
    std::vector<double> out(s.rgb.size());
    tbb::parallel_for(std::size_t{0}, s.rgb.size(), [&](std::size_t k) {
        const Samples rest = without(s, k);
        const auto fitted = fitMatrix(rest.rgb, rest.reference, rest.weights);
        const Matrix3 m = fitted ? fitted->matrix : rgbToXyzD50(primaries::bt709);
        out[k] = ciede2000(toLab(s.reference[k], white::d50), toLab(Xyz::from(m * s.rgb[k]), white::d50));
    });
    return out;
}

std::string sentence(const Correction& c, double balanceMean) {
    char text[300];
    if (c.model == Model::balance) {
        std::snprintf(text, sizeof text, "Balance alone, %.2f on average over %zu patches.",
                      c.summary.after.mean, c.summary.used);
    } else {
        std::snprintf(text, sizeof text,
                      "A matrix brings the mean from %.2f to %.2f over %zu patches; for colours it has not "
                      "seen, expect "
                      "%.2f (balance alone: %.2f).",
                      c.summary.before.mean, c.summary.after.mean, c.summary.used,
                      c.summary.crossValidated.mean, balanceMean);
    }
    return text;
}

void describe(Correction& c, std::span<const Reading> readings) {
    const Reading& r = readings.front();
    c.chartId = r.chart.id;
    c.chartName = r.chart.name;
    c.body = r.body;
    c.lens = r.lens;
    c.description = r.description;
    c.taken = r.taken;
    c.inputEncoding = r.encoding;
    for (const Reading& each : readings) c.readings.push_back(each.framePath);
    for (const std::string& part : {r.body, r.lens, r.description})
        if (!part.empty()) c.name += (c.name.empty() ? "" : ", ") + part;
    if (c.name.empty()) c.name = "Correction from " + r.chart.name;
}

void evaluate(Correction& c, const Reading& r, std::span<const Xyz> reference, const Samples& s,
              const std::vector<double>& leftOut) {
    const Matrix3 balanceOnly = rgbToXyzD50(primaries::bt709) * (c.gains * c.level).asDiagonal();
    std::vector<double> before, after;
    for (std::size_t i = 0; i < r.patches.size(); ++i) {
        PatchResult p;
        p.id = r.patches[i].id;
        p.rgb = r.patches[i].rgb;
        p.reference = toLab(reference[i], white::d50);
        p.before = toLab(Xyz::from(balanceOnly * p.rgb), white::d50);
        p.after = c.toLab(p.rgb);
        p.differenceBefore = ciede2000(p.reference, p.before);
        p.differenceAfter = ciede2000(p.reference, p.after);
        const auto at = std::find(s.index.begin(), s.index.end(), i);
        p.used = at != s.index.end();
        if (p.used) {
            before.push_back(p.differenceBefore);
            after.push_back(p.differenceAfter);
            if (!leftOut.empty()) p.leftOut = leftOut[static_cast<std::size_t>(at - s.index.begin())];
        }
        c.patches.push_back(p);
    }
    c.summary.used = s.index.size();
    c.summary.before = spread(before);
    c.summary.after = spread(after);
    c.summary.crossValidated = leftOut.empty() ? c.summary.after : spread(leftOut);
    c.summary.message = sentence(c, c.summary.before.mean);
}

}  // namespace

Status FitOptions::validate() const {
    if (!(maxClipped >= 0 && maxClipped <= 1)) return failure("maxClipped must be 0 to 1.");
    const auto light = illuminantByName(referenceLight);
    if (!light) return tl::unexpected(light.error());
    return {};
}

Result<Correction> fit(std::span<const Reading> readings, const FitOptions& options) {
    if (auto ok = options.validate(); !ok) return tl::unexpected(ok.error());
    const auto reading = merged(readings);
    if (!reading) return tl::unexpected(reading.error());
    const auto gains = neutralGains(*reading);
    if (!gains)
        return failure(
            "No grey patch of this reading is usable (all are clipped, buried in noise, or missing), so "
            "there is nothing to balance on. Shoot the chart again.");

    const bool d50 = options.referenceLight == "d50";
    const Spectrum light = *illuminantByName(options.referenceLight);
    std::vector<Xyz> reference;
    for (const Patch& p : reading->chart.patches) {
        if (!d50 && !p.reflectance)
            return failure("Patch " + p.id + " of " + reading->chart.name +
                           " has no reflectance, so its colour under " + options.referenceLight +
                           " is not known. Use d50.");
        reference.push_back(d50 ? referenceXyzD50(p) : referenceXyzD50(p, light));
    }

    Correction c;
    describe(c, readings);
    c.intent = options.intent;
    c.referenceLight = options.referenceLight;
    c.gains = *gains;
    std::vector<double> referenceY;
    for (const Xyz& xyz : reference) referenceY.push_back(xyz.y);
    c.level = neutralLevel(*reading, *gains, referenceY);
    Samples s;
    for (std::size_t i = 0; i < reading->patches.size(); ++i) {
        if (reading->patches[i].leftOut || reading->patches[i].clipped > options.maxClipped) continue;
        s.index.push_back(i);
        s.rgb.push_back(reading->patches[i].rgb.cwiseProduct(c.gains) * c.level);
        s.reference.push_back(reference[i]);
        s.weights.push_back(weightOf(reading->chart.patches[i], options.intent));
    }

    std::vector<double> leftOut;
    c.model = Model::balance;
    c.matrix = rgbToXyzD50(primaries::bt709);
    if (options.model != Model::balance) {
        const bool enough = s.rgb.size() >= kFewestPatches;
        auto fitted =
            enough ? fitMatrix(s.rgb, s.reference, s.weights)
                   : Result<MatrixFit>(failure("Only " + std::to_string(s.rgb.size()) +
                                               " patches are usable; a matrix needs " +
                                               std::to_string(kFewestPatches) + ". Use the balance model."));
        if (!fitted && options.model) return tl::unexpected(fitted.error());
        if (fitted && !(fitted->matrix.determinant() > 1e-4)) {
            if (options.model)
                return failure(
                    "The fitted matrix would fold colours over; check that the reading is "
                    "of the chart it says.");
            fitted = failure("folds");
        }
        if (fitted) {
            leftOut = leaveOneOut(s);
            double balanceMean = 0;
            for (std::size_t i = 0; i < s.rgb.size(); ++i)
                balanceMean += ciede2000(toLab(s.reference[i], white::d50),
                                         toLab(Xyz::from(c.matrix * s.rgb[i]), white::d50)) /
                               static_cast<double>(s.rgb.size());
            if (options.model || spread(leftOut).mean < balanceMean) {
                c.model = Model::matrix;
                c.matrix = fitted->matrix;
            } else {
                leftOut.clear();
            }
        }
    }
    evaluate(c, *reading, reference, s, leftOut);
    return c;
}

}  // namespace refero
