// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Two cameras of one scene on the command line, from frames to a rendering of the one that looks like the
// other.
#include <gtest/gtest.h>

#include "cli/call.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/read/spot.h"
#include "io/correction_file.h"
#include "io/frame_file.h"
#include "io/reading_file.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::call;
using test::contentOf;
using test::json;
using test::TemporaryFolder;

// Two pictures with looks of their own, a linear frame of a third camera, and their readings.
class MatchVerb : public testing::Test {
  protected:
    static void SetUpTestSuite() {
        folder_ = new TemporaryFolder;
        const auto shoot = [](const char* name, const char* camera, Encoding encoding, const Vector3& tone,
                              double turn = 0) {
            sim::Shot s = test::plainShot();
            s.pose.turnDegrees = turn;
            s.seed = 1 + static_cast<unsigned>(turn);
            s.file = std::string(name) + ".tif";
            s.camera = camera;
            s.light = "d55";
            s.encoding = encoding;
            s.toneSkew = tone;
            ASSERT_TRUE(sim::shootToFile(s, folder_->path()));
            const auto read = call({"read", path(s.file), "--chart", "fen-24", "--encoding",
                                    encoding == Encoding::linear ? "linear" : "srgb", "--json",
                                    path(std::string(name) + ".json")});
            ASSERT_EQ(read.status, 0) << read.err;
        };
        shoot("a", "heron", Encoding::srgb, {1.12, 1.1, 1.16});
        shoot("b", "bittern", Encoding::srgb, {0.95, 0.95, 0.93});
        shoot("again", "bittern", Encoding::srgb, {0.95, 0.95, 0.93}, 9);
        shoot("raw", "bittern", Encoding::linear, {1, 1, 1});
    }
    static void TearDownTestSuite() { delete folder_; }
    static std::string path(const std::string& name) { return *folder_ / name; }

  private:
    static inline TemporaryFolder* folder_ = nullptr;
};

TEST_F(MatchVerb, MakesACorrectionThatTheOtherVerbsTake) {
    const auto o =
        call({"match", path("a.json"), path("b.json"), "--json", path("m.json"), "--out", path("c.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    for (const char* said : {"Contrast", "as they are", "left out", "skin", "The follower shows"})
        EXPECT_NE(o.out.find(said), std::string::npos) << said;
    const io::Json c = json(contentOf(path("c.json")));
    EXPECT_EQ(c["format"], "refero-correction");
    EXPECT_EQ(c["aim"]["kind"], "reading");
    EXPECT_EQ(c["aim"]["frame"], path("a.tif"));
    EXPECT_TRUE(c.contains("look"));
    const io::Json m = json(contentOf(path("m.json")));
    EXPECT_EQ(m["format"], "refero-match");
    EXPECT_EQ(m["steps"].size(), 15U);
    EXPECT_EQ(m["steps"][3]["after"], "contrast");
    EXPECT_LT(m["ciede2000_after"]["mean"], 0.4 * double(m["ciede2000_before"]["mean"]));

    // What the document holds is what was built.
    const auto again = io::readCorrection(path("c.json"));
    ASSERT_TRUE(again) << again.error().message;
    EXPECT_EQ(again->aim.kind, AimKind::reading);

    ASSERT_EQ(
        call({"apply", path("c.json"), path("b.tif"), "--space", "srgb", "--out", path("b-as-a.tif")}).status,
        0);
    const auto rendered = io::readFrame(path("b-as-a.tif"));
    ASSERT_TRUE(rendered);
    const auto a = io::readReading(path("a.json"));
    ASSERT_TRUE(a);
    // Both frames show the chart in one place; B's now reads as A's does.
    double sum = 0;
    for (std::size_t i = 0; i < a->patches.size(); ++i) {
        const PatchReading& p = a->patches[i];
        const Vector3 is = *meanOf(rendered->image, {p.centre.x() - 8, p.centre.y() - 8},
                                   {p.centre.x() + 8, p.centre.y() + 8});
        const Matrix3 toXyz = xyzD50ToLinear(OutputSpace::linearSrgb).inverse();
        EXPECT_TRUE(again->patches[i].used) << p.id << ": nothing lies on it";
        sum +=
            ciede2000(toLab(Xyz::from(toXyz * is), white::d50), toLab(Xyz::from(toXyz * p.rgb), white::d50));
    }
    const double left = sum / static_cast<double>(a->patches.size());
    std::printf("%.2f CIEDE2000 between the two pictures\n", left);
    EXPECT_LT(left, 0.6);

    for (const char* format : {"cube", "clf", "icc", "cdl"}) {
        const auto e = call({"export", path("c.json"), "--format", format, "--encoding", "srgb", "--space",
                             "srgb", "--out", path(std::string("out.") + format)});
        EXPECT_EQ(e.status, 0) << format << ": " << e.err;
    }
    EXPECT_NE(contentOf(path("out.cube")).find("It makes Bittern look like Heron as a.tif shows it"),
              std::string::npos);
    const auto recipe = call({"recipe", path("c.json")});
    EXPECT_EQ(recipe.status, 0) << recipe.err;
}

TEST_F(MatchVerb, IsProvenOnAnotherShotOfTheFollower) {
    ASSERT_EQ(
        call({"match", path("a.json"), path("b.json"), "--resamples", "20", "--out", path("p.json")}).status,
        0);
    const auto proof = call({"verify", path("p.json"), path("again.json"), "--most", "1.5"});
    EXPECT_EQ(proof.status, 0) << proof.out << proof.err;
    // Against the leader's own chart shot it fails: that one is no shot of the follower's, and looks
    // otherwise.
    EXPECT_NE(call({"verify", path("p.json"), path("a.json"), "--most", "1.5"}).status, 0);
    const io::Json c = json(contentOf(path("p.json")));
    EXPECT_EQ(c["certainty"]["resamples"], 20);
    EXPECT_EQ(c["certainty"]["chart_tolerance"], 0) << "both saw one chart";
}

TEST_F(MatchVerb, ALinearFollowerGoesToAPicture) {
    const auto o = call({"match", path("a.json"), path("raw.json"), "--out", path("raw-c.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.out.find("Two sensors do not tell"), std::string::npos);
    const auto c = io::readCorrection(path("raw-c.json"));
    ASSERT_TRUE(c);
    EXPECT_LT(c->summary.after.mean, 1.5);
}

TEST_F(MatchVerb, ALinearLeaderIsSeenThroughItsCorrection) {
    ASSERT_EQ(call({"correct", path("raw.json"), "--resamples", "0", "--out", path("own.json")}).status, 0);
    const auto o = call({"match", path("raw.json"), path("b.json"), "--through", path("own.json"), "--hold",
                         "skin", "--out", path("t.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    const io::Json c = json(contentOf(path("t.json")));
    EXPECT_FALSE(c["aim"]["through"].get<std::string>().empty());
    EXPECT_EQ(c["aim"]["held_back"], io::Json::array({"skin"}));
    // Without one it builds its own.
    EXPECT_EQ(
        call({"match", path("raw.json"), path("b.json"), "--stop-after", "contrast", "--out", "-"}).status,
        0);
}

TEST_F(MatchVerb, SaysWhatIsWrong) {
    const auto says = [](const std::vector<std::string>& arguments, int status, const char* words) {
        const auto o = call(arguments);
        EXPECT_EQ(o.status, status);
        EXPECT_NE(o.err.find(words), std::string::npos) << o.err;
    };
    const std::string a = path("a.json"), b = path("b.json"), out = path("x.json");
    says({"match", a, a, "--out", out}, 1, "both sides");
    says({"match", a, "--out", out}, 2, "follower");
    says({"match", a, b, "--hold", "nose", "--out", out}, 1, "no step called");
    says({"match", a, b, "--weight", "Z9=4", "--out", out}, 1, "no patch Z9");
    ASSERT_EQ(call({"correct", path("raw.json"), "--resamples", "0", "--out", path("own2.json")}).status, 0);
    says({"match", a, b, "--through", path("own2.json"), "--out", out}, 1, "shows itself");
    says({"match", path("raw.json"), b, "--through", a, "--out", out}, 1, "refero-correction");
    EXPECT_FALSE(std::filesystem::exists(out));
}

}  // namespace
}  // namespace refero
