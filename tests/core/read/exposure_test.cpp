// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Exposure against what a curve calls nominal.
#include <gtest/gtest.h>

#include "core/colour/lab.h"
#include "core/read/checks.h"

namespace refero {
namespace {

// A grey series at a level of the perfect diffuser, in the reading's linear light.
Reading greysAt(const Transfer& encoding, double white) {
    Reading r;
    r.found = true;
    r.width = 1000;
    r.height = 600;
    r.encoding = encoding;
    r.corners = {Point{200, 200}, {800, 200}, {800, 400}, {200, 400}};
    r.chart.id = r.chart.name = "greys";
    r.chart.outlineMm = {120, 40};
    for (int i = 0; i < 6; ++i) {
        Patch p;
        p.id = "G" + std::to_string(i + 1);
        p.role = Role::neutral;
        p.centreMm = {10.0 + 20 * i, 20};
        p.sizeMm = {16, 16};
        p.labD50 = {95.0 - 13 * i, 0, 0, white::d50};
        PatchReading m;
        m.id = p.id;
        m.pixels = 2000;
        m.rgb.setConstant(white * toXyz(p.labD50).y);
        m.deviation = m.rgb * 0.01;
        r.chart.patches.push_back(p);
        r.patches.push_back(m);
    }
    return r;
}

const Check exposureOf(const Reading& r, const Limits& limits = {}) {
    for (const Check& c : judged(r, limits))
        if (c.id == "exposure") return c;
    ADD_FAILURE();
    return {};
}

// A log recording holds white far below the end of its range: told to open up by five stops before.
TEST(Exposure, OfANominalLogFrameIsGood) {
    const auto log = Transfer::fromLog(LogCurve{});
    ASSERT_TRUE(log);
    for (const Transfer& t :
         {*log, Transfer(Encoding::hlg), Transfer(Encoding::pq), Transfer(Encoding::acescct)}) {
        const double nominal = *nominalWhite(t);
        const Check c = exposureOf(greysAt(t, nominal));
        EXPECT_EQ(c.verdict, Verdict::pass) << t.name();
        EXPECT_NEAR(c.value, 0, 0.02) << t.name();
        EXPECT_EQ(c.unit, kNominalUnit);
        EXPECT_EQ(limitIdOf(c), "nominal");
    }
}

TEST(Exposure, IsToldInStopsFromNominal) {
    const Transfer hlg = Encoding::hlg;
    const double nominal = *nominalWhite(hlg);
    const Check under = exposureOf(greysAt(hlg, nominal / 4)), over = exposureOf(greysAt(hlg, nominal * 2.6));
    EXPECT_NEAR(under.value, -2, 0.02);
    EXPECT_EQ(under.verdict, Verdict::review);
    EXPECT_NE(under.remedy.find("Open up by 2.0 stops"), std::string::npos) << under.remedy;
    EXPECT_NEAR(over.value, std::log2(2.6), 0.02);
    EXPECT_NE(over.remedy.find("Close down"), std::string::npos);
    EXPECT_EQ(exposureOf(greysAt(hlg, nominal / 4), *limitsByName("Film")).verdict, Verdict::pass)
        << "crews hold a log recording two stops either way";
}

TEST(Exposure, OfLinearFramesAndPicturesIsAShareOfClippingAsBefore) {
    EXPECT_EQ(exposureOf(greysAt(Encoding::linear, 0.8)).unit, "of clipping");
    EXPECT_EQ(limitIdOf(exposureOf(greysAt(Encoding::srgb, 0.8))), "exposure");
}

}  // namespace
}  // namespace refero
