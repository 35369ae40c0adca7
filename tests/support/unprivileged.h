// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <unistd.h>

#include <cstdlib>
#include <filesystem>

namespace refero::test {

/// While it lives, root is nobody, since root may write everywhere; others stay who they are. The folder and
/// what is in it belong to that user.
class Unprivileged {
  public:
    explicit Unprivileged(const std::filesystem::path& folder) {
        if (::geteuid() != 0) return;
        for (const auto& entry : std::filesystem::recursive_directory_iterator(folder)) give(entry.path());
        give(folder);
        dropped_ = ::seteuid(kNobody) == 0;
    }
    ~Unprivileged() {
        if (dropped_ && ::seteuid(0) != 0) std::abort();
    }
    Unprivileged(const Unprivileged&) = delete;
    Unprivileged& operator=(const Unprivileged&) = delete;

  private:
    static constexpr unsigned kNobody = 65534;
    static void give(const std::filesystem::path& path) {
        [[maybe_unused]] const int ignored = ::chown(path.c_str(), kNobody, kNobody);
    }
    bool dropped_ = false;
};

}  // namespace refero::test
