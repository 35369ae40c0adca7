// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/series.h"

#include <gtest/gtest.h>

#include "words/series_words.h"

namespace refero::workflow {
namespace {

TEST(SeriesNames, ProfilesAreWhatStandsBeforeAnExposure) {
    const std::vector<std::string> names{"log -2.tif",    "log_+1.tif", "flat m1.tif",
                                         "flat_p2ev.tif", "log 0.tif",  "flat 0.tif"};
    EXPECT_EQ(profilesByName(names), (std::vector<std::string>{"log", "log", "flat", "flat", "log", "flat"}));
    for (const std::string& p :
         profilesByName(std::vector<std::string>{"DSC_0001.tif", "DSC_0002.tif", "X_1.tif"}))
        EXPECT_TRUE(p.empty()) << "frame numbers are no exposures";
}

TEST(SeriesWords, ExposuresAreSaidInThirds) {
    EXPECT_EQ(words::exposure(0), "0");
    EXPECT_EQ(words::exposure(1), "+1");
    EXPECT_EQ(words::exposure(-1.667), "-1 2/3");
    EXPECT_EQ(words::exposure(0.34), "+1/3");
    EXPECT_EQ(words::exposure(0.5), "+0.5");
}

TEST(SeriesWords, AMovementSaysItsDirection) {
    GroupDrift d;
    d.group = kNeutralGroup;
    EXPECT_EQ(words::movement(d), "as they were");
    d.redder = -1.2;
    d.yellower = 0.5;
    EXPECT_EQ(words::movement(d), "1.2 greener and 0.5 yellower");
}

// Every flaw has a sentence of its own.
TEST(SeriesWords, FlawsAreSaid) {
    std::vector<std::string> said;
    for (const SeriesFlaw f : kSeriesFlaws) {
        SeriesNote n;
        n.flaw = f;
        n.profile = "log";
        n.frame = "/a/b.tif";
        said.push_back(words::sentence(n));
        EXPECT_GT(said.back().size(), 20u);
        EXPECT_EQ(said.back().find("/a/"), std::string::npos) << "a name, not a path";
    }
    std::sort(said.begin(), said.end());
    EXPECT_EQ(std::unique(said.begin(), said.end()), said.end());
}

}  // namespace
}  // namespace refero::workflow
