// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <optional>
#include <vector>

#include "io/batch/job.h"
#include "io/handover/handover.h"

namespace refero {

/// Frames that go out, through the correction of each.
struct FramesWish {
    io::FrameOutput output;
    QString name = QStringLiteral("{frame}");  ///< see io::nameFor
    bool wholeShoot = false;                   ///< else those of the setup
    io::Collision collisions = io::Collision::number;
};

/// All that one receiver gets of a setup.
struct Parcel {
    QString receiver;
    std::vector<io::ExportOptions> exports;
    bool report = false, recipe = false;
    std::optional<FramesWish> frames;

    /// Exports, report and recipe; frames are counted by their queue.
    int items() const { return static_cast<int>(exports.size()) + report + recipe; }
};

}  // namespace refero
