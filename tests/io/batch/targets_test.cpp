// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/targets.h"

#include <gtest/gtest.h>

#include "support/temporary.h"

namespace refero::io {
namespace {

using test::TemporaryFolder;
using Names = std::vector<std::string>;

BatchJob jobInto(const TemporaryFolder& folder, const Names& frames) {
    BatchJob job;
    job.folder = folder.path();
    for (const std::string& f : frames) job.frames.push_back({"/card/" + f, "c"});
    return job;
}

Names namesOf(const Targets& targets) {
    Names out;
    for (const auto& t : targets) out.push_back(t ? t->filename().string() : "-");
    return out;
}

TEST(BatchTargets, TwoOfOneNameAreKeptApartInTheirOrder) {
    const TemporaryFolder folder;
    const BatchJob job = jobInto(folder, {"a/x.dng", "b/x.dng", "y.dng", "c/x.dng"});
    EXPECT_EQ(namesOf(*plannedTargets(job)), (Names{"x.tif", "x 2.tif", "y.tif", "x 3.tif"}));
    EXPECT_TRUE(conflicts(job).empty());
}

TEST(BatchTargets, WhatIsThereIsNamedAndTreatedAsItIsSaid) {
    const TemporaryFolder folder;
    test::put(folder / "x.tif", "old");
    test::put(folder / "x 2.tif", "old");
    BatchJob job = jobInto(folder, {"x.dng", "y.dng"});
    EXPECT_EQ(conflicts(job), Names{"x.tif"});
    const auto refused = plannedTargets(job);
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().message.find("x.tif"), std::string::npos);
    job.collisions = Collision::number;
    EXPECT_EQ(namesOf(*plannedTargets(job)), (Names{"x 3.tif", "y.tif"}));
    job.collisions = Collision::skip;
    EXPECT_EQ(namesOf(*plannedTargets(job)), (Names{"-", "y.tif"}));
    job.collisions = Collision::replace;
    EXPECT_EQ(namesOf(*plannedTargets(job)), (Names{"x.tif", "y.tif"}));
    // A second one of that name is in the way of the number that it would get.
    EXPECT_EQ(conflicts(jobInto(folder, {"a/x.dng", "b/x.dng"})), (Names{"x.tif", "x 2.tif"}));
}

TEST(BatchTargets, NeverAreAFrameOfTheJob) {
    const TemporaryFolder folder;
    test::put(folder / "x.tif", "the frame itself");
    BatchJob job;
    job.folder = folder.path();
    job.frames.push_back({folder / "x.tif", "c"});
    job.collisions = Collision::replace;
    const auto planned = plannedTargets(job);
    ASSERT_FALSE(planned);
    EXPECT_NE(planned.error().message.find("another folder"), std::string::npos);
}

}  // namespace
}  // namespace refero::io
