// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>

#include "io/frame_file.h"
#include "studio/edit.h"

namespace refero::workflow {

/// The kit's body of that serial number, else of that model without another number, entered where it is not
/// there yet; 0 for an empty name. Two numbers of one model are two bodies.
studio::BodyId bodyFor(studio::Edit& edit, const studio::Contents& contents, const std::string& model,
                       const std::string& serial);
/// The kit's lens of that model, entered where it is not there yet; 0 for an empty name.
studio::LensId lensFor(studio::Edit& edit, const studio::Contents& contents, const std::string& model,
                       double focalLengthMm);

/// What a frame's file tells of a body that nobody has described yet: pixels, sensor, and whether it films.
void describeBody(studio::Edit& edit, studio::BodyId body, const io::Frame& frame);
/// How a frame was recorded, by its file; nothing where that is not told.
std::optional<plan::Recording> recordingOf(const io::Frame& frame);

/// EXIF's "2026:05:14 09:12:08" as a moment in ISO 8601. EXIF of that form has no zone: it is what a clock
/// said that is so far ahead of UTC.
std::optional<std::string> shotAt(const std::string& exif, int offsetMinutes);

}  // namespace refero::workflow
