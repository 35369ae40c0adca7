// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/treatment.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include "core/colour/lab.h"
#include "core/fit/fit.h"

namespace refero {
namespace {

// Six by five patches of a camera that sees XYZ; the last row is grey. Everything of it is known exactly.
Reading seen() {
    Reading r;
    r.found = true;
    r.chart.id = r.chart.name = "made-up";
    r.chart.outlineMm = {180, 150};
    for (int row = 0; row < 5; ++row)
        for (int k = 0; k < 6; ++k) {
            Patch p;
            p.id = std::string(1, static_cast<char>('A' + row)) + std::to_string(k + 1);
            p.centreMm = {15.0 + 30 * k, 15.0 + 30 * row};
            p.sizeMm = {26, 26};
            const double hue = 0.35 * (6 * row + k);
            p.labD50 = row == 4 ? Lab{95.0 - 14 * k, 0, 0, white::d50}
                                : Lab{40.0 + 9 * row, 25 * std::cos(hue), 25 * std::sin(hue), white::d50};
            p.role = row == 4 ? Role::neutral : Role::other;
            PatchReading m;
            m.id = p.id;
            m.rgb = toXyz(p.labD50).vector().cwiseQuotient(whiteXyz(white::d50).vector()) * 0.8;
            m.deviation.setConstant(0.002);
            m.pixels = 400;
            r.chart.patches.push_back(p);
            r.patches.push_back(m);
        }
    ChartLight light;
    light.field.middleMm = light.field.halfMm = r.chart.outlineMm / 2;
    light.white = Vector3::Constant(0.8);
    light.errorStops.assign(r.patches.size(), 0.002);
    light.flareError.setConstant(0.0002);
    r.light = light;
    return r;
}

std::vector<TreatmentKind> kindsOf(const TreatedReading& t) {
    std::vector<TreatmentKind> out;
    for (const Treatment& each : t.treatments) out.push_back(each.kind);
    return out;
}

TEST(Treatments, OfACleanShotAreNone) {
    const Reading r = seen();
    const TreatedReading t = treated(r);
    EXPECT_TRUE(t.treatments.empty());
    for (std::size_t i = 0; i < r.patches.size(); ++i) EXPECT_EQ(t.reading.patches[i].rgb, r.patches[i].rgb);
}

TEST(Treatments, TakeOutTheLightThatWasPutOn) {
    const Reading truth = seen();
    Reading lit = truth;
    lit.light->field.stops = {0, 0.2, -0.1, 0, 0, 0};
    lit.light->rangeStops = 0.6;
    for (std::size_t i = 0; i < lit.patches.size(); ++i)
        lit.patches[i].rgb *= std::exp2(lit.light->at(lit.chart.patches[i].centreMm));
    const TreatedReading t = treated(lit);
    EXPECT_THAT(kindsOf(t), testing::ElementsAre(TreatmentKind::unevenLight));
    for (std::size_t i = 0; i < lit.patches.size(); ++i) {
        EXPECT_NEAR((t.reading.patches[i].rgb - truth.patches[i].rgb).norm(), 0, 1e-12);
        EXPECT_GT(t.reading.patches[i].standardError().y(), truth.patches[i].standardError().y())
            << "what the light is not known by stays with the patch";
    }
    EXPECT_TRUE(t.reading.lightTakenOut.chart);
    EXPECT_TRUE(treated(t.reading).treatments.empty()) << "once is enough";
}

TEST(Treatments, LeaveLightAloneThatIsNotKnown) {
    Reading r = seen();
    r.light->field.stops = {0, 0.02, 0, 0, 0, 0};
    r.light->errorStops.assign(r.patches.size(), 0.05);
    EXPECT_TRUE(treated(r).treatments.empty());
}

TEST(Treatments, SubtractFlareWhereItIsCertain) {
    Reading r = seen();
    const Vector3 flare(0.01, 0.012, 0.014);
    for (PatchReading& p : r.patches) p.rgb += flare;
    r.light->flare = flare;
    r.light->flareShare = flare.y() / 0.8;
    const TreatedReading t = treated(r);
    ASSERT_THAT(kindsOf(t), testing::ElementsAre(TreatmentKind::flare));
    EXPECT_NEAR(t.treatments.front().amount, 0.015, 1e-12);
    EXPECT_NEAR((t.reading.patches[3].rgb - seen().patches[3].rgb).norm(), 0, 1e-12);
    EXPECT_TRUE(treated(t.reading).treatments.empty()) << "once is enough";
    r.light->flareError.setConstant(0.01);
    EXPECT_TRUE(treated(r).treatments.empty()) << "not where it might be nothing";
}

TEST(Treatments, LeaveOutWhatIsCoveredClippedOrCrossed) {
    Reading r = seen();
    r.light->covered = {2};
    r.patches[7].blotch = 0.2;
    r.patches[9].clipped = 0.5;
    r.light->specular = {11};
    r.light->shadow = ShadowEdge{{90, 75}, {1, 0}, 0.8, 4};
    const TreatedReading t = treated(r);
    EXPECT_THAT(kindsOf(t), testing::ElementsAre(TreatmentKind::covered, TreatmentKind::specular,
                                                 TreatmentKind::clipped, TreatmentKind::shadow));
    EXPECT_THAT(t.treatments[0].patches, testing::ElementsAre("A3", "B2"));
    EXPECT_THAT(t.treatments[1].patches, testing::ElementsAre("B6"));
    EXPECT_THAT(t.treatments[2].patches, testing::ElementsAre("B4"));
    EXPECT_EQ(t.treatments[3].patches.size(), 15u) << "half of the chart lies in it";
    EXPECT_TRUE(t.reading.patches[2].leftOut);
    r.light->shadow->throughMm = {105, 75};  // through the middle of a column
    EXPECT_EQ(shadowEdgePatches(r).size(), 5u);
}

TEST(Treatments, KeepEnoughForAFit) {
    Reading r = seen();
    for (std::size_t i = 0; i < r.patches.size(); ++i) r.light->covered.push_back(i);
    const TreatedReading t = treated(r);
    std::size_t greys = 0, all = 0;
    for (std::size_t i = 0; i < r.patches.size(); ++i) {
        all += !t.reading.patches[i].leftOut;
        greys += !t.reading.patches[i].leftOut && r.chart.patches[i].role == Role::neutral;
    }
    EXPECT_EQ(all, 15u);
    EXPECT_GE(greys, 4u);
}

TEST(Treatments, OfPicturesLeaveOutWhatTheEncodingHasCut) {
    Reading r = seen();
    r.encoding = Encoding::srgb;
    r.patches[4].rgb = {0.5, 0.2, 0};
    const TreatedReading t = treated(r);
    ASSERT_EQ(t.treatments.size(), 1u);
    EXPECT_EQ(t.treatments.front().kind, TreatmentKind::clipped);
    EXPECT_THAT(t.treatments.front().patches, testing::ElementsAre("A5"));
}

TEST(Treatments, AreSwitchedOffByOneControl) {
    Reading r = seen();
    r.light->covered = {2};
    FitOptions o;
    o.model = Model::matrix;
    const auto mended = fit(std::span(&r, 1), o);
    o.asShot = true;
    const auto asShot = fit(std::span(&r, 1), o);
    ASSERT_TRUE(mended && asShot);
    EXPECT_EQ(mended->treatments.size(), 1u);
    EXPECT_FALSE(mended->patches[2].used);
    EXPECT_TRUE(asShot->treatments.empty());
    EXPECT_TRUE(asShot->asShot);
    EXPECT_TRUE(asShot->patches[2].used);
}

TEST(Treatments, HaveNamesForFiles) {
    for (const TreatmentKind k : kTreatmentKinds) EXPECT_EQ(*treatmentKindByName(name(k)), k);
    EXPECT_FALSE(treatmentKindByName("prayer"));
}

}  // namespace
}  // namespace refero
