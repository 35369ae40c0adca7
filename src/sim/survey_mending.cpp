// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/survey_mending.h"

#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/fit/fit.h"
#include "core/read/read.h"
#include "core/spectra/generated_reflectances.h"
#include "core/spectra/illuminant.h"

namespace refero::sim {
namespace {

constexpr std::size_t kSurfaces = 300;
constexpr unsigned kSurfaceSeed = 90210;

// Of which no fit knows; with their colours under D50.
struct Surfaces {
    std::vector<Spectrum> reflectances;
    std::vector<Lab> lab;
};
const Surfaces& surfaces() {
    static const Surfaces all = [] {
        Surfaces s;
        s.reflectances = generatedReflectances(kSurfaces, kSurfaceSeed);
        for (const Spectrum& each : s.reflectances) {
            Patch p;
            p.reflectance = Reflectance{
                Spectrum::wavelength(0), double(Spectrum::step), {each.values.begin(), each.values.end()}};
            s.lab.push_back(toLab(referenceXyzD50(p, *illuminantByName("d50")), white::d50));
        }
        return s;
    }();
    return all;
}

// The mean light on the chart against the frame's centre, from a small picture without the fault.
double meanLight(const WideShot& w) {
    Shot shot = w.shot;
    shot.mishaps = {};
    shot.glare = 0;
    shot.width = w.shot.width / 6;
    shot.height = w.shot.height / 6;
    shot.blurPixels = 0;
    shot.noise = false;
    const auto e = shoot(shot, w.stand);
    double sum = 0;
    for (const PatchTruth& p : e->truth->patches) sum += std::log(p.rgb.sum() / p.even.sum());
    return std::exp(sum / static_cast<double>(e->truth->patches.size()));
}

MendingOutcome outcomeOf(const WideShot& w, const WideFrame& frame) {
    MendingOutcome out;
    const auto reading = readChart(frame.image, w.known, frame.about);
    if (!reading) {
        out.told = reading.error().message;
        return out;
    }
    out.read = true;
    const double level = meanLight(w);
    Reading even = *reading;
    even.light.reset();
    for (std::size_t i = 0; i < even.patches.size(); ++i) {
        even.patches[i].rgb = frame.truth.patches[i].even * level;
        even.patches[i].clipped = 0;
        even.patches[i].leftOut = false;
        even.patches[i].deviation *= 0.01;
        even.patches[i].covariance *= 1e-4;
    }
    const Body& body = *w.stand.body;
    // Of the true values to the sensor's response: exposure and the balance made in the camera.
    const Vector3 scale = even.patches.front().rgb.cwiseQuotient(response(
        body, *w.stand.light,
        w.stand.chart->patches.front().reflectance ? w.stand.chart->patches.front().reflectance->spectrum()
                                                   : Spectrum{}));
    const auto left = [&](const Reading& r, bool asShot) {
        FitOptions o;
        o.asShot = asShot;
        const auto c = fit(std::span(&r, 1), o);
        if (!c) {
            out.told += c.error().message;
            return 99.0;
        }
        if (!asShot)
            for (const Treatment& t : c->treatments)
                out.told += std::string(name(t.kind)) + " " + std::to_string(t.patches.size()) + " " +
                            std::to_string(t.amount).substr(0, 6) + "; ";
        double sum = 0;
        for (std::size_t i = 0; i < kSurfaces; ++i) {
            const Vector3 rgb =
                response(body, *w.stand.light, surfaces().reflectances[i]).cwiseProduct(scale);
            sum += ciede2000(surfaces().lab[i], c->toLab(rgb)) / kSurfaces;
        }
        return sum;
    };
    out.truth = left(even, true);
    out.mended = left(*reading, false);
    out.asShot = left(*reading, true);
    return out;
}

}  // namespace

MendingOutcome surveyMending(unsigned seed, std::optional<Fault> fault) {
    const SurveyShot s = fault ? faultyShot(*fault, seed) : faultlessShot(seed);
    WideShot w{s.shot, {s.chart, {}, *bodyById(s.shot.camera), *illuminantByName(s.shot.light)}, s.chart, {}};
    const auto frame = taken(w);
    MendingOutcome out;
    if (frame)
        out = outcomeOf(w, *frame);
    else
        out.told = frame.error().message;
    out.seed = seed;
    return out;
}

MendingOutcome surveyWideMending(unsigned seed, std::optional<Fault> fault) {
    WideShot w = wideShot(seed, fault);
    w.stand.light = *illuminantByName(w.shot.light);
    const auto frame = taken(w);
    MendingOutcome out;
    if (frame)
        out = outcomeOf(w, *frame);
    else
        out.told = frame.error().message;
    out.seed = seed;
    return out;
}

}  // namespace refero::sim
