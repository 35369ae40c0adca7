// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/chart_data/chart_data_file.h"

#include <gtest/gtest.h>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "io/chart_file.h"
#include "support/cgats_table.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

// The CIE 13.3 test colours as Debian's colord-data carries them, a CGATS file that is not of our making.
const char* const kTestColours = "/usr/share/colord/ref/CIE-TCS.sp";

TEST(ChartDataFile, ReadsTheTestColoursOfTheCie) {
    const auto data = readChartData(kTestColours);
    ASSERT_TRUE(data) << data.error().message;
    EXPECT_EQ(data->kind, ChartData::Kind::spectra);
    EXPECT_EQ(data->samples.size(), 15u);
    EXPECT_EQ(data->startNm, 360);
    EXPECT_EQ(data->stepNm, 5);
    EXPECT_EQ(data->samples[0].spectrum.size(), 95u);
}

// CIE 015, 7.1, summed here from colord-data's own tables of observer and D50; nothing of ours but the
// formula for L*a*b* is used, and the white is the sum's own.
TEST(ChartDataFile, SpectraGiveTheLabOfAnIndependentCalculation) {
    const auto data = readChartData(kTestColours);
    ASSERT_TRUE(data);
    const auto colours = brought(*data);
    ASSERT_TRUE(colours) << colours.error().message;
    EXPECT_NE(colours->method.find("from the spectra"), std::string::npos);
    const auto observer = test::cgatsTable("cmf/CIE1931-2deg-XYZ.cmf");
    const auto light = test::cgatsTable("illuminant/CIE-D50.sp");
    const auto f = [](double t) { return t > 216.0 / 24389 ? std::cbrt(t) : (24389.0 / 27 * t + 16) / 116; };
    for (std::size_t i = 0; i < data->samples.size(); ++i) {
        double xyz[3] = {}, white[3] = {};
        for (int nm = 380; nm <= 780; nm += 5) {
            const double r = data->samples[i].spectrum[static_cast<std::size_t>(nm - 360) / 5];
            for (std::size_t k = 0; k < 3; ++k) {
                const double w = light[0].at(nm) * observer[k].at(nm);
                white[k] += w;
                xyz[k] += w * r;
            }
        }
        const double fx = f(xyz[0] / white[0]), fy = f(xyz[1] / white[1]), fz = f(xyz[2] / white[2]);
        const Lab& lab = colours->colours[i].labD50;
        EXPECT_NEAR(lab.L, 116 * fy - 16, 0.02) << i;
        EXPECT_NEAR(lab.a, 500 * (fx - fy), 0.02) << i;
        EXPECT_NEAR(lab.b, 200 * (fy - fz), 0.02) << i;
    }
}

TEST(ChartDataFile, EveryFormatComesBack) {
    const Chart chart = *chartByNameOrPath("fen-24");
    const test::TemporaryFolder folder;
    const ChartData spectra = dataOf(chart);
    ASSERT_EQ(spectra.kind, ChartData::Kind::spectra);
    ChartData lab = spectra, xyz = spectra;
    lab.kind = ChartData::Kind::lab;
    xyz.kind = ChartData::Kind::xyz;
    for (ChartData* d : {&lab, &xyz})
        for (auto& s : d->samples) s.spectrum.clear();
    for (std::size_t i = 0; i < xyz.samples.size(); ++i)
        xyz.samples[i].value = toXyz(chart.patches[i].labD50).vector();
    for (const ChartData& given : {spectra, lab, xyz})
        for (const char* file : {"a.txt", "a.cxf", "a.csv"}) {
            ASSERT_TRUE(writeChartData(given, folder / file));
            const auto again = readChartData(folder / file);
            ASSERT_TRUE(again) << file << ": " << again.error().message;
            EXPECT_EQ(again->kind, given.kind) << file;
            ASSERT_EQ(again->samples.size(), 24u) << file;
            for (std::size_t i = 0; i < 24; ++i) {
                EXPECT_EQ(again->samples[i].id, given.samples[i].id) << file;
                if (given.kind == ChartData::Kind::spectra) {
                    ASSERT_EQ(again->samples[i].spectrum.size(), given.samples[i].spectrum.size()) << file;
                    EXPECT_NEAR(again->samples[i].spectrum[9], given.samples[i].spectrum[9], 1e-6) << file;
                } else {
                    EXPECT_LT((again->samples[i].value - given.samples[i].value).norm(), 1e-4) << file;
                }
            }
            // A table has no room for what is said of the whole.
            if (std::string(file) != "a.csv") {
                EXPECT_EQ(again->illuminant, "D50") << file;
                EXPECT_EQ(again->observerDegrees, 2) << file;
            }
            const auto colours = brought(*again);
            ASSERT_TRUE(colours);
            for (std::size_t i = 0; i < 24; ++i)
                EXPECT_LT(ciede2000(colours->colours[i].labD50, chart.patches[i].labD50), 0.02) << file;
        }
}

TEST(ChartDataFile, TakesTablesAsPeopleWriteThem) {
    const auto semicolons = parseChartData("Patch;L*;a*;b*\nA1;52,1;0,2;-0,4\nA2;30;10;20\n", "pasted");
    ASSERT_TRUE(semicolons) << semicolons.error().message;
    EXPECT_EQ(semicolons->samples[0].value, Vector3(52.1, 0.2, -0.4));
    const auto tabs = parseChartData("id\tX\tY\tZ\n1\t96.4\t100\t82.5\n2\t18\t18.4\t15\n", "pasted");
    ASSERT_TRUE(tabs);
    EXPECT_EQ(tabs->kind, ChartData::Kind::xyz);
    EXPECT_NEAR(tabs->samples[0].value.y(), 1, 1e-12) << "a scale of 100 is seen from the values";
    const auto percent = parseChartData("name,380 nm,390 nm,400 nm\ngrey,18,18.2,18.1\n", "pasted");
    ASSERT_TRUE(percent) << percent.error().message;
    EXPECT_NEAR(percent->samples[0].spectrum[1], 0.182, 1e-12);
    EXPECT_EQ(percent->samples[0].id, "grey");
}

TEST(ChartDataFile, NamesWhatIsWrong) {
    const std::pair<const char*, const char*> cases[] = {
        {"", "empty"},
        {"   \n", "empty"},
        {"hello world\n", "no columns"},
        {"id,L,a,b\n1,50,0\n", "line 2"},
        {"id,L,a,b\n1,50,zero,0\n", "\"zero\""},
        {"id,L,a,b\n1,50,0,0\n1,60,0,0\n", "\"1\""},
        {"id,L,a,b\n1,nan,0,0\n", "not a number"},
        {"id,L,a,b\n1,5000,0,0\n", "out of range"},
        {"id,380,390,410\n1,0.1,0.1,0.1\n", "evenly"},
        {"<CxF><Resources>", "whole XML"},
        {"<svg/>", "not CxF"},
        {"<CxF><Resources><ObjectCollection><Object "
         "Name=\"A\"><ColorValues/></Object></ObjectCollection></Resources></CxF>",
         "\"A\""},
        {"CGATS.17\nNUMBER_OF_FIELDS 4\nBEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A "
         "LAB_B\nEND_DATA_FORMAT\nNUMBER_OF_SETS 2\nBEGIN_DATA\n1 50 0 0\n",
         "CGATS"},
        {"CGATS.17\nBEGIN_DATA_FORMAT\nSAMPLE_ID CMYK_C\nEND_DATA_FORMAT\nNUMBER_OF_FIELDS 2\nNUMBER_OF_SETS "
         "1\nBEGIN_DATA\n1 50\nEND_DATA\n",
         ""},
        // Fields that are counted and not named.
        {"CGATS.17\nNUMBER_OF_FIELDS 4\nNUMBER_OF_SETS 1\nBEGIN_DATA\n1 50 0 0\nEND_DATA\n",
         "no data format"},
        // Sets beyond any count.
        {"CGATS.17\nNUMBER_OF_FIELDS 4\nBEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\n"
         "NUMBER_OF_SETS 1e300\n# BEGIN_DATA\n",
         ""},
    };
    for (const auto& [text, named] : cases) {
        const auto data = parseChartData(text, "file");
        ASSERT_FALSE(data) << text;
        EXPECT_NE(data.error().message.find(named), std::string::npos)
            << data.error().message << " for " << text;
    }
}

// Entities that each stand for ten of the one before are the well-known way to fill a machine's memory.
TEST(ChartDataFile, ABillionEntitiesAreNotUnfolded) {
    std::string xml = "<?xml version=\"1.0\"?><!DOCTYPE CxF [<!ENTITY a \"aaaaaaaaaa\">";
    for (char c = 'b'; c <= 'k'; ++c) {
        xml += std::string("<!ENTITY ") + c + " \"";
        for (int i = 0; i < 10; ++i) xml += std::string("&") + char(c - 1) + ";";
        xml += "\">";
    }
    xml += "]><CxF><FileInformation><Creator>&k;</Creator></FileInformation></CxF>";
    const auto data = parseChartData(xml, "hostile.cxf");
    ASSERT_FALSE(data) << "it has no colours";
    EXPECT_LT(data.error().message.size(), 500u);
}

TEST(ChartDataFile, WhatCannotBeReadOrWrittenLeavesNothing) {
    const test::TemporaryFolder folder;
    EXPECT_FALSE(readChartData(folder / "none.txt"));
    EXPECT_FALSE(writeChartData(ChartData{}, folder / "empty.txt"));
    EXPECT_EQ(folder.files(), 0u);
}

}  // namespace
}  // namespace refero::io
