// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/memory_share.h"

#include <gtest/gtest.h>

#include <atomic>
#include <chrono>
#include <future>
#include <limits>
#include <thread>
#include <vector>

namespace refero::media {
namespace {

TEST(MemoryShare, NoMoreIsHeldThanThereIs) {
    MemoryShare share(100);
    std::atomic<int> held{0}, most{0}, through{0};
    {
        std::vector<std::jthread> all;
        for (int i = 0; i < 8; ++i)
            all.emplace_back([&] {
                for (int n = 0; n < 20; ++n) {
                    const MemoryShare::Hold hold(share, 40);
                    const int now = held += 40;
                    for (int seen = most; now > seen && !most.compare_exchange_weak(seen, now);) {
                    }
                    std::this_thread::sleep_for(std::chrono::microseconds(200));
                    held -= 40;
                    ++through;
                }
            });
    }
    EXPECT_EQ(through, 160);
    EXPECT_LE(most, 100);
    EXPECT_EQ(most, 80) << "two of them fit";
}

TEST(MemoryShare, WhatIsLargerThanTheWholeGoesThroughAlone) {
    MemoryShare share(100);
    std::future<void> other;
    {
        const MemoryShare::Hold whole(share, std::numeric_limits<std::size_t>::max());
        other = std::async(std::launch::async, [&] { const MemoryShare::Hold small(share, 1); });
        EXPECT_EQ(other.wait_for(std::chrono::milliseconds(50)), std::future_status::timeout);
    }
    EXPECT_EQ(other.wait_for(std::chrono::seconds(20)), std::future_status::ready);
}

}  // namespace
}  // namespace refero::media
