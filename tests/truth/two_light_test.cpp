// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A light between two that a chart was shot under, against a chart shot under it.
#include "core/fit/two_light.h"

#include <gtest/gtest.h>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/fit/fit.h"
#include "core/fit/verify.h"
#include "core/spectra/illuminant.h"
#include "io/chart_file.h"
#include "truth/trial.h"

namespace refero {
namespace {

const Chart& chart() {
    static const Chart c = *io::chartByNameOrPath("fen-24");
    return c;
}

Reading under(const sim::Body& body, const std::string& light, unsigned seed) {
    Reading r = test::trialReading(chart(), body, *illuminantByName(light), 0.002, seed);
    r.framePath = light + std::to_string(seed);
    return r;
}

Correction matrixUnder(const sim::Body& body, const std::string& light) {
    FitOptions options;
    options.model = Model::matrix;
    const Reading r = under(body, light, 3);
    return *fit(std::span(&r, 1), options);
}

double meanOn(const Correction& c, const Reading& r) {
    const auto v = verified(c, r);
    EXPECT_TRUE(v) << v.error().message;
    return v ? v->differences.mean : 99;
}

TEST(TwoLights, AreMixedNearlyAsWellAsAChartUnderTheLightBetween) {
    double mixed = 0, own = 0, warmAlone = 0, coolAlone = 0;
    for (const sim::Body& body : test::trialBodies()) {
        const Correction warm = matrixUnder(body, "blackbody-2856"),
                         cool = matrixUnder(body, "blackbody-6500");
        for (const double kelvin : {3500.0, 4200.0, 5200.0}) {
            const std::string light = "blackbody-" + std::to_string(static_cast<int>(kelvin));
            const Reading there = under(body, light, 8);
            const auto between = betweenLights({warm, 2856}, {cool, 6500}, kelvin);
            ASSERT_TRUE(between) << between.error().message;
            mixed += meanOn(*between, there);
            own += meanOn(matrixUnder(body, light), there);
            warmAlone += meanOn(warm, there);
            coolAlone += meanOn(cool, there);
        }
    }
    const double n = 3 * static_cast<double>(test::trialBodies().size());
    RecordProperty("mixed", std::to_string(mixed / n));
    RecordProperty("own", std::to_string(own / n));
    RecordProperty("warm", std::to_string(warmAlone / n));
    RecordProperty("cool", std::to_string(coolAlone / n));
    std::printf("mixed %.2f, own chart %.2f, warm one alone %.2f, cool one alone %.2f\n", mixed / n, own / n,
                warmAlone / n, coolAlone / n);
    EXPECT_LT(mixed, own + 0.8 * n);
    EXPECT_LT(mixed, 0.3 * std::min(warmAlone, coolAlone));
}

TEST(TwoLights, AGreyTellsWhichLightBetween) {
    for (const sim::Body& body : test::trialBodies()) {
        const Correction warm = matrixUnder(body, "blackbody-2856"),
                         cool = matrixUnder(body, "blackbody-6500");
        const Correction there = matrixUnder(body, "blackbody-4200");
        const auto kelvin = kelvinOfGrey({warm, 2856}, {cool, 6500}, 0.3 * there.gains.cwiseInverse());
        ASSERT_TRUE(kelvin) << kelvin.error().message;
        EXPECT_NEAR(1e6 / *kelvin, 1e6 / 4200, 12) << "mired";
    }
}

TEST(TwoLights, AtEitherEndAreThatEnd) {
    const sim::Body& body = test::trialBodies().front();
    const Correction warm = matrixUnder(body, "a"), cool = matrixUnder(body, "d65");
    const auto end = betweenLights({warm, 2856}, {cool, 6504}, 6504);
    ASSERT_TRUE(end);
    EXPECT_NEAR((*end->cameraToXyzD50() - *cool.cameraToXyzD50()).norm(), 0, 1e-9);
}

TEST(TwoLights, SayWhatCannotBeMixed) {
    const sim::Body& body = test::trialBodies().front();
    const Correction warm = matrixUnder(body, "a"), cool = matrixUnder(body, "d65");
    EXPECT_FALSE(betweenLights({warm, 2856}, {cool, 6504}, 2000)) << "outside";
    EXPECT_FALSE(betweenLights({warm, 2856}, {cool, 2900}, 2870)) << "one light";
    EXPECT_FALSE(betweenLights({warm, 2856}, {cool, 1e6}, 5000));
    Correction other = cool;
    other.body = "Another";
    EXPECT_FALSE(betweenLights({warm, 2856}, {other, 6504}, 4000));
    other = cool;
    other.greyCurves.emplace();
    EXPECT_FALSE(betweenLights({warm, 2856}, {other, 6504}, 4000));
    other = cool;
    other.inputEncoding = Encoding::srgb;
    EXPECT_FALSE(betweenLights({warm, 2856}, {other, 6504}, 4000));
    EXPECT_FALSE(kelvinOfGrey({warm, 2856}, {cool, 6504}, {1, 0, 1}));
    EXPECT_FALSE(kelvinOfGrey({warm, 2856}, {cool, 6504}, {0.01, 0.3, 0.9})) << "bluer than either";
}

}  // namespace
}  // namespace refero
