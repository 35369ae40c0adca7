// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/proposal.h"

#include <gtest/gtest.h>

namespace refero::plan {
namespace {

ShootFrame at(FrameId id, int minute, const char* body = "Heron", const char* serial = "1",
              const char* lens = "50 mm") {
    ShootFrame f;
    f.frame = id;
    f.path = "frame_" + std::to_string(1000 + id.number());
    f.body = body;
    f.serial = serial;
    f.lens = lens;
    f.taken = *momentFrom("2026-05-14T09:00:00Z") + std::chrono::minutes(minute);
    return f;
}

ShootFrame chart(FrameId id, int minute, const Vector3& white = {0.5, 0.8, 0.6}) {
    ShootFrame f = at(id, minute);
    f.chart = true;
    f.white = WhiteSeen{*f.taken, white, 1};
    return f;
}

std::vector<std::vector<FrameId>> framesOf(const std::vector<SetupProposal>& all) {
    std::vector<std::vector<FrameId>> out;
    for (const SetupProposal& p : all) out.push_back(p.frames);
    return out;
}

using Frames = std::vector<std::vector<FrameId>>;

TEST(Proposals, AChartShotBeginsALight) {
    const auto all = proposedSetups({chart(1, 0), at(2, 3), at(3, 5), chart(4, 20), at(5, 22)});
    EXPECT_EQ(framesOf(all), (Frames{{1, 2, 3}, {4, 5}}));
    EXPECT_EQ(all[0].chartFrame, 1);
    EXPECT_EQ(all[1].reason, ProposalReason::chartShot);
}

TEST(Proposals, ARetakeOfTheChartInTheSameLightIsOne) {
    const auto all = proposedSetups({chart(1, 0), chart(2, 1, {0.51, 0.8, 0.6}), at(3, 4), chart(4, 6)});
    ASSERT_EQ(all.size(), 1U);
    EXPECT_EQ(all[0].chartFrame, 4) << "the latest";
    // In another light it is none, however soon it comes.
    const auto two = proposedSetups({chart(1, 0), chart(2, 1, {0.9, 0.8, 0.3})});
    ASSERT_EQ(two.size(), 2U);
    EXPECT_EQ(two[1].reason, ProposalReason::otherLight);
    ASSERT_TRUE(two[1].light);
    EXPECT_GT(two[1].light->mired, 50);
    ASSERT_TRUE(two[1].light->stops);
    EXPECT_NEAR(*two[1].light->stops, 0, 1e-9) << "by the exposure, which was the same";
}

TEST(Proposals, WhatComesBeforeTheFirstChartGoesWithIt) {
    EXPECT_EQ(framesOf(proposedSetups({at(1, 0), at(2, 4), chart(3, 8), at(4, 9)})), (Frames{{1, 2, 3, 4}}));
    EXPECT_EQ(framesOf(proposedSetups({at(1, 0), chart(2, 90)})), (Frames{{1}, {2}}))
        << "not after a long pause";
}

TEST(Proposals, LensesPausesAndBodiesDivide) {
    const auto all =
        proposedSetups({at(1, 0), at(2, 1, "Heron", "1", "85 mm"), at(3, 120, "Heron", "1", "85 mm"),
                        at(4, 2, "Heron", "2"), at(5, 3, "Bittern", "")});
    EXPECT_EQ(framesOf(all), (Frames{{5}, {1}, {2}, {3}, {4}}));
    EXPECT_EQ(all[2].reason, ProposalReason::otherLens);
    EXPECT_EQ(all[3].reason, ProposalReason::pause);
    EXPECT_NEAR(all[3].pauseMinutes, 119, 1e-9);
    EXPECT_EQ(all[4].reason, ProposalReason::firstOfBody) << "two bodies of one model are two";
}

TEST(Proposals, FramesAmongThoseOfASetupJoinIt) {
    const auto in = [](ShootFrame f, SetupId setup) {
        f.setup = setup;
        return f;
    };
    // A second look at a card: two came later, one of them before the next light's chart shot.
    const auto all =
        proposedSetups({in(chart(1, 0), 7), in(at(2, 3), 7), at(3, 5), in(chart(4, 20), 8), at(5, 22)});
    ASSERT_EQ(all.size(), 2U);
    EXPECT_EQ(all[0].setup, 7);
    EXPECT_EQ(all[0].frames, std::vector<FrameId>{3});
    EXPECT_EQ(all[0].reason, ProposalReason::amongOthers);
    EXPECT_EQ(all[1].setup, 8);
    EXPECT_EQ(all[1].frames, std::vector<FrameId>{5});
    // What came before its chart shot, too; but not another light, nor after a long pause.
    EXPECT_EQ(proposedSetups({at(1, 0), in(chart(2, 4), 7)}).front().setup, 7);
    const auto others = proposedSetups({in(chart(1, 0), 7), chart(2, 20, {0.9, 0.8, 0.3}), at(3, 100)});
    ASSERT_EQ(others.size(), 2U);
    EXPECT_EQ(others[0].setup, 0);
    EXPECT_EQ(others[1].reason, ProposalReason::pause);
    EXPECT_TRUE(proposedSetups({in(chart(1, 0), 7)}).empty()) << "nothing is loose";
}

TEST(Proposals, WithoutTimesNamesTellTheOrder) {
    std::vector<ShootFrame> frames;
    for (const FrameId id : {10, 9, 2}) {
        ShootFrame f = at(id, 0);
        f.taken.reset();
        frames.push_back(f);
    }
    EXPECT_EQ(framesOf(proposedSetups(frames)), (Frames{{2, 9, 10}}));
    EXPECT_TRUE(proposedSetups({}).empty());
}

}  // namespace
}  // namespace refero::plan
