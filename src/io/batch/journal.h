// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <filesystem>
#include <map>
#include <mutex>
#include <optional>
#include <string>
#include <vector>

#include "core/result.h"
#include "io/batch/targets.h"

namespace refero::io {

/// A finished file, or one picture of a finished clip's.
struct DoneFile {
    std::filesystem::path target;
    std::uintmax_t bytes = 0;
    std::string sha256;
};

/// What of a job is done: lines of JSON beside its document, each written to the end of the file and flushed
/// to the disk once its picture has its name. A line that a killed process left unfinished counts as none.
/// Several processes may write one journal at a time.
class Journal {
  public:
    /// Opens the job's journal, begins it where there is none, and plans the targets once: what stood there
    /// before is treated as the job says. Errors: the job was changed since; files in the way where the job
    /// refuses them; the folder cannot be made or written.
    static Result<Journal> open(const std::filesystem::path& job, const BatchJob& document);
    static std::filesystem::path pathFor(const std::filesystem::path& job);

    Journal(Journal&& other) noexcept;
    Journal& operator=(Journal&&) = delete;
    ~Journal();

    /// One a frame, with its ending (of a clip, the folder); nothing for one that is skipped.
    const Targets& targets() const { return targets_; }
    /// What was finished and still stands there with its size; of a clip, only when its last picture is.
    std::optional<DoneFile> done(std::size_t frame) const;
    /// Of a clip: its finished pictures by number from 0.
    const std::map<std::size_t, DoneFile>& pictures(std::size_t frame) const;

    /// Its quick picture, while that stands in its place.
    std::optional<DoneFile> quick(std::size_t frame) const;

    Status finished(std::size_t frame, const DoneFile& file);
    Status finishedQuick(std::size_t frame, const DoneFile& file);
    Status finishedPicture(std::size_t frame, std::size_t picture, const DoneFile& file);
    Status failed(std::size_t frame, const std::string& message);

    /// Takes away what killed processes of this machine left unfinished beside the targets.
    void removeAbandoned() const;

  private:
    Journal() = default;
    Status append(const std::string& line);

    int file_ = -1;
    std::mutex writing_;
    Targets targets_;
    std::map<std::size_t, DoneFile> done_, quick_;
    std::map<std::size_t, std::map<std::size_t, DoneFile>> pictures_;
};

}  // namespace refero::io
