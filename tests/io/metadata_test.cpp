// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/metadata.h"

#include <gtest/gtest.h>

#include <thread>
#include <vector>

#include "io/frame_file.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

// The library behind it keeps XMP in one place for all threads.
TEST(Metadata, IsReadByManyThreadsAtOnce) {
    const test::TemporaryFolder folder;
    EncodedImage image(32, 24);
    for (float& v : image.values()) v = 0.5f;
    WriteOptions o;
    o.metadata.body = "Heron";
    o.metadata.lens = "60 mm";
    o.metadata.description = "a text that goes into XMP as well";
    for (const char* file : {"a.tif", "b.tif", "c.jpg"}) ASSERT_TRUE(writeFrame(folder / file, image, o));
    std::vector<std::thread> threads;
    std::atomic<int> right{0};
    constexpr int kThreads = 4, kReads = 60;
    for (int t = 0; t < kThreads; ++t)
        threads.emplace_back([&] {
            for (int i = 0; i < kReads; ++i)
                right += readMetadata(folder / std::string(i % 3 == 0   ? "a.tif"
                                                           : i % 3 == 1 ? "b.tif"
                                                                        : "c.jpg"))
                             .body == "Heron";
        });
    for (std::thread& t : threads) t.join();
    EXPECT_EQ(right, kThreads * kReads);
}

}  // namespace
}  // namespace refero::io
