// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "io/batch/job.h"
#include "io/batch/run.h"
#include "io/frame_file.h"
#include "io/handover/handover.h"
#include "io/report/document.h"
#include "io/report/report.h"
#include "studio/frames_to_render.h"
#include "workflow/setup.h"

namespace refero::workflow {

/// Frames that go out, each through its correction.
struct FramesWish {
    enum class Which { setup, shoot, these };

    io::FrameOutput output;
    std::string name = "{frame}";  ///< see io::nameFor
    Which which = Which::setup;
    std::vector<studio::FrameId> these{};
    /// One correction for all of them, instead of what the rules give each.
    std::optional<studio::ChosenCorrection> by{};
};

/// All that one receiver gets of a setup.
struct Delivery {
    std::string receiver;
    std::vector<io::ExportOptions> exports;
    /// A plate of this kind, seen through the configuration's view, against the graded picture.
    std::optional<io::FrameOutput> check{};
    bool recipe = false, report = false;
    std::optional<FramesWish> frames;
    io::Collision collisions = io::Collision::number;  ///< of all of it
};

/// One thing of a delivery but its frames: files that share a name up to their endings.
struct DeliveryItem {
    enum class Kind { correction, check, recipe, report };

    Kind kind = Kind::correction;
    io::ExportOptions options{};       ///< of a correction
    std::string name;                  ///< without an ending
    std::vector<std::string> endings;  ///< of its files, the one that is told of first
};

/// In the order in which they are made: a check needs the configuration, the report names the files before.
std::vector<DeliveryItem> itemsOf(const Delivery& delivery, const Correction& correction);

/// Which of its files are there already.
std::vector<std::string> filesThere(const DeliveryItem& item, const std::string& folder);
/// Folder and name of its files without their endings; nothing where the files that are there are to stay.
/// Of several that may not be replaced, the first number that is free.
std::optional<std::string> placeFor(const DeliveryItem& item, const std::string& folder,
                                    io::Collision collisions);

/// Lays a document out as PDF. It comes from whoever can: pages need fonts and a library of their own.
using Print = std::function<Status(const std::filesystem::path&, const io::Document&)>;

/// What the items are made of, and what of them is finished.
struct DeliveryContent {
    Correction correction;
    std::optional<Reading> reading;
    std::shared_ptr<const io::Frame> frame;  ///< the chart's, until its picture is made
    std::vector<unsigned char> picture;
    std::vector<std::pair<std::string, std::string>> facts;
    std::string plateFrame;  ///< of the check: a subject of the setup, else the chart's frame
    io::FrameOutput plate;
    std::string configuration;  ///< once it is written
    std::vector<io::ReportedFile> files;
    Print print;  ///< without it, papers are left out of what is made
};

/// Makes the report's picture, once, and lets go of the frame.
void makePicture(DeliveryContent& content);

/// What went out, with its checksum.
struct HandedItem {
    studio::HandoverRecord record;
    double left = 0, largest = 0;  ///< of a recipe: what it leaves, CIEDE2000
};
Result<HandedItem> makeItem(const DeliveryItem& item, const std::string& place,
                            const DeliveryContent& content);

/// A single file of a correction, the same way.
Result<HandedItem> exportTo(const std::string& path, const Correction& correction,
                            const io::ExportOptions& options);

/// What a record is of, beside io::Format.
inline constexpr const char *kCheckFrame = "check frame", *kRecipe = "recipe", *kReport = "report",
                            *kFrames = "frames";

}  // namespace refero::workflow
