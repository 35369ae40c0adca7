// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What goes out by the command line: every kind of file, the recipe, the report.
#include <gtest/gtest.h>

#include "cli/call.h"
#include "io/handover/format.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::call;
using test::contentOf;
using test::Outcome;
using test::TemporaryFolder;

class HandoverVerbs : public testing::Test {
  protected:
    static void SetUpTestSuite() {
        folder_ = new TemporaryFolder;
        sim::Shot shot = test::plainShot();
        for (const auto& [light, file] : {std::pair{"led-5600", "led.tif"}, std::pair{"a", "lamp.tif"}}) {
            shot.light = light;
            shot.file = file;
            ASSERT_TRUE(sim::shootToFile(shot, folder_->path()));
            const std::string name(file);
            ASSERT_EQ(call({"read", path(name), "--chart", "fen-24", "--json", path(name + ".json")}).status,
                      0);
            ASSERT_EQ(call({"correct", path(name + ".json"), "--resamples", "20", "--model",
                            "root-polynomial", "--out", path(name + ".c.json")})
                          .status,
                      0);
        }
    }
    static void TearDownTestSuite() { delete folder_; }
    static std::string path(const std::string& name) { return *folder_ / name; }

  private:
    static inline TemporaryFolder* folder_ = nullptr;
};

TEST_F(HandoverVerbs, WriteEveryKindOfFile) {
    for (const io::Format f : io::kFormats) {
        const std::string kind(name(f)), out = path("out" + std::string(info(f).ending));
        const Outcome o = call({"export", path("led.tif.c.json"), "--format", kind, "--out", out});
        EXPECT_EQ(o.status, 0) << kind << ": " << o.err;
        EXPECT_FALSE(contentOf(out).empty()) << kind;
        EXPECT_FALSE(o.out.empty());
    }
    EXPECT_EQ(call({"export", path("led.tif.c.json"), "--format", "pdf", "--out", path("x")}).status, 2);
    EXPECT_EQ(call({"export", path("led.tif.c.json"), "--format", "ocio", "--out", "-"}).status, 1)
        << "a configuration has a file beside it";
}

TEST_F(HandoverVerbs, SayWhatIsLostBeforeAnythingIsWritten) {
    const Outcome o =
        call({"export", path("led.tif.c.json"), "--format", "icc", "--profile", "matrix", "--foresee"});
    EXPECT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.out.find("cannot bend a hue"), std::string::npos);
    const Outcome whole = call({"export", path("led.tif.c.json"), "--format", "json", "--foresee"});
    EXPECT_NE(whole.out.find("Nothing is lost"), std::string::npos);
    EXPECT_EQ(call({"export", path("led.tif.c.json"), "--format", "icc"}).status, 1) << "nowhere to write";
}

TEST_F(HandoverVerbs, MakeACameraProfileForTwoLights) {
    const Outcome o = call({"export", path("led.tif.c.json"), "--format", "dcp", "--second",
                            path("lamp.tif.c.json"), "--light", "d55", "a", "--out", path("two.dcp")});
    EXPECT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.out.find("Exiv2"), std::string::npos);
    EXPECT_EQ(call({"export", path("led.tif.c.json"), "--format", "cube", "--second", path("lamp.tif.c.json"),
                    "--out", path("x.cube")})
                  .status,
              1);
}

TEST_F(HandoverVerbs, TellTheRecipeAsTextAndAsATable) {
    const Outcome text = call({"recipe", path("led.tif.c.json")});
    EXPECT_EQ(text.status, 0) << text.err;
    EXPECT_NE(text.out.find("1. Balance"), std::string::npos);
    EXPECT_NE(text.out.find("is left on average"), std::string::npos);
    EXPECT_EQ(call({"recipe", path("led.tif.c.json"), "--out", path("r.csv")}).status, 0);
    EXPECT_EQ(contentOf(path("r.csv")).rfind("step,setting,value,unit", 0), 0u);
    EXPECT_EQ(call({"recipe", path("none.json")}).status, 1);
}

TEST_F(HandoverVerbs, MakeAReportOfOneFile) {
    const Outcome o = call({"report", path("led.tif.c.json"), "--reading", path("led.tif.json"), "--title",
                            "Tiles", "--files", path("led.tif"), "--out", path("r.html")});
    EXPECT_EQ(o.status, 0) << o.err;
    const std::string html = contentOf(path("r.html"));
    EXPECT_NE(html.find("<h1>Tiles</h1>"), std::string::npos);
    EXPECT_NE(html.find("data:image/jpeg;base64,"), std::string::npos);
    EXPECT_NE(html.find("SHA-256"), std::string::npos);
    EXPECT_EQ(
        call({"report", path("led.tif.c.json"), "--files", path("gone"), "--out", path("x.html")}).status, 1);
}

// ISO 32000-1, 7.5.2: a PDF begins with its version.
TEST_F(HandoverVerbs, PrintReportAndRecipeAsPages) {
    for (const char* verb : {"report", "recipe"}) {
        const std::string target = path(std::string(verb) + ".pdf");
        const Outcome o = call({verb, path("led.tif.c.json"), "--out", target});
#ifdef REFERO_PAPER
        EXPECT_EQ(o.status, 0) << o.err;
        EXPECT_EQ(contentOf(target).substr(0, 5), "%PDF-") << verb;
#else
        EXPECT_EQ(o.status, 1);
        EXPECT_NE(o.err.find("built without pages"), std::string::npos) << o.err;
#endif
        const Outcome nowhere = call({verb, path("led.tif.c.json"), "--out", path("none/x.pdf")});
        EXPECT_EQ(nowhere.status, 1);
        EXPECT_FALSE(nowhere.err.empty());
    }
    ASSERT_EQ(call({"recipe", path("led.tif.c.json"), "--out", path("recipe.html")}).status, 0);
    EXPECT_NE(contentOf(path("recipe.html")).find("Hues, sector by sector"), std::string::npos);
}

TEST_F(HandoverVerbs, LookAtAPlateThroughTheConfiguration) {
    const Outcome o = call({"export", path("led.tif.c.json"), "--format", "ocio", "--plate", path("led.tif"),
                            "--plate-space", "linear-srgb", "--out", path("show.ocio")});
    EXPECT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.out.find("graded picture"), std::string::npos);
    EXPECT_TRUE(std::filesystem::exists(path("led, plate.exr")));
    EXPECT_TRUE(std::filesystem::exists(path("led, check frame.png")));
    EXPECT_EQ(call({"export", path("led.tif.c.json"), "--format", "cube", "--plate", path("led.tif"), "--out",
                    path("x.cube")})
                  .status,
              1)
        << "a plate needs a configuration";
}

}  // namespace
}  // namespace refero
