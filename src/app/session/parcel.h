// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <optional>
#include <vector>

#include "io/batch/job.h"
#include "io/handover/handover.h"
#include "studio/frames_to_render.h"

namespace refero {

/// Frames that go out, each through its correction.
struct FramesWish {
    enum class Which { setup, shoot, these };

    io::FrameOutput output;
    QString name = QStringLiteral("{frame}");  ///< see io::nameFor
    Which which = Which::setup;
    std::vector<studio::Id> these{};
    /// One correction for all of them, instead of what the rules give each.
    std::optional<studio::ChosenCorrection> by{};
};

/// All that one receiver gets of a setup.
struct Parcel {
    QString receiver;
    std::vector<io::ExportOptions> exports;
    /// A plate of this kind, seen through the configuration's view, against the graded picture.
    std::optional<io::FrameOutput> check{};
    bool recipe = false, report = false;
    std::optional<FramesWish> frames;
    io::Collision collisions = io::Collision::number;  ///< of all of it
};

}  // namespace refero
