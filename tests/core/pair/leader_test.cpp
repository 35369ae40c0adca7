// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/leader.h"

#include <gtest/gtest.h>

#include "core/colour/difference.h"
#include "core/fit/fit.h"
#include "core/pair/made_up.h"

namespace refero {
namespace {

using test::madeUpReading;

// A contrast about mid-grey and a warm cast.
Vector3 looked(const Vector3& rgb) {
    return Vector3(rgb.array().max(0).pow(1.2) * 1.1).cwiseProduct(Vector3(1.05, 1, 0.9));
}

TEST(LeadersLook, APictureShowsItself) {
    const Reading a = madeUpReading("a.jpg", "A", Encoding::srgb, looked);
    EXPECT_TRUE(showsItself(a));
    const auto aim = aimOf({a}, a.chart);
    ASSERT_TRUE(aim) << aim.error().message;
    ASSERT_TRUE(aim->look);
    EXPECT_EQ(aim->origin.kind, AimKind::reading);
    EXPECT_EQ(aim->origin.body, "A");
    for (const PatchReading& p : a.patches) {
        const Lab shown =
            toLab(Xyz::from(xyzD50ToLinear(OutputSpace::linearSrgb).inverse() * p.rgb), white::d50);
        const Lab through = toLab(aim->look->shown(aim->colours.at(p.id).xyz), white::d50);
        EXPECT_LT(ciede2000(shown, through), 0.02) << p.id;
    }
}

TEST(LeadersLook, IsUndoneSoThatGreysGoToTheirReferences) {
    const Reading a = madeUpReading("a.jpg", "A", Encoding::srgb, looked);
    const auto aim = aimOf({a}, a.chart);
    ASSERT_TRUE(aim);
    for (const std::size_t i : a.neutrals())
        EXPECT_LT(
            ciede2000(a.chart.patches[i].labD50, toLab(aim->colours.at(a.patches[i].id).xyz, white::d50)),
            1.0)
            << a.patches[i].id;
}

TEST(LeadersLook, OfALinearCameraIsItsCorrectionAndFinish) {
    const Reading a = madeUpReading("a.dng", "A", Encoding::linear, [](const Vector3& v) {
        return Vector3(0.5 * v.x() + 0.1 * v.y(), 0.7 * v.y() + 0.05 * v.z(), 0.6 * v.z() + 0.02 * v.x());
    });
    EXPECT_FALSE(showsItself(a));
    FitOptions o;
    o.finish = *finishByName("rounded");
    const auto through = fit(std::span(&a, 1), o);
    ASSERT_TRUE(through);
    const auto aim = aimOf({a, *through}, a.chart);
    ASSERT_TRUE(aim);
    EXPECT_FALSE(aim->look);
    EXPECT_EQ(aim->finish, through->finish);
    EXPECT_EQ(aim->origin.through, through->name);
    for (const PatchReading& p : a.patches)
        EXPECT_LT(ciede2000(through->toLab(p.rgb), toLab(aim->colours.at(p.id).xyz, white::d50)), 1e-6);
}

TEST(LeadersLook, IsTranslatedToAnotherChartAtAPrice) {
    const Reading a = madeUpReading("a.jpg", "A", Encoding::srgb, looked);
    Chart other = a.chart;
    other.id = "other";
    // Colours half way between two of the leader's chart.
    for (std::size_t i = 8; i + 1 < other.patches.size(); ++i) {
        const Lab &one = a.chart.patches[i].labD50, &next = a.chart.patches[i + 1].labD50;
        other.patches[i].labD50 = {(one.L + next.L) / 2, (one.a + next.a) / 2, (one.b + next.b) / 2,
                                   white::d50};
    }
    const auto aim = aimOf({a}, other);
    ASSERT_TRUE(aim) << aim.error().message;
    EXPECT_GT(aim->origin.translationError, 0);
    double sum = 0;
    for (const Patch& p : other.patches) {
        const Vector3 rgb = looked(xyzD50ToLinear(OutputSpace::linearSrgb) * toXyz(p.labD50).vector());
        const Lab truth =
            toLab(Xyz::from(xyzD50ToLinear(OutputSpace::linearSrgb).inverse() * rgb), white::d50);
        sum += ciede2000(truth, toLab(aim->look->shown(aim->colours.at(p.id).xyz), white::d50));
    }
    EXPECT_LT(sum / static_cast<double>(other.patches.size()), 1.5);
}

TEST(LeadersLook, IsRefusedWithARemedy) {
    Reading a = madeUpReading("a.jpg", "A", Encoding::srgb, looked);
    const auto says = [](const Result<Aim>& r, const char* words) {
        ASSERT_FALSE(r);
        EXPECT_NE(r.error().message.find(words), std::string::npos) << r.error().message;
    };
    Reading clipped = a;
    for (std::size_t i = 0; i < 3; ++i) clipped.patches[i].clipped = 1;
    says(aimOf({clipped}, a.chart), "Expose the leading camera less");
    Reading gone = a;
    gone.found = false;
    says(aimOf({gone}, a.chart), "holds no chart");
    Correction any;
    says(aimOf({a, any}, a.chart), "Leave the correction out");
    Reading linear = madeUpReading("a.dng", "A", Encoding::linear, [](const Vector3& v) { return v; });
    Correction others;
    others.body = "B";
    says(aimOf({linear, others}, a.chart), "belongs to a.dng");
    Reading few = a;
    for (std::size_t i = 7; i < few.patches.size(); ++i) few.patches[i].leftOut = true;
    says(aimOf({few}, a.chart), "eight are needed");
}

}  // namespace
}  // namespace refero
