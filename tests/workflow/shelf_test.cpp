// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a studio lends to lights without a chart shot, and how that goes to another studio.
#include "workflow/shelf.h"

#include "core/finish/finish.h"
#include "io/correction_file.h"
#include "studio/frames_to_render.h"
#include "workflow/intake.h"
#include "workflow/loan.h"
#include "workflow/one_shoot.h"
#include "workflow/proposals.h"
#include "workflow/whole_shoot.h"

namespace refero::workflow {
namespace {

class Shelf : public OneShoot {
  protected:
    std::string frame(const char* name, const char* light, const char* taken, bool chart,
                      const char* camera = "heron") {
        sim::Shot s = test::plainShot();
        s.light = light;
        s.taken = taken;
        s.camera = camera;
        if (!chart) s.chart.reset();
        return shot(s, name);
    }
    void bring(const std::vector<std::string>& frames) {
        const auto in =
            bringIn(*studio, {frames.begin(), frames.end()}, {{*io::chartByNameOrPath("fen-24")}, {}});
        ASSERT_TRUE(in) << in.error().message;
        const auto all = proposals(studio->contents(), shoot);
        ASSERT_TRUE(accept(*studio, shoot, all));
    }
    std::vector<workflow::Setup> setups() { return state.setups(studio->contents(), day()); }
    std::vector<ShelfItem> items() { return parsed(shelfItems(studio->contents()), parser); }

    ParsedCorrections parser;
};

TEST_F(Shelf, ALightWithoutAChartShotBorrowsFromItsBodyAndSaysSo) {
    bring({frame("c1.dng", "d65", "2026:05:14 10:00:00", true),
           frame("f1.dng", "d65", "2026:05:14 10:02:00", false),
           frame("f2.dng", "daylight-6000", "2026:05:14 14:00:00", false),
           frame("f3.dng", "a", "2026:05:14 18:00:00", false, "bittern")});
    ASSERT_TRUE(readAll(*studio));
    ASSERT_TRUE(correctAll(*studio, {}, false));
    const auto lent = lendAll(*studio);
    ASSERT_TRUE(lent) << lent.error().message;
    int own = 0, borrowed = 0, refused = 0;
    for (const workflow::Setup& s : setups()) {
        own += s.correction && !s.correction->loan;
        if (s.correction && s.correction->loan) {
            ++borrowed;
            EXPECT_EQ(s.body.substr(0, 5), "Heron");
            EXPECT_EQ(s.correction->loan->balance, BalancedOn::camera) << "no grey is in the frame";
            EXPECT_EQ(s.progress(), Progress::lent);
        }
    }
    for (const SetupOutcome& o : *lent) {
        refused += o.what == SetupOutcome::What::failed;
        if (o.what == SetupOutcome::What::failed) {
            EXPECT_NE(o.message.find("no correction of Bittern"), std::string::npos) << o.message;
        }
    }
    EXPECT_EQ(own, 1);
    EXPECT_EQ(borrowed, 1);
    EXPECT_EQ(refused, 1) << "another body's is never lent";
    // A finish that a person gave it stays.
    act([&](studio::Edit& e) {
        for (const auto& [id, r] : studio->contents().all<studio::CorrectionRecord>()) {
            if (r.reading != 0) continue;
            Correction c = *io::parseCorrection(r.document, "it");
            c.finish = *finishByName("rounded");
            studio::CorrectionRecord finished = r;
            finished.document = io::toJson(c).dump();
            e.put(finished);
        }
    });
    // Done again, there is nothing new; and frames of the light go out by the loan.
    const auto steps = studio->done().size();
    ASSERT_TRUE(lendAll(*studio));
    EXPECT_EQ(studio->done().size(), steps);
    const auto frames = studio::framesToRender(studio->contents(), day(), {});
    EXPECT_EQ(frames.frames.size(), 2U);
    EXPECT_EQ(frames.unserved, 1);
}

TEST_F(Shelf, GroupsByLightSaysTheSpreadAndGoesToAnotherStudioAsOneFile) {
    EXPECT_FALSE(copyOut(items(), folder / "none.json")) << "it is empty";
    bring({frame("c1.dng", "d65", "2026:05:14 10:00:00", true),
           frame("c2.dng", "daylight-6000", "2026:05:14 12:00:00", true),
           frame("c3.dng", "a", "2026:05:14 18:00:00", true)});
    ASSERT_TRUE(readAll(*studio));
    ASSERT_TRUE(correctAll(*studio, {}, false));
    const auto groups = grouped(items());
    ASSERT_EQ(groups.size(), 2U) << "two kinds of light";
    EXPECT_EQ(groups[0].items.size(), 1U) << "warm first";
    ASSERT_EQ(groups[1].items.size(), 2U);
    EXPECT_EQ(groups[1].items.front().correction->taken, "2026:05:14 12:00:00") << "the newest first";
    ASSERT_TRUE(groups[1].spread);
    EXPECT_LT(*groups[1].spread, 1);
    EXPECT_FALSE(groups[1].disagreement);

    const std::string file = folder / "all.refero-library.json";
    ASSERT_EQ(copyOut(items(), file).value(), 3U);
    auto other = studio::Studio::create(folder / "other.refero");
    ASSERT_TRUE(other);
    const auto in = [&](const std::string& from) {
        return recordsIn(from).and_then([&](const auto& all) { return putOnShelf(**other, all, "In"); });
    };
    ASSERT_EQ(in(file).value(), 3U);
    EXPECT_EQ(in(file).value(), 0U) << "they are there";
    const auto there = parsed(shelfItems((*other)->contents()), parser);
    ASSERT_EQ(there.size(), 3U);
    for (const ShelfItem& item : there) EXPECT_EQ(item.setup, 0);
    EXPECT_EQ(grouped(there).size(), 2U);
    ASSERT_TRUE((*other)->undo());
    EXPECT_TRUE(shelfItems((*other)->contents()).empty()) << "one step";
    // A file that is none of ours, or cut short.
    test::put(folder.path() / "bad.json",
              "{\"format\": \"refero-library\", \"version\": 1, \"corrections\": [{}]}");
    const auto bad = in(folder / "bad.json");
    ASSERT_FALSE(bad);
    EXPECT_NE(bad.error().message.find("correction"), std::string::npos) << bad.error().message;
    EXPECT_FALSE(in(folder / "nothing.json"));
}

// Neither file says a number; the plan says that they are two.
TEST_F(Shelf, TwoBodiesOfTheKitNeverLendToEachOther) {
    bring({frame("c1.dng", "d65", "2026:05:14 10:00:00", true),
           frame("f2.dng", "d65", "2026:05:14 14:00:00", false)});
    ASSERT_TRUE(readAll(*studio));
    ASSERT_TRUE(correctAll(*studio, {}, false));
    act([&](studio::Edit& e) {
        plan::Body twin;
        twin.model = "Heron";
        twin.nickname = "Heron B";
        const auto other = e.add(twin);
        for (const auto& [id, s] : studio->contents().all<plan::Setup>())
            if (correctionOf(studio->contents(), id) == nullptr) {
                plan::Setup moved = s;
                moved.conditions.body = other;
                e.put(moved);
            }
    });
    const auto lent = lendAll(*studio);
    ASSERT_TRUE(lent);
    for (const workflow::Setup& s : setups()) EXPECT_FALSE(s.correction && s.correction->loan) << s.body;
}

// Another filter before the lens: what the library has no longer holds, and is said.
TEST_F(Shelf, ACorrectionThatNoLongerAgreesWithANewChartShotSaysSo) {
    bring({frame("c1.dng", "d65", "2026:05:14 10:00:00", true)});
    ASSERT_TRUE(readAll(*studio));
    ASSERT_TRUE(correctAll(*studio, {}, false));
    auto all = items();
    ASSERT_EQ(all.size(), 1U);
    Correction changed = *all.front().correction;
    changed.taken = "2026:08:01 10:00:00";
    Matrix3 turned = changed.colours.base().coefficients().leftCols<3>();
    changed.colours = Colours(RootPolynomial(Matrix3(turned)));
    // Weaker red against green, white kept: a filter that the balance does not undo.
    turned.col(0) -= Vector3(0.2, 0.1, 0);
    turned.col(1) += Vector3(0.2, 0.1, 0);
    changed.colours = Colours(RootPolynomial(turned));
    all.push_back(all.front());
    all.back().correction = std::make_shared<const Correction>(changed);
    const auto groups = grouped(all);
    ASSERT_EQ(groups.size(), 1U);
    ASSERT_TRUE(groups.front().disagreement);
    EXPECT_NE(words::sentence(*groups.front().disagreement).find("no longer agrees"), std::string::npos);
}

}  // namespace
}  // namespace refero::workflow
