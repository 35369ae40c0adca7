// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/fit/correction.h"
#include "core/fit/known_colour.h"
#include "core/plan/due.h"
#include "core/read/reading.h"
#include "io/handover/handover.h"

namespace refero::workflow {

/// A picture that a correction can be judged on.
struct Picture {
    std::string path;
    bool chartFrame = false;
};

/// A correction as it was, by a name.
struct Snapshot {
    plan::SnapshotId id = 0;
    std::string name;
    std::shared_ptr<const Correction> correction;
};

/// Something of known colour in one of the setup's frames.
struct OwnColour {
    plan::KnownColourId id = 0;
    KnownColour colour;
    bool counts = true;  ///< in the fit; else it is for proofs
};

/// Something that went out of a setup.
struct HandedOver {
    plan::HandoverId id = 0;
    std::string made, receiver, format, path, engine, note;
    double largest = 0, mean = 0;  ///< CIEDE2000, as read back
    bool stale = false;            ///< the correction has changed since
};

/// How far a setup is; the worst that holds is said.
enum class Progress {
    chartDue,      ///< its chart is to be shot
    chartMissing,  ///< its time is over, or frames were shot, and no chart shot serves it
    served,        ///< by another setup's chart shot
    lent,          ///< corrected by colours that are lent, since no chart shot serves it
    shootAgain,    ///< by today's limits
    stale,         ///< something that counts has changed since the chart was shot
    read,          ///< not corrected
    corrected,     ///< nothing went out yet
    changed,       ///< since it went out
    done,
};

/// One light, body and lens as the studio keeps it, with what follows from that by today's rules and limits.
struct Setup {
    plan::SetupId id = 0;
    std::string place, light, body, lens;
    std::string chartFrame;          ///< path; empty where none was shot
    std::vector<Picture> pictures;   ///< the chart frame first
    std::optional<Reading> reading;  ///< judged by the shoot's limits of today
    std::optional<Correction> correction;
    std::vector<Snapshot> snapshots;  ///< the oldest first
    std::vector<OwnColour> colours;
    std::optional<io::Handover> handover;  ///< the latest, where the correction is as it was then
    std::vector<HandedOver> handedOver;    ///< the latest first
    /// Why the correction no longer does what the camera that it follows does; empty where it does.
    std::string leaderChanged;
    plan::Due plan;  ///< what the plan's rules say of it

    Progress progress() const;
};

}  // namespace refero::workflow
