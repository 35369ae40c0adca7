// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Proposals as a person changes them before anything is kept.
#include <gtest/gtest.h>

#include "core/plan/proposal.h"

namespace refero::plan {
namespace {

ShootFrame frame(FrameId id, const char* body, int minute, bool chart = false) {
    ShootFrame f;
    f.frame = id;
    f.path = std::to_string(id.number());
    f.body = body;
    f.chart = chart;
    f.taken = *momentFrom("2026-05-14T10:00:00Z") + std::chrono::minutes(minute);
    return f;
}

class ProposalChanges : public testing::Test {
  protected:
    // Two lights of one body by a pause, and one of another.
    const std::vector<ShootFrame> frames{frame(1, "a", 0, true),  frame(2, "a", 1),  frame(3, "a", 2),
                                         frame(4, "a", 90, true), frame(5, "a", 91), frame(6, "b", 0)};
    std::vector<std::vector<FrameId>> after(const std::vector<ProposalChange>& changes) {
        last = changed(proposedSetups(frames), frames, changes);
        std::vector<std::vector<FrameId>> out;
        for (const SetupProposal& p : last) out.push_back(p.frames);
        return out;
    }
    std::vector<SetupProposal> last;
    using Groups = std::vector<std::vector<FrameId>>;
};

TEST_F(ProposalChanges, SplitAndJoinAndKeepTheOrderOfTimes) {
    EXPECT_EQ(after({}), (Groups{{1, 2, 3}, {4, 5}, {6}}));
    EXPECT_EQ(after({{{3}, 0}}), (Groups{{1, 2}, {3}, {4, 5}, {6}}));
    EXPECT_EQ(last[1].reason, ProposalReason::byHand);
    EXPECT_EQ(last[1].chartFrame, 0);
    EXPECT_EQ(after({{{3}, 5}}), (Groups{{1, 2}, {3, 4, 5}, {6}}));
    EXPECT_EQ(last[1].chartFrame, 4);
    EXPECT_EQ(after({{{4, 5}, 1}}), (Groups{{1, 2, 3, 4, 5}, {6}})) << "what is left empty falls out";
    EXPECT_EQ(last[0].chartFrame, 4) << "the latest chart shot";
    EXPECT_EQ(after({{{2, 5}, 0}}), (Groups{{1, 3}, {2, 5}, {4}, {6}}));
    EXPECT_EQ(after({{{3}, 0}, {{3}, 2}}), (Groups{{1, 2, 3}, {4, 5}, {6}})) << "there and back";
}

TEST_F(ProposalChanges, NeverPutTwoBodiesTogetherAndLeaveWhatIsNotTheirs) {
    EXPECT_EQ(after({{{6}, 1}}), (Groups{{1, 2, 3}, {4, 5}, {6}}));
    EXPECT_EQ(after({{{3, 6}, 0}}), (Groups{{1, 2}, {3}, {4, 5}, {6}}));
    EXPECT_EQ(after({{{99}, 1}, {{1}, 99}}), (Groups{{1, 2, 3}, {4, 5}, {6}})) << "they have gone";
}

}  // namespace
}  // namespace refero::plan
