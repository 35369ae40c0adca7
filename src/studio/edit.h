// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "studio/contents.h"

namespace refero::studio {

/// One record as it was and as it is; nothing on one side where it was made or taken out.
struct Change {
    std::optional<Record> before, after;
};

/// One action of a person, by name: all of it happens, or nothing. Made from the contents as they are; ids of
/// new records are given here.
class Edit {
  public:
    Edit(const Contents& contents, AnyId nextId, std::string name)
        : contents_(contents), nextId_(nextId), name_(std::move(name)) {}

    /// The record's id is set and returned.
    template <class R>
    decltype(R::id) add(R record) {
        record.id = nextId_++;
        const auto id = record.id;
        changes_.push_back({{}, Record(std::move(record))});
        return id;
    }
    /// The record that has this id, as it shall be.
    template <class R>
    void put(const R& record) {
        // Within one edit the last word counts.
        for (Change& c : changes_)
            if (R* made = c.after ? std::get_if<R>(&*c.after) : nullptr; made && made->id == record.id) {
                *made = record;
                return;
            }
        if (const R* now = contents_.find<R>(record.id)) changes_.push_back({Record(*now), Record(record)});
    }
    template <class R>
    void remove(decltype(R::id) id) {
        if (const R* now = contents_.find<R>(id)) changes_.push_back({Record(*now), {}});
    }
    /// The record as it will be after this edit; it must be there or in it.
    template <class R>
    const R& latest(decltype(R::id) id) const {
        for (const Change& c : changes_)
            if (const R* made = c.after ? std::get_if<R>(&*c.after) : nullptr; made && made->id == id)
                return *made;
        return contents_.all<R>().at(id);
    }
    /// The setup's corrections; what went out of them stays in the record.
    void removeCorrections(SetupId setup);
    /// With all that hangs on it: readings, corrections, handovers and notes; its frames stay, in no setup.
    void removeSetup(SetupId setup);

    const std::string& name() const { return name_; }
    const std::vector<Change>& changes() const { return changes_; }
    AnyId nextId() const { return nextId_; }

  private:
    const Contents& contents_;
    AnyId nextId_;
    std::string name_;
    std::vector<Change> changes_;
};

/// Puts a change into the contents, or takes it back.
void apply(const Change& change, Contents& contents);
Change inverse(const Change& change);

}  // namespace refero::studio
