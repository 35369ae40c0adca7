// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a chart tells of a camera, held against the virtual bodies, whose sensitivities are known.
#include "core/fit/sensitivity.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/spectra/illuminant.h"
#include "core/spectra/smooth_reflectance.h"
#include "io/chart_file.h"
#include "sim/body.h"

namespace refero {
namespace {

std::vector<Spectrum> reflectancesOf(const Chart& chart) {
    std::vector<Spectrum> out;
    for (const Patch& p : chart.patches)
        out.push_back(resampled(p.reflectance->startNm, p.reflectance->stepNm, p.reflectance->values));
    return out;
}

// Colours that are on no chart: what they read through the estimate against what they read.
TEST(Sensitivity, PredictsColoursThatAreNotOnTheChart) {
    for (const char* id : {"fen-24", "fen-48"}) {
        const auto known = reflectancesOf(*io::chartByNameOrPath(id));
        for (const sim::Body& body : sim::bodies())
            for (const char* light : {"d50", "a", "led-5600"}) {
                const Spectrum lamp = *illuminantByName(light);
                std::vector<Vector3> readings, deviations;
                for (const Spectrum& r : known) {
                    readings.push_back(sim::response(body, lamp, r));
                    deviations.push_back((0.003 * readings.back()).array() + 0.0005);
                }
                const auto s = estimateSensitivity(known, readings, deviations);
                ASSERT_TRUE(s) << s.error().message;
                for (const Spectrum& c : s->channels)
                    for (const double v : c.values) EXPECT_GE(v, 0);
                double error = 0;
                int n = 0;
                for (double L = 30; L <= 80; L += 25)
                    for (int hue = 0; hue < 360; hue += 40) {
                        const Spectrum r = smoothReflectance(
                            {L, 30 * std::cos(hue * 0.01745), 30 * std::sin(hue * 0.01745), white::d50});
                        const Vector3 told = s->response(r), truth = sim::response(body, lamp, r);
                        error += (told - truth).cwiseQuotient(truth).cwiseAbs().mean();
                        ++n;
                    }
                EXPECT_LT(error / n, 0.02) << id << ", " << body.id << ", " << light;
            }
    }
}

TEST(Sensitivity, SaysWhatItLacks) {
    const auto known = reflectancesOf(*io::chartByNameOrPath("fen-24"));
    const std::vector<Vector3> ones(known.size(), Vector3::Ones());
    EXPECT_FALSE(
        estimateSensitivity(std::span(known).first(5), std::span(ones).first(5), std::span(ones).first(5)));
    auto broken = ones;
    broken[3].x() = std::nan("");
    EXPECT_FALSE(estimateSensitivity(known, broken, ones));
}

}  // namespace
}  // namespace refero
