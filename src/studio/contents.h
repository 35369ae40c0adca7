// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <map>
#include <optional>
#include <tuple>
#include <vector>

#include "core/plan/drift.h"
#include "core/plan/due.h"
#include "studio/records.h"

namespace refero::studio {

/// All that a studio holds, by kind and id.
class Contents {
  public:
    template <class R>
    const std::map<Id, R>& all() const {
        return std::get<std::map<Id, R>>(tables_);
    }
    template <class R>
    const R* find(Id id) const {
        const auto it = all<R>().find(id);
        return it == all<R>().end() ? nullptr : &it->second;
    }
    template <class R>
    void put(const R& record) {
        std::get<std::map<Id, R>>(tables_).insert_or_assign(record.id, record);
    }
    template <class R>
    void remove(Id id) {
        std::get<std::map<Id, R>>(tables_).erase(id);
    }
    std::size_t size() const;
    Id largestId() const;

    /// In shooting order.
    std::vector<plan::Setup> setupsOf(Id shoot) const;
    std::vector<plan::Place> placesOf(Id shoot) const;
    plan::Kit kit() const;

  private:
    template <class Tuple>
    struct MapsOf;
    template <class... R>
    struct MapsOf<std::tuple<R...>> {
        using type = std::tuple<std::map<Id, R>...>;
    };
    MapsOf<Records>::type tables_;
};

/// The facts of a shoot for the plan's rules. Readings are its chart shots; `sky` says how long those under
/// daylight hold, `usable` which are good enough by the limits of today.
plan::Day dayOf(const Contents& contents, Id shoot, const plan::ClearSky& sky,
                std::optional<plan::Moment> now, const std::function<bool(const ReadingRecord&)>& usable);

}  // namespace refero::studio
