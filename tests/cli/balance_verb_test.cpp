// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A correction from a grey alone, held against the chart that stands beside it.
#include <gtest/gtest.h>

#include <algorithm>

#include "cli/call.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "io/correction_file.h"
#include "io/reading_file.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero {
namespace {

using test::call;
using test::contentOf;
using test::json;
using test::TemporaryFolder;

class BalanceVerb : public testing::Test {
  protected:
    static void SetUpTestSuite() {
        folder_ = new TemporaryFolder;
        std::filesystem::create_directories(folder_->path() / "card");
        const auto shoot = [](const char* name, const char* light, const char* where) {
            sim::Shot s = test::plainShot();
            s.file = name;
            s.light = light;
            s.lens = "50 mm";
            s.taken = "2026:05:14 10:00:00";
            ASSERT_TRUE(sim::shootToFile(s, folder_->path() / where));
        };
        shoot("library.dng", "d55", "card");
        shoot("frame.dng", "daylight-6000", ".");
        ASSERT_EQ(call({"read", path("frame.dng"), "--chart", "fen-24", "--json", path("r.json")}).status, 0);
    }
    static void TearDownTestSuite() { delete folder_; }
    static std::string path(const std::string& name) { return *folder_ / name; }
    // A square in the middle of one of the chart's greys.
    static std::string greyPlace(const PatchReading& p) {
        const auto at = [](double v) { return std::to_string(static_cast<int>(v)); };
        return at(p.centre.x() - 10) + "," + at(p.centre.y() - 10) + ",20,20";
    }
    static double meanError(const Correction& c, const Reading& r) {
        double sum = 0;
        for (const PatchReading& p : r.patches)
            sum += ciede2000(toLab(referenceXyzD50(*r.chart.patch(p.id)), white::d50), c.toLab(p.rgb));
        return sum / static_cast<double>(r.patches.size());
    }

  private:
    static inline TemporaryFolder* folder_ = nullptr;
};

TEST_F(BalanceVerb, BalancesOnAGreyAndBorrowsTheColoursOfItsBody) {
    const auto r = io::readReading(path("r.json"));
    ASSERT_TRUE(r);
    const auto greys = r->neutrals();
    const PatchReading& grey = r->patches[greys[greys.size() / 2]];
    const double y = referenceXyzD50(*r->chart.patch(grey.id)).y;
    const std::vector<std::string> common{"balance",       path("frame.dng"), "--grey",
                                          greyPlace(grey), "--reflectance",   std::to_string(y)};
    const auto with = [&](std::vector<std::string> more) {
        more.insert(more.begin(), common.begin(), common.end());
        return call(more);
    };
    auto o = with({"--json", path("b.json"), "--out", path("plain.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.out.find("no correction of this body is known"), std::string::npos) << o.out;
    const auto plain = io::readCorrection(path("plain.json"));
    ASSERT_TRUE(plain) << plain.error().message;
    const Vector3 levelled = grey.rgb.cwiseProduct(plain->gains * plain->level);
    EXPECT_LT((levelled - Vector3::Constant(y)).cwiseAbs().maxCoeff(), 0.01 * y + 0.002);
    EXPECT_EQ(json(contentOf(path("b.json")))["format"], "refero-balance");

    const std::string studio = path("library.refero");
    ASSERT_EQ(
        call({"day", path("card"), "--chart", "fen-24", "--studio", studio, "--out", path("day")}).status, 0);
    o = with({"--studio", studio, "--out", path("lent.json")});
    ASSERT_EQ(o.status, 0) << o.err;
    EXPECT_NE(o.out.find("Its colours are from the library: \"Heron"), std::string::npos) << o.out;
    const auto lent = io::readCorrection(path("lent.json"));
    ASSERT_TRUE(lent);
    EXPECT_LT(meanError(*lent, *r), 1.0) << "the chart that it never saw";
    EXPECT_GT(meanError(*plain, *r), 3 * meanError(*lent, *r));
    // It is a correction like any other.
    EXPECT_EQ(call({"apply", path("lent.json"), path("frame.dng"), "--space", "srgb", "--out", path("x.jpg")})
                  .status,
              0);
}

TEST_F(BalanceVerb, SaysWhatIsWrong) {
    const auto says = [](const std::vector<std::string>& arguments, int status, const char* words) {
        const auto o = call(arguments);
        EXPECT_EQ(o.status, status) << o.err;
        EXPECT_NE(o.err.find(words), std::string::npos) << o.err;
    };
    const std::string frame = path("frame.dng"), out = path("never.json");
    says({"balance", frame, "--grey", "90000,1,10,10", "--out", out}, 1, "not in");
    says({"balance", frame, "--grey", "1,2", "--out", out}, 2, "grey");
    says({"balance", frame, "--reflectance", "3", "--out", out}, 2, "reflectance");
    says({"balance", path("none.dng"), "--out", out}, 1, "none.dng");
    sim::Shot s = test::plainShot();
    s.file = "hot.tif";
    s.exposure = 3;
    ASSERT_TRUE(sim::shootToFile(s, std::filesystem::path(path("."))));
    const auto r = io::readReading(path("r.json"));
    says({"balance", path("hot.tif"), "--grey", greyPlace(r->patches[r->neutrals().front()]), "--out", out},
         1, "clipped");
    EXPECT_FALSE(std::filesystem::exists(out));
}

}  // namespace
}  // namespace refero
