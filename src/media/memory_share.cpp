// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/memory_share.h"

#include <algorithm>

namespace refero::media {

std::size_t MemoryShare::take(std::size_t bytes) {
    const std::size_t wanted = std::min(bytes, all_);
    std::unique_lock lock(mutex_);
    given_.wait(lock, [&] { return held_ + wanted <= all_; });
    held_ += wanted;
    return wanted;
}

void MemoryShare::give(std::size_t bytes) {
    {
        const std::scoped_lock lock(mutex_);
        held_ -= bytes;
    }
    given_.notify_all();
}

}  // namespace refero::media
