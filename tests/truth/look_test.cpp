// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Cameras whose files have a look: hues bent by the camera itself, as finished pictures have them (common
// practice). What can follow it is held against surfaces that the chart does not have.
#include <gtest/gtest.h>

#include <cmath>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/fit.h"
#include "io/chart_file.h"
#include "truth/trial.h"

namespace refero {
namespace {

// Blues towards cyan and weaker, yellows darker, reds stronger.
Lab looked(const Lab& lab) {
    Lch v = toLch(lab);
    const auto about = [&](double hue, double width) {
        return std::exp(-std::pow(std::remainder(v.h - hue, 360.0) / width, 2));
    };
    v.h -= 16 * about(270, 45);
    v.C *= 1 - 0.22 * about(270, 45) + 0.15 * about(30, 35);
    v.L -= 0.15 * v.C * about(95, 30);
    return toLab(v);
}

Correction fitted(const Reading& reading, std::optional<Model> model) {
    FitOptions options;
    options.model = model;
    auto c = fit(std::span(&reading, 1), options);
    EXPECT_TRUE(c) << c.error().message;
    return *std::move(c);
}

TEST(Looks, AreFollowedByAutomaticChoiceWhereAMatrixCannot) {
    const Chart chart = *io::chartByNameOrPath("fen-48");
    double automatic = 0, matrix = 0, lattice = 0, sectors = 0;
    int bending = 0, count = 0;
    for (const test::Trial& trial : test::trials()) {
        if (trial.light != "d50" && trial.light != "d65") continue;
        const Reading raw = test::trialReading(chart, trial.body, trial.lamp, 0.003, 5);
        const Correction own = fitted(raw, Model::matrix);
        const auto developed = [&](const Vector3& camera) -> Vector3 {
            return xyzD50ToLinear(OutputSpace::srgb) * toXyz(looked(own.toLab(camera))).vector();
        };
        Reading reading = raw;
        reading.encoding = Encoding::srgb;
        for (PatchReading& p : reading.patches) {
            p.rgb = developed(p.rgb);
            p.leftOut = p.rgb.minCoeff() < 0;  // beyond sRGB: a file would have lost it
        }
        const auto error = [&](std::optional<Model> model) {
            const Correction c = fitted(reading, model);
            if (!model) bending += c.model == Model::lattice || c.model == Model::hueSectors;
            return trial.error([&](const Vector3& camera) { return c.toXyzD50(developed(camera)); });
        };
        automatic += error({});
        matrix += error(Model::matrix);
        lattice += error(Model::lattice);
        sectors += error(Model::hueSectors);
        ++count;
    }
    ASSERT_EQ(count, 10);
    for (const auto& [name, sum] : {std::pair{"automatic", automatic}, std::pair{"matrix", matrix},
                                    std::pair{"lattice", lattice}, std::pair{"hue sectors", sectors}})
        RecordProperty(name, std::to_string(sum / count));
    EXPECT_GE(bending, 6);
    EXPECT_LT(automatic, 0.75 * matrix);
    EXPECT_LT(lattice, 0.75 * matrix);
    EXPECT_LT(sectors, 0.85 * matrix);
    EXPECT_LT(automatic, 1.05 * lattice);
}

// On frames without a look it must not be taken for one.
TEST(Looks, NobodyBentAreLeftAlone) {
    const Chart chart = *io::chartByNameOrPath("fen-48");
    double automatic = 0, lattice = 0;
    for (const test::Trial& trial : test::trials()) {
        if (trial.light != "d50") continue;
        const Reading raw = test::trialReading(chart, trial.body, trial.lamp, 0.003, 6);
        const auto error = [&](std::optional<Model> model) {
            const Correction c = fitted(raw, model);
            return trial.error([&](const Vector3& camera) { return c.toXyzD50(camera); });
        };
        automatic += error({});
        lattice += error(Model::lattice);
    }
    EXPECT_LE(automatic, 1.03 * lattice);
}

}  // namespace
}  // namespace refero
