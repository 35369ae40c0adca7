// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A card in one step: two bodies, three lights, good and bad chart shots, and things that are no pictures.
#include <gtest/gtest.h>

#include <set>

#include "cli/call.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::call;
using test::contentOf;
using test::json;
using test::TemporaryFolder;

class DayVerb : public testing::Test {
  protected:
    static void SetUpTestSuite() {
        card_ = new TemporaryFolder;
        const auto shoot = [](const char* name, const char* camera, const char* taken, const char* light,
                              bool chart, double exposure = 0.75) {
            sim::Shot s = test::plainShot();
            s.file = name;
            s.camera = camera;
            s.lens = "50 mm";
            s.taken = taken;
            s.light = light;
            s.exposure = exposure;
            if (!chart) s.chart.reset();
            ASSERT_TRUE(sim::shootToFile(s, card_->path()));
        };
        shoot("a1.dng", "heron", "2026:05:14 10:00:00", "d55", true);
        shoot("a2.dng", "heron", "2026:05:14 10:02:00", "d55", false);
        shoot("a3.dng", "heron", "2026:05:14 10:30:00", "a", true);
        shoot("a4.dng", "heron", "2026:05:14 10:33:00", "a", false);
        shoot("b1.dng", "bittern", "2026:05:14 10:01:00", "d55", true, 1.9);  // clipped: to be shot again
        shoot("b2.dng", "bittern", "2026:05:14 10:03:00", "d55", false);
        test::put(card_->path() / "notes.txt", "no picture");
        test::put(card_->path() / "broken.dng", "II*\0broken");
    }
    static void TearDownTestSuite() { delete card_; }
    static std::string card() { return card_->path().string(); }
    static const io::Json& setupOf(const io::Json& day, const std::string& chart) {
        for (const io::Json& s : day["setups"])
            if (s["chart_frame"].get<std::string>().ends_with(chart)) return s;
        ADD_FAILURE() << "no setup of " << chart;
        return day;
    }
    static const io::Json& frameOf(const io::Json& day, const std::string& name) {
        for (const io::Json& f : day["frames"])
            if (f["path"].get<std::string>().ends_with(name)) return f;
        ADD_FAILURE() << "no frame " << name;
        return day;
    }

    TemporaryFolder out;

  private:
    static inline TemporaryFolder* card_ = nullptr;
};

TEST_F(DayVerb, DoesACardInOneStep) {
    const std::string folder = out / "day";
    const auto o = call({"day", card(), "--chart", "fen-24", "--deliver", "client", "--deliver", "cube",
                         "--json", out / "day.json", "--out", folder});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.out.find("3 lights, 3 chart shots: 2 good, 1 to be shot again"), std::string::npos) << o.out;
    const io::Json day = json(contentOf(out / "day.json"));
    EXPECT_EQ(day["format"], "refero-day");
    ASSERT_EQ(day["setups"].size(), 3U);
    for (const char* chart : {"a1.dng", "a3.dng"}) {
        const io::Json& s = setupOf(day, chart);
        EXPECT_NE(s["verdict"], "reshoot") << s.dump();
        EXPECT_TRUE(std::filesystem::exists(s["correction"].get<std::string>()));
        EXPECT_EQ(s["body"], "Heron");
        EXPECT_FALSE(s["proposed"].get<std::string>().empty());
        EXPECT_FALSE(s["files"].empty());
    }
    EXPECT_EQ(setupOf(day, "b1.dng")["verdict"], "reshoot");
    EXPECT_FALSE(setupOf(day, "b1.dng")["why"].get<std::string>().empty());
    // Each frame went through its own light's correction, or says why not.
    EXPECT_EQ(frameOf(day, "a2.dng")["corrected_by"], setupOf(day, "a1.dng")["correction"]);
    EXPECT_EQ(frameOf(day, "a4.dng")["corrected_by"], setupOf(day, "a3.dng")["correction"]);
    for (const char* name : {"a2.dng", "a4.dng"}) {
        ASSERT_FALSE(frameOf(day, name)["files"].empty()) << name;
        EXPECT_TRUE(std::filesystem::exists(frameOf(day, name)["files"][0].get<std::string>()));
    }
    const io::Json& broken = frameOf(day, "broken.dng");
    EXPECT_EQ(broken["setup"], 0);
    EXPECT_FALSE(broken["why"].get<std::string>().empty());
    // Nothing of its own is left behind.
    for (const auto& entry : std::filesystem::directory_iterator(folder))
        EXPECT_FALSE(entry.path().filename().string().starts_with(".")) << entry.path();
}

TEST_F(DayVerb, ASecondRunDoesOnlyWhatIsNew) {
    const std::string folder = out / "day", studio = out / "day.refero";
    TemporaryFolder own;
    for (const char* name : {"a1.dng", "a2.dng"})
        std::filesystem::copy_file(std::filesystem::path(card()) / name, own.path() / name);
    const auto run = [&] {
        const auto o = call({"day", own.path().string(), "--chart", "fen-24", "--deliver", "client",
                             "--studio", studio, "--json", "-", "--out", folder});
        EXPECT_EQ(o.status, 0) << o.err;
        return json(o.out);
    };
    const io::Json first = run();
    ASSERT_EQ(first["setups"].size(), 1U);
    const auto writtenBy = [&](const io::Json& day) {
        std::set<std::string> all;
        for (const io::Json& f : day["frames"])
            for (const io::Json& file : f["files"]) all.insert(file);
        return all;
    };
    const auto pictures = writtenBy(first);
    ASSERT_FALSE(pictures.empty());
    const auto made = std::filesystem::last_write_time(*pictures.begin());
    EXPECT_TRUE(writtenBy(run()).empty()) << "nothing is new";
    // One more frame in the same light.
    sim::Shot s = test::plainShot();
    s.file = "a9.dng";
    s.camera = "heron";
    s.lens = "50 mm";
    s.taken = "2026:05:14 10:05:00";
    s.light = "d55";
    s.chart.reset();
    ASSERT_TRUE(sim::shootToFile(s, own.path()));
    const io::Json third = run();
    EXPECT_FALSE(frameOf(third, "a9.dng")["files"].empty()) << third.dump(1);
    EXPECT_EQ(std::filesystem::last_write_time(*pictures.begin()), made) << "what was there stays";
}

// A chart that the studio has never seen is looked for, read and corrected with; nothing else is.
TEST_F(DayVerb, ReadsWithAChartOfOnesOwn) {
    Chart own = *io::chartByNameOrPath("fen-24");
    own.id = "own-24";
    own.name = "Our own";
    ASSERT_TRUE(io::writeChart(own, std::filesystem::path(out / "own.chart.json")));
    TemporaryFolder one;
    std::filesystem::copy_file(std::filesystem::path(card()) / "a1.dng", one.path() / "a1.dng");
    const auto o = call(
        {"day", one.path().string(), "--chart", out / "own.chart.json", "--json", "-", "--out", out / "day"});
    ASSERT_EQ(o.status, 0) << o.err;
    const io::Json day = json(o.out);
    ASSERT_EQ(day["setups"].size(), 1U);
    ASSERT_TRUE(day["setups"][0]["correction"].is_string()) << day.dump(1);
    const io::Json c = json(contentOf(day["setups"][0]["correction"].get<std::string>()));
    EXPECT_EQ(c["chart"], "own-24");
}

// Frames are left for other machines: their jobs are named, and nothing is rendered until they are carried
// out.
TEST_F(DayVerb, LeavesItsFramesToOthers) {
    TemporaryFolder one;
    std::filesystem::copy_file(std::filesystem::path(card()) / "a1.dng", one.path() / "a1.dng");
    std::filesystem::copy_file(std::filesystem::path(card()) / "a2.dng", one.path() / "a2.dng");
    const auto o = call({"day", one.path().string(), "--deliver", "client", "--leave-frames", "--json", "-",
                         "--out", out / "day"});
    ASSERT_EQ(o.status, 0) << o.err;
    const io::Json day = json(o.out);
    ASSERT_EQ(day["jobs"].size(), 1U) << o.out;
    const std::string job = day["jobs"][0];
    EXPECT_FALSE(call({"batch", job, "--left"}).out.empty());
    ASSERT_EQ(call({"batch", job}).status, 0);
    EXPECT_TRUE(call({"batch", job, "--left"}).out.empty());
}

TEST_F(DayVerb, SaysWhatIsWrong) {
    const std::string folder = out / "x";
    const auto says = [](const std::vector<std::string>& arguments, int status, const char* words) {
        const auto o = call(arguments);
        EXPECT_EQ(o.status, status);
        EXPECT_NE(o.err.find(words), std::string::npos) << o.err;
    };
    TemporaryFolder empty;
    says({"day", empty.path().string(), "--out", folder}, 1, "Nothing in there");
    says({"day", card(), "--deliver", "everybody", "--out", folder}, 1, "Nobody is called");
    says({"day", card(), "--chart", "no-such-chart", "--out", folder}, 1, "no-such-chart");
    says({"day", card()}, 2, "--out");
    test::put(out.path() / "file", "in the way");
    says({"day", card(), "--out", out / "file"}, 1, "cannot be made");
}

}  // namespace
}  // namespace refero
