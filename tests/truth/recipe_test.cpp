// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grade/recipe.h"

#include <gtest/gtest.h>

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <sstream>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/fit.h"
#include "core/spectra/observer.h"
#include "support/shots.h"

namespace refero {
namespace {

const Correction& correction() {
    static const Correction c = [] {
        sim::Shot shot = test::plainShot();
        shot.light = "led-5600";
        const Reading r = *test::readingOf(shot);
        FitOptions o;
        o.resamples = 0;
        return *fit(std::span(&r, 1), o);
    }();
    return c;
}

// Hands that have read the table and nothing else: the same controls, written down once more.
Lab byHand(const std::string& table, const Vector3& camera) {
    std::map<std::string, double> set;
    std::istringstream lines(table);
    std::string line;
    std::getline(lines, line);
    while (std::getline(lines, line)) {
        std::vector<std::string> field;
        std::istringstream parts(line);
        for (std::string part; std::getline(parts, part, ',');) field.push_back(part);
        set[field.at(0) + "/" + field.at(1)] = std::stod(field.at(2));
    }
    Vector3 v;
    const char* channels[] = {"red", "green", "blue"};
    for (int k = 0; k < 3; ++k) {
        double x =
            camera(k) * std::pow(2, set["balance/" + std::string(channels[k])] + set["exposure/exposure"]);
        x = encode(Encoding::srgb, x);
        const double black = set["black and white/black"] / 100, white = set["black and white/white"] / 100;
        x = black + x * (white - black);
        // A cubic Hermite curve through five points, tangents the mean of the slopes beside them.
        const double y[5] = {0, set["contrast/point 25"] / 100, set["contrast/point 50"] / 100,
                             set["contrast/point 75"] / 100, 1};
        double m[5] = {4 * (y[1] - y[0]), 0, 0, 0, 4 * (y[4] - y[3])};
        for (int i = 1; i < 4; ++i) m[i] = 2 * (y[i + 1] - y[i - 1]);
        if (x <= 0) {
            x = x * m[0];
        } else if (x >= 1) {
            x = 1 + (x - 1) * m[4];
        } else {
            const int i = std::min(3, int(4 * x));
            const double t = 4 * x - i;
            x = y[i] * (1 + 2 * t) * (1 - t) * (1 - t) + m[i] / 4 * t * (1 - t) * (1 - t) +
                y[i + 1] * t * t * (3 - 2 * t) + m[i + 1] / 4 * t * t * (t - 1);
        }
        v(k) = decode(Encoding::srgb, x);
    }
    const Lab lab = toLab(Xyz::from(rgbToXyzD50(primaries::bt709) * v), white::d50);
    double L = lab.L, C = std::hypot(lab.a, lab.b), h = std::atan2(lab.b, lab.a) * 180 / M_PI;
    if (h < 0) h += 360;
    C *= 1 + set["saturation/all"] / 100;
    const auto near = [](double a, double b) {
        const double d = std::fabs(a - b);
        return std::min(d, 360 - d);
    };
    const auto clamp01 = [](double x) { return std::min(1.0, std::max(0.0, x)); };
    const double w = (near(h, 55) < 30 ? (1 + std::cos(M_PI * near(h, 55) / 30)) / 2 : 0) *
                     clamp01((C - 4) / 8) * clamp01((50 - C) / 15);
    const auto apply = [&](double turn, double saturation, double lightness) {
        h = std::fmod(h + turn + 360, 360);
        L += lightness * std::min(1.5, C / 50);
        C *= 1 + saturation / 100;
    };
    apply(w * set["skin/skin turn"], w * set["skin/skin saturation"], w * set["skin/skin lightness"]);
    // The two sectors that a hue lies between share it.
    double turn = 0, saturation = 0, lightness = 0;
    const std::size_t n = kRecipeSectors.size();
    for (std::size_t i = 0; i < n; ++i) {
        const double from = kRecipeSectors[i].degrees;
        const double width = std::fmod(kRecipeSectors[(i + 1) % n].degrees - from + 360, 360);
        const double off = std::fmod(h - from + 360, 360);
        if (off >= width) continue;
        const double first = (1 + std::cos(M_PI * off / width)) / 2;
        for (const auto& [sector, weight] : {std::pair{i, first}, std::pair{(i + 1) % n, 1 - first}}) {
            const std::string letters(kRecipeSectors[sector].letters);
            turn += weight * set["hues/" + letters + " turn"];
            saturation += weight * set["hues/" + letters + " saturation"];
            lightness += weight * set["hues/" + letters + " lightness"];
        }
    }
    apply(turn, saturation, lightness);
    return {L, C * std::cos(h * M_PI / 180), C * std::sin(h * M_PI / 180), white::d50};
}

TEST(Recipe, CarriedOutByHandLeavesWhatItPromised) {
    const Correction& c = correction();
    const auto r = recipeFor(c);
    ASSERT_TRUE(r) << r.error().message;
    const std::string table = recipeTable(*r);
    double sum = 0, largest = 0;
    int n = 0;
    for (const PatchResult& p : c.patches) {
        if (!p.used) continue;
        const double d = ciede2000(c.toLab(p.rgb), byHand(table, p.rgb));
        sum += d;
        largest = std::max(largest, d);
        ++n;
    }
    EXPECT_NEAR(sum / n, r->left, 0.02);
    EXPECT_NEAR(largest, r->largest, 0.05);
    EXPECT_LT(r->left, 3);
    EXPECT_GT(r->start, 3 * r->left);
}

// Planck's law (CODATA 2018: second radiation constant 1.438776877e-2 m K) through the CIE 1931 observer:
// what a light of that temperature and tint looks like, relative to green, as gains that take it out.
Vector3 gainsAgainst(double kelvin, double duv) {
    const auto uvOf = [](double t) {
        Spectrum black;
        for (std::size_t i = 0; i < Spectrum::size; ++i) {
            const double nm = Spectrum::wavelength(i);
            black[i] = std::pow(nm / 560, -5) / (std::exp(1.438776877e7 / (nm * t)) - 1);
        }
        const Vector3 xyz = lightXyz(black).vector();
        const double sum = xyz.x() + 15 * xyz.y() + 3 * xyz.z();
        return Eigen::Vector2d(4 * xyz.x() / sum, 6 * xyz.y() / sum);
    };
    // Across the locus, upwards.
    const Eigen::Vector2d along = (uvOf(kelvin * 1.001) - uvOf(kelvin / 1.001)).normalized();
    Eigen::Vector2d across(-along.y(), along.x());
    if (across.y() < 0) across = -across;
    const Eigen::Vector2d uv = uvOf(kelvin) + duv * across;
    const double d = 2 * uv.x() - 8 * uv.y() + 4, x = 3 * uv.x() / d, y = 2 * uv.y() / d;
    const Vector3 rgb = rgbToXyz(primaries::bt709).inverse() * Vector3(x / y, 1, (1 - x - y) / y);
    return {std::log2(rgb.y() / rgb.x()), 0, std::log2(rgb.y() / rgb.z())};
}

// Of the frame as sRGB, such as a camera's own picture under a lamp that its balance did not follow.
TEST(Recipe, TemperatureAndTintAreTheSameLightAsTheGains) {
    for (const auto& [red, blue] : {std::pair{-0.35, 0.9}, std::pair{0.3, -0.4}, std::pair{-0.6, 1.4}}) {
        const Vector3 stops(red, 0, blue);
        const auto light = lightTakenOut(stops);
        ASSERT_TRUE(light) << red << " " << blue;
        const Vector3 again = gainsAgainst(light->kelvin, light->duv);
        // To 10 K and 0.001 of tint, as it can be set: at 2500 K ten kelvin are 0.03 stops of blue.
        EXPECT_NEAR(again.x(), stops.x(), 0.03);
        EXPECT_NEAR(again.z(), stops.z(), 0.03);
    }
    EXPECT_FALSE(lightTakenOut(Vector3(1.6, 0, 1.4))) << "a sensor's green is no light's";
    // IEC 61966-2-1: sRGB's white is D65, which is 6504 K (CIE 015), 0.003 above the locus.
    const auto neutral = lightTakenOut(Vector3::Zero());
    ASSERT_TRUE(neutral);
    EXPECT_NEAR(neutral->kelvin, kRecipeNeutralKelvin, 6);
    EXPECT_NEAR(neutral->duv, 0.003, 0.0006);
}

TEST(Recipe, TellsTheBalanceInKelvinTintAndMiredWhereTheyReach) {
    Correction c = correction();
    const Vector3 before = c.gains;
    // As if the body had balanced for daylight, and the light were a lamp.
    c.gains = {std::exp2(-0.6), 1, std::exp2(1.4)};
    for (PatchResult& p : c.patches) p.rgb = p.rgb.cwiseProduct(before).cwiseQuotient(c.gains);
    const auto r = recipeFor(c);
    ASSERT_TRUE(r) << r.error().message;
    const std::string table = recipeTable(*r), text = recipeText(*r, c);
    const auto value = [&](const std::string& key) {
        const auto at = table.find(key);
        return at == std::string::npos ? -1e9 : std::stod(table.substr(at + key.size()));
    };
    const double kelvin = value("balance,temperature,");
    EXPECT_GT(kelvin, 2500);
    EXPECT_LT(kelvin, 5000);
    EXPECT_NEAR(value("balance,shift,"), 1e6 / 6504 - 1e6 / kelvin, 1) << "mired";
    EXPECT_LT(value("balance,shift,"), -50) << "a cooling filter's";
    EXPECT_NE(text.find("With temperature and tint instead"), std::string::npos);
    EXPECT_NE(text.find("cooling filter"), std::string::npos);
    // A camera's bare numbers have no such light, and nothing is made up.
    const std::string bare = recipeTable(*recipeFor(correction()));
    EXPECT_EQ(bare.find("temperature") == std::string::npos,
              !lightTakenOut(recipeFor(correction())->settings.gainStops));
}

TEST(Recipe, SaysWhatIsLeftOfEachPatch) {
    const auto r = recipeFor(correction());
    ASSERT_TRUE(r);
    double sum = 0, largest = 0;
    for (const RecipePatch& p : r->patches) {
        EXPECT_NEAR(p.left, ciede2000(p.wanted, p.reached), 1e-9) << p.id;
        sum += p.left;
        largest = std::max(largest, p.left);
    }
    EXPECT_NEAR(sum / static_cast<double>(r->patches.size()), r->left, 1e-9);
    EXPECT_DOUBLE_EQ(largest, r->largest);
}

TEST(Recipe, TellsTheStepsInTheOrderOfTheTrade) {
    const auto r = recipeFor(correction());
    ASSERT_TRUE(r);
    std::vector<std::string> names;
    for (const RecipeStep& s : r->steps) names.push_back(s.name);
    EXPECT_EQ(names, (std::vector<std::string>{"Balance", "Exposure", "Black and white", "Contrast",
                                               "Saturation", "Skin", "Hues"}));
    EXPECT_LT(r->steps.front().left, r->start) << "balance alone is most of it";
    EXPECT_DOUBLE_EQ(r->steps.back().left, r->left);
    const std::string text = recipeText(*r, correction());
    EXPECT_NE(text.find("1. Balance"), std::string::npos);
    EXPECT_NE(text.find("Gain of red"), std::string::npos);
    EXPECT_NE(text.find("In the end"), std::string::npos);
}

TEST(Recipe, OfAPictureThatIsRightSaysNothingToDo) {
    Correction c = correction();
    c.gains = {1, 1, 1};
    c.level = 1;
    c.greyCurves.reset();
    c.sectors.reset();
    c.colours = Colours(RootPolynomial(rgbToXyzD50(primaries::bt709)));
    const auto r = recipeFor(c);
    ASSERT_TRUE(r);
    EXPECT_LT(r->left, 0.01);
    for (const RecipeStep& s : r->steps) EXPECT_TRUE(s.instructions.empty()) << s.name;
}

TEST(Recipe, NeedsPatches) {
    Correction c = correction();
    c.patches.resize(7);
    EXPECT_FALSE(recipeFor(c));
}

}  // namespace
}  // namespace refero
