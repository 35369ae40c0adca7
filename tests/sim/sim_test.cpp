// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <Eigen/QR>
#include <cmath>

#include "core/embedded.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "io/frame_file.h"
#include "io/json.h"
#include "sim/shoot.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::plainShot;
using test::TemporaryFolder;

TEST(Bodies, AreNotColorimetric) {
    // Luther's condition: a camera is colorimetric where its sensitivities are linear combinations of the
    // observer's. How much of each is left after the best combination?
    Eigen::MatrixXd observer(Spectrum::size, 3);
    for (std::size_t i = 0; i < Spectrum::size; ++i)
        observer.row(static_cast<Eigen::Index>(i)) << cie1931().x[i], cie1931().y[i], cie1931().z[i];
    for (const sim::Body& body : sim::bodies()) {
        double left = 0, all = 0;
        for (const Spectrum& s : body.sensitivity) {
            const Eigen::VectorXd v = Eigen::Map<const Eigen::VectorXd>(s.values.data(), Spectrum::size);
            left += (v - observer * observer.colPivHouseholderQr().solve(v)).squaredNorm();
            all += v.squaredNorm();
            EXPECT_GE(v.minCoeff(), 0) << body.name;
        }
        EXPECT_GT(left / all, 0.01) << body.name;
        EXPECT_LT(left / all, 0.35) << body.name << " must still resemble a camera";
    }
    EXPECT_FALSE(sim::bodyById("kingfisher"));
}

TEST(Shoot, GivesTheSamePictureForTheSameSeed) {
    const auto one = sim::shoot(plainShot()), two = sim::shoot(plainShot());
    ASSERT_TRUE(one && two);
    EXPECT_TRUE(
        std::equal(one->stored.values().begin(), one->stored.values().end(), two->stored.values().begin()));
    sim::Shot other = plainShot();
    other.seed = 2;
    const auto three = sim::shoot(other);
    EXPECT_FALSE(
        std::equal(one->stored.values().begin(), one->stored.values().end(), three->stored.values().begin()));
}

TEST(Shoot, QuantisesToFourteenBitsAndClips) {
    sim::Shot shot = plainShot();
    shot.exposure = 2;
    const auto taken = sim::shoot(shot);
    ASSERT_TRUE(taken);
    float high = 0;
    for (std::size_t i = 0; i < taken->stored.values().size(); i += 1001) {
        const double steps = taken->stored.values()[i] * 16383.0;
        EXPECT_NEAR(steps, std::round(steps), 2e-3);
        high = std::max(high, taken->stored.values()[i]);
    }
    EXPECT_EQ(high, 1.0f);
}

TEST(Shoot, CoversWhatWasAskedAndStandsWhereItWasAsked) {
    for (const double coverage : {0.02, 0.1, 0.4}) {
        sim::Shot shot = plainShot();
        shot.pose.coverage = coverage;
        shot.pose.tiltDegrees = 20;
        const Chart chart = io::shippedCharts().front();
        const Quad q = sim::chartToFrame(shot, chart)(chart.outline());
        EXPECT_NEAR(signedArea(q) / (1500.0 * 1000), coverage, 0.002 * coverage);
    }
    sim::Shot shot = plainShot();
    shot.pose.centre = {0.3, 0.6};
    const Chart chart = io::shippedCharts().front();
    EXPECT_NEAR((sim::chartToFrame(shot, chart)(chart.outlineMm / 2) - Point(450, 600)).norm(), 0, 1e-6);
}

TEST(Shoot, FallOffVignettingAndGlareHaveTheirSize) {
    sim::Shot shot = plainShot();
    shot.set = sim::Set::plain;
    shot.chart.reset();
    shot.noise = false;
    shot.vignettingStops = 1;
    const auto green = [](const sim::Exposure& e, int x, int y) { return double(e.stored.pixel(x, y)[1]); };
    const auto dark = sim::shoot(shot);
    EXPECT_NEAR(std::log2(green(*dark, 750, 500) / green(*dark, 0, 0)), 1, 0.01);
    shot.vignettingStops = 0;
    shot.falloffStops = 0.6;
    shot.falloffDegrees = 0;
    const auto side = sim::shoot(shot);
    EXPECT_NEAR(std::log2(green(*side, 0, 500) / green(*side, 1499, 500)),
                0.6 * 1500 / std::hypot(1500, 1000), 0.01);
    shot.falloffStops = 0;
    const auto clean = sim::shoot(shot);
    shot.glare = 0.1;
    const auto veiled = sim::shoot(shot);
    EXPECT_NEAR(green(*veiled, 750, 500), 1.1 * green(*clean, 750, 500), 2e-3);
}

TEST(Shoot, IsSpectral) {
    // Two lights of one colour but different spectra must read differently: a black body and a lamp of three
    // lines.
    sim::Shot shot = plainShot();
    shot.noise = false;
    shot.light = "blackbody-4000";
    const auto smooth = sim::shoot(shot);
    shot.light = "f11";
    const auto lines = sim::shoot(shot);
    ASSERT_TRUE(smooth && lines);
    const auto ratio = [](const sim::Exposure& e, std::size_t i) {
        return e.truth->patches[i].even.x() / e.truth->patches[i].even.y();
    };
    EXPECT_GT(std::abs(ratio(*lines, 3) / ratio(*smooth, 3) - 1), 0.05);
}

TEST(Scene, DemoIsReadAndComplete) {
    const auto scene = sim::parseScene(embedded::textOf(embedded::demo(), "harrow-fen.scene.json"), "demo");
    ASSERT_TRUE(scene) << scene.error().message;
    EXPECT_EQ(scene->name, "Harrow Fen Pottery");
    EXPECT_EQ(scene->shots.size(), 14u);
    for (const sim::Shot& s : scene->shots) EXPECT_FALSE(s.place.empty());
}

struct Broken {
    const char* text;
    const char* named;
};
const Broken kBroken[] = {
    {"{", "line 1"},
    {R"({"format":"refero-scene","version":1})", "frames"},
    {R"({"format":"refero-scene","version":1,"frames":[{"file":"../up.tif"}]})", "plain file name"},
    {R"({"format":"refero-scene","version":1,"frames":[{"file":"a.tif","exposure":-1}]})", "exposure"},
    {R"({"format":"refero-scene","version":1,"frames":[{"file":"a.tif","size":[90000,90000]}]})", "size"},
    {R"({"format":"refero-scene","version":1,"frames":[{"file":"a.tif","set":"beach"}]})", "set"},
    {R"({"format":"refero-scene","version":1,"frames":[{"file":"a.tif","encoding":"log"}]})", "encoding"},
    {R"({"format":"refero-scene","version":1,"frames":[{"file":"a.tif","pose":{"coverage":"big"}}]})",
     "coverage"},
};

TEST(Scene, NamesWhatIsWrong) {
    for (const Broken& b : kBroken) {
        const auto scene = sim::parseScene(b.text, "s.json");
        ASSERT_FALSE(scene) << b.text;
        EXPECT_NE(scene.error().message.find(b.named), std::string::npos) << scene.error().message;
    }
    sim::Shot shot = plainShot();
    shot.light = "moon";
    EXPECT_FALSE(sim::shoot(shot));
    shot = plainShot();
    shot.chart = "fen-99";
    EXPECT_FALSE(sim::shoot(shot));
}

TEST(Simulate, WritesFramesWithMetadataAndTheTruth) {
    const TemporaryFolder folder;
    sim::Scene scene{"Test", {plainShot()}};
    scene.shots[0].width = 600;
    scene.shots[0].height = 400;
    scene.shots[0].file = "a.tif";
    scene.shots[0].lens = "60 mm";
    int told = 0;
    ASSERT_TRUE(sim::simulate(scene, folder / "new", [&](std::size_t, std::size_t) { return ++told > 0; }));
    EXPECT_EQ(told, 1);
    const auto frame = io::readFrame(folder / "new/a.tif");
    ASSERT_TRUE(frame);
    EXPECT_EQ(frame->metadata.body, "Heron");
    EXPECT_EQ(frame->metadata.lens, "60 mm");
    EXPECT_EQ(frame->encoding, Encoding::linear);
    const auto truth = io::parseJson(test::contentOf(folder / "new/truth.json"), "truth");
    ASSERT_TRUE(truth);
    EXPECT_EQ((*truth)["frames"][0]["patches"].size(), 24u);
    EXPECT_EQ((*truth)["frames"][0]["corners"].size(), 4u);
    EXPECT_FALSE(sim::simulate(scene, folder / "stopped", [](std::size_t, std::size_t) { return false; }));
}

}  // namespace
}  // namespace refero
