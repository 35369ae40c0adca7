// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/pixel_store.h"

#include <sys/mman.h>

#include <limits>
#include <new>

namespace refero {

namespace {

constexpr std::size_t kLargePage = std::size_t{1} << 21;  // bytes, of x86-64 and of most ARM64
constexpr std::size_t kLarge = 2 * kLargePage;            // below, rounding up would cost too much of it

}  // namespace

PixelStore pixelStore(std::size_t count) {
    if (count > (std::numeric_limits<std::size_t>::max() - kLargePage) / sizeof(float))
        throw std::bad_alloc();
    const std::size_t bytes = count * sizeof(float);
    const bool large = bytes >= kLarge;
    const std::size_t whole = (bytes + kLargePage - 1) / kLargePage * kLargePage;
    void* const at = large ? std::aligned_alloc(kLargePage, whole) : std::malloc(bytes > 0 ? bytes : 1);
    if (!at) throw std::bad_alloc();
    // Advice: where it is not taken, the pages are small ones.
    if (large) (void)madvise(at, whole, MADV_HUGEPAGE);
    return PixelStore(static_cast<float*>(at));
}

}  // namespace refero
