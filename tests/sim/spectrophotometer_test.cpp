// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/spectrophotometer.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/colour/difference.h"
#include "core/instrument/copy_measurement.h"
#include "io/chart_file.h"

namespace refero::sim {
namespace {

class MeasuredCopy : public testing::Test {
  protected:
    Chart design = io::shippedCharts().front();
    Chart truth = aged(design, {18, 0.006, 7});
    SimulatedSpectrophotometer instrument{truth, 3};
    CopyMeasurement copy{design};

    void measure(std::size_t i) {
        if (instrument.wantsTile()) {
            ASSERT_TRUE(instrument.calibrate());
        }
        instrument.layOn(design.patches[i].id);
        const auto r = instrument.measure();
        ASSERT_TRUE(r) << r.error().message;
        ASSERT_TRUE(copy.add(i, *r));
    }
    double furthest(const Chart& a, const Chart& b) {
        double most = 0;
        for (std::size_t i = 0; i < a.patches.size(); ++i)
            most = std::max(most, ciede2000(a.patches[i].labD50, b.patches[i].labD50));
        return most;
    }
};

TEST_F(MeasuredCopy, GetsItsOwnValuesWhichAreNearerTheTruthThanTheDesigns) {
    EXPECT_FALSE(copy.chart("x")) << "nothing is measured yet";
    for (std::size_t i = 0; i < design.patches.size(); ++i) measure(i);
    ASSERT_TRUE(copy.complete());
    const auto own = copy.chart("measured in the test");
    ASSERT_TRUE(own) << own.error().message;
    EXPECT_TRUE(validate(*own));
    EXPECT_EQ(own->source, "measured in the test");
    EXPECT_GT(furthest(design, truth), 1.0) << "eighteen months leave a trace";
    EXPECT_LT(furthest(*own, truth), 0.5) << "drift between tiles and noise together";
}

TEST_F(MeasuredCopy, TheTileTakesOutTheDrift) {
    EXPECT_TRUE(instrument.wantsTile());
    EXPECT_FALSE(instrument.measure()) << "never calibrated";
    ASSERT_TRUE(instrument.calibrate());
    const std::size_t white = design.neutrals().front();
    const auto lightnessAfter = [&](int measurements) {
        Lab last{};
        for (int k = 0; k < measurements; ++k) {
            instrument.layOn(design.patches[white].id);
            const auto r = instrument.measure();
            EXPECT_TRUE(r);
            CopyMeasurement one(design);
            EXPECT_TRUE(one.add(white, *r));
            last = *one.labD50(white);
        }
        return last.L;
    };
    const double fresh = lightnessAfter(1), drifted = lightnessAfter(10);
    EXPECT_LT(drifted, fresh - 0.2) << "the lamp loses some";
    EXPECT_FALSE(instrument.wantsTile());
    (void)lightnessAfter(1);
    EXPECT_TRUE(instrument.wantsTile());
    ASSERT_TRUE(instrument.calibrate());
    EXPECT_NEAR(lightnessAfter(1), fresh, 0.15);
}

TEST_F(MeasuredCopy, RepeatsAreAveragedAndAWrongPatchIsNotMixedIn) {
    measure(0);
    ASSERT_TRUE(instrument.calibrate());
    instrument.layOn(design.patches[0].id);
    EXPECT_EQ(*copy.add(0, *instrument.measure()), CopyMeasurement::Taken::averaged);
    instrument.layOn(design.patches[5].id);
    EXPECT_EQ(*copy.add(0, *instrument.measure()), CopyMeasurement::Taken::anew);
    EXPECT_GT(*copy.difference(0), CopyMeasurement::kSuspicious) << "and it is seen to be another";
    EXPECT_EQ(copy.measured(), 1u);
    EXPECT_EQ(copy.next(), 1u);
    EXPECT_EQ(copy.next(design.patches.size() - 1), design.patches.size() - 1);
    copy.remove(0);
    EXPECT_EQ(copy.next(), 0u);
    EXPECT_FALSE(copy.labD50(0));
    EXPECT_FALSE(copy.add(999, *instrument.measure()));
    EXPECT_FALSE(copy.add(0, Reflectance{380, 10, {}}));
    Reflectance odd{380, 10, std::vector<double>(36, std::nan(""))};
    EXPECT_FALSE(copy.add(0, odd));
}

}  // namespace
}  // namespace refero::sim
