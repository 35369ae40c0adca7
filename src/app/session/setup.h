// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <memory>
#include <optional>
#include <vector>

#include "core/fit/correction.h"
#include "core/fit/known_colour.h"
#include "core/plan/due.h"
#include "core/read/reading.h"
#include "io/frame_file.h"
#include "io/handover/handover.h"

namespace refero {

using FramePointer = std::shared_ptr<const io::Frame>;

/// A picture that a correction can be judged on.
struct Picture {
    QString path;
    QString title;
};

/// A correction as it was, by a name.
struct Snapshot {
    int id = 0;
    QString name;
    std::shared_ptr<const Correction> correction;
};

/// Something of known colour in one of the setup's frames.
struct OwnColour {
    int id = 0;
    KnownColour colour;
    bool counts = true;  ///< in the fit; else it is for proofs
};

/// Something that went out of a setup, as it is shown.
struct HandedOver {
    int id = 0;
    QString made, receiver, format, path, engine, note;
    double largest = 0, mean = 0;  ///< CIEDE2000, as read back
    bool stale = false;            ///< the correction has changed since
};

/// One light, body and lens as the window shows it: what the studio keeps of it, and what is only at hand
/// while it is looked at.
struct Setup {
    int id = 0;
    QString place, light, body, lens;
    QString chartFrame;             ///< path; empty where none was shot
    std::vector<Picture> pictures;  ///< the chart frame first
    std::optional<Reading> reading;
    std::optional<Correction> correction;
    std::vector<Snapshot> snapshots;  ///< the oldest first
    std::vector<OwnColour> colours;
    std::optional<io::Handover> handover;  ///< the latest, where the correction is as it was then
    std::vector<HandedOver> handedOver;    ///< the latest first
    plan::Due plan;                        ///< what the plan's rules say of it

    FramePointer frame;  ///< decoded; empty while it is being read or after a failure
    QString error;       ///< why there is no reading, or why the last step was refused
    bool busy = false;   ///< the frame is being read

    /// What is due, in a few words, for the ledger.
    QString due() const;
};

}  // namespace refero
