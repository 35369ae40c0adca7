// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/finish/finish.h"

#include <gtest/gtest.h>

#include <cmath>
#include <limits>

#include "core/assess/levels.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/spectra/temperature.h"

namespace refero {
namespace {

const Vector3 kGrey = whiteXyz(white::d50).vector();

Xyz through(const Vector3& xyz, const Finish& f) {
    return finished(Xyz::from(xyz), compile(f));
}

TEST(Finish, BaseAddsNothing) {
    ASSERT_TRUE(finishByName("base"));
    const Vector3 v(0.3, 0.2, 0.6);
    EXPECT_NEAR((through(v, *finishByName("base")).vector() - v).norm(), 0, 1e-12);
    EXPECT_TRUE(finishByName("base")->isNone());
    EXPECT_EQ(inWords(Finish{}), "Base");
}

TEST(Finish, ExposureIsInStops) {
    EXPECT_NEAR(through(0.1 * kGrey, {.exposureStops = 1}).y, 0.2, 1e-9);
    EXPECT_NEAR(through(0.1 * kGrey, {.exposureStops = -2}).y, 0.025, 1e-9);
}

TEST(Finish, EachStepOfWarmthIsTenMired) {
    const double start = colourTemperature(white::d50)->mired();
    for (const double steps : {-8.0, -4.0, -1.0, 1.0, 3.0, 8.0, 12.0}) {
        const auto t = colourTemperature(warmed(steps, 0));
        ASSERT_TRUE(t);
        EXPECT_NEAR(t->mired() - start, 10 * steps, 0.1) << steps;
        EXPECT_NEAR(t->duv, colourTemperature(white::d50)->duv, 1e-5) << "along the locus, " << steps;
    }
    // A neutral takes that white, whatever the shoot and its level.
    for (const double level : {0.02, 0.18, 0.9}) {
        const Chromaticity c = chromaticity(through(level * kGrey, {.warmthSteps = 3}));
        EXPECT_NEAR(c.x, warmed(3, 0).x, 1e-9);
        EXPECT_NEAR(c.y, warmed(3, 0).y, 1e-9);
    }
    EXPECT_GT(warmed(3, 0).x, white::d50.x) << "above 0 is warmer";
}

TEST(Finish, TintGoesAcrossTheLocus) {
    const auto plain = colourTemperature(white::d50);
    const auto green = colourTemperature(warmed(0, 6)), magenta = colourTemperature(warmed(0, -6));
    ASSERT_TRUE(plain && green && magenta);
    EXPECT_NEAR(green->duv - plain->duv, 0.006, 1e-5);
    EXPECT_NEAR(magenta->duv - plain->duv, -0.006, 1e-5);
    EXPECT_NEAR(green->mired(), plain->mired(), 0.1);
}

TEST(Finish, ContrastHoldsBlackMidGreyAndWhiteAndKeepsGreysGrey) {
    for (const double contrast : {-1.0, 0.5, 1.0}) {
        for (const double held : {0.0, 0.18, 1.0})
            EXPECT_NEAR(through(held * kGrey, {.contrast = contrast}).y, held, 2e-4) << contrast;
        const double root = std::sqrt(0.18), h = 0.02;
        const auto rootOf = [&](double r) {
            return std::sqrt(through(r * r * kGrey, {.contrast = contrast}).y);
        };
        EXPECT_NEAR((rootOf(root + h) - rootOf(root - h)) / (2 * h), 1 + contrast / 4, 0.01);
        double before = -1;
        for (double level = 0; level < 3; level += 0.01) {
            const Xyz v = through(level * kGrey, {.contrast = contrast});
            const Lab lab = toLab(v, white::d50);
            EXPECT_NEAR(std::hypot(lab.a, lab.b), 0, 1e-6);
            EXPECT_GT(v.y, before) << "it must rise everywhere, above white, too";
            before = v.y;
        }
    }
}

TEST(Finish, SaturationKeepsLuminance) {
    const Vector3 v(0.3, 0.2, 0.1);
    const Xyz none = through(v, {.saturation = 0});
    EXPECT_NEAR(none.y, 0.2, 1e-9);
    EXPECT_NEAR(chromaticity(none).x, white::d50.x, 1e-9);
    const Xyz more = through(v, {.saturation = 1.5});
    EXPECT_NEAR(more.y, 0.2, 1e-9);
    EXPECT_GT(toLch(toLab(more, white::d50)).C, 1.3 * toLch(toLab(Xyz::from(v), white::d50)).C);
}

// What the guide says of the ready finish, over colours of ordinary chroma.
TEST(Finish, RoundedIsGentle) {
    const Finish rounded = *finishByName("rounded");
    double sum = 0, largest = 0;
    int count = 0;
    for (int hue = 0; hue < 360; hue += 15)
        for (const double lightness : {35.0, 55.0, 75.0}) {
            const Lab lab = toLab(Lch{lightness, 30, double(hue), white::d50});
            const double d = ciede2000(lab, toLab(through(toXyz(lab).vector(), rounded), white::d50));
            sum += d;
            largest = std::max(largest, d);
            ++count;
        }
    EXPECT_NEAR(sum / count, 2.5, 0.1);
    EXPECT_NEAR(largest, 3.0, 0.1);
    EXPECT_EQ(inWords(rounded), "Rounded");
}

TEST(Finish, RefusesWhatIsOutOfRange) {
    EXPECT_TRUE(Finish{}.validate());
    EXPECT_FALSE((Finish{.exposureStops = 9}.validate()));
    EXPECT_FALSE((Finish{.warmthSteps = -13}.validate()));
    EXPECT_FALSE((Finish{.tintDuv = 21}.validate()));
    EXPECT_FALSE((Finish{.contrast = 1.1}.validate()));
    EXPECT_FALSE((Finish{.saturation = -0.1}.validate()));
    EXPECT_FALSE((Finish{.saturation = std::numeric_limits<double>::quiet_NaN()}.validate()));
    EXPECT_FALSE(finishByName("gritty"));
}

TEST(Finish, IsToldInWords) {
    EXPECT_EQ(inWords({.exposureStops = 0.5, .warmthSteps = 2}), "+0.50 stops, 2.0 steps warmer");
    EXPECT_EQ(inWords({.tintDuv = -3, .contrast = 0.2, .saturation = 0.9}),
              "3.0 more magenta, contrast +20 %, saturation 90 %");
}

// Whatever exposure and contrast make of them.
TEST(Finish, LevelsBringGreysToWhatTheyAreToShow) {
    const Levels levels{LevelPoint{0.031, 0.004}, LevelPoint{0.19, 0.14}, LevelPoint{0.88, 0.95}};
    for (const double exposure : {-1.0, 0.0, 1.5})
        for (const double contrast : {-1.0, 0.0, 0.8}) {
            const Finish f{.exposureStops = exposure, .contrast = contrast, .levels = levels};
            ASSERT_TRUE(f.validate());
            for (const auto& p : {*levels.black, *levels.grey, *levels.white})
                EXPECT_NEAR(through(kGrey * p.light, f).y, p.shows, exposure > 1 ? 0.015 : 0.004)
                    << exposure << ", " << contrast;
            double below = -1;
            for (double light = 0; light < 2; light += 0.01) {
                const double y = through(kGrey * light, f).y;
                EXPECT_GE(y, below) << light;
                below = y;
            }
        }
    // One alone leaves black where it is and goes on above.
    const Finish one{.levels = {{}, LevelPoint{0.18, 0.25}, {}}};
    EXPECT_NEAR(through(kGrey * 0.18, one).y, 0.25, 0.002);
    EXPECT_NEAR(through(kGrey * 0, one).y, 0, 1e-9);
    EXPECT_GT(through(kGrey * 1, one).y, 1);
    EXPECT_EQ(inWords(one), "levels by hand");
    // Those that are there already move nothing.
    const Finish same{.levels = {LevelPoint{0.03, 0.03}, {}, LevelPoint{0.9, 0.9}}};
    for (const double light : {0.01, 0.2, 0.5, 1.2}) EXPECT_NEAR(through(kGrey * light, same).y, light, 1e-3);
}

TEST(Finish, LevelsThatDoNotRiseAreRefused) {
    const auto valid = [](const Levels& l) { return Finish{.levels = l}.validate().has_value(); };
    EXPECT_FALSE(valid({LevelPoint{0.2, 0.1}, LevelPoint{0.1, 0.2}, {}}));
    EXPECT_FALSE(valid({LevelPoint{0.1, 0.3}, {}, LevelPoint{0.9, 0.2}}));
    EXPECT_FALSE(valid({LevelPoint{0, 0.3}, {}, {}}));
    EXPECT_FALSE(valid({{}, LevelPoint{0.2, std::numeric_limits<double>::quiet_NaN()}, {}}));
    EXPECT_TRUE(valid({LevelPoint{0.03, 0}, LevelPoint{0.2, 0.2}, {}}));
}

// ITU-R BT.1886, annex 1, with black at 0: L = V^2.4. ITU-R BT.2408, table 1: diffuse white at 75 % of HLG
// and 58 % of PQ.
TEST(Levels, AreInTheSignalOfADisplay) {
    EXPECT_NEAR(signalPercent(OutputSpace::bt1886, 0.18), 100 * std::pow(0.18, 1 / 2.4), 0.01);
    EXPECT_NEAR(signalPercent(OutputSpace::bt1886, lightOfSignal(OutputSpace::bt1886, 105)), 105, 0.01)
        << "above white";
    EXPECT_NEAR(signalPercent(OutputSpace::rec2100hlg, 1), 75, 0.2);
    EXPECT_NEAR(signalPercent(OutputSpace::rec2100pq, 1), 58, 0.2);
    for (const OutputSpace s : {OutputSpace::bt1886, OutputSpace::srgb, OutputSpace::rec2100pq})
        for (const double percent : {0.0, 3.0, 42.0, 92.0})
            EXPECT_NEAR(signalPercent(s, lightOfSignal(s, percent)), percent, 0.01);
}

// A curve that lifts the middle makes colours paler, by common practice; one that drops it stronger.
TEST(Levels, SayWhatTheyDoToColours) {
    Correction c;
    const auto patch = [&](const char* id, Role role, double L, double C, double h) {
        PatchResult& p = c.patches.emplace_back();
        p.id = id;
        p.role = role;
        p.reference = p.after = toLab(Lch{L, C, h, white::d50});
    };
    patch("G1", Role::neutral, 50, 0, 0);
    patch("S1", Role::skin, 60, 25, 60);
    patch("R1", Role::primary, 45, 50, 30);
    ASSERT_TRUE(lightOfGrey(c, "G1"));
    const double light = *lightOfGrey(c, "G1");
    EXPECT_NEAR(light, 0.184, 0.001);
    EXPECT_FALSE(lightOfGrey(c, "S1"));
    EXPECT_FALSE(lightOfGrey(c, "X9"));
    EXPECT_TRUE(levelEffects(c, {}).empty());
    const auto chroma = [&](double shows) {
        const auto effects =
            levelEffects(c, {.levels = {{}, LevelPoint{light, shows}, LevelPoint{0.9, 0.9}}});
        EXPECT_EQ(effects.size(), 3U);
        for (const LevelEffect& e : effects)
            if (e.group == kSkinGroup) return e.chroma;
        return 0.0;
    };
    EXPECT_NEAR(chroma(light), 1, 0.01);
    EXPECT_LT(chroma(0.26), 0.99);
    EXPECT_GT(chroma(0.11), 1.01);
}

}  // namespace
}  // namespace refero
