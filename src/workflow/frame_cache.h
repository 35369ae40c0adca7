// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <cstdint>
#include <filesystem>
#include <list>
#include <memory>
#include <mutex>
#include <optional>
#include <string>

#include "io/frame_file.h"

namespace refero::workflow {

using FramePointer = std::shared_ptr<const io::Frame>;

/// Memory that a decoded frame takes, in bytes.
std::size_t bytesOf(const io::Frame& frame);

/// Decoded frames on loan. What was used last is kept within a budget in bytes; room for a frame as large as
/// the largest so far is made before the next one is decoded. A frame that changed on the disk is read anew.
/// Any thread.
class FrameCache {
  public:
    /// A quarter of the machine's memory, at most 2 GB.
    static std::size_t defaultBudget();

    explicit FrameCache(std::size_t budgetBytes = defaultBudget()) : budget_(budgetBytes) {}

    /// As io::readFrame.
    Result<FramePointer> read(const std::filesystem::path& path,
                              const std::optional<Transfer>& encoding = {});
    /// The same where it is at hand already; else null.
    FramePointer find(const std::filesystem::path& path, const std::optional<Transfer>& encoding = {});
    /// Lets go of all of them; those on loan stay with their borrowers.
    void clear();

    std::size_t budget() const { return budget_; }
    /// Of the frames that it holds, in bytes.
    std::size_t bytes() const;

  private:
    struct Entry {
        std::string path;
        std::optional<Transfer> stated;  ///< as it was asked for
        std::filesystem::file_time_type changed;
        FramePointer frame;
        std::size_t bytes = 0;
    };
    void shrinkTo(std::size_t bytes);
    FramePointer take(const std::string& path, const std::optional<Transfer>& encoding,
                      std::filesystem::file_time_type changed);

    const std::size_t budget_;
    mutable std::mutex mutex_;
    std::list<Entry> entries_;  ///< the latest used first
    std::size_t held_ = 0, largest_ = 0;
};

}  // namespace refero::workflow
