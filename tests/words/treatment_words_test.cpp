// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/treatment_words.h"

#include <gtest/gtest.h>

#include <set>

namespace refero::words {
namespace {

TEST(TreatmentWords, SayWhatWasDoneAndHowSurely) {
    EXPECT_EQ(sentence({TreatmentKind::covered, {"A1", "B2"}}),
              "Left out, since something lies there: A1 and B2.");
    EXPECT_EQ(sentence({TreatmentKind::flare, {}, 0.0123, 0.0004}),
              "Flare subtracted: 1.23 % of white (known to 0.04 %).");
    EXPECT_EQ(sentence({TreatmentKind::unevenLight, {}, 0.5, 0.02}),
              "Uneven light taken out: 0.50 stops from the lightest to the darkest place (known to 0.02).");
}

TEST(TreatmentWords, HaveOneLineForEachKind) {
    std::set<std::string> all;
    for (const TreatmentKind k : kTreatmentKinds) {
        const std::string s = sentence({k, {"A1"}, 0.4, 0.01});
        EXPECT_EQ(s.back(), '.');
        EXPECT_EQ(s.find('\n'), s.npos);
        all.insert(s);
    }
    EXPECT_EQ(all.size(), kTreatmentKinds.size());
}

TEST(TreatmentWords, ListsAreShort) {
    EXPECT_EQ(listed({"A1"}), "A1");
    EXPECT_EQ(listed({"A1", "A2", "A3"}), "A1, A2 and A3");
    EXPECT_EQ(listed({"A1", "A2", "A3", "A4", "A5", "A6", "A7"}), "A1, A2, A3, A4, A5, A6 and A7");
    EXPECT_EQ(listed({"A1", "A2", "A3", "A4", "A5", "A6", "A7", "A8"}), "A1, A2, A3, A4, A5, A6 and 2 more");
}

}  // namespace
}  // namespace refero::words
