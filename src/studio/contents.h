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
    using Table = std::map<decltype(R::id), R>;

    template <class R>
    const Table<R>& all() const {
        return std::get<Table<R>>(tables_);
    }
    template <class R>
    const R* find(decltype(R::id) id) const {
        const auto it = all<R>().find(id);
        return it == all<R>().end() ? nullptr : &it->second;
    }
    template <class R>
    void put(const R& record) {
        std::get<Table<R>>(tables_).insert_or_assign(record.id, record);
    }
    template <class R>
    void remove(decltype(R::id) id) {
        std::get<Table<R>>(tables_).erase(id);
    }
    std::size_t size() const;
    AnyId largestId() const;

    /// In shooting order.
    std::vector<plan::Setup> setupsOf(ShootId shoot) const;
    std::vector<plan::Place> placesOf(ShootId shoot) const;
    plan::Kit kit() const;

  private:
    template <class Tuple>
    struct MapsOf;
    template <class... R>
    struct MapsOf<std::tuple<R...>> {
        using type = std::tuple<Table<R>...>;
    };
    MapsOf<Records>::type tables_;
};

/// The facts of a shoot for the plan's rules. Readings are its chart shots; `sky` says how long those under
/// daylight hold, `usable` which are good enough by the limits of today.
plan::Day dayOf(const Contents& contents, ShootId shoot, const plan::ClearSky& sky,
                std::optional<plan::Moment> now, const std::function<bool(const ReadingRecord&)>& usable);

}  // namespace refero::studio
