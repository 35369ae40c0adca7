// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What chart data say of their own making: illuminant, observer, measurement condition.
#include <gtest/gtest.h>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "io/chart_data/chart_data_file.h"
#include "io/chart_file.h"

namespace refero::io {
namespace {

std::string cgats(const std::string& header, const std::string& fields, const std::string& row) {
    return "CGATS.17\n" + header + "NUMBER_OF_FIELDS 4\nBEGIN_DATA_FORMAT\n" + fields +
           "\nEND_DATA_FORMAT\nNUMBER_OF_SETS 1\nBEGIN_DATA\n" + row + "\nEND_DATA\n";
}

// CGATS.17, table 4: the keyword stands once for the illuminant and once for the observer, in any order.
TEST(ChartDataConditions, OfCgatsAreReadFromEveryLineOfAKeyword) {
    const std::string header =
        "KEYWORD \"WEIGHTING_FUNCTION\"\nWEIGHTING_FUNCTION \"OBSERVER, 10 degree\"\n"
        "WEIGHTING_FUNCTION \"ILLUMINANT, D65\"\nKEYWORD \"MEASUREMENT_CONDITION\"\nMEASUREMENT_CONDITION "
        "\"M1\"\n";
    const auto data = parseCgats(cgats(header, "SAMPLE_ID LAB_L LAB_A LAB_B", "A1 95.0 0 0"), "x.txt");
    ASSERT_TRUE(data) << data.error().message;
    EXPECT_EQ(data->illuminant, "D65");
    EXPECT_EQ(data->observerDegrees, 10);
    EXPECT_EQ(data->condition, "M1");
    const auto colours = brought(*data);
    ASSERT_TRUE(colours);
    EXPECT_NE(colours->method.find("M1"), std::string::npos);
}

TEST(ChartDataConditions, ThatAreNotStatedAreSaidToBeOpen) {
    const auto data = parseCgats(cgats("", "SAMPLE_ID LAB_L LAB_A LAB_B", "A1 95.0 0 0"), "x.txt");
    ASSERT_TRUE(data);
    EXPECT_EQ(data->condition, "");
    EXPECT_NE(brought(*data)->method.find("does not say the measurement condition"), std::string::npos);
}

TEST(ChartDataConditions, ThatAFileLeavesOpenAreWhatAPersonSays) {
    const std::string open = cgats("", "SAMPLE_ID LAB_L LAB_A LAB_B", "A1 95.0 0 0");
    EXPECT_EQ(parseChartData(open, "x.txt", {"M2"})->condition, "M2");
}

const char* const kTwoConditions = R"(<?xml version="1.0"?>
<cc:CxF xmlns:cc="http://colorexchangeformat.com/CxF3-core"><cc:Resources>
<cc:ObjectCollection><cc:Object Name="A1" Id="c1"><cc:ColorValues>
<cc:ReflectanceSpectrum ColorSpecification="one" StartWL="400">0.5 0.5 0.5 0.5</cc:ReflectanceSpectrum>
<cc:ReflectanceSpectrum ColorSpecification="two" StartWL="400">1.2 0.6 0.5 0.5</cc:ReflectanceSpectrum>
</cc:ColorValues></cc:Object></cc:ObjectCollection>
<cc:ColorSpecificationCollection>
<cc:ColorSpecification Id="one"><cc:MeasurementSpec><cc:WavelengthRange StartWL="400" Increment="100"/>
<cc:Device><cc:DeviceIllumination>M2_UVExcluded</cc:DeviceIllumination></cc:Device></cc:MeasurementSpec></cc:ColorSpecification>
<cc:ColorSpecification Id="two"><cc:MeasurementSpec><cc:WavelengthRange StartWL="400" Increment="100"/>
<cc:Device><cc:DeviceIllumination>M1_Daylight</cc:DeviceIllumination></cc:Device></cc:MeasurementSpec></cc:ColorSpecification>
</cc:ColorSpecificationCollection></cc:Resources></cc:CxF>)";

// ISO 17972-1: values name the specification that they were made by; ISO 13655 has the conditions.
TEST(ChartDataConditions, OfCxfAreThoseOfEachValue) {
    const auto open = parseCxf(kTwoConditions, "x.cxf");
    ASSERT_FALSE(open);
    EXPECT_NE(open.error().message.find("M2, M1"), std::string::npos) << open.error().message;
    const auto m2 = parseCxf(kTwoConditions, "x.cxf", {"M2"}), m1 = parseCxf(kTwoConditions, "x.cxf", {"M1"});
    ASSERT_TRUE(m2 && m1);
    EXPECT_EQ(m2->condition, "M2");
    EXPECT_DOUBLE_EQ(m2->samples[0].spectrum[0], 0.5);
    EXPECT_DOUBLE_EQ(m1->samples[0].spectrum[0], 1.2);
    EXPECT_FALSE(parseCxf(kTwoConditions, "x.cxf", {"M0"}));
}

TEST(ChartDataConditions, OfCxfMustBeThere) {
    std::string broken = kTwoConditions;
    broken.replace(broken.find("Specification=\"one\""), 19, "Specification=\"six\"");
    const auto data = parseCxf(broken, "x.cxf", {"M1"});
    ASSERT_FALSE(data);
    EXPECT_NE(data.error().message.find("\"six\""), std::string::npos) << data.error().message;
}

TEST(ChartDataConditions, ReflectanceAboveOneIsKeptAndSaid) {
    const auto data = parseCxf(kTwoConditions, "x.cxf", {"M1"});
    ASSERT_TRUE(data);
    const auto colours = brought(*data);
    ASSERT_TRUE(colours);
    EXPECT_DOUBLE_EQ(colours->colours[0].reflectance->values[0], 1.2);
    EXPECT_NE(colours->method.find("fluorescent: A1"), std::string::npos) << colours->method;
    Patch p;
    p.reflectance = colours->colours[0].reflectance;
    EXPECT_TRUE(p.fluorescent());
}

TEST(ChartDataConditions, StayWithTheChart) {
    Chart chart = *chartByNameOrPath("fen-24");
    chart.condition = "M1";
    EXPECT_EQ(parseChart(prettyJson(toJson(chart)), "x")->condition, "M1");
}

}  // namespace
}  // namespace refero::io
