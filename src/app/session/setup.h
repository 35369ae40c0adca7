// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QString>
#include <memory>
#include <optional>
#include <vector>

#include "core/fit/correction.h"
#include "core/read/reading.h"
#include "io/frame_file.h"
#include "io/handover.h"

namespace refero {

using FramePointer = std::shared_ptr<const io::Frame>;

/// A picture that a correction can be judged on.
struct Picture {
    QString path;
    QString title;
};

/// One light, body and lens, with its chart frame and what followed from it.
struct Setup {
    int id = 0;
    QString place, light, body, lens;
    QString chartFrame;                      ///< path
    std::optional<Encoding> statedEncoding;  ///< by the person
    std::vector<Picture> pictures;           ///< the chart frame first
    FramePointer frame;                      ///< decoded; empty while it is being read or after a failure
    std::optional<Reading> reading;
    std::optional<Quad> keptCorners;  ///< for a reading to come: where the chart is known to be
    std::optional<Chart> keptChart;
    std::optional<Correction> correction;
    std::optional<io::Handover> handover;
    QString error;      ///< why there is no reading
    bool busy = false;  ///< the frame is being read; a state that is busy starts that reading

    /// What is due, in a few words, for the ledger.
    QString due() const;
};

}  // namespace refero
