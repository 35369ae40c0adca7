// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <condition_variable>
#include <cstddef>
#include <mutex>

namespace refero::media {

/// What all that works at the same time may hold in memory, in bytes. Who asks for more than there is waits;
/// what is larger than the whole goes through alone.
class MemoryShare {
  public:
    explicit MemoryShare(std::size_t bytes) : all_(bytes) {}

    /// Holds bytes until its end.
    class Hold {
      public:
        Hold(MemoryShare& share, std::size_t bytes) : share_(share), bytes_(share.take(bytes)) {}
        ~Hold() { share_.give(bytes_); }
        Hold(const Hold&) = delete;
        Hold& operator=(const Hold&) = delete;

      private:
        MemoryShare& share_;
        std::size_t bytes_;
    };

  private:
    std::size_t take(std::size_t bytes);
    void give(std::size_t bytes);

    const std::size_t all_;
    std::size_t held_ = 0;
    std::mutex mutex_;
    std::condition_variable given_;
};

}  // namespace refero::media
