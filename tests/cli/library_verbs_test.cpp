// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a studio lends, from the command line; and what to set in a camera.
#include <gtest/gtest.h>

#include "cli/call.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::call;
using test::contentOf;
using test::json;

class LibraryVerbs : public testing::Test {
  protected:
    std::string shoot(const char* name, const char* light, double exposure, Vector3 miss = {1, 1, 1}) {
        sim::Shot s = test::plainShot();
        s.file = name;
        s.light = light;
        s.exposure = exposure;
        s.balanceMiss = miss;
        s.taken = "2026:05:14 10:00:00";
        EXPECT_TRUE(sim::shootToFile(s, folder.path()));
        return folder / name;
    }
    test::TemporaryFolder folder;
};

TEST_F(LibraryVerbs, ListsCopiesOutAndIn) {
    std::filesystem::create_directories(folder.path() / "card");
    const std::string studio = folder / "a.refero", file = folder / "all.refero-library.json";
    std::filesystem::rename(shoot("c.dng", "d55", 0.75), folder.path() / "card" / "c.dng");
    ASSERT_EQ(call({"day", folder / "card", "--chart", "fen-24", "--studio", studio, "--out", folder / "out"})
                  .status,
              0);
    const auto o = call({"library", studio, "--copy-out", file, "--json", "-"});
    ASSERT_EQ(o.status, 0) << o.err;
    const io::Json list = json(o.out);
    ASSERT_EQ(list["groups"].size(), 1U);
    EXPECT_EQ(list["groups"][0]["body"], "Heron");
    EXPECT_EQ(list["groups"][0]["shots"], 1);
    EXPECT_FALSE(list["groups"][0]["disagrees"].get<bool>());
    // Another studio, with a card of its own in the same light and no chart.
    std::filesystem::create_directories(folder.path() / "other");
    sim::Shot s = test::plainShot();
    s.file = "f.dng";
    s.light = "d55";
    s.chart.reset();
    ASSERT_TRUE(sim::shootToFile(s, folder.path() / "other"));
    const std::string second = folder / "b.refero";
    const auto day = [&] {
        const auto d =
            call({"day", folder / "other", "--studio", second, "--json", "-", "--out", folder / "out2"});
        EXPECT_EQ(d.status, 0) << d.err;
        return json(d.out);
    };
    EXPECT_TRUE(day()["setups"][0]["correction"].is_null()) << "nothing is known of this body";
    const auto in = call({"library", second, "--copy-in", file});
    ASSERT_EQ(in.status, 0) << in.err;
    EXPECT_NE(in.err.find("1 correction is new"), std::string::npos) << in.err;
    const io::Json lent = day()["setups"][0];
    EXPECT_EQ(lent["loan"]["source"], "shelf") << lent.dump(1);
    EXPECT_EQ(lent["loan"]["balance"], "camera");
    EXPECT_FALSE(lent["correction"].is_null());
    EXPECT_EQ(call({"library", folder / "none.refero"}).status, 1);
    EXPECT_EQ(call({"library", second, "--copy-in", studio}).status, 1) << "no library";
}

TEST_F(LibraryVerbs, SayWhatToSetInTheCamera) {
    const std::string dark = shoot("dark.dng", "daylight-5500", 0.25),
                      off = shoot("off.dng", "daylight-5500", 0.75, {0.7, 1, 1.4});
    const auto o = call({"camera", dark, off, "--json", "-"});
    ASSERT_EQ(o.status, 0) << o.err;
    const io::Json j = json(o.out);
    EXPECT_EQ(j["open_thirds"], 5);
    EXPECT_NEAR(j["light"]["kelvin"].get<double>(), 5500, 400);
    EXPECT_NEAR(j["mired_off"].get<double>(), 0, 3);
    EXPECT_GT(j["wander_mired"].get<double>(), 20) << "the other frame's balance is another";
    EXPECT_EQ(j["raw"]["bits"], 14);
    EXPECT_FALSE(j["raw"]["coarse_highlights"].get<bool>());
    // Balanced wrongly, it had the histogram misled; dialled right, the scale is the body's own.
    const auto wrong = call({"camera", off, "--dialled", dark + "=5200", "--json", "-"});
    ASSERT_EQ(wrong.status, 0) << wrong.err;
    const io::Json w = json(wrong.out);
    EXPECT_TRUE(w["open_thirds"].is_null());
    EXPECT_EQ(w["scale_samples"], 1);
    EXPECT_NEAR(w["light"]["kelvin"].get<double>(), 5200, 40);
    EXPECT_GT(std::abs(w["mired_off"].get<double>()), 20);
    EXPECT_FALSE(w["histogram_stops"].is_null());
    EXPECT_EQ(call({"camera", dark, "--dialled", "nothing"}).status, 1);
    EXPECT_EQ(call({"camera", folder / "none.dng"}).status, 1);
}

}  // namespace
}  // namespace refero
