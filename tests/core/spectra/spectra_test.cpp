// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <fstream>
#include <map>
#include <sstream>

#include "core/colour/lab.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "core/spectra/smooth_reflectance.h"
#include "core/spectra/temperature.h"
#include "support/cgats_table.h"

namespace refero {
namespace {

Spectrum toSpectrum(const std::map<int, double>& set) {
    Spectrum s;
    for (std::size_t i = 0; i < Spectrum::size; ++i) s[i] = set.at(static_cast<int>(Spectrum::wavelength(i)));
    return s;
}

TEST(Tables, AreTheInstalledOnes) {
    const auto two = test::cgatsTable("cmf/CIE1931-2deg-XYZ.cmf"),
               ten = test::cgatsTable("cmf/CIE1964-10deg-XYZ.cmf");
    ASSERT_EQ(two.size(), 3u);
    ASSERT_EQ(ten.size(), 3u);
    EXPECT_EQ(cie1931().x.values, toSpectrum(two[0]).values);
    EXPECT_EQ(cie1931().y.values, toSpectrum(two[1]).values);
    EXPECT_EQ(cie1931().z.values, toSpectrum(two[2]).values);
    EXPECT_EQ(cie1964().y.values, toSpectrum(ten[1]).values);
    for (const char* name : {"A", "D50", "D55", "D65", "F2", "F7", "F11"}) {
        const auto sets = test::cgatsTable(std::string("illuminant/CIE-") + name + ".sp");
        ASSERT_EQ(sets.size(), 1u) << name;
        EXPECT_EQ(illuminantByName(name)->values, toSpectrum(sets[0]).values) << name;
    }
}

// CIE 015 tables T.3 (illuminants A and D) and T.8 (fluorescent lamps): chromaticities for both observers.
struct White {
    const char* name;
    double x2, y2, tolerance;
};
constexpr White kWhites[] = {{"a", 0.44758, 0.40745, 2e-5},   {"d50", 0.34567, 0.35850, 4e-5},
                             {"d55", 0.33243, 0.34744, 4e-5}, {"d65", 0.31272, 0.32903, 4e-5},
                             {"f2", 0.3721, 0.3751, 1e-4},    {"f7", 0.3129, 0.3292, 1e-4},
                             {"f11", 0.3805, 0.3769, 1e-4}};

TEST(Illuminants, HaveThePublishedChromaticities) {
    for (const White& w : kWhites) {
        const Chromaticity c = chromaticity(lightXyz(*illuminantByName(w.name)));
        EXPECT_NEAR(c.x, w.x2, w.tolerance) << w.name;
        EXPECT_NEAR(c.y, w.y2, w.tolerance) << w.name;
    }
    // CIE 015: D65 for the 10 degree observer is 0.31381, 0.33098.
    const Chromaticity ten = chromaticity(lightXyz(*illuminantByName("d65"), cie1964()));
    EXPECT_NEAR(ten.x, 0.31381, 5e-5);
    EXPECT_NEAR(ten.y, 0.33098, 5e-5);
}

TEST(Illuminants, AreFoundByNameInAnyCase) {
    EXPECT_TRUE(illuminantByName("D65"));
    EXPECT_TRUE(illuminantByName("daylight-7200"));
    EXPECT_TRUE(illuminantByName("blackbody-2900"));
    for (const std::string& name : illuminantNames()) EXPECT_TRUE(illuminantByName(name)) << name;
    for (const char* wrong : {"d99", "", "daylight-", "daylight-3000", "blackbody-x", "blackbody-1e9"})
        EXPECT_FALSE(illuminantByName(wrong)) << wrong;
}

// CIE 015, 4.1.2: D65 is the daylight of 6500 * 1.4388 / 1.4380 K.
TEST(Daylight, At6504KelvinIsD65) {
    const Spectrum made = *daylight(6500 * 1.4388 / 1.4380), table = *illuminantByName("d65");
    const double scale = table[36] / made[36];
    for (std::size_t i = 0; i < Spectrum::size; ++i)
        EXPECT_NEAR(made[i] * scale, table[i], 0.002 * table[36]) << Spectrum::wavelength(i);
}

TEST(Daylight, HasTheTemperatureAskedFor) {
    for (double kelvin : {4500.0, 5500.0, 6500.0, 7500.0, 10000.0}) {
        const auto t = colourTemperature(chromaticity(lightXyz(*daylight(kelvin))));
        ASSERT_TRUE(t);
        EXPECT_NEAR(t->kelvin, kelvin,
                    0.006 * kelvin);  // the locus was fitted to nominal temperatures on an older scale
        EXPECT_GT(t->duv, 0) << "daylight lies above the Planckian locus";
    }
}

// Planck: illuminant A is a black body of 2848 K on the scale of c2 = 1.435e-2, which is 2855.5 K today (CIE
// 015, 4.1.1).
TEST(BlackBody, At2855KelvinIsIlluminantA) {
    const Spectrum made = *blackbody(2855.5), table = *illuminantByName("a");
    for (std::size_t i = 0; i < Spectrum::size; ++i)
        EXPECT_NEAR(made[i], table[i], 0.002 * table[i] + 0.0005);
}

// Wien's displacement law, b = 2.897772e6 nm K (CODATA).
TEST(BlackBody, PeaksWhereWienSays) {
    for (double kelvin : {4500.0, 5000.0, 6000.0, 7000.0}) {
        const Spectrum s = *blackbody(kelvin);
        const auto peak = std::max_element(s.values.begin(), s.values.end()) - s.values.begin();
        EXPECT_NEAR(Spectrum::wavelength(static_cast<std::size_t>(peak)), 2.897772e6 / kelvin, 2.51)
            << kelvin;
    }
}

// CIE 015 table T.8: 4230 K, 6500 K and 4000 K for F2, F7 and F11; 2856 K for A.
TEST(ColourTemperature, OfTheCiesLampsIsThePublished) {
    const std::map<const char*, double> kelvin{{"a", 2856},   {"f2", 4230},  {"f7", 6500},
                                               {"f11", 4000}, {"d65", 6504}, {"d50", 5003}};
    for (const auto& [name, expected] : kelvin) {
        const auto t = colourTemperature(chromaticity(lightXyz(*illuminantByName(name))));
        ASSERT_TRUE(t) << name;
        EXPECT_NEAR(t->kelvin, expected, 0.002 * expected) << name;
    }
}

TEST(ColourTemperature, OfABlackBodyIsItsOwn) {
    for (double kelvin : {1800.0, 2700.0, 4000.0, 9000.0, 20000.0}) {
        const auto t = colourTemperature(chromaticity(lightXyz(*blackbody(kelvin))));
        ASSERT_TRUE(t);
        EXPECT_NEAR(t->kelvin, kelvin, 0.1 + 1e-5 * kelvin);
        EXPECT_NEAR(t->duv, 0, 1e-6);
        EXPECT_NEAR(t->mired(), 1e6 / kelvin, 1e-2);
    }
}

TEST(ColourTemperature, IsRefusedFarFromWhite) {
    EXPECT_FALSE(colourTemperature({0.64, 0.33}));
    EXPECT_FALSE(colourTemperature({0.3, 0.6}));
    EXPECT_FALSE(colourTemperature({0.3, 0.0}));
}

// CIE 13.3: the general colour rendering index, here as a check on observers, lamps, daylight, black body,
// temperature and test colours together. CIE 015 table T.8 gives 64, 90 and 83 for F2, F7 and F11.
struct Uv {
    double u, v;
};
Uv uv1960(const Xyz& c) {
    const UvPrime p = uvPrime(c);
    return {p.u, p.v * 2 / 3};
}

double renderingIndex(const Spectrum& lamp) {
    const double kelvin = colourTemperature(chromaticity(lightXyz(lamp)))->kelvin;
    const Spectrum reference = kelvin < 5000 ? *blackbody(kelvin) : *daylight(kelvin);
    const Uv k = uv1960(lightXyz(lamp)), r = uv1960(lightXyz(reference));
    const auto c = [](const Uv& p) { return (4 - p.u - 10 * p.v) / p.v; };
    const auto d = [](const Uv& p) { return (1.708 * p.v + 0.404 - 1.481 * p.u) / p.v; };
    const auto tests = test::cgatsTable("ref/CIE-TCS.sp");
    double sum = 0;
    for (int i = 0; i < 8; ++i) {
        const Spectrum patch = toSpectrum(tests.at(static_cast<std::size_t>(i)));
        const Xyz ki = reflectedXyz(patch, lamp), ri = reflectedXyz(patch, reference);
        const Uv pk = uv1960(ki), pr = uv1960(ri);
        const double cc = c(r) / c(k) * c(pk), dd = d(r) / d(k) * d(pk), q = 16.518 + 1.481 * cc - dd;
        const Uv adapted{(10.872 + 0.404 * cc - 4 * dd) / q, 5.520 / q};
        const double wk = 25 * std::cbrt(100 * ki.y) - 17, wr = 25 * std::cbrt(100 * ri.y) - 17;
        const double du = 13 * wr * (pr.u - r.u) - 13 * wk * (adapted.u - r.u);
        const double dv = 13 * wr * (pr.v - r.v) - 13 * wk * (adapted.v - r.v);
        sum += 100 - 4.6 * std::sqrt(du * du + dv * dv + (wr - wk) * (wr - wk));
    }
    return sum / 8;
}

TEST(TestColours, GiveTheLampsTheirPublishedRendering) {
    ASSERT_EQ(test::cgatsTable("ref/CIE-TCS.sp").size(), 15u);
    EXPECT_NEAR(renderingIndex(*illuminantByName("f2")), 64, 0.6);
    EXPECT_NEAR(renderingIndex(*illuminantByName("f7")), 90, 0.6);
    EXPECT_NEAR(renderingIndex(*illuminantByName("f11")), 83, 0.6);
    EXPECT_NEAR(renderingIndex(*illuminantByName("a")), 100, 0.2);
}

TEST(WhiteLeds, AreWhiteAndNearTheirNames) {
    const auto warm = colourTemperature(chromaticity(lightXyz(whiteLed(WhiteLed::warm3000))));
    const auto cool = colourTemperature(chromaticity(lightXyz(whiteLed(WhiteLed::cool5600))));
    ASSERT_TRUE(warm);
    ASSERT_TRUE(cool);
    EXPECT_NEAR(warm->kelvin, 3000, 250);
    EXPECT_NEAR(cool->kelvin, 5600, 500);
    EXPECT_LT(std::abs(warm->duv), 0.012);
    EXPECT_LT(std::abs(cool->duv), 0.012);
}

TEST(Resampling, InterpolatesAndHoldsItsEnds) {
    const double samples[] = {0.2, 0.4};
    const Spectrum s = resampled(500, 100, samples);
    EXPECT_DOUBLE_EQ(s[0], 0.2);
    EXPECT_DOUBLE_EQ(s[Spectrum::size - 1], 0.4);
    EXPECT_NEAR(s[(550 - 380) / 5], 0.3, 1e-12);
}

TEST(SmoothReflectance, HasTheColourAndIsAReflectance) {
    for (const Lab& target : {Lab{50, 0, 0, white::d50}, Lab{43, 52, 36, white::d50},
                              Lab{82, 2, 74, white::d50}, Lab{16, 0, 0, white::d50}}) {
        const Spectrum r = smoothReflectance(target);
        for (double v : r.values) {
            EXPECT_GT(v, 0);
            EXPECT_LT(v, 1);
        }
        const Lab got = toLab(reflectedXyz(r, *illuminantByName("d50")), white::d50);
        EXPECT_NEAR(got.L, target.L, 0.01);
        EXPECT_NEAR(got.a, target.a, 0.02);
        EXPECT_NEAR(got.b, target.b, 0.02);
    }
}

}  // namespace
}  // namespace refero
