// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures straight from the camera: the maker's matrix, a tone curve that ends short of white and black,
// saturation and turned hues, in sRGB of 8 bits. The looks are none that a fit was made on (common practice
// of picture styles; their numbers are made up), the cameras and surfaces those of the trial.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <cstdio>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/fit.h"
#include "io/chart_file.h"
#include "truth/trial.h"

namespace refero {
namespace {

struct Look {
    const char* name;
    double contrast;      // exponent about mid-grey
    double white, black;  // of the display's signal, where the curve ends
    double saturation;
    double turn, about, width;  // degrees
    double fade;                // of chroma in the lights
};
constexpr std::array<Look, 4> kLooks{{
    {"standard", 1.25, 0.985, 0.012, 1.12, 8, 30, 50, 0.05},
    {"vivid", 1.45, 0.99, 0.0, 1.30, -12, 240, 60, 0.10},
    {"portrait", 1.12, 0.97, 0.03, 1.0, 6, 60, 40, 0.0},
    {"faded", 0.95, 0.92, 0.07, 0.85, 10, 150, 70, 0.15},
}};

// Linear sRGB to the stored code of 8 bits.
Vector3 pictured(const Vector3& linear, const Look& look) {
    Lab lab = toLab(Xyz::from(xyzD50ToLinear(OutputSpace::linearSrgb).inverse() * linear), white::d50);
    Lch v = toLch(lab);
    v.h += look.turn * std::exp(-std::pow(std::remainder(v.h - look.about, 360.0) / look.width, 2));
    v.C *= look.saturation * (1 - look.fade * std::clamp((v.L - 60) / 40, 0.0, 1.0));
    const Vector3 turned = xyzD50ToLinear(OutputSpace::linearSrgb) * toXyz(toLab(v)).vector();
    return turned.unaryExpr([&](double light) {
        const double e = encode(Encoding::srgb, std::max(light, 0.0));
        // An S about mid-grey's signal.
        constexpr double kMid = 0.46;
        const double s = e < kMid
                             ? kMid * std::pow(e / kMid, look.contrast)
                             : 1 - (1 - kMid) * std::pow(std::max(0.0, (1 - e) / (1 - kMid)), look.contrast);
        const double out = look.black + (look.white - look.black) * s;
        return std::round(255 * std::clamp(out, 0.0, 1.0)) / 255;
    });
}

double errorOf(const test::Trial& trial, const Correction& own, const Look& look, const Correction& c) {
    return trial.error([&](const Vector3& camera) {
        const Vector3 stored =
            pictured(xyzD50ToLinear(OutputSpace::linearSrgb) * own.toXyzD50(camera).vector(), look);
        return c.toXyzD50(stored.unaryExpr([](double v) { return decode(Encoding::srgb, v); }));
    });
}

TEST(CameraPictures, AutomaticIsNearTheBestOfItsModels) {
    const Chart chart = *io::chartByNameOrPath("fen-48");
    double automatic = 0, best = 0, worst = 0;
    int count = 0;
    for (const test::Trial& trial : test::trials()) {
        if ((trial.body.id != "heron" && trial.body.id != "loon") || trial.light != "d65") continue;
        const Reading raw = test::trialReading(chart, trial.body, trial.lamp, 0.002, 77);
        FitOptions maker;
        maker.model = Model::matrix;
        const auto own = fit(std::span(&raw, 1), maker);
        ASSERT_TRUE(own);
        for (const Look& look : kLooks) {
            Reading reading = raw;
            reading.encoding = Encoding::srgb;
            for (PatchReading& p : reading.patches) {
                const Vector3 stored =
                    pictured(xyzD50ToLinear(OutputSpace::linearSrgb) * own->toXyzD50(p.rgb).vector(), look);
                p.rgb = stored.unaryExpr([](double v) { return decode(Encoding::srgb, v); });
                p.clipped = stored.maxCoeff() >= 1 ? 1 : 0;
                p.deviation.setConstant(0.003);
                p.covariance.setZero();
            }
            const auto error = [&](std::optional<Model> model) {
                FitOptions o;
                o.model = model;
                const auto c = fit(std::span(&reading, 1), o);
                return c ? errorOf(trial, *own, look, *c) : 1e9;
            };
            const double mine = error({});
            double least = 1e9;
            for (const Model m : kModels) least = std::min(least, error(m));
            automatic += mine;
            best += least;
            worst = std::max(worst, mine / least);
            ++count;
            std::printf("%s %s %s: automatic %.3f, best %.3f\n", std::string(trial.body.name).c_str(),
                        trial.light.c_str(), look.name, mine, least);
        }
    }
    ASSERT_EQ(count, 8);
    std::printf("automatic %.3f, best of the models %.3f, at most %.3f times\n", automatic / count,
                best / count, worst);
    // Wanted: never more than 1.1 times the best, which is known only afterwards. Where a look drives so many
    // patches out of sRGB that no lattice can be fitted, it is not kept (docs/measured.md).
    EXPECT_LE(worst, 1.25);
    EXPECT_LE(automatic, 1.05 * best);
}

}  // namespace
}  // namespace refero
