// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <functional>
#include <memory>
#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "core/read/compare.h"
#include "io/read_frame.h"
#include "studio/studio.h"
#include "workflow/frame_cache.h"

namespace refero::workflow {

/// What a chart shot is read and judged with.
struct ShotContext {
    std::vector<Chart> charts;      ///< to look for; a copy's own values stand for its design's
    std::optional<Transfer> curve;  ///< of the kit, for frames that do not say their encoding
    Limits limits;                  ///< the shoot's of today
    /// What a setup that is planned without a copy's values, curve or limits is read with: the defaults.
    static ShotContext plain();
};

/// Of a setup as it is planned; 0 for a frame that belongs to none yet: then of the shoot alone.
ShotContext contextOf(const studio::Contents& contents, studio::ShootId shoot, studio::SetupId setup);

/// A frame that was decoded, searched and judged.
struct ChartShot {
    FramePointer frame;       ///< null where it cannot be read
    Result<Reading> reading;  ///< the error says why there is none
    std::string sha256{};     ///< of the file, where it was asked for
};

struct ReadShotOptions {
    std::optional<Transfer> encoding{};  ///< stated by the person
    bool hash = false;
    FrameCache* frames = nullptr;  ///< where decoded frames are kept, if they are
    /// Hears of the frame before it is searched, so that it can be looked at meanwhile. The reader's thread.
    std::function<void(const FramePointer&)> decoded{};
};

/// From a file to a verdict. Every caller does it by this: the window, the page on the set, the command line.
ChartShot readShot(const std::filesystem::path& path, const ShotContext& context,
                   const ReadShotOptions& options = {}, const std::stop_token& stop = {});

/// Keeps what a shot said under the step that brought it: the reading, the body and lens that its file
/// names, its checksum. Where there is no reading, what is known of the frame is kept all the same. The
/// reading's record as it will be.
std::optional<studio::ReadingRecord> keepShot(studio::Edit& edit, const studio::Contents& contents,
                                              studio::SetupId setup, const ChartShot& shot);

/// Puts the reading in the place of the setup's; the record as it will be. Of another frame than before,
/// corrections that were built from the old one go.
studio::ReadingRecord putReading(studio::Edit& edit, const studio::Contents& contents, studio::SetupId setup,
                                 const Reading& reading);

/// The setup's newest chart frame, or null.
const studio::Frame* newestChartFrame(const studio::Contents& contents, studio::SetupId setup);
/// Its other chart frames than that of the path, the latest first.
std::vector<studio::Frame> otherChartFrames(const studio::Contents& contents, studio::SetupId setup,
                                            const std::string& path);

/// What moved since another shot of the same chart. Errors: it cannot be read, or shows no chart.
Result<std::vector<ReadingChange>> changesSince(const std::filesystem::path& earlier, const Reading& later);

/// Where a chart that was not found is laid, to be moved by hand: in the middle, upright.
Quad laidInTheMiddle(const LinearImage& image, const Chart& chart);

/// A frame as it is put into a setup by hand: what its file says of it, and when it was taken.
studio::Frame frameFor(const studio::Contents& contents, studio::ShootId shoot, studio::SetupId setup,
                       const std::filesystem::path& path, studio::FrameRole role, std::string because);

}  // namespace refero::workflow
