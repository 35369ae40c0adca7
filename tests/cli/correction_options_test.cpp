// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the command line adds to a correction: models, curves, finish, limits, known colours, two lights.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <filesystem>
#include <map>

#include "cli/call.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/render/render.h"
#include "io/correction_file.h"
#include "io/frame_file.h"
#include "io/handover/cube_file.h"
#include "io/handover/proof.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::call;
using test::contentOf;
using test::json;
using test::Outcome;
using test::TemporaryFolder;

class CorrectionOptions : public testing::Test {
  protected:
    static void SetUpTestSuite() {
        folder_ = new TemporaryFolder;
        sim::Shot shot = test::plainShot();
        for (const auto& [light, file] :
             {std::pair{"led-5600", "led.tif"}, std::pair{"a", "lamp.tif"}, std::pair{"d65", "day.tif"}}) {
            shot.light = light;
            shot.file = file;
            ASSERT_TRUE(sim::shootToFile(shot, folder_->path()));
            ASSERT_EQ(
                call({"read", path(file), "--chart", "fen-24", "--json", path(std::string(file) + ".json")})
                    .status,
                0);
        }
    }
    static void TearDownTestSuite() { delete folder_; }
    static std::string path(const std::string& name) { return *folder_ / name; }
    static Correction document(const std::string& name) {
        const auto c = io::readCorrection(path(name));
        EXPECT_TRUE(c) << c.error().message;
        return c ? *c : Correction{};
    }

  private:
    static inline TemporaryFolder* folder_ = nullptr;
};

TEST_F(CorrectionOptions, EveryModelIsBuiltProvedAndRendered) {
    for (const Model m : {Model::balance, Model::matrix, Model::rootPolynomial, Model::rootPolynomial3,
                          Model::lattice, Model::hueSectors}) {
        const std::string model(name(m));
        const Outcome o = call(
            {"correct", path("led.tif.json"), "--model", model, "--resamples", "0", "--out", path("m.json")});
        ASSERT_EQ(o.status, 0) << model << ": " << o.err;
        EXPECT_EQ(document("m.json").model, m);
        EXPECT_EQ(call({"export", path("m.json"), "--format", "cube", "--out", path("m.cube")}).status, 0)
            << model;
        EXPECT_EQ(call({"export", path("m.json"), "--format", "icc", "--out", path("m.icc")}).status, 0)
            << model;
        EXPECT_EQ(call({"apply", path("m.json"), path("led.tif"), "--out", path("m.png")}).status, 0)
            << model;
    }
    const Outcome o =
        call({"correct", path("led.tif.json"), "--model", "polynomial", "--out", path("m.json")});
    EXPECT_EQ(o.status, 1);
    EXPECT_NE(o.err.find("root polynomial"), std::string::npos) << "what would work instead";
}

TEST_F(CorrectionOptions, AFinishIsOnTopAndCanBeLeftOut) {
    ASSERT_EQ(call({"correct", path("led.tif.json"), "--model", "matrix", "--resamples", "0", "--finish",
                    "rounded", "--warmth", "2", "--limits", "Event", "--out", path("f.json")})
                  .status,
              0);
    const Correction c = document("f.json");
    EXPECT_EQ(c.finish.warmthSteps, 2);
    EXPECT_EQ(c.finish.contrast, 0.5);
    EXPECT_EQ(c.limits.name, "Event");
    ASSERT_EQ(call({"export", path("f.json"), "--format", "cube", "--out", path("with.cube")}).status, 0);
    ASSERT_EQ(call({"export", path("f.json"), "--format", "cube", "--finish", "base", "--out",
                    path("without.cube")})
                  .status,
              0);
    EXPECT_NE(contentOf(path("with.cube")).find("# Finish: 2.0 steps warmer"), std::string::npos);
    EXPECT_NE(contentOf(path("without.cube")).find("# Finish: none"), std::string::npos);
    const Outcome profile = call({"export", path("f.json"), "--format", "icc", "--out", path("f.icc")});
    EXPECT_EQ(profile.status, 0);
    EXPECT_NE(profile.out.find("not in it"), std::string::npos);
    EXPECT_EQ(call({"correct", path("led.tif.json"), "--contrast", "5", "--out", "x"}).status, 1);
    EXPECT_EQ(call({"correct", path("led.tif.json"), "--limits", "Any", "--out", "x"}).status, 1);
}

// Every stage at once: what the definition says of a pixel is what lands in the files, within a tenth.
TEST_F(CorrectionOptions, TheSameColoursByDefinitionInAFileAndInALut) {
    ASSERT_EQ(call({"correct", path("led.tif.json"), "--model", "hue-sectors", "--resamples", "0", "--finish",
                    "rounded", "--out", path("s.json")})
                  .status,
              0);
    const Correction c = document("s.json");
    ASSERT_TRUE(c.colours.lattice());
    ASSERT_EQ(call({"apply", path("s.json"), path("led.tif"), "--out", path("s.tif")}).status, 0);
    ASSERT_EQ(
        call({"apply", path("s.json"), path("led.tif"), "--space", "linear-srgb", "--out", path("s.exr")})
            .status,
        0);
    const auto frame = io::readFrame(path("led.tif"), Transfer(Encoding::linear));
    const auto integer = io::readFrame(path("s.tif"), Transfer(Encoding::srgb)),
               floating = io::readFrame(path("s.exr"), Transfer(Encoding::linear));
    ASSERT_TRUE(frame && integer && floating);
    const Rendering linear = compile(c, OutputSpace::linearSrgb);
    const Matrix3 toXyz = rgbToXyzD50(primaries::bt709);
    const auto lab = [&](const Vector3& v) { return toLab(Xyz::from(toXyz * v), white::d50); };
    const auto pixel = [](const io::Frame& f, int x, int y) {
        const float* p = f.image.pixel(x, y);
        return Vector3(p[0], p[1], p[2]);
    };
    double worst = 0;
    int seen = 0;
    for (int y = 7; y < frame->image.height(); y += 37)
        for (int x = 5; x < frame->image.width(); x += 41) {
            const Vector3 defined = rendered(pixel(*frame, x, y), linear);
            if (defined.minCoeff() < 0.002 || defined.maxCoeff() > 1) continue;  // an integer file clips
            ++seen;
            worst = std::max({worst, ciede2000(lab(defined), lab(pixel(*integer, x, y))),
                              ciede2000(lab(defined), lab(pixel(*floating, x, y)))});
        }
    EXPECT_GT(seen, 500);
    EXPECT_LT(worst, 0.1);
    // A LUT adds its own interpolation, which we foretell; another engine must find no more than that.
    const Outcome o = call({"export", path("s.json"), "--format", "cube", "--out", path("s.cube")});
    ASSERT_EQ(o.status, 0) << o.err;
    const auto proof = io::proveTransform(path("s.cube"), *io::representablePartOf(c, {}));
    ASSERT_TRUE(proof);
    double ours = 1e9;
    for (const int size : {33, 65, 97, 129}) {
        const auto cube = io::Cube::sampled(c, {size, Encoding::srgb, OutputSpace::srgb});
        ASSERT_TRUE(cube);
        const double expected = io::expectedOf(*cube, *io::representablePartOf(c, {})).largest;
        if (std::abs(expected - proof->largest) < std::abs(ours - proof->largest)) ours = expected;
    }
    EXPECT_NEAR(proof->largest, ours, 0.1);
}

TEST_F(CorrectionOptions, ThePleasingIntentIsTheRoundedFinish) {
    ASSERT_EQ(call({"correct", path("led.tif.json"), "--intent", "pleasing", "--resamples", "0", "--out",
                    path("p.json")})
                  .status,
              0);
    EXPECT_EQ(document("p.json").finish, *finishByName("rounded"));
}

TEST_F(CorrectionOptions, KnownColoursAreMeasuredInTheirFrame) {
    ASSERT_EQ(call({"correct", path("led.tif.json"), "--model", "matrix", "--resamples", "0", "--out",
                    path("k.json")})
                  .status,
              0);
    // What the wall in the corner is, by the correction itself.
    const Outcome proof =
        call({"verify", path("k.json"), "--known", "wall", path("led.tif"), "20,20,40,40", "50,0,0"});
    EXPECT_EQ(proof.status, 0) << proof.err;
    EXPECT_NE(proof.out.find("over 1 patches"), std::string::npos);
    const Outcome o = call({"correct", path("led.tif.json"), "--model", "matrix", "--resamples", "0",
                            "--known", "wall", path("led.tif"), "20,20,40,40", "50,0,0", "--known", "edge",
                            path("led.tif"), "70,20,10,10", "50,1,0", "--out", path("w.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    const Correction c = document("w.json");
    ASSERT_EQ(c.patches.size(), 26u);
    EXPECT_EQ(c.patches[24].id, "wall");
    EXPECT_TRUE(c.patches[25].known);
    EXPECT_EQ(
        call({"verify", path("w.json"), "--known", "wall", path("led.tif"), "20,20,40,40", "50,0,0"}).status,
        1)
        << "it was built from the wall";
    for (const auto& [place, colour] : {std::pair{"20,20,40", "50,0,0"}, std::pair{"9000,20,40,40", "50,0,0"},
                                        std::pair{"20,20,40,40", "red"}})
        EXPECT_EQ(call({"verify", path("k.json"), "--known", "wall", path("led.tif"), place, colour}).status,
                  1);
    EXPECT_EQ(
        call({"verify", path("k.json"), "--known", "wall", path("none.tif"), "0,0,9,9", "50,0,0"}).status, 1);
    EXPECT_EQ(call({"verify", path("k.json")}).status, 1) << "nothing to check it on";
}

TEST_F(CorrectionOptions, TwoLightsAreMixed) {
    for (const std::string light : {"lamp", "day"})
        ASSERT_EQ(call({"correct", path(light + ".tif.json"), "--model", "matrix", "--resamples", "0",
                        "--out", path(light + ".json")})
                      .status,
                  0);
    const Outcome o = call({"between", path("lamp.json"), path("day.json"), "--kelvins", "2856,6504",
                            "--kelvin", "4000", "--out", path("mixed.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.out.find("4000 K"), std::string::npos);
    // 250 mired lies 51 % of the way from 350 to 154.
    EXPECT_NE(o.out.find("51 %"), std::string::npos) << o.out;
    const Correction warm = document("lamp.json"), cool = document("day.json"),
                     mixed = document("mixed.json");
    EXPECT_GT(mixed.gains.z(), cool.gains.z());
    EXPECT_LT(mixed.gains.z(), warm.gains.z());
    const Vector3 grey = 0.2 * cool.gains.cwiseInverse();
    char text[80];
    std::snprintf(text, sizeof text, "%.6f,%.6f,%.6f", grey.x(), grey.y(), grey.z());
    ASSERT_EQ(call({"between", path("lamp.json"), path("day.json"), "--kelvins", "2856,6504", "--grey", text,
                    "--out", path("day-again.json")})
                  .status,
              0);
    EXPECT_NEAR((document("day-again.json").gains - cool.gains).norm(), 0, 1e-3);
    EXPECT_EQ(
        call({"between", path("lamp.json"), path("day.json"), "--kelvins", "2856,6504", "--out", "x"}).status,
        1)
        << "which light?";
    EXPECT_EQ(call({"between", path("lamp.json"), path("day.json"), "--kelvins", "2856,6504", "--kelvin",
                    "9000", "--out", "x"})
                  .status,
              1);
}

// Read back from the picture that was made.
TEST_F(CorrectionOptions, LevelsByHandAreInThePicture) {
    ASSERT_EQ(call({"correct", path("led.tif.json"), "--model", "matrix", "--resamples", "0", "--out",
                    path("plain.json")})
                  .status,
              0);
    std::vector<PatchResult> greys;
    for (const PatchResult& p : document("plain.json").patches)
        if (p.role == Role::neutral && p.used) greys.push_back(p);
    std::sort(greys.begin(), greys.end(),
              [](const PatchResult& a, const PatchResult& b) { return a.after.L < b.after.L; });
    ASSERT_GE(greys.size(), 4U);
    const std::string black = greys.front().id, grey = greys[greys.size() / 2].id, white = greys.back().id;
    const Outcome o = call({"correct", path("led.tif.json"), "--model", "matrix", "--resamples", "0",
                            "--level", "black:" + black + "=14", "--level", "grey:" + grey + "=55", "--level",
                            "white:" + white + "=93.5", "--out", path("l.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.out.find("its levels: skin"), std::string::npos) << o.out;
    ASSERT_EQ(
        call({"apply", path("l.json"), path("led.tif"), "--space", "bt1886", "--out", path("l.tif")}).status,
        0);
    ASSERT_EQ(call({"read", path("l.tif"), "--chart", "fen-24", "--encoding", "bt1886", "--json",
                    path("l.tif.json")})
                  .status,
              0);
    std::map<std::string, double> shown;
    const io::Json read = json(contentOf(path("l.tif.json")));
    for (const auto& p : read["patches"])
        shown[p["id"].get<std::string>()] = 100 * std::pow(p["rgb"][1].get<double>(), 1 / 2.4);
    EXPECT_NEAR(shown[black], 14, 0.6);
    EXPECT_NEAR(shown[grey], 55, 0.4);
    EXPECT_NEAR(shown[white], 93.5, 0.4);
    // They are kept, go out with the LUT, and can be taken away again.
    ASSERT_EQ(call({"export", path("l.json"), "--format", "cube", "--out", path("l.cube")}).status, 0);
    EXPECT_NE(contentOf(path("l.cube")).find("# Finish: levels by hand"), std::string::npos);
    ASSERT_EQ(call({"export", path("l.json"), "--format", "cube", "--level", "none", "--out", path("l.cube")})
                  .status,
              0);
    EXPECT_NE(contentOf(path("l.cube")).find("# Finish: none"), std::string::npos);

    for (const char* wrong :
         {"white", "white:", "white:A1", "white:A1=", "white:A1=120", "pink:A1=3", "white:A1=x"}) {
        const Outcome bad =
            call({"correct", path("led.tif.json"), "--level", wrong, "--out", path("x.json")});
        EXPECT_EQ(bad.status, 1) << wrong;
        EXPECT_NE(bad.err.find("per cent"), std::string::npos) << bad.err;
    }
    const Outcome falling = call({"correct", path("led.tif.json"), "--level", "black:" + black + "=60",
                                  "--level", "white:" + white + "=20", "--out", path("x.json")});
    EXPECT_EQ(falling.status, 1);
    EXPECT_NE(falling.err.find("rise"), std::string::npos) << falling.err;
}

TEST_F(CorrectionOptions, SetupsShareOneLutThatStatesItsTerms) {
    const Outcome o = call({"correct", path("led.tif.json"), path("day.tif.json"), path("lamp.tif.json"),
                            "--share", "--count", "1", "--count", "2", "--count", "1", "--resamples", "0",
                            "--out", path("shared.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.out.find("Shared by 3 chart shots"), std::string::npos);
    const Correction c = document("shared.json");
    ASSERT_EQ(c.pool.size(), 3U);
    EXPECT_EQ(c.pool[1].weight, 2);
    EXPECT_GT(*c.pool[2].mired, *c.pool[1].mired) << "a lamp is warmer than daylight";
    for (const PooledShot& p : c.pool) EXPECT_GE(p.asIs, p.balanced);
    // Each finish has its file, each with its terms in it, and a card for the person at the camera.
    ASSERT_EQ(call({"export", path("shared.json"), "--format", "cube", "--every-finish", "--card",
                    path("card.html"), "--out", path("shared.cube")})
                  .status,
              0);
    for (const char* finish : {"base", "rounded"}) {
        const std::string lut = contentOf(path("shared, " + std::string(finish) + ".cube"));
        EXPECT_NE(lut.find("# Shared by 3 chart shots"), std::string::npos) << finish;
        EXPECT_NE(lut.find("# It fits where mid-grey (18 %) lies at code"), std::string::npos);
        EXPECT_NE(lut.find("# Half a stop under, colours "), std::string::npos);
        EXPECT_NE(lut.find("It holds "), std::string::npos);
    }
    EXPECT_FALSE(std::filesystem::exists(path("shared.cube")));
    const std::string card = contentOf(path("card, rounded.html"));
    for (const char* told : {"Set at the camera", "Mid-grey (18 %)", "White", "Half a stop under",
                             "Shared by", "lamp.tif.json", "brings the level as well"})
        EXPECT_NE(card.find(told), std::string::npos) << told;

    const Outcome many = call({"correct", path("led.tif.json"), path("day.tif.json"), "--share", "--count",
                               "1", "--out", path("x.json")});
    EXPECT_EQ(many.status, 1);
    EXPECT_NE(many.err.find("once for each reading"), std::string::npos) << many.err;
    EXPECT_EQ(call({"correct", path("led.tif.json"), "--share", "--out", path("x.json")}).status, 1);
}

}  // namespace
}  // namespace refero
