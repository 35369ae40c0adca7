// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <cmath>
#include <limits>
#include <random>

#include "core/colour/lab.h"
#include "core/read/average.h"
#include "core/read/balance.h"
#include "core/read/flat_field.h"
#include "core/read/grey_candidate.h"
#include "core/read/limits.h"
#include "core/read/measure.h"
#include "core/read/noise.h"
#include "core/read/spot.h"

namespace refero {
namespace {

// A reading of a chart of greys and some colours as an ideal camera would have it; gains are the light's.
Reading idealReading(const Vector3& light = {1, 1, 1}) {
    Reading r;
    r.chart.id = "test";
    r.chart.outlineMm = {100, 60};
    r.width = 1000;
    r.height = 600;
    for (int i = 0; i < 10; ++i) {
        Patch p;
        p.id = "N" + std::to_string(i);
        p.role = Role::neutral;
        p.labD50 = {95.0 - 8 * i, 0, 0, white::d50};
        p.centreMm = {5.0 + 10 * i, 30};
        p.sizeMm = {8, 20};
        const double y = toXyz(p.labD50).y;
        PatchReading m;
        m.id = p.id;
        m.centre = p.centreMm * 10;
        m.rgb = light * (0.8 * y);
        m.deviation = Vector3::Constant(0.002);
        m.covariance = Matrix3::Identity() * 4e-6;
        m.pixels = 400;
        r.chart.patches.push_back(p);
        r.patches.push_back(m);
    }
    return r;
}

// Common practice: makers put their greys beside each other, of pigments that every camera sees grey.
TEST(UsableNeutrals, APigmentThatIsGreyByChanceIsNotOne) {
    Reading r = idealReading();
    Patch lone = r.chart.patches[3];
    lone.id = "C7";
    lone.centreMm = {45, 5};
    lone.sizeMm = {8, 8};
    r.chart.patches.push_back(lone);
    PatchReading seen = r.patches[3];
    seen.id = lone.id;
    r.patches.push_back(seen);
    EXPECT_EQ(usableNeutrals(r).size(), 11u) << "seen as grey, it is one";
    r.patches.back().rgb.x() *= 1.1;
    EXPECT_EQ(usableNeutrals(r).size(), 10u);
    EXPECT_NEAR(neutralGains(r)->x(), 1, 1e-9) << "it has no say in the balance";
    // In the row it is a grey that something is wrong with.
    std::swap(r.chart.patches.back().centreMm, r.chart.patches[3].centreMm);
    std::swap(r.chart.patches.back().sizeMm, r.chart.patches[3].sizeMm);
    EXPECT_EQ(usableNeutrals(r).size(), 11u);
    EXPECT_GT(castOf(r, 10, *neutralGains(r)), 0.03);
}

// Eight bits make whole steps of the noise; its tails are no specks, and specks are.
TEST(Measure, QuantisedNoiseIsNotForeignAndSpecksAre) {
    Chart chart;
    chart.outlineMm = {60, 60};
    Patch p;
    p.id = "A1";
    p.centreMm = {30, 30};
    p.sizeMm = {60, 60};
    chart.patches = {p};
    for (const double sigma : {0.4, 0.8, 1.2, 2.0})
        for (const double level : {60.0, 130.0, 210.0}) {
            std::mt19937 random(7);
            std::normal_distribution<double> noise(level, sigma);
            LinearImage image(60, 60);
            for (float& v : image.values())
                v = static_cast<float>(decode(Encoding::srgb, std::round(noise(random)) / 255));
            const auto plain = measure(image, chart, Homography(Matrix3::Identity().eval()), {});
            EXPECT_LT(plain[0].rejected, 0.02) << level << ", " << sigma;
            for (int i = 0; i < 60 * 60; i += 8)
                for (int c = 0; c < 3; ++c) image.pixel(i % 60, i / 60)[c] *= 1.5f;
            const auto specked = measure(image, chart, Homography(Matrix3::Identity().eval()), {});
            EXPECT_GT(specked[0].rejected, 0.1) << level << ", " << sigma;
        }
}

TEST(Limits, AreKnownByNameAndCanBeChanged) {
    ASSERT_EQ(limitSets().size(), 4u);
    for (const Limits& l : limitSets()) {
        EXPECT_EQ(limitsByName(l.name)->name, l.name);
        EXPECT_FALSE(l.source.empty()) << l.name;
        for (const LimitField& f : limitFields()) {
            const Band& b = l.*(f.band);
            EXPECT_LE(b.tolerableLow, b.low) << l.name << " " << f.id;
            EXPECT_LE(b.low, b.high) << l.name << " " << f.id;
            EXPECT_LE(b.high, b.tolerableHigh) << l.name << " " << f.id;
        }
    }
    const auto changed = withLimit(Limits{}, "tilt", {0, 20, 0, 30});
    ASSERT_TRUE(changed);
    EXPECT_EQ(changed->tilt.high, 20);
    EXPECT_FALSE(limitsByName("Nobody"));
    EXPECT_FALSE(withLimit(Limits{}, "nothing", {0, 1, 0, 1}));
    EXPECT_FALSE(withLimit(Limits{}, "tilt", {0, 20, 0, 10}));
    EXPECT_FALSE(withLimit(Limits{}, "tilt", {0, std::numeric_limits<double>::quiet_NaN(), 0, 30}));
}

// Copy work is the strictest, as its users are (common practice).
TEST(Limits, OfCopyWorkAreTheStrictest) {
    const Limits copy = *limitsByName("Copy work");
    for (const Limits& l : limitSets()) {
        EXPECT_LE(copy.tilt.high, l.tilt.high);
        EXPECT_LE(copy.evenness.high, l.evenness.high);
        EXPECT_LE(copy.neutrality.high, l.neutrality.high);
        EXPECT_GE(copy.noise.low, l.noise.low);
    }
}

// ISO 12232's weights by hand: equal, independent noise s in each channel gives
// var(Y) = s2 (0.2125^2 + 0.7154^2 + 0.0721^2) = 0.56215 s2, var(R-Y) = s2 (0.7875^2 + 0.7154^2 + 0.0721^2) =
// 1.13715 s2, var(B-Y) = s2 (0.2125^2 + 0.7154^2 + 0.9279^2) = 1.41795 s2: in all 1.00419 s2.
TEST(Noise, IsTheVisualNoiseOfIso12232) {
    const double s = 0.01;
    const double expected = 0.18 / (s * std::sqrt(0.56215 + 0.279 * 1.13715 + 0.088 * 1.41795));
    EXPECT_NEAR(visualSignalToNoise(Vector3::Constant(0.18), Matrix3::Identity() * s * s), expected,
                1e-4 * expected);
    // Noise that all channels share is seen in luminance alone.
    EXPECT_NEAR(visualSignalToNoise(Vector3::Constant(0.18), Matrix3::Constant(s * s)), 18, 1e-9);
    EXPECT_EQ(visualSignalToNoise(Vector3::Constant(0.18), Matrix3::Zero()), 0);
}

TEST(Noise, IsTakenFromTheGreyNearestToEighteenPercent) {
    const auto n = midGreyNoise(idealReading({0.5, 1, 0.6}));
    ASSERT_TRUE(n);
    EXPECT_EQ(n->patch, 6u);  // L* 47; 18 % is L* 49.5
    EXPECT_GT(n->signalToNoise, 10);
    EXPECT_FALSE(midGreyNoise(Reading{}));
}

TEST(Measure, TellsSpotsByTheirRejectedPixelsAndBlotches) {
    LinearImage image(200, 200);
    std::mt19937 random(3);
    std::normal_distribution<float> noise(0, 0.004f);
    for (float& v : image.values()) v = 0.4f + noise(random);
    Chart chart;
    chart.outlineMm = {200, 200};
    Patch p;
    p.id = "A";
    p.centreMm = {100, 100};
    p.sizeMm = {160, 160};
    chart.patches = {p};
    const auto clean = measure(image, chart, Homography());
    EXPECT_LT(clean[0].rejected, 0.02);
    EXPECT_LT(clean[0].blotch, 0.01);
    EXPECT_NEAR(std::sqrt(clean[0].covariance(1, 1)), 0.004, 0.0002);
    EXPECT_NEAR(clean[0].covariance(0, 1), 0, 4e-7);
    EXPECT_NEAR(clean[0].signalToNoise().y(), 100, 5);
    for (int y = 80; y < 105; ++y)
        for (int x = 80; x < 105; ++x)
            for (int c = 0; c < 3; ++c) image.pixel(x, y)[c] = 0.2f;
    const auto dirty = measure(image, chart, Homography());
    EXPECT_NEAR(dirty[0].rejected, 625.0 / (96 * 96), 0.02);
    EXPECT_GT(dirty[0].blotch, 0.1);
    EXPECT_NEAR(dirty[0].rgb.y(), 0.4, 0.0005);
}

TEST(Measure, TakesASlopeForLightAndNotForDirt) {
    LinearImage image(200, 200);
    for (int y = 0; y < 200; ++y)
        for (int x = 0; x < 200; ++x)
            for (int c = 0; c < 3; ++c) image.pixel(x, y)[c] = 0.3f + 0.0005f * float(x + y);
    Chart chart;
    chart.outlineMm = {200, 200};
    Patch p;
    p.id = "A";
    p.centreMm = {100, 100};
    p.sizeMm = {160, 160};
    chart.patches = {p};
    EXPECT_LT(measure(image, chart, Homography())[0].blotch, 0.01);
}

TEST(Average, WeighsByNoiseAndNamesOutliers) {
    Reading a = idealReading(), b = a, c = a, d = a;
    for (PatchReading& p : b.patches) p.rgb *= 0.5;      // a stop less light
    c.patches[3].rgb *= 0.8;                             // a finger
    for (PatchReading& p : d.patches) p.rgb.x() *= 1.2;  // another light
    const auto mean = averaged({a, b, c, d});
    ASSERT_TRUE(mean) << mean.error().message;
    ASSERT_EQ(mean->averaged.size(), 4u);
    EXPECT_NEAR(mean->averaged[1].levelStops, 1, 1e-9);
    EXPECT_FALSE(mean->averaged[2].otherLight);
    EXPECT_TRUE(mean->averaged[3].otherLight);
    EXPECT_EQ(mean->averaged[2].outliers, (std::vector<std::string>{"N3"}));
    EXPECT_TRUE(mean->averaged[0].outliers.empty());
    for (std::size_t i = 0; i < a.patches.size(); ++i)
        EXPECT_LT((mean->patches[i].rgb - a.patches[i].rgb).norm(), 1e-9) << i;
    // Three alike: the error falls with the root of their number; the darker frame, brought up, counts less.
    const double alone = a.patches[0].standardError().y();
    EXPECT_NEAR(mean->patches[0].standardError().y(), alone / std::sqrt(1 + 1 + 0.25), 1e-9);
    const auto said = std::find_if(mean->checks.begin(), mean->checks.end(),
                                   [](const Check& k) { return k.id == "frames"; });
    ASSERT_NE(said, mean->checks.end());
    EXPECT_EQ(said->verdict, Verdict::review);
    EXPECT_NE(said->reason.find("mean of 3 frames"), std::string::npos) << said->reason;
    EXPECT_FALSE(averaged(std::vector<Reading>{}));
    c.chart.id = "other";
    EXPECT_FALSE(averaged({a, c}));
}

// A frame that clips where another does not has nothing to say there.
TEST(Average, TakesTheUnclippedWhereThereIsOne) {
    Reading a = idealReading(), b = a;
    b.patches[0].clipped = 0.4;
    b.patches[0].rgb *= 0.9;
    const auto mean = averaged({a, b});
    ASSERT_TRUE(mean);
    EXPECT_LT((mean->patches[0].rgb - a.patches[0].rgb).norm(), 1e-12);
    EXPECT_LT(mean->patches[0].clipped, 0.01);
    EXPECT_EQ(mean->patches[1].pixels, 2 * a.patches[1].pixels);
}

TEST(FlatField, IsTheVignettingThatWasThere) {
    const auto level = [](double x, double y) {
        const double dx = x - 0.5, dy = y - 0.5;
        return 0.6 * std::exp2(-(dx * dx + dy * dy) / 0.5);  // one stop in the corners
    };
    LinearImage card(600, 400);
    for (int y = 0; y < 400; ++y)
        for (int x = 0; x < 600; ++x)
            for (int c = 0; c < 3; ++c)
                card.pixel(x, y)[c] = static_cast<float>(level((x + 0.5) / 600, (y + 0.5) / 400));
    const auto field = FlatField::from(card);
    ASSERT_TRUE(field) << field.error().message;
    EXPECT_NEAR(field->cornerStops(), 1, 0.12);  // a cell's width from the very corner
    Reading r = idealReading();
    const Reading even = r;
    for (PatchReading& p : r.patches) p.rgb *= level(p.centre.x() / 1000, p.centre.y() / 600) / 0.6;
    takeOutFlatField(r, *field);
    for (std::size_t i = 0; i < r.patches.size(); ++i)
        EXPECT_NEAR(r.patches[i].rgb.y() / even.patches[i].rgb.y(), 1, 0.01) << i;
    EXPECT_EQ(r.lightTakenOut, (TakenOut{true, false}));
}

TEST(FlatField, RefusesWhatIsNone) {
    LinearImage frame(600, 400);
    const auto fill = [&](auto value) {
        for (int y = 0; y < 400; ++y)
            for (int x = 0; x < 600; ++x)
                for (int c = 0; c < 3; ++c) frame.pixel(x, y)[c] = value(x);
        return FlatField::from(frame);
    };
    EXPECT_FALSE(fill([](int) { return 0.0f; }));
    EXPECT_FALSE(fill([](int) { return 1.0f; }));
    EXPECT_FALSE(fill([](int x) { return x < 300 ? 0.2f : 0.6f; }));
    EXPECT_FALSE(fill([](int) { return std::numeric_limits<float>::quiet_NaN(); }));
    EXPECT_TRUE(fill([](int) { return 0.5f; }));
    EXPECT_FALSE(FlatField::from(LinearImage(20, 20)));
}

TEST(GreyCandidate, IsGreyWhereTheChartSaysSo) {
    const Reading r = idealReading({0.5, 1, 0.7});
    const auto grey = greyCandidate(Vector3(0.5, 1, 0.7) * 0.3, r);
    ASSERT_TRUE(grey) << grey.error().message;
    EXPECT_LT(grey->ciede2000, 0.01);
    EXPECT_NEAR(grey->miredShift, 0, 0.5);
    EXPECT_EQ(grey->verdict, Verdict::pass);
    // A bluish wall: balanced on it, the picture turns warm.
    const auto wall = greyCandidate(Vector3(0.5 * 0.92, 1, 0.7 * 1.08) * 0.3, r);
    ASSERT_TRUE(wall);
    EXPECT_LT(wall->pictureGains.z(), 1) << "and loses blue";
    EXPECT_GT(wall->ciede2000, 3);
    EXPECT_GT(wall->miredShift, 5);
    EXPECT_EQ(wall->verdict, Verdict::reshoot);
    const auto green = greyCandidate(Vector3(0.5 * 1.05, 1, 0.7 * 1.05) * 0.3, r);
    ASSERT_TRUE(green);
    EXPECT_GT(green->duvShift, 0.001) << "balanced on magenta, the picture turns green";
    EXPECT_FALSE(greyCandidate({0, 0, 0}, r));
    EXPECT_FALSE(greyCandidate({0.2, 1.0, 0.3}, r));
    EXPECT_FALSE(greyCandidate({0.2, 0.2, 0.2}, Reading{}));
}

TEST(Spot, SpeaksInTheUnitsOfTheTrade) {
    LinearImage image(20, 20);
    for (float& v : image.values()) v = 0.09f;
    const auto s = spotAt(image, {10, 10}, 2, {2, 2, 2});
    ASSERT_TRUE(s);
    EXPECT_NEAR(s->stopsFromMidGrey, 0, 1e-6);
    EXPECT_EQ(s->eightBit[1], 118);  // IEC 61966-2-1 of 0.18: 1.055 * 0.18^(1/2.4) - 0.055 = 0.4614
    EXPECT_NEAR(s->percent.y(), 46.1, 0.1);
    EXPECT_NEAR(s->labD50.L, 49.5, 0.05);
    EXPECT_NEAR(s->labD50.a, 0, 0.05);
    EXPECT_FALSE(spotAt(image, {-1, 3}, 1, {1, 1, 1}));
    EXPECT_FALSE(spotAt(image, {20, 3}, 1, {1, 1, 1}));
    EXPECT_NEAR(meanOf(image, {18, 18}, {40, 40})->x(), 0.09, 1e-6);
    EXPECT_FALSE(meanOf(image, {30, 30}, {40, 40}));
}

}  // namespace
}  // namespace refero
