// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string>
#include <string_view>
#include <tuple>
#include <variant>

#include "core/plan/shoot.h"

namespace refero::studio {

using plan::AnyId;
using plan::BodyId;
using plan::ChartCopyId;
using plan::ChartDesignId;
using plan::CorrectionId;
using plan::FrameId;
using plan::HandoverId;
using plan::KnownColourId;
using plan::LensId;
using plan::NoteId;
using plan::PlaceId;
using plan::ReadingId;
using plan::SetupId;
using plan::ShelfId;
using plan::ShootId;
using plan::SnapshotId;
using plan::TickId;

enum class FrameRole { unsorted, chart, subject };
inline constexpr std::array kFrameRoles{FrameRole::unsorted, FrameRole::chart, FrameRole::subject};
std::string_view name(FrameRole role);
Result<FrameRole> frameRoleByName(std::string_view name);

/// Who put a frame where it is. What a person has put stays when frames are sorted anew.
enum class Placement { sorted, byHand };
inline constexpr std::array kPlacements{Placement::sorted, Placement::byHand};
/// "sorted", "by-hand".
std::string_view name(Placement placement);
Result<Placement> placementByName(std::string_view name);

/// A picture that stays where it is; only what is known of it is kept.
struct Frame {
    FrameId id = 0;
    ShootId shoot = 0;
    SetupId setup = 0;  ///< 0: it belongs to none yet
    FrameRole role = FrameRole::unsorted;
    std::string path{};
    std::int64_t bytes = 0;
    std::string sha256{};  ///< of the content; empty until it was read
    std::string taken{};   ///< ISO 8601, or empty
    Placement placement = Placement::sorted;
    std::string because{};  ///< why it is in its setup, for people
    std::string doubt{};    ///< what speaks against that; empty where nothing does
    // As its file says it:
    std::string body{}, serial{}, lens{};
    double focalLengthMm = 0;
    double exposureSeconds = 0, fNumber = 0, iso = 0;
    std::string balance{}, pictureProfile{};
    int clockSeconds = 0;  ///< that its camera's clock was found to be behind; in `taken` already
    // As it was seen:
    std::string slate{};                                 ///< text of the code that it shows
    std::string chart{};                                 ///< id of the chart that it shows
    double certainty = 0;                                ///< of that, 0..1
    bool greyCard = false;                               ///< it shows a grey card
    double whiteRed = 0, whiteGreen = 0, whiteBlue = 0;  ///< linear, of a perfect diffuser; 0: not seen
    int pictures = 1;                                    ///< of the clip or sequence that it stands for
    double greyRed = 0, greyGreen = 0, greyBlue = 0;     ///< linear, of what a person marked as grey in it
    double cameraRed = 0,
           cameraBlue = 0;     ///< of white as the camera balanced a raw file, green = 1; 0: not said
    double dialledKelvin = 0;  ///< that a person read off the camera; 0: nobody did
    std::string twin{};        ///< path of the camera's own picture of a raw file; empty for none
};

/// A chart of one's own, beside those that ship.
struct ChartDesign {
    ChartDesignId id = 0;
    std::string chart{}, label{};  ///< the chart file's id and name
    std::string document{};        ///< refero-chart JSON
};

/// What a chart frame said, under the conditions of then.
struct ReadingRecord {
    ReadingId id = 0;
    SetupId setup = 0;
    FrameId frame = 0;
    std::string made{};    ///< ISO 8601
    std::string shotAt{};  ///< ISO 8601: when the chart was shot
    std::string verdict{};
    plan::Conditions conditions{};
    std::string document{};  ///< refero-reading JSON
};

struct CorrectionRecord {
    CorrectionId id = 0;
    SetupId setup = 0;
    ReadingId reading = 0;
    std::string made{}, label{}, model{};
    double meanDifference = 0, unseenDifference = 0;  ///< CIEDE2000
    std::string document{};                           ///< refero-correction JSON
};

/// A correction as it was at some moment, by a name, to be held against others.
struct SnapshotRecord {
    SnapshotId id = 0;
    SetupId setup = 0;
    std::string made{}, label{};
    std::string document{};  ///< refero-correction JSON
};

/// A correction on the shelf that came from another studio.
struct ShelfRecord {
    ShelfId id = 0;
    std::string made{}, label{}, body{};
    std::string lightKind{};  ///< as plan::LightKind has it; empty where nobody said
    std::string light{};      ///< what its people called it
    std::string shoot{};      ///< of the other studio
    std::string shotAt{};     ///< of its chart, as the correction has it
    std::string document{};   ///< refero-correction JSON
};

/// Something of known colour, as it was measured in a frame of a setup.
struct KnownRecord {
    KnownColourId id = 0;
    SetupId setup = 0;
    std::string label{}, path{};          ///< the frame's
    double red = 0, green = 0, blue = 0;  ///< linear, as recorded
    double deviationRed = 0, deviationGreen = 0, deviationBlue = 0;
    std::int64_t pixels = 0;
    double lightness = 0, a = 0, b = 0;  ///< CIELAB, D50 and 2 degrees, by an instrument
    bool counts = true;                  ///< in the fit; else it is for proofs
};

/// Something that went out. It stays when its correction is built anew or taken back.
struct HandoverRecord {
    HandoverId id = 0;
    SetupId setup = 0;
    CorrectionId correction = 0;  ///< may be gone since
    std::string made{}, receiver{};
    std::string format{};  ///< as io::Format has it; "frames", "report" or "recipe"
    std::string encoding{}, path{}, engine{};
    int colours = 0;                                   ///< that were compared
    double largestDifference = 0, meanDifference = 0;  ///< CIEDE2000, as read back
    std::int64_t bytes = 0;
    std::string sha256{};
    std::string fingerprint{};  ///< of the correction, see io::fingerprint
    std::string note{};         ///< of frames: how many are done
};

struct Note {
    NoteId id = 0;
    ShootId shoot = 0;
    SetupId setup = 0;
    std::string made{}, text{};
};

/// A point of the preparations that was seen to.
struct Tick {
    TickId id = 0;
    ShootId shoot = 0;
    std::string task{}, made{};
};

/// Every kind of record, in the order in which they refer to each other.
using Records = std::tuple<plan::Body, plan::Lens, plan::Lamp, ChartDesign, plan::ChartCopy, plan::Checked,
                           plan::RecordingCurve, plan::Shoot, plan::Place, plan::Setup, Frame, ReadingRecord,
                           CorrectionRecord, HandoverRecord, Note, Tick, SnapshotRecord, KnownRecord,
                           ShelfRecord, plan::ProfileTest>;

/// Any one of them.
template <class Tuple>
struct VariantOf;
template <class... R>
struct VariantOf<std::tuple<R...>> {
    using type = std::variant<R...>;
};
using Record = VariantOf<Records>::type;

/// Calls f.template operator()<R>() for every kind.
template <class F>
void forEachKind(F&& f) {
    [&]<std::size_t... I>(std::index_sequence<I...>) {
        (f.template operator()<std::tuple_element_t<I, Records>>(), ...);
    }
    (std::make_index_sequence<std::tuple_size_v<Records>>());
}

/// Name of the kind: its table, and its list in JSON.
template <class R>
constexpr std::string_view kindName();

template <>
constexpr std::string_view kindName<plan::Body>() {
    return "body";
}
template <>
constexpr std::string_view kindName<plan::Lens>() {
    return "lens";
}
template <>
constexpr std::string_view kindName<plan::Lamp>() {
    return "lamp";
}
template <>
constexpr std::string_view kindName<plan::ChartCopy>() {
    return "chart_copy";
}
template <>
constexpr std::string_view kindName<ChartDesign>() {
    return "chart_design";
}
template <>
constexpr std::string_view kindName<plan::Checked>() {
    return "checked";
}
template <>
constexpr std::string_view kindName<plan::RecordingCurve>() {
    return "recording_curve";
}
template <>
constexpr std::string_view kindName<plan::Shoot>() {
    return "shoot";
}
template <>
constexpr std::string_view kindName<plan::Place>() {
    return "place";
}
template <>
constexpr std::string_view kindName<plan::Setup>() {
    return "setup";
}
template <>
constexpr std::string_view kindName<Frame>() {
    return "frame";
}
template <>
constexpr std::string_view kindName<ReadingRecord>() {
    return "reading";
}
template <>
constexpr std::string_view kindName<CorrectionRecord>() {
    return "correction";
}
template <>
constexpr std::string_view kindName<HandoverRecord>() {
    return "handover";
}
template <>
constexpr std::string_view kindName<Note>() {
    return "note";
}
template <>
constexpr std::string_view kindName<Tick>() {
    return "tick";
}
template <>
constexpr std::string_view kindName<KnownRecord>() {
    return "known_colour";
}
template <>
constexpr std::string_view kindName<ShelfRecord>() {
    return "shelf";
}
template <>
constexpr std::string_view kindName<plan::ProfileTest>() {
    return "profile_test";
}
template <>
constexpr std::string_view kindName<SnapshotRecord>() {
    return "snapshot";
}

}  // namespace refero::studio
