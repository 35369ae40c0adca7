// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures straight from the camera: the maker's matrix, a tone curve that ends short of white and black,
// saturation and turned hues, in sRGB of 8 bits (common practice of picture styles; their numbers are made
// up). The cameras and surfaces are those of the trial. By the looks of the first two tests the spreads of
// core/fit/detail/look_field.cpp were set; those of the third are drawn and had no say.
#include <gtest/gtest.h>

#include <algorithm>
#include <cstdio>
#include <random>
#include <vector>

#include "core/fit/fit.h"
#include "io/chart_file.h"
#include "truth/camera_picture.h"
#include "truth/trial.h"

namespace refero {
namespace {

double errorOf(const test::Trial& trial, const test::CameraPicture& picture, const Correction& c) {
    return trial.error([&](const Vector3& camera) { return c.toXyzD50(picture.linear(camera)); });
}

struct Left {
    double automatic = 0, best = 0, worst = 0;
    int count = 0;
};

// What automatic leaves of looks, and the best of the models, which is known only afterwards.
template <class Looks>
Left leftOf(const Looks& looks) {
    const Chart chart = *io::chartByNameOrPath("fen-48");
    Left out;
    for (const test::Trial& trial : test::trials()) {
        if ((trial.body.id != "heron" && trial.body.id != "loon") || trial.light != "d65") continue;
        for (const auto& look : looks) {
            const test::CameraPicture picture(chart, trial, look, 77);
            const Reading reading = picture.reading();
            const auto error = [&](std::optional<Model> model) {
                FitOptions o;
                o.model = model;
                const auto c = fit(std::span(&reading, 1), o);
                return c ? errorOf(trial, picture, *c) : 1e9;
            };
            const double mine = error({});
            double least = mine;
            for (const Model m : kModels) least = std::min(least, error(m));
            out.automatic += mine;
            out.best += least;
            out.worst = std::max(out.worst, mine / least);
            ++out.count;
            std::printf("%s %s %s: automatic %.3f, best %.3f\n", std::string(trial.body.name).c_str(),
                        trial.light.c_str(), look.name, mine, least);
        }
    }
    std::printf("automatic %.3f, best of the models %.3f, at most %.3f times\n", out.automatic / out.count,
                out.best / out.count, out.worst);
    return out;
}

TEST(CameraPictures, AutomaticIsNearTheBestOfItsModels) {
    const Left left = leftOf(test::kCameraLooks);
    ASSERT_EQ(left.count, 8);
    EXPECT_LE(left.worst, 1.1);
    EXPECT_LE(left.automatic, 1.05 * left.count);
}

// Looks that are built in another way than the one that a look's field takes for likely.
TEST(CameraPictures, AFilmsLookIsFollowedAsWell) {
    const Left left = leftOf(test::kFilmLooks);
    ASSERT_EQ(left.count, 8);
    EXPECT_LE(left.worst, 1.1);
    EXPECT_LE(left.automatic, 1.05 * left.count);
}

TEST(CameraPictures, SoAreLooksThatAreDrawn) {
    std::mt19937 engine(2029);
    const auto drawn = [&](double low, double high) {
        return low + (high - low) * (engine() / 4294967295.0);
    };
    std::vector<test::CameraLook> looks;
    for (const char* name : {"first", "second", "third", "fourth"})
        looks.push_back({name, drawn(0.9, 1.5), drawn(0.92, 1), drawn(0, 0.06), drawn(0.8, 1.35),
                         drawn(-15, 15), drawn(0, 360), drawn(30, 80), drawn(0, 0.2)});
    const Left left = leftOf(looks);
    ASSERT_EQ(left.count, 8);
    EXPECT_LE(left.worst, 1.1);
    EXPECT_LE(left.automatic, 1.05 * left.count);
}

}  // namespace
}  // namespace refero
