// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/pixel_store.h"

#include <gtest/gtest.h>

#include <cstdint>
#include <limits>
#include <new>

namespace refero {
namespace {

TEST(PixelStore, HoldsWhatIsAskedFor) {
    for (const std::size_t count :
         {std::size_t{0}, std::size_t{1}, std::size_t{1} << 20, (std::size_t{3} << 20) + 7}) {
        const PixelStore store = pixelStore(count);
        ASSERT_TRUE(store);
        for (std::size_t i = 0; i < count; ++i) store[i] = static_cast<float>(i);
        for (std::size_t i = 0; i < count; ++i) ASSERT_EQ(store[i], static_cast<float>(i));
    }
}

// The kernel's large pages begin at whole multiples of their size.
TEST(PixelStore, LiesOnWholeLargePagesWhereItIsLarge) {
    const PixelStore store = pixelStore(std::size_t{6} << 20);
    EXPECT_EQ(reinterpret_cast<std::uintptr_t>(store.get()) % (std::uintptr_t{1} << 21), 0u);
}

TEST(PixelStore, SaysThatThereIsNoRoom) {
    EXPECT_THROW((void)pixelStore(std::numeric_limits<std::size_t>::max()), std::bad_alloc);
}

}  // namespace
}  // namespace refero
