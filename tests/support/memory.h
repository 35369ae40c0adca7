// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <unistd.h>

#include <cstddef>
#include <fstream>

namespace refero::test {

/// Memory of this process that is in use now (proc(5), statm), in bytes.
inline std::size_t residentBytes() {
    std::size_t pages = 0, resident = 0;
    std::ifstream("/proc/self/statm") >> pages >> resident;
    return resident * static_cast<std::size_t>(::sysconf(_SC_PAGE_SIZE));
}

}  // namespace refero::test
