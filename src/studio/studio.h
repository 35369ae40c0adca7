// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <memory>
#include <string>
#include <vector>

#include "studio/edit.h"

namespace refero::studio {

/// One thing done, as the history lists it.
struct Step {
    std::int64_t id = 0;
    std::string at, name;
};

struct Event {
    std::string at, what;
};

/// The studio file: everything that is kept, from the moment it is done. One transaction for each action;
/// what was committed survives a kill and a power cut. The history is kept, too, so undo reaches back beyond
/// the last start. One thread.
class Studio {
  public:
    /// A new file; an error where one is there.
    static Result<std::unique_ptr<Studio>> create(const std::filesystem::path& path);
    /// A file that is there. Opened twice, or in a read-only place, it is open for reading only. The error
    /// says whether it is no studio, one of a newer version, or damaged; it is never changed then.
    static Result<std::unique_ptr<Studio>> open(const std::filesystem::path& path);
    ~Studio();
    Studio(const Studio&) = delete;
    Studio& operator=(const Studio&) = delete;

    const std::filesystem::path& path() const;
    /// Empty where it can be written; else why not, for a person.
    const std::string& readOnlyBecause() const;
    const Contents& contents() const;

    /// An action to be filled and committed.
    Edit edit(std::string name) const;
    /// All of it on the disk, or nothing: on an error file and contents are as they were.
    Status commit(const Edit& edit);
    /// What follows from the last step by itself, such as the reading of a frame that was opened: it is
    /// undone and redone with it. Where `step` is not the last one any more, it is kept without a step.
    Status amend(const Edit& edit, std::int64_t step);
    /// What is done and cannot be undone, such as a file that went out: an event, but no step.
    Status record(const Edit& edit);

    /// Names of what can be taken back, oldest first, and of what can be done again, next first.
    const std::vector<Step>& done() const;
    const std::vector<Step>& undone() const;
    Status undo();
    Status redo();

    /// The last `limit` things done, undone and done again, newest first.
    Result<std::vector<Event>> events(int limit) const;
    /// SQLite's own check of the whole file, and that each record can be read.
    Status check() const;

  private:
    struct Detail;
    enum class Kept { asStep, withLastStep, withoutStep };
    Status keep(const Edit& edit, Kept how);
    explicit Studio(std::unique_ptr<Detail> detail);
    std::unique_ptr<Detail> d_;
};

/// A compact copy of a studio at another place, with its history; one that is there is replaced whole. Any
/// thread, also while the source is open.
Status saveCopy(const std::filesystem::path& source, const std::filesystem::path& target);

/// A new studio file of what was exported as JSON. The target must not be there.
Status restore(const std::filesystem::path& json, const std::filesystem::path& target);

/// A new studio file with these contents and no history. The target must not be there.
Status writeNew(const std::filesystem::path& target, const Contents& contents);

/// What can still be read of a damaged studio, into a new file; `damaged` is not touched. Gives a sentence on
/// what was saved; an error where nothing was.
Result<std::string> salvage(const std::filesystem::path& damaged, const std::filesystem::path& target);

}  // namespace refero::studio
