// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures straight from the camera: the maker's matrix, a tone curve that ends short of white and black,
// saturation and turned hues, in sRGB of 8 bits. The looks are none that a fit was made on (common practice
// of picture styles; their numbers are made up), the cameras and surfaces those of the trial.
#include <gtest/gtest.h>

#include <algorithm>
#include <cstdio>

#include "core/fit/fit.h"
#include "io/chart_file.h"
#include "truth/camera_picture.h"
#include "truth/trial.h"

namespace refero {
namespace {

double errorOf(const test::Trial& trial, const test::CameraPicture& picture, const Correction& c) {
    return trial.error([&](const Vector3& camera) { return c.toXyzD50(picture.linear(camera)); });
}

TEST(CameraPictures, AutomaticIsNearTheBestOfItsModels) {
    const Chart chart = *io::chartByNameOrPath("fen-48");
    double automatic = 0, best = 0, worst = 0;
    int count = 0;
    for (const test::Trial& trial : test::trials()) {
        if ((trial.body.id != "heron" && trial.body.id != "loon") || trial.light != "d65") continue;
        for (const test::CameraLook& look : test::kCameraLooks) {
            const test::CameraPicture picture(chart, trial, look, 77);
            const Reading reading = picture.reading();
            const auto error = [&](std::optional<Model> model) {
                FitOptions o;
                o.model = model;
                const auto c = fit(std::span(&reading, 1), o);
                return c ? errorOf(trial, picture, *c) : 1e9;
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
