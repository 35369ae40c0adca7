// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Finished pictures from cameras, as they are judged: a look bends tones and colours, and nothing lies on the
// chart for that. The looks are those of camera_picture.h, made up; the frames are the simulated camera's.
#include <gtest/gtest.h>

#include <algorithm>

#include "core/read/read.h"
#include "core/read/treatment.h"
#include "core/spectra/illuminant.h"
#include "io/chart_file.h"
#include "sim/shoot.h"
#include "support/shots.h"
#include "truth/camera_picture.h"

namespace refero {
namespace {

class PictureJudging : public testing::Test {
  protected:
    PictureJudging() : chart_(*io::chartByNameOrPath("fen-24")) {}

    // What the camera makes of a frame, read as the sRGB that it is stored in.
    template <class Look>
    Reading readingOf(const sim::Body& body, const Look& look, const sim::Shot& shot) {
        const test::Trial trial{body, "d65", *illuminantByName("d65"), 0};
        const test::CameraPicture picture(chart_, trial, look, 77);
        auto taken = sim::shoot(shot, sim::Stand{chart_, {}, body, trial.lamp});
        EXPECT_TRUE(taken);
        truth_ = *taken->truth;
        const auto white = static_cast<std::size_t>(
            std::max_element(chart_.patches.begin(), chart_.patches.end(),
                             [](const Patch& a, const Patch& b) { return a.labD50.L < b.labD50.L; }) -
            chart_.patches.begin());
        const double level =
            trial.records(chart_.patches[white].reflectance->spectrum()).y() / truth_.patches[white].even.y();
        LinearImage seen(shot.width, shot.height);
        for (int y = 0; y < shot.height; ++y)
            for (int x = 0; x < shot.width; ++x) {
                const float* from = taken->stored.pixel(x, y);
                const Vector3 light = picture.linear(level * Vector3(from[0], from[1], from[2]));
                Eigen::Map<Eigen::Vector3f>(seen.pixel(x, y)) = light.cast<float>();
            }
        Reading about;
        about.encoding = Encoding::srgb;
        auto reading = readChart(seen, chart_, about);
        EXPECT_TRUE(reading);
        return *reading;
    }
    sim::Shot shotBy(unsigned seed) const {
        sim::Shot shot = test::plainShot();
        shot.width = 900;
        shot.height = 600;
        shot.seed = seed;
        return shot;
    }

    Chart chart_;
    sim::Truth truth_;
};

TEST_F(PictureJudging, ALookIsNothingThatLiesOnTheChartNorUnevenLight) {
    int frames = 0, accused = 0, uneven = 0;
    const auto take = [&](const sim::Body& body, const auto& looks) {
        for (const auto& look : looks) {
            const Reading r = readingOf(body, look, shotBy(100 + static_cast<unsigned>(frames)));
            ++frames;
            accused += !coveredPatches(r).empty();
            ASSERT_TRUE(r.light);
            uneven += r.light->rangeStops > 0.15;
        }
    };
    for (const std::size_t body : {1, 4}) {
        take(test::trialBodies()[body], test::kCameraLooks);
        take(test::trialBodies()[body], test::kFilmLooks);
    }
    EXPECT_EQ(frames, 16);
    EXPECT_EQ(accused, 0);
    EXPECT_EQ(uneven, 0);
}

TEST_F(PictureJudging, AFingerIsSeenInAPictureWithALook) {
    int covered = 0, found = 0, wrong = 0;
    for (const std::size_t patch : {1, 5, 8, 10, 13, 16, 20}) {
        sim::Shot shot = shotBy(200 + static_cast<unsigned>(patch));
        shot.mishaps.fingers.push_back({chart_.patches[patch].centreMm, 90, 18});
        const Reading r = readingOf(test::trialBodies()[0], test::kCameraLooks[patch % 4], shot);
        const auto told = coveredPatches(r);
        for (std::size_t i = 0; i < truth_.patches.size(); ++i) {
            const bool said = std::find(told.begin(), told.end(), i) != told.end();
            covered += truth_.patches[i].covered > 0.6;
            found += said && truth_.patches[i].covered > 0.6;
            wrong += said && truth_.patches[i].covered == 0;
        }
    }
    EXPECT_GE(covered, 5);
    EXPECT_EQ(found, covered);
    EXPECT_LE(wrong, 1);
}

}  // namespace
}  // namespace refero
