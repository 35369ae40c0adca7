// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/chart_file.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::TemporaryFolder;

TEST(ShippedCharts, AreFen24AndFen48) {
    const auto& charts = io::shippedCharts();
    ASSERT_EQ(charts.size(), 2u);
    EXPECT_EQ(charts[0].id, "fen-24");
    EXPECT_EQ(charts[0].patches.size(), 24u);
    EXPECT_EQ(charts[1].id, "fen-48");
    EXPECT_EQ(charts[1].patches.size(), 48u);
    for (const Chart& c : charts) EXPECT_TRUE(validate(c));
}

TEST(ShippedCharts, HaveWhatTheyWereDesignedFor) {
    for (const Chart& c : io::shippedCharts()) {
        int skin = 0, primary = 0, secondary = 0, foliage = 0, sky = 0, warm = 0, cool = 0, corners = 0;
        for (const Patch& p : c.patches) {
            skin += p.role == Role::skin;
            primary += p.role == Role::primary;
            secondary += p.role == Role::secondary;
            foliage += p.role == Role::foliage;
            sky += p.role == Role::sky;
            warm += p.role == Role::warm;
            cool += p.role == Role::cool;
            // A mid-grey near every corner, so that uneven light is measured.
            const bool atCorner =
                (p.centreMm.x() < 0.15 * c.outlineMm.x() || p.centreMm.x() > 0.85 * c.outlineMm.x()) &&
                (p.centreMm.y() < 0.25 * c.outlineMm.y() || p.centreMm.y() > 0.75 * c.outlineMm.y());
            corners += atCorner && p.role == Role::neutral && std::abs(p.labD50.L - 52) < 1;
        }
        EXPECT_EQ(corners, 4) << c.id;
        EXPECT_GE(c.neutrals().size(), 12u);
        EXPECT_GE(skin, 3);
        EXPECT_EQ(primary, 3);
        EXPECT_EQ(secondary, 3);
        EXPECT_GE(foliage, 1);
        EXPECT_GE(sky, 1);
        if (c.id == "fen-48") {
            EXPECT_EQ(warm, 3);
            EXPECT_EQ(cool, 3);
        }
    }
}

TEST(ShippedCharts, StayWithinBt709sGamut) {
    const Matrix3 toRgb = xyzD50ToLinear(OutputSpace::linearSrgb);
    for (const Chart& c : io::shippedCharts())
        for (const Patch& p : c.patches) {
            const Vector3 rgb = toRgb * toXyz(p.labD50).vector();
            EXPECT_GE(rgb.minCoeff(), -0.002) << c.id << " " << p.id << " " << p.name;
            EXPECT_LE(rgb.maxCoeff(), 1.0) << c.id << " " << p.id;
        }
}

TEST(ShippedCharts, HaveTheLabOfTheirReflectances) {
    const Spectrum d50 = *illuminantByName("d50");
    constexpr double kWrittenDigits = 0.002;
    for (const Chart& c : io::shippedCharts())
        for (const Patch& p : c.patches) {
            ASSERT_TRUE(p.reflectance);
            const Lab lab = toLab(reflectedXyz(p.reflectance->spectrum(), d50), white::d50);
            EXPECT_NEAR(lab.L, p.labD50.L, kWrittenDigits);
            EXPECT_NEAR(lab.a, p.labD50.a, kWrittenDigits);
            EXPECT_NEAR(lab.b, p.labD50.b, kWrittenDigits);
        }
}

// Pigments have broad bands: between neighbouring samples 10 nm apart a reflectance moves little, and its
// slope less.
TEST(ShippedCharts, HaveSmoothReflectances) {
    for (const Chart& c : io::shippedCharts())
        for (const Patch& p : c.patches) {
            const auto& v = p.reflectance->values;
            for (std::size_t i = 5; i + 1 < v.size(); ++i)
                EXPECT_LT(std::abs(v[i + 1] - 2 * v[i] + v[i - 1]), 0.05) << c.id << " " << p.id;
        }
}

TEST(ChartFile, ComesBackAsItWent) {
    const TemporaryFolder folder;
    for (const Chart& c : io::shippedCharts()) {
        ASSERT_TRUE(io::writeChart(c, folder / "c.chart.json"));
        const auto again = io::readChart(folder / "c.chart.json");
        ASSERT_TRUE(again) << again.error().message;
        ASSERT_EQ(again->patches.size(), c.patches.size());
        EXPECT_EQ(again->outlineMm, c.outlineMm);
        for (std::size_t i = 0; i < c.patches.size(); ++i) {
            EXPECT_EQ(again->patches[i].id, c.patches[i].id);
            EXPECT_EQ(again->patches[i].name, c.patches[i].name);
            EXPECT_EQ(again->patches[i].role, c.patches[i].role);
            EXPECT_EQ(again->patches[i].labD50.b, c.patches[i].labD50.b);
            EXPECT_EQ(again->patches[i].reflectance->values, c.patches[i].reflectance->values);
        }
        EXPECT_EQ(folder.files(), 1u) << "nothing is left beside the file";
    }
}

TEST(ChartFile, ReadsTheContractsOwnExample) {
    const auto c = io::parseChart(R"({
      "format": "refero-chart", "version": 1, "id": "x", "name": "X", "source": "me",
      "outline_mm": [280.0, 190.0], "surround_lab_d50": [22.0, 0.0, 0.0],
      "patches": [ { "id": "A1", "role": "neutral", "centre_mm": [30.0, 30.0], "size_mm": [32.0, 32.0],
          "lab_d50": [95.1, -0.4, 1.8], "reflectance": { "start_nm": 380, "step_nm": 10, "values": [0.61, 0.70] } } ] })",
                                  "x");
    ASSERT_TRUE(c) << c.error().message;
    EXPECT_EQ(c->patches[0].role, Role::neutral);
    EXPECT_EQ(c->patches[0].reflectance->values.size(), 2u);
}

struct Broken {
    const char* name;
    const char* text;
    const char* named;
};
const Broken kBroken[] = {
    {"not-json", "{\n \"format\": \"refero-chart\",\n oops", "line 3"},
    {"empty", "", "line 1"},
    {"other-format", R"({"format":"shopping","version":1})", "format"},
    {"newer-version", R"({"format":"refero-chart","version":9})", "version"},
    {"no-outline", R"({"format":"refero-chart","version":1,"id":"x","patches":[]})", "outline_mm"},
    {"outline-of-text", R"({"format":"refero-chart","version":1,"id":"x","outline_mm":["a",2],"patches":[]})",
     "outline_mm[0]"},
    {"patches-no-list", R"({"format":"refero-chart","version":1,"id":"x","outline_mm":[9,9],"patches":3})",
     "patches"},
    {"wrong-role",
     R"({"format":"refero-chart","version":1,"id":"x","outline_mm":[9,9],"patches":[{"id":"A1","role":"hat","centre_mm":[4,4],"size_mm":[2,2],"lab_d50":[50,0,0]}]})",
     "patches[0].role"},
    {"lab-of-two",
     R"({"format":"refero-chart","version":1,"id":"x","outline_mm":[9,9],"patches":[{"id":"A1","centre_mm":[4,4],"size_mm":[2,2],"lab_d50":[50,0]}]})",
     "patches[0].lab_d50"},
    {"huge-number", R"({"format":"refero-chart","version":1,"id":"x","outline_mm":[9,1e999],"patches":[]})",
     "x"},
};

TEST(ChartFile, SaysWhichLineOrFieldIsWrong) {
    for (const Broken& b : kBroken) {
        const auto c = io::parseChart(b.text, "x.chart.json");
        ASSERT_FALSE(c) << b.name;
        EXPECT_NE(c.error().message.find(b.named), std::string::npos) << b.name << ": " << c.error().message;
        EXPECT_NE(c.error().message.find("x.chart.json"), std::string::npos) << "the file is named";
    }
    EXPECT_FALSE(io::readChart("/nowhere/x.chart.json"));
    EXPECT_NE(io::chartByNameOrPath("fen-99").error().message.find("fen-24"), std::string::npos);
}

TEST(ChartFile, SurvivesEveryCut) {
    const std::string text = io::prettyJson(io::toJson(io::shippedCharts()[0]));
    for (std::size_t n = 0; n + 2 < text.size(); n += 97)
        EXPECT_FALSE(io::parseChart(text.substr(0, n), "cut"));
}

}  // namespace
}  // namespace refero
