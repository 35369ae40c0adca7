// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <compare>
#include <concepts>
#include <cstdint>

namespace refero::plan {

/// Kinds of records that a studio keeps.
enum class Kind {
    body,
    lens,
    lamp,
    chartDesign,
    chartCopy,
    checked,
    recordingCurve,
    profileTest,
    shoot,
    place,
    setup,
    frame,
    reading,
    correction,
    handover,
    note,
    tick,
    snapshot,
    knownColour,
    shelf,
};

/// The number of a record of whatever kind.
using AnyId = std::int64_t;

/// Names one record of its kind; its number is unique in a studio over all kinds, 0 is none. A number from
/// outside, of a row or a file, becomes an id of the kind that is asked for; an id of one kind never becomes
/// one of another.
template <Kind kind>
class Id {
  public:
    constexpr Id() = default;
    constexpr Id(std::int64_t number) : number_(number) {}

    constexpr std::int64_t number() const { return number_; }
    /// Of bool: whether it names one at all.
    template <std::integral T>
    constexpr explicit operator T() const {
        return static_cast<T>(number_);
    }

    friend constexpr auto operator<=>(const Id&, const Id&) = default;
    /// For streams of the standard library.
    template <class Stream>
    requires requires(Stream& out) { out.rdbuf(); }
    friend Stream& operator<<(Stream& out, const Id& id) {
        out << id.number_;
        return out;
    }

  private:
    std::int64_t number_ = 0;
};

using BodyId = Id<Kind::body>;
using LensId = Id<Kind::lens>;
using LampId = Id<Kind::lamp>;
using ChartDesignId = Id<Kind::chartDesign>;
using ChartCopyId = Id<Kind::chartCopy>;
using CheckedId = Id<Kind::checked>;
using RecordingCurveId = Id<Kind::recordingCurve>;
using ProfileTestId = Id<Kind::profileTest>;
using ShootId = Id<Kind::shoot>;
using PlaceId = Id<Kind::place>;
using SetupId = Id<Kind::setup>;
using FrameId = Id<Kind::frame>;
using ReadingId = Id<Kind::reading>;
using CorrectionId = Id<Kind::correction>;
using HandoverId = Id<Kind::handover>;
using NoteId = Id<Kind::note>;
using TickId = Id<Kind::tick>;
using SnapshotId = Id<Kind::snapshot>;
using KnownColourId = Id<Kind::knownColour>;
using ShelfId = Id<Kind::shelf>;

}  // namespace refero::plan
