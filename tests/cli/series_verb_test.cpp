// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A camera test and somebody's transform on the command line, from frames to what is said of them.
#include <gtest/gtest.h>

#include <cmath>
#include <filesystem>

#include "cli/call.h"
#include "core/colour/rgb_space.h"
#include "io/curve_file.h"
#include "io/reading_file.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::call;
using test::contentOf;
using test::json;
using test::TemporaryFolder;

class SeriesVerb : public testing::Test {
  protected:
    static void SetUpTestSuite() {
        folder_ = new TemporaryFolder;
        for (int stop = -3; stop <= 1; ++stop) {
            sim::Shot s = test::plainShot();
            s.file = nameOf(stop) + ".tif";
            s.exposure = 0.7 * std::exp2(stop);
            s.exposureSeconds = std::exp2(stop) / 50;
            s.fNumber = 5.6;
            s.seed = static_cast<unsigned>(9 + stop);
            ASSERT_TRUE(sim::shootToFile(s, folder_->path()));
            const auto read =
                call({"read", path(s.file), "--chart", "fen-24", "--json", path(nameOf(stop) + ".json")});
            ASSERT_EQ(read.status, 0) << read.err;
        }
    }
    static void TearDownTestSuite() { delete folder_; }
    static std::string nameOf(int stop) { return "s" + std::to_string(stop + 3); }
    static std::string path(const std::string& name) { return *folder_ / name; }
    static std::vector<std::string> readings() {
        std::vector<std::string> out;
        for (int stop = -3; stop <= 1; ++stop) out.push_back(path(nameOf(stop) + ".json"));
        return out;
    }
    static test::Outcome series(std::vector<std::string> more) {
        std::vector<std::string> all{"series"};
        for (const std::string& r : readings()) all.push_back(r);
        all.insert(all.end(), more.begin(), more.end());
        return call(all);
    }

  private:
    static inline TemporaryFolder* folder_ = nullptr;
};

TEST_F(SeriesVerb, TellsStepsRangeAndLosses) {
    const auto o = series({"--json", path("series.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    const io::Json j = json(contentOf(path("series.json")));
    EXPECT_EQ(j["format"], "refero-series");
    EXPECT_EQ(j["version"], 1);
    ASSERT_EQ(j["steps"].size(), 5u);
    for (std::size_t k = 0; k < 5; ++k) {
        const io::Json& s = j["steps"][k];
        EXPECT_EQ(s["reading"], readings()[k]);
        EXPECT_NEAR(s["stops"].get<double>(), static_cast<double>(k) - 3, 0.03);
        EXPECT_NEAR(s["stated_stops"].get<double>(), static_cast<double>(k) - 3, 0.03);
        EXPECT_GT(s["chroma_noise"].get<double>(), 0);
    }
    // The base is level with itself; a stop over clips.
    EXPECT_NEAR(j["steps"][3]["level_only"]["mean"].get<double>(),
                j["steps"][3]["corrected"]["mean"].get<double>(), 0.02);
    EXPECT_GT(j["steps"][4]["clipped"].get<double>(), 0.03);
    EXPECT_GT(j["steps"][4]["level_only"]["mean"].get<double>(),
              2 * j["steps"][3]["level_only"]["mean"].get<double>());
    EXPECT_GT(j["steps"][0]["chroma_noise"].get<double>(), j["steps"][3]["chroma_noise"].get<double>());
    ASSERT_EQ(j["profiles"].size(), 1u);
    EXPECT_EQ(j["profiles"][0]["name"], "linear");
    const auto range = j["profiles"][0]["usable_stops"];
    EXPECT_LT(range[0].get<double>(), range[1].get<double>());
    EXPECT_LT(range[1].get<double>(), 1);
    EXPECT_TRUE(j["profiles"][0].contains("best_offset_stops"));
    EXPECT_TRUE(j["pairs"].empty());
    EXPECT_NE(o.out.find("Usable from"), std::string::npos);
}

TEST_F(SeriesVerb, TakesProfilesStepsAndTheNormalExposureFromThePerson) {
    const auto o = series({"--profiles", "a", "a", "a", "b", "b", "--stops", "-3", "-2", "-1", "0", "1",
                           "--normal", readings()[3], "--json", "-"});
    ASSERT_EQ(o.status, 0) << o.err;
    const io::Json j = json(o.out);
    EXPECT_EQ(j["profiles"].size(), 2u);
    ASSERT_EQ(j["pairs"].size(), 1u);
    EXPECT_EQ(j["pairs"][0]["a"], "a");
    EXPECT_LT(j["pairs"][0]["left"].get<double>(), 2);
    EXPECT_EQ(j["zero"], readings()[3]);
    EXPECT_EQ(call({"series", readings()[0], readings()[1], "--profiles", "one"}).status, 1);
    EXPECT_EQ(series({"--normal", "other.json"}).status, 1);
    EXPECT_EQ(call({"series"}).status, 2);
}

TEST_F(SeriesVerb, WhatCannotBeReadIsNamedAndTheRestGoesOn) {
    test::put(path("torn.json"), "{");
    const auto o = call({"series", readings()[2], path("torn.json"), readings()[3]});
    EXPECT_EQ(o.status, 0);
    EXPECT_NE(o.err.find("torn.json"), std::string::npos);
    EXPECT_EQ(call({"series", path("torn.json")}).status, 1);
}

TEST_F(SeriesVerb, WritesAReportOfTwoPages) {
    const auto o = series({"--report", path("report.html"), "--title", "Heron, morning"});
    ASSERT_EQ(o.status, 0) << o.err;
    const std::string html = contentOf(path("report.html"));
    for (const char* said :
         {"Heron, morning", "What it says", "Usable from", "step by step", "Skin, red and grey"})
        EXPECT_NE(html.find(said), std::string::npos) << said;
}

TEST_F(SeriesVerb, AssessesWhatIsHandedOver) {
    const std::string reading = readings()[3];
    ASSERT_EQ(call({"correct", reading, "--out", path("c.json")}).status, 0);
    const double own = json(contentOf(path("c.json")))["summary"]["ciede2000_after"]["mean"].get<double>();
    for (const char* format : {"cube", "clf", "icc", "dcp", "cdl", "json"}) {
        const std::string file = path(std::string("own.") + format);
        ASSERT_EQ(call({"export", path("c.json"), "--format", format, "--out", file}).status, 0) << format;
        const auto o = call({"assess", file, reading, "--json", path("a.json")});
        ASSERT_EQ(o.status, 0) << format << ": " << o.err;
        const io::Json j = json(contentOf(path("a.json")));
        EXPECT_EQ(j["format"], "refero-assessment");
        EXPECT_EQ(j["patches"].size(), 24u);
        EXPECT_FALSE(j["casts"].empty());
        EXPECT_FALSE(j["reverses"].get<bool>()) << format;
        EXPECT_FALSE(j["bands"].get<bool>()) << format;
        // Ten numbers hold no correction of a raw frame.
        if (std::string(format) != "cdl") {
            EXPECT_NEAR(j["expects_stops"].get<double>(), 0, 0.2) << format;
            EXPECT_NEAR(j["mean_levelled"].get<double>(), own, 0.7) << format;
        }
    }
}

// What a LUT gives on one camera, on another.
TEST_F(SeriesVerb, ALookBecomesTheAimOfAnotherCamera) {
    sim::Shot other = test::plainShot();
    other.file = "other.tif";
    other.camera = "bittern";
    ASSERT_TRUE(sim::shootToFile(other, std::filesystem::path(path("other.tif")).parent_path()));
    ASSERT_EQ(call({"read", path("other.tif"), "--chart", "fen-24", "--json", path("other.json")}).status, 0);
    const std::string reading = readings()[3];
    ASSERT_EQ(call({"correct", reading, "--finish", "rounded", "--out", path("look.json")}).status, 0);
    ASSERT_EQ(call({"export", path("look.json"), "--format", "cube", "--out", path("look.cube")}).status, 0);
    const auto o = call(
        {"match", reading, path("other.json"), "--through", path("look.cube"), "--out", path("aimed.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    const io::Json c = json(contentOf(path("aimed.json")));
    EXPECT_EQ(c["aim"]["through"], "look.cube");
    EXPECT_NE(o.out.find("through look.cube"), std::string::npos);
    EXPECT_LT(c["summary"]["ciede2000_after"]["mean"].get<double>(), 1.5);
    EXPECT_EQ(
        call({"match", reading, path("other.json"), "--through", path("none.cube"), "--out", path("x.json")})
            .status,
        1);
}

TEST_F(SeriesVerb, AssessesInStatedTermsAndNamesWhatItCannotRead) {
    const std::string reading = readings()[3];
    std::string brighter = "LUT_1D_SIZE 2\n0 0 0\n0.5 0.5 0.5\n";
    test::put(path("half.cube"), brighter);
    const auto o = call({"assess", path("half.cube"), reading, "--encoding", "linear", "--space",
                         "linear-srgb", "--balanced", "--json", "-"});
    ASSERT_EQ(o.status, 0) << o.err;
    const io::Json j = json(o.out);
    EXPECT_FALSE(j["guessed"].get<bool>());
    EXPECT_EQ(j["encoding"], "linear");
    EXPECT_NEAR(j["expects_stops"].get<double>(), 1.2, 0.5) << "it takes a stop away";
    const auto recorded = call({"assess", "as-recorded", reading, "--json", "-"});
    ASSERT_EQ(recorded.status, 0) << recorded.err;
    EXPECT_LT(json(recorded.out)["mean"].get<double>(), j["mean"].get<double>());
    EXPECT_EQ(call({"assess", path("none.cube"), reading}).status, 1);
    test::put(path("bad.cube"), "LUT_3D_SIZE 2\n0 0 nan\n");
    EXPECT_NE(call({"assess", path("bad.cube"), reading}).err.find("nan"), std::string::npos);
    EXPECT_EQ(call({"assess", path("half.cube")}).status, 2);
}

// A log recording with a gamut of its own, seen as its data sheet has it. The curve is made up; the gamut is
// ITU-R BT.2020's.
TEST_F(SeriesVerb, ARecordingIsHeldAgainstItsDataSheet) {
    LogCurve log;
    log.name = "made up";
    test::put(path("made-up.log.json"), io::toJson(log).dump());
    const Transfer curve = *Transfer::fromLog(log);
    // A camera that keeps its word: references in the gamut, by the curve.
    io::Json j = json(contentOf(readings()[3]));
    const Chart chart = io::readReading(readings()[3])->chart;
    const Matrix3 toGamut = rgbToXyzD50(primaries::bt2020).inverse();
    for (std::size_t i = 0; i < chart.patches.size(); ++i) {
        const Vector3 rgb = toGamut * referenceXyzD50(chart.patches[i]).vector() * *nominalWhite(curve);
        j["patches"][i]["rgb"] = {rgb.x(), rgb.y(), rgb.z()};
        j["patches"][i]["clipped"] = 0;
    }
    j["frame"].erase("encoding");
    io::putTransfer(j["frame"], "encoding", curve);
    test::put(path("log.json"), j.dump());
    const auto assessed = [&](const std::vector<std::string>& more) {
        std::vector<std::string> all{"assess", "as-recorded", path("log.json"), "--json", "-"};
        all.insert(all.end(), more.begin(), more.end());
        return call(all);
    };
    const auto o = assessed({"--gamut", "0.708, 0.292, 0.170, 0.797, 0.131, 0.046, 0.3127, 0.3290"});
    ASSERT_EQ(o.status, 0) << o.err;
    const double kept = json(o.out)["mean"].get<double>();
    EXPECT_LT(kept, 0.05);
    EXPECT_NEAR(json(o.out)["expects_stops"].get<double>(), 0, 0.02);
    EXPECT_NEAR(json(assessed({"--gamut", "rec2020"}).out)["mean"].get<double>(), kept, 0.02);
    EXPECT_GT(json(assessed({"--gamut", "rec709"}).out)["mean"].get<double>(), 3) << "another gamut";
    for (const char* wrong : {"0.7 0.3", "0.7,0.3,0.2,0.8,0.1,0.05,0.9,0.05", "a b c d e f g h",
                              "0.3,0.3,0.3,0.3,0.3,0.3,0.3,0.3"}) {
        const auto bad = assessed({"--gamut", wrong});
        EXPECT_EQ(bad.status, 1) << wrong;
        EXPECT_NE(bad.err.find("gamut"), std::string::npos) << bad.err;
    }
    const auto lost = call({"assess", path("none.cube"), path("log.json"), "--gamut", "rec709"});
    EXPECT_EQ(lost.status, 1);
    EXPECT_NE(lost.err.find("as-recorded"), std::string::npos);
}

}  // namespace
}  // namespace refero
