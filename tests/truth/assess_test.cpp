// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Transforms with one planted defect each, and harmless ones, as grids over what a camera recorded.
#include <gtest/gtest.h>

#include <cmath>
#include <functional>

#include "core/assess/assessment.h"
#include "core/assess/defects.h"
#include "core/colour/lab.h"
#include "core/fit/fit.h"
#include "core/spectra/illuminant.h"
#include "io/chart_file.h"
#include "truth/trial.h"

namespace refero {
namespace {

using Function = std::function<Vector3(const Vector3&)>;

// A grid of a function with straight pieces between its points; values to so many steps, 0 for exact ones.
Function gridOf(const Function& f, int points, double steps = 0) {
    std::vector<Vector3> nodes;
    for (int b = 0; b < points; ++b)
        for (int g = 0; g < points; ++g)
            for (int r = 0; r < points; ++r) {
                Vector3 v = f(Vector3(r, g, b) / (points - 1));
                if (steps > 0)
                    for (int c = 0; c < 3; ++c) v[c] = std::round(v[c] * steps) / steps;
                nodes.push_back(v);
            }
    return [nodes = std::move(nodes), points](const Vector3& fed) -> Vector3 {
        Vector3 out(0, 0, 0);
        const Vector3 at = fed.cwiseMax(0).cwiseMin(1) * (points - 1);
        int low[3];
        double part[3];
        for (int c = 0; c < 3; ++c) {
            low[c] = std::min(static_cast<int>(at[c]), points - 2);
            part[c] = at[c] - low[c];
        }
        for (int corner = 0; corner < 8; ++corner) {
            double weight = 1;
            int node[3];
            for (int c = 0; c < 3; ++c) {
                const int up = corner >> c & 1;
                weight *= up ? part[c] : 1 - part[c];
                node[c] = low[c] + up;
            }
            out += weight * nodes[static_cast<std::size_t>((node[2] * points + node[1]) * points + node[0])];
        }
        return out;
    };
}

class Bench : public testing::Test {
  protected:
    Bench() {
        reading_ = test::trialReading(*io::chartByNameOrPath("fen-24"), test::trialBodies()[0],
                                      *illuminantByName("d65"), 0.003, 5);
        own_ = *fit(std::span(&reading_, 1));
    }
    // What the camera's own correction gives, as an sRGB picture made of recorded numbers in sRGB's curve.
    Vector3 right(const Vector3& fed) const {
        Vector3 linear;
        for (int c = 0; c < 3; ++c) linear[c] = decode(Encoding::srgb, fed[c]);
        return picture(own_.toLab(linear));
    }
    static Vector3 picture(const Lab& seen) {
        const Vector3 light = xyzD50ToLinear(OutputSpace::linearSrgb) * toXyz(seen).vector();
        Vector3 out;
        for (int c = 0; c < 3; ++c) out[c] = std::clamp(encode(Encoding::srgb, light[c]), 0.0, 1.0);
        return out;
    }
    static Lab seenOf(const Vector3& stored) {
        Vector3 light;
        for (int c = 0; c < 3; ++c) light[c] = decode(Encoding::srgb, stored[c]);
        return toLab(Xyz::from(xyzD50ToLinear(OutputSpace::linearSrgb).inverse() * light), white::d50);
    }
    Assessment assess(const Function& f, int points) const {
        ForeignTransform c;
        c.name = "trial";
        c.apply = f;
        c.points = points;
        auto a = assessed(c, std::span(&reading_, 1),
                          {Encoding::srgb, FeedBalance::asRecorded, OutputSpace::srgb}, &own_);
        EXPECT_TRUE(a) << a.error().message;
        return *std::move(a);
    }
    Function look(const std::function<Lab(Lab)>& change) const {
        return [this, change](const Vector3& fed) { return picture(change(seenOf(right(fed)))); };
    }
    static Lab turned(Lab v, double degrees, double chroma) {
        Lch c = toLch(v);
        c.h += degrees;
        c.C *= chroma;
        return toLab(c);
    }

    Reading reading_;
    Correction own_;
};

TEST_F(Bench, TheCamerasOwnCorrectionComesOutAsItsFitSays) {
    const Assessment a = assess([&](const Vector3& fed) { return right(fed); }, 65);
    EXPECT_NEAR(a.mean, own_.summary.after.mean, 0.35) << "saturated patches end at sRGB's edge";
    EXPECT_NEAR(a.expectsStops, 0, 0.05);
    EXPECT_NEAR(a.expectsMired, 0, 3);
    for (const AssessedPatch& p : a.patches)
        for (const PatchResult& fitted : own_.patches)
            if (p.id == fitted.id && p.role == Role::neutral) {
                EXPECT_NEAR(p.difference, fitted.differenceAfter, 0.05);
            }
    ASSERT_EQ(a.greys.size(), reading_.neutrals().size());
    EXPECT_TRUE(a.reversals.empty());
    EXPECT_TRUE(a.bands.empty());
    EXPECT_TRUE(a.merges.empty());
}

TEST_F(Bench, TwentyHarmlessOnesAreNotNamed) {
    std::vector<std::pair<std::string, Function>> all;
    for (const double saturation : {0.6, 0.8, 1.2, 1.4})
        all.emplace_back("saturation " + std::to_string(saturation),
                         look([=](Lab v) { return turned(v, 0, saturation); }));
    for (const double turn : {-8.0, 8.0})
        all.emplace_back("hue " + std::to_string(turn), look([=](Lab v) { return turned(v, turn, 1); }));
    for (const double gamma : {0.8, 0.9, 1.1, 1.25})
        all.emplace_back("gamma " + std::to_string(gamma), [this, gamma](const Vector3& fed) -> Vector3 {
            return right(fed).array().pow(gamma);
        });
    for (const double strength : {0.3, 0.7})
        all.emplace_back("an S over it " + std::to_string(strength), [this, strength](const Vector3& fed) {
            Vector3 v = right(fed);
            for (int c = 0; c < 3; ++c) {
                const double s = v[c] * v[c] * (3 - 2 * v[c]);
                v[c] += strength * (s - v[c]);
            }
            return v;
        });
    for (const double warm : {-6.0, 6.0})
        all.emplace_back("warmth " + std::to_string(warm), look([=](Lab v) {
                             v.b += warm * std::min(1.0, v.L / 50);
                             return v;
                         }));
    all.emplace_back("raised black", [this](const Vector3& fed) -> Vector3 {
        return (right(fed).array() * 0.94 + 0.06).matrix();
    });
    all.emplace_back("white cut off",
                     [this](const Vector3& fed) -> Vector3 { return (right(fed) * 1.15).cwiseMin(1); });
    all.emplace_back("black cut off", [this](const Vector3& fed) -> Vector3 {
        return ((right(fed).array() - 0.04) / 0.96).cwiseMax(0);
    });
    all.emplace_back("shadows and lights toned", look([](Lab v) {
                         v.b += 4 * (v.L - 50) / 50;
                         return v;
                     }));
    all.emplace_back("skin protected", look([](Lab v) {
                         const double near =
                             std::exp(-std::pow(std::remainder(toLch(v).h - 55, 360) / 40, 2));
                         return turned(v, 0, 1.2 - 0.2 * near);
                     }));
    all.emplace_back("blue deeper", look([](Lab v) {
                         const double near =
                             std::exp(-std::pow(std::remainder(toLch(v).h - 280, 360) / 40, 2));
                         v.L -= 5 * near * std::min(1.0, toLch(v).C / 40);
                         return v;
                     }));
    ASSERT_EQ(all.size(), 20u);
    int size = 0;
    for (const auto& [name, f] : all) {
        const int points = std::array{17, 33, 65}[static_cast<std::size_t>(size++ % 3)];
        const Assessment a = assess(gridOf(f, points, 1023), points);
        EXPECT_TRUE(a.reversals.empty()) << name << ": " << a.reversedShare;
        EXPECT_TRUE(a.bands.empty()) << name << ": " << a.bands.front().along << " " << a.bands.front().at
                                     << " " << a.bands.front().step;
        EXPECT_TRUE(a.merges.empty()) << name << ": " << a.merges.front().one << a.merges.front().other << " "
                                      << a.merges.front().reference << " to " << a.merges.front().seen;
    }
}

TEST_F(Bench, OneThatReversesIsNamed) {
    // Past 60 % the picture gets darker again.
    const Assessment falling =
        assess(gridOf(
                   [this](const Vector3& fed) -> Vector3 {
                       return right(fed).unaryExpr([](double v) { return v < 0.6 ? v : 0.6 - (v - 0.6); });
                   },
                   33),
               33);
    EXPECT_FALSE(falling.reversals.empty());
    // Around blue, hues run backwards.
    const Assessment backwards =
        assess(gridOf(look([](Lab v) {
                          const double from = std::remainder(toLch(v).h - 270, 360);
                          return turned(v, -2.2 * from * std::exp(-std::pow(from / 45, 2)), 1);
                      }),
                      33),
               33);
    EXPECT_FALSE(backwards.reversals.empty()) << backwards.reversedShare;
}

TEST_F(Bench, OneThatMergesIsNamedWithThePair) {
    // All lightness between 35 and 75 is one.
    const Assessment a = assess(gridOf(look([](Lab v) {
                                           if (v.L > 35 && v.L < 75) v.L = 55 + 0.05 * (v.L - 55);
                                           return v;
                                       }),
                                       65),
                                65);
    ASSERT_FALSE(a.merges.empty());
    EXPECT_GT(a.merges.front().reference, 3);
    EXPECT_LT(a.merges.front().seen, 0.4 * a.merges.front().reference);
}

TEST_F(Bench, BandingIsNamed) {
    // Five bits of output, straight between the grid's points; then the nearest point without anything
    // between.
    const Assessment coarse = assess(gridOf([this](const Vector3& fed) { return right(fed); }, 33, 31), 33);
    EXPECT_FALSE(coarse.bands.empty());
    const Assessment nearest =
        assess([this](const Vector3& fed) { return right((fed * 32).array().round().matrix() / 32); }, 33);
    EXPECT_FALSE(nearest.bands.empty());
}

TEST_F(Bench, WhatItExpectsIsFoundByTrying) {
    for (const double stops : {-1.0, 0.5, 1.0, 2.0}) {
        const Assessment a = assess(
            [&](const Vector3& fed) -> Vector3 {
                Vector3 darker;
                for (int c = 0; c < 3; ++c)
                    darker[c] = encode(Encoding::srgb, decode(Encoding::srgb, fed[c]) * std::exp2(-stops));
                return right(darker);
            },
            0);
        EXPECT_NEAR(a.expectsStops, stops, 0.1);
        EXPECT_LT(a.meanLevelled, own_.summary.after.mean + 0.5);
        EXPECT_GT(a.mean, a.meanLevelled + 1);
    }
    const Assessment warm = assess(
        [&](const Vector3& fed) -> Vector3 {
            Vector3 cooler;
            const Vector3 by(std::exp(-0.1), 1, std::exp(0.1));
            for (int c = 0; c < 3; ++c)
                cooler[c] = encode(Encoding::srgb, decode(Encoding::srgb, fed[c]) * by[c]);
            return right(cooler);
        },
        0);
    EXPECT_GT(warm.expectsMired, 15) << "its input is to have more red and less blue";
}

TEST_F(Bench, TermsAreToldByThePatches) {
    ForeignTransform c;
    c.apply = [this](const Vector3& fed) { return right(fed); };
    const TransformTerms t = termsFor(c, reading_);
    EXPECT_TRUE(t.guessed);
    EXPECT_EQ(t.feed, Transfer(Encoding::srgb));
    EXPECT_EQ(t.balance, FeedBalance::asRecorded);
    EXPECT_EQ(t.space, OutputSpace::srgb);
    c.apply = [this](const Vector3& fed) -> Vector3 {
        Vector3 code;
        for (int k = 0; k < 3; ++k) code[k] = encode(Encoding::srgb, decode(Encoding::acescct, fed[k]));
        return right(code);
    };
    EXPECT_EQ(termsFor(c, reading_).feed, Transfer(Encoding::acescct));
    EXPECT_FALSE(termsFor(c, reading_, Encoding::pq, OutputSpace::srgb, FeedBalance::balanced).guessed);
}

// Another camera made to show what a look shows on this one.
TEST_F(Bench, ALookBecomesAnotherCamerasAim) {
    ForeignTransform c;
    c.name = "look";
    c.apply = look([](Lab v) { return turned(v, 6, 1.15); });
    const auto picture =
        pictureThrough(c, {Encoding::srgb, FeedBalance::asRecorded, OutputSpace::srgb}, reading_);
    ASSERT_TRUE(picture);
    EXPECT_EQ(picture->encoding, Transfer(Encoding::srgb));
    const Vector3 wanted =
        c.apply(reading_.patches[3].rgb.unaryExpr([](double v) { return encode(Encoding::srgb, v); }));
    for (int k = 0; k < 3; ++k)
        EXPECT_NEAR(encode(Encoding::srgb, picture->patches[3].rgb[k]), wanted[k], 1e-9);
    EXPECT_FALSE(pictureThrough(c, {Encoding::srgb, FeedBalance::asRecorded, OutputSpace::acescg}, reading_));
}

}  // namespace
}  // namespace refero
