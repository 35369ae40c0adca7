// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <OpenColorIO/OpenColorIO.h>
#include <gtest/gtest.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cmath>
#include <iomanip>
#include <sstream>

#include "cli/call.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "io/correction_file.h"
#include "io/curve_file.h"
#include "io/frame_file.h"
#include "io/reading_file.h"
#include "support/shots.h"
#include "support/temporary.h"
#include "support/unprivileged.h"

namespace refero {
namespace {

using test::call;
using test::contentOf;
using test::json;
using test::Outcome;
using test::TemporaryFolder;

// One simulated frame and what follows from it, made once for all tests.
class Thread : public testing::Test {
  protected:
    static void SetUpTestSuite() {
        folder_ = new TemporaryFolder;
        sim::Shot shot = test::plainShot();
        shot.file = "chart.tif";
        shot.light = "led-5600";
        ASSERT_TRUE(sim::shootToFile(shot, folder_->path()));
        shot.chart.reset();
        shot.file = "plain.tif";
        ASSERT_TRUE(sim::shootToFile(shot, folder_->path()));
        ASSERT_EQ(call({"read", frame(), "--chart", "fen-24", "--json", path("r.json")}).status, 0);
        ASSERT_EQ(call({"correct", path("r.json"), "--out", path("c.json")}).status, 0);
    }
    static void TearDownTestSuite() { delete folder_; }
    static std::string path(const std::string& name) { return *folder_ / name; }
    static std::string frame() { return path("chart.tif"); }

  private:
    static inline TemporaryFolder* folder_ = nullptr;
};

TEST_F(Thread, ReadGivesTheContractsJson) {
    const io::Json j = json(contentOf(path("r.json")));
    EXPECT_EQ(j["format"], "refero-reading");
    EXPECT_EQ(j["version"], 1);
    EXPECT_EQ(j["frame"]["width"], 1500);
    EXPECT_EQ(j["frame"]["encoding"], "linear");
    EXPECT_EQ(j["chart"], "fen-24");
    EXPECT_EQ(j["found"], true);
    EXPECT_EQ(j["corners"].size(), 4u);
    ASSERT_EQ(j["patches"].size(), 24u);
    for (const char* key : {"id", "centre", "rgb", "deviation", "clipped", "pixels"})
        EXPECT_TRUE(j["patches"][0].contains(key)) << key;
    ASSERT_GE(j["checks"].size(), 6u);
    for (const char* key : {"id", "verdict", "value", "unit", "limit", "reason", "remedy"})
        EXPECT_TRUE(j["checks"][0].contains(key)) << key;
    EXPECT_EQ(j["verdict"], "pass");
    EXPECT_EQ(j["chart_definition"]["patches"].size(), 24u);
}

TEST_F(Thread, ReadSpeaksToPeopleAndToPipes) {
    const Outcome people = call({"read", frame(), "--chart", "fen-24"});
    EXPECT_EQ(people.status, 0);
    EXPECT_NE(people.out.find("Good"), std::string::npos);
    const Outcome pipe = call({"read", frame(), "--chart", "fen-24", "--json", "-"});
    EXPECT_EQ(json(pipe.out)["found"], true) << "nothing but JSON on standard output";
}

TEST_F(Thread, ReadTakesCornersByHand) {
    const io::Json found = json(contentOf(path("r.json")));
    std::ostringstream corners;
    for (const auto& c : found["corners"]) corners << c[0].get<double>() << "," << c[1].get<double>() << " ";
    const Outcome o = call({"read", frame(), "--chart", "fen-24", "--corners", corners.str(), "--json", "-"});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_NEAR(json(o.out)["patches"][5]["rgb"][1].get<double>(),
                found["patches"][5]["rgb"][1].get<double>(), 1e-3);
    EXPECT_EQ(call({"read", frame(), "--chart", "fen-24", "--corners", "1,2 3,4"}).status, 1);
    EXPECT_EQ(call({"read", frame(), "--chart", "fen-24", "--corners", "10,10 20,10 10,20 20,20"}).status, 1)
        << "crossing";
}

TEST_F(Thread, ReadWithoutAChartStillWritesItsJson) {
    const Outcome o = call({"read", path("plain.tif"), "--chart", "fen-24", "--json", path("none.json")});
    EXPECT_EQ(o.status, 1);
    EXPECT_NE(o.err.find("No Fen 24"), std::string::npos) << o.err;
    EXPECT_EQ(json(contentOf(path("none.json")))["found"], false);
    EXPECT_EQ(call({"correct", path("none.json"), "--out", path("x.json")}).status, 1);
    EXPECT_FALSE(std::filesystem::exists(path("x.json")));
}

TEST_F(Thread, ReadNamesTheChartThatIsReallyThere) {
    const Outcome o = call({"read", frame(), "--chart", "fen-48"});
    EXPECT_EQ(o.status, 1);
    EXPECT_NE(o.err.find("shows a Fen 24"), std::string::npos) << o.err;
}

// sRGB's curve as a file of the person's own must do what its name does, all the way to a profile and a LUT.
TEST_F(Thread, CurveFileOfOnesOwnGoesAllTheWay) {
    sim::Shot shot = test::plainShot();
    shot.file = "coded.tif";
    shot.encoding = Encoding::srgb;
    ASSERT_TRUE(sim::shootToFile(shot, std::filesystem::path(path("coded.tif")).parent_path()));
    std::ostringstream points;
    points << "stored,linear\n" << std::setprecision(9);
    for (int i = 0; i <= 1024; ++i)
        points << i / 1024.0 << "," << 5 * decode(Encoding::srgb, i / 1024.0) << "\n";
    test::put(path("own.csv"), points.str());
    const auto readAs = [&](const std::string& encoding, const std::string& out) {
        return call(
            {"read", path("coded.tif"), "--chart", "fen-24", "--encoding", encoding, "--json", path(out)});
    };
    ASSERT_EQ(readAs("srgb", "named.json").status, 0);
    const Outcome own = readAs(path("own.csv"), "own.json");
    ASSERT_EQ(own.status, 0) << own.err;
    const io::Json named = json(contentOf(path("named.json"))), j = json(contentOf(path("own.json")));
    EXPECT_EQ(j["frame"]["encoding"], "own.csv");
    for (std::size_t i = 0; i < 24; ++i)
        for (std::size_t k = 0; k < 3; ++k)
            EXPECT_NEAR(j["patches"][i]["rgb"][k].get<double>(), named["patches"][i]["rgb"][k].get<double>(),
                        1e-4);
    std::filesystem::remove(path("own.csv"));
    const Outcome corrected = call({"correct", path("own.json"), "--out", path("own-c.json")});
    ASSERT_EQ(corrected.status, 0) << corrected.err << " (the reading stands alone)";
    for (const char* format : {"icc", "cube"}) {
        const Outcome out = call(
            {"export", path("own-c.json"), "--format", format, "--out", path(std::string("own.") + format)});
        EXPECT_EQ(out.status, 0) << out.err;
        EXPECT_NE(out.out.find("to be fed own.csv"), std::string::npos) << out.out;
    }
    EXPECT_EQ(call({"apply", path("own-c.json"), path("coded.tif"), "--out", path("own.tif")}).status, 0);
    EXPECT_EQ(readAs(path("r.json"), "none.json").status, 1) << "no curve";
}

TEST_F(Thread, CorrectReportsPatchesAndSums) {
    const Outcome o = call({"correct", path("r.json"), "--model", "matrix", "--out", path("m.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    for (const char* word :
         {"patch", "before", "after", "left out", "A1", "mean", "median", "max", "CIEDE2000"})
        EXPECT_NE(o.out.find(word), std::string::npos) << word;
    const io::Json j = json(contentOf(path("m.json")));
    EXPECT_EQ(j["model"], "matrix");
    EXPECT_LT(j["summary"]["ciede2000_after"]["mean"].get<double>(),
              j["summary"]["ciede2000_before"]["mean"].get<double>());
    EXPECT_GT(j["summary"]["ciede2000_cross_validated"]["mean"].get<double>(), 0);
    const Outcome pipe =
        call({"correct", path("r.json"), "--intent", "skin", "--reference-light", "d65", "--out", "-"});
    EXPECT_EQ(json(pipe.out)["intent"], "skin");
}

TEST_F(Thread, CorrectSaysWhatItTriedAndHowSureItIs) {
    const Outcome o = call({"correct", path("r.json"), "--resamples", "20", "--out", path("auto.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    for (const char* word :
         {"lightness", "95 % sure", "Noise: red", "stops above this sensitivity", "neutral",
          "root-polynomial, least-squares, with training colours", "in trials on patches left out"})
        EXPECT_NE(o.out.find(word), std::string::npos) << word << "\n" << o.out;
    const io::Json j = json(contentOf(path("auto.json")));
    EXPECT_NE(j["model"], "balance");
    EXPECT_EQ(j["certainty"]["resamples"], 20);
    EXPECT_GE(j["considered"].size(), 5u);
    ASSERT_EQ(call({"correct", path("r.json"), "--model", "root-polynomial-3", "--objective", "least-squares",
                    "--resamples", "0", "--out", path("three.json")})
                  .status,
              0);
    const io::Json three = json(contentOf(path("three.json")));
    EXPECT_EQ(three["root_polynomial"][0].size(), 13u);
    EXPECT_FALSE(three.contains("certainty"));
    ASSERT_EQ(call({"correct", path("r.json"), "--weight", "B3=4", "--weight", "A1=0.5", "--resamples", "0",
                    "--out", path("job.json")})
                  .status,
              0);
    for (const auto& p : json(contentOf(path("job.json")))["patches"])
        EXPECT_EQ(p["weight"], p["id"] == "B3" ? 4 : p["id"] == "A1" ? 0.5 : 1);
    EXPECT_EQ(call({"correct", path("r.json"), "--weight", "B3", "--out", "x"}).status, 1);
    EXPECT_EQ(call({"correct", path("r.json"), "--chart-tolerance", "-1", "--out", "x"}).status, 2);
}

TEST_F(Thread, VerifyHoldsACorrectionAgainstAnotherShot) {
    std::filesystem::copy_file(frame(), path("again.tif"), std::filesystem::copy_options::overwrite_existing);
    ASSERT_EQ(call({"read", path("again.tif"), "--chart", "fen-24", "--json", path("again.json")}).status, 0);
    const Outcome o = call({"verify", path("c.json"), path("again.json"), "--out", path("proved.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.out.find("again.tif: mean"), std::string::npos) << o.out;
    const io::Json j = json(contentOf(path("proved.json")));
    ASSERT_EQ(j["verifications"].size(), 1u);
    EXPECT_NEAR(j["verifications"][0]["ciede2000"]["mean"].get<double>(),
                j["summary"]["ciede2000_after"]["mean"].get<double>(), 1e-6)
        << "the very same picture under another name";
    EXPECT_EQ(call({"verify", path("c.json"), path("again.json"), "--most", "0.01"}).status, 1);
    const Outcome own = call({"verify", path("c.json"), path("r.json")});
    EXPECT_EQ(own.status, 1);
    EXPECT_NE(own.err.find("proves nothing"), std::string::npos) << own.err;
}

TEST_F(Thread, ApplyRendersFloatUnclippedAndChartToItsReference) {
    const Outcome o =
        call({"apply", path("c.json"), frame(), "--space", "xyz-d50", "--out", path("xyz.exr")});
    ASSERT_EQ(o.status, 0) << o.err;
    const auto picture = io::readFrame(path("xyz.exr"));
    const auto reading = io::readReading(path("r.json"));
    ASSERT_TRUE(picture && reading);
    double mean = 0;
    for (const PatchReading& p : reading->patches) {
        Vector3 sum = Vector3::Zero();
        for (int k = 0; k < 49; ++k) {
            const float* v = picture->image.pixel(static_cast<int>(p.centre.x()) - 3 + k % 7,
                                                  static_cast<int>(p.centre.y()) - 3 + k / 7);
            sum += Vector3(v[0], v[1], v[2]) / 49;
        }
        mean += ciede2000(reading->chart.patch(p.id)->labD50, toLab(Xyz::from(sum), white::d50)) / 24;
    }
    EXPECT_LT(mean, 1.5) << "the rendered file, read by another library's reader, has the chart's colours";
}

TEST_F(Thread, ApplyTakesManyFramesIntoAFolder) {
    const Outcome o = call({"apply", path("c.json"), frame(), path("plain.tif"), "--space", "display-p3",
                            "--type", "png", "--out", path("many")});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_TRUE(std::filesystem::exists(path("many/chart.png")));
    EXPECT_TRUE(std::filesystem::exists(path("many/plain.png")));
    EXPECT_EQ(
        call({"apply", path("c.json"), frame(), path("many/../chart.tif"), "--out", path("twice")}).status,
        1);
    EXPECT_EQ(call({"apply", path("c.json"), frame(), "--out", path("a.bmp")}).status, 1);
    EXPECT_EQ(call({"apply", path("c.json"), frame(), "--space", "cmyk", "--out", path("a.exr")}).status, 1);
}

TEST_F(Thread, ExportIsReadBackByAnotherProgram) {
    const Outcome o = call({"export", path("c.json"), "--format", "cube", "--out", path("a.cube")});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.out.find("OpenColorIO"), std::string::npos);
    EXPECT_NE(o.out.find("largest difference"), std::string::npos);
    const Outcome icc = call({"export", path("c.json"), "--format", "icc", "--out", path("a.icc")});
    EXPECT_NE(icc.out.find("Little CMS"), std::string::npos) << icc.err;
    ASSERT_EQ(call({"correct", path("r.json"), "--model", "matrix", "--resamples", "0", "--out",
                    path("straight.json")})
                  .status,
              0);
    const Outcome pipe = call({"export", path("straight.json"), "--format", "cube", "--size", "2",
                               "--encoding", "linear", "--space", "acescg", "--out", "-"});
    EXPECT_EQ(pipe.status, 0) << pipe.err;
    EXPECT_NE(pipe.out.find("LUT_3D_SIZE 2"), std::string::npos);
    EXPECT_EQ(
        call({"export", path("c.json"), "--format", "cube", "--size", "4", "--out", path("b.cube")}).status,
        1);
    EXPECT_FALSE(std::filesystem::exists(path("b.cube"))) << "a file that does not pass does not exist";
}

TEST_F(Thread, NothingIsOverwrittenWhenSomethingFails) {
    test::put(path("kept.json"), "kept");
    EXPECT_EQ(call({"correct", path("none-such.json"), "--out", path("kept.json")}).status, 1);
    EXPECT_EQ(call({"correct", frame(), "--out", path("kept.json")}).status, 1) << "a picture is no reading";
    EXPECT_EQ(contentOf(path("kept.json")), "kept");
    EXPECT_EQ(call({"correct", path("r.json"), "--out", "/nowhere/c.json"}).status, 1);
    EXPECT_EQ(call({"read", frame(), "--chart", "fen-24", "--json", "/proc/r.json"}).status, 1);
}

TEST_F(Thread, AReadOnlyFolderIsRefusedClearly) {
    std::filesystem::create_directories(path("locked"));
    const test::Unprivileged nobody(path("locked"));
    ::chmod(path("locked").c_str(), 0500);
    const Outcome o = call({"correct", path("r.json"), "--out", path("locked/c.json")});
    EXPECT_EQ(o.status, 1);
    EXPECT_NE(o.err.find("locked"), std::string::npos);
}

TEST(CommandLine, TellsWrongCallsFromFailures) {
    EXPECT_EQ(call({}).status, 2);
    EXPECT_EQ(call({"brew"}).status, 2);
    EXPECT_EQ(call({"read"}).status, 2);
    EXPECT_EQ(call({"correct", "r.json", "--model", "magic", "--out", "x"}).status, 2);
    EXPECT_EQ(call({"export", "c.json", "--format", "pdf", "--out", "x"}).status, 2);
    EXPECT_EQ(call({"read", "none.tif", "--chart", "fen-24"}).status, 1);
    const Outcome version = call({"--version"});
    EXPECT_EQ(version.status, 0);
    EXPECT_NE(version.out.find("refero-cli"), std::string::npos);
    for (const char* verb : {"read", "correct", "apply", "export", "simulate", "studio"}) {
        const Outcome help = call({verb, "--help"});
        EXPECT_EQ(help.status, 0);
        EXPECT_NE(
            help.out.find(verb == std::string("read") || verb == std::string("studio") ? "--json" : "--out"),
            std::string::npos)
            << verb;
    }
}

TEST(CommandLine, BadFramesEndWithAMessageAndOne) {
    const TemporaryFolder folder;
    test::put(folder / "text.tif", "not a picture");
    test::put(folder / "broken.chart.json", "{\n\n \"format\": 3,");
    const Outcome text = call({"read", folder / "text.tif", "--chart", "fen-24"});
    EXPECT_EQ(text.status, 1);
    EXPECT_NE(text.err.find("text.tif"), std::string::npos);
    const Outcome chart = call({"read", folder / "text.tif", "--chart", folder / "broken.chart.json"});
    EXPECT_EQ(chart.status, 1);
    EXPECT_NE(chart.err.find("line 3"), std::string::npos) << chart.err;
    io::WriteOptions options;
    EncodedImage one(1, 1);
    one.values()[0] = one.values()[1] = one.values()[2] = 0.4f;
    ASSERT_TRUE(io::writeFrame(folder / "one.tif", one, options));
    const Outcome tiny =
        call({"read", folder / "one.tif", "--chart", "fen-24", "--json", folder / "one.json"});
    EXPECT_EQ(tiny.status, 1);
    EXPECT_EQ(json(contentOf(folder / "one.json"))["found"], false);
}

TEST(CommandLine, SimulateShootsAScene) {
    const TemporaryFolder folder;
    test::put(
        folder / "s.json",
        R"({"format":"refero-scene","version":1,"name":"t","frames":[{"file":"a.png","size":[300,200],"encoding":"srgb","chart":"fen-24"}]})");
    const Outcome o = call({"simulate", folder / "s.json", "--out", folder / "out"});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_EQ(json(contentOf(folder / "out/truth.json"))["frames"][0]["chart"], "fen-24");
    EXPECT_TRUE(std::filesystem::exists(folder / "out/a.png"));
}

}  // namespace
}  // namespace refero
