// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/memory.h"

#include <unistd.h>

namespace refero::io {

std::size_t quarterOfMemory() {
    constexpr std::size_t kUnknown = std::size_t{2} << 30;
    const auto pages = ::sysconf(_SC_PHYS_PAGES), size = ::sysconf(_SC_PAGE_SIZE);
    if (pages <= 0 || size <= 0) return kUnknown;
    return static_cast<std::size_t>(pages) / 4 * static_cast<std::size_t>(size);
}

}  // namespace refero::io
