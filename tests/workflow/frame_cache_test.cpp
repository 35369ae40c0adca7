// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/frame_cache.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>

#include "io/frame_file.h"
#include "support/memory.h"
#include "support/temporary.h"

namespace refero::workflow {
namespace {

// Of a megapixel; REFERO_CACHE_MEGAPIXELS=45 visits frames of today's cameras, which takes some minutes.
int megapixels() {
    const char* wanted = std::getenv("REFERO_CACHE_MEGAPIXELS");
    return wanted ? std::max(1, std::atoi(wanted)) : 1;
}
const int kWidth = 1200 * static_cast<int>(std::lround(std::sqrt(megapixels()))), kHeight = kWidth * 2 / 3;
const std::size_t kBytes =
    static_cast<std::size_t>(kWidth) * static_cast<std::size_t>(kHeight) * 3 * sizeof(float);

class Cache : public testing::Test {
  protected:
    std::string frame(int n, float value = 0.5f) {
        EncodedImage image(kWidth, kHeight);
        for (float& v : image.values()) v = value;
        const std::string path = folder / (std::to_string(n) + ".tif");
        EXPECT_TRUE(io::writeFrame(path, image, {}));
        return path;
    }
    test::TemporaryFolder folder;
};

TEST_F(Cache, GivesTheSameFrameAgainWithoutDecoding) {
    FrameCache cache;
    const std::string path = frame(1);
    const auto first = cache.read(path);
    ASSERT_TRUE(first) << first.error().message;
    EXPECT_EQ(*cache.read(path), *first);
    EXPECT_EQ(cache.find(path), *first);
    EXPECT_EQ(cache.bytes(), kBytes);
    EXPECT_NE(*cache.read(path, Transfer(Encoding::srgb)), *first) << "by another curve it is another frame";
    EXPECT_FALSE(cache.read(folder / "gone.tif"));
}

TEST_F(Cache, KeepsWhatWasUsedLastWithinItsBudget) {
    FrameCache cache(3 * kBytes);
    const std::string one = frame(1), two = frame(2), three = frame(3);
    ASSERT_TRUE(cache.read(one));
    ASSERT_TRUE(cache.read(two));
    ASSERT_TRUE(cache.find(one)) << "used again";
    // Room for a frame as large is made before the next is decoded.
    ASSERT_TRUE(cache.read(three));
    EXPECT_LE(cache.bytes(), 3 * kBytes);
    ASSERT_TRUE(cache.read(frame(4)));
    EXPECT_LE(cache.bytes(), 3 * kBytes);
    EXPECT_FALSE(cache.find(two)) << "the one that was not used for longest went";
    EXPECT_TRUE(cache.find(three));
    cache.clear();
    EXPECT_EQ(cache.bytes(), 0u);
    EXPECT_FALSE(cache.find(three));
}

TEST_F(Cache, ReadsAFileAnewThatHasChanged) {
    FrameCache cache;
    const std::string path = frame(1, 0.25f);
    const auto before = *cache.read(path);
    frame(1, 0.75f);
    std::filesystem::last_write_time(path, std::filesystem::last_write_time(path) + std::chrono::seconds(2));
    const auto after = *cache.read(path);
    EXPECT_NEAR(before->image.pixel(5, 5)[1], before->encoding.decode(0.25), 1e-3);
    EXPECT_NEAR(after->image.pixel(5, 5)[1], after->encoding.decode(0.75), 1e-3);
}

TEST_F(Cache, HoldsMemoryWithinItsBudgetWhileManyFramesAreVisited) {
    const std::size_t kBudget = 4 * kBytes;
    std::vector<std::string> paths;
    for (int n = 0; n < 6; ++n) paths.push_back(frame(n));
    FrameCache cache(kBudget);
    const auto before = test::residentBytes();
    for (int round = 0; round < 7; ++round)
        for (const std::string& path : paths) ASSERT_TRUE(cache.read(path));
    EXPECT_LE(cache.bytes(), kBudget);
    // What the libraries keep for themselves is not ours to count.
    EXPECT_LT(test::residentBytes(), before + kBudget + 40'000'000);
}

}  // namespace
}  // namespace refero::workflow
