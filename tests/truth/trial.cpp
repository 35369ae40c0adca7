// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "truth/trial.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

#include "core/colour/adaptation.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/fit/root_polynomial.h"
#include "core/fit/training.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "support/cgats_table.h"

namespace refero::test {
namespace {

Spectrum lobes(std::initializer_list<std::array<double, 4>> all) {
    Spectrum s;
    for (std::size_t i = 0; i < Spectrum::size; ++i)
        for (const auto& [centre, left, right, height] : all) {
            const double nm = Spectrum::wavelength(i), t = (nm - centre) / (nm < centre ? left : right);
            s[i] += height * std::exp(-0.5 * t * t);
        }
    return s;
}

// A 3x3 of the observer with a little of its own: nearly Luther's condition.
sim::Body nearlyColorimetric() {
    const Observer& o = cie1931();
    const std::array<Vector3, 3> mix{{{1.15, -0.1, -0.02}, {-0.35, 1.3, 0.06}, {0.02, -0.04, 1.0}}};
    const std::array<Spectrum, 3> own{lobes({{650, 22, 25, 0.12}}), lobes({{500, 20, 18, 0.15}}),
                                      lobes({{480, 20, 25, 0.15}})};
    sim::Body b{"loon", "Loon", {}, 40000, 3, 14};
    for (std::size_t c = 0; c < 3; ++c)
        for (std::size_t i = 0; i < Spectrum::size; ++i)
            b.sensitivity[c][i] =
                std::max(0.0, mix[c].x() * o.x[i] + mix[c].y() * o.y[i] + mix[c].z() * o.z[i] + own[c][i]);
    return b;
}

constexpr double kExposure = 0.9;

double gauss(std::mt19937& engine) {
    const double u = (engine() + 0.5) / 4294967296.0, v = (engine() + 0.5) / 4294967296.0;
    return std::sqrt(-2 * std::log(u)) * std::cos(2 * std::numbers::pi * v);
}

}  // namespace

const std::vector<sim::Body>& trialBodies() {
    static const std::vector<sim::Body> all{
        *sim::bodyById("heron"),
        *sim::bodyById("bittern"),
        nearlyColorimetric(),
        {"coot",
         "Coot",
         {lobes({{590, 60, 50, 0.9}, {450, 30, 30, 0.12}}), lobes({{540, 60, 60, 1.0}}),
          lobes({{470, 40, 55, 0.8}, {620, 30, 40, 0.08}})},
         30000,
         5,
         12},
        {"crake",
         "Crake",
         {lobes({{610, 18, 22, 0.9}}), lobes({{535, 20, 22, 1.0}}), lobes({{455, 17, 20, 0.9}})},
         40000,
         3,
         14},
    };
    return all;
}

const std::vector<std::string>& trialLights() {
    static const std::vector<std::string> all{"d50", "d65", "a", "led-5600", "f11"};
    return all;
}

const std::vector<Spectrum>& heldOutSurfaces() {
    static const auto all = [] {
        std::vector<Spectrum> out;
        std::mt19937 engine(8123);
        const auto uniform = [&](double low, double high) {
            return low + (high - low) * engine() / 4294967295.0;
        };
        while (out.size() < 400) {
            // Light that comes back from the ground, and what each lobe adds or takes.
            Spectrum s;
            const double ground = uniform(0.04, 0.5);
            for (double& v : s.values) v = ground;
            const int n = 1 + static_cast<int>(engine() % 4);
            for (int k = 0; k < n; ++k) {
                const double centre = uniform(390, 730), width = uniform(28, 90);
                const double height = uniform(-0.8, 1.0);
                for (std::size_t i = 0; i < Spectrum::size; ++i) {
                    const double t = (Spectrum::wavelength(i) - centre) / width;
                    const double w = height * std::exp(-0.5 * t * t);
                    s[i] += w > 0 ? w * (0.92 - s[i]) : w * (s[i] - 0.025);
                }
            }
            out.push_back(s);
        }
        for (const auto& sample : cgatsTable("ref/CIE-TCS.sp")) {
            std::vector<double> values;
            for (const auto& [nm, v] : sample) values.push_back(v);
            const auto [first, second] = std::pair(sample.begin()->first, std::next(sample.begin())->first);
            out.push_back(resampled(first, second - first, values));
        }
        return out;
    }();
    return all;
}

Reading trialReading(const Chart& chart, const sim::Body& body, const Spectrum& light, double noise,
                     unsigned seed) {
    std::mt19937 engine(seed);
    Reading r;
    r.found = true;
    r.framePath = "trial";
    r.chart = chart;
    r.body = body.name;
    constexpr std::size_t kPixels = 400;
    for (const Patch& p : chart.patches) {
        PatchReading read;
        read.id = p.id;
        read.pixels = kPixels;
        const Vector3 truth = kExposure * sim::response(body, light, p.reflectance->spectrum());
        const Vector3 error = noise > 0 ? Vector3((noise * truth).array() + 0.0005 * (noise / 0.003))
                                        : Vector3(1e-9, 1e-9, 1e-9);
        for (int c = 0; c < 3; ++c) read.rgb(c) = truth(c) + error(c) * gauss(engine);
        read.deviation = error * std::sqrt(static_cast<double>(kPixels));
        read.covariance = read.deviation.cwiseAbs2().asDiagonal();
        r.patches.push_back(read);
    }
    return r;
}

Vector3 Trial::records(const Spectrum& reflectance) const {
    return kExposure * sim::response(body, lamp, reflectance);
}

double Trial::error(const std::function<Xyz(const Vector3&)>& toXyzD50) const {
    static const auto reference = [] {
        const Spectrum d50 = *illuminantByName("d50");
        const Matrix3 adapt = adaptation(Adaptation::cat16, lightXyz(d50), whiteXyz(white::d50));
        std::vector<Lab> out;
        for (const Spectrum& s : heldOutSurfaces())
            out.push_back(toLab(Xyz::from(adapt * reflectedXyz(s, d50).vector()), white::d50));
        return out;
    }();
    double sum = 0;
    for (std::size_t i = 0; i < reference.size(); ++i) {
        const Vector3 camera = records(heldOutSurfaces()[i]);
        sum += ciede2000(reference[i], toLab(toXyzD50(camera), white::d50));
    }
    return sum / static_cast<double>(reference.size());
}

std::vector<Trial> trials() {
    const TrainingSet surfaces(*illuminantByName("d50"));
    std::vector<double> weights;
    for (const Xyz& xyz : surfaces.reference()) weights.push_back(1 / (xyz.y + 0.01));
    std::vector<Trial> out;
    for (const sim::Body& body : trialBodies())
        for (const std::string& light : trialLights()) {
            Trial t{body, light, *illuminantByName(light)};
            EffectiveSensitivity seen;
            for (std::size_t c = 0; c < 3; ++c) seen.channels[c] = body.sensitivity[c] * t.lamp;
            Spectrum white;
            white.values.fill(1);
            const Vector3 full = seen.response(white);
            const auto rgb = surfaces.seenBy(seen);
            std::vector<Vector3> balanced;
            for (const Vector3& v : rgb) balanced.push_back(v.cwiseQuotient(full));
            const Vector3 gains = (kExposure * sim::response(body, t.lamp, white)).cwiseInverse();
            t.limit = 1e9;
            for (const int degree : {2, 3})
                for (const auto& best :
                     {fitRootPolynomial(degree, balanced, surfaces.reference(), weights),
                      fitRootPolynomial(degree, balanced, surfaces.reference(), surfaces.metrics())})
                    t.limit = std::min(t.limit, t.error([&](const Vector3& camera) {
                        return Xyz::from((*best)(camera.cwiseProduct(gains)));
                    }));
            out.push_back(std::move(t));
        }
    return out;
}

}  // namespace refero::test
