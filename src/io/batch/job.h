// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/fit/correction.h"
#include "io/batch/frame_output.h"

namespace refero::io {

/// What is done where a file of that name is there before the job began.
enum class Collision {
    refuse,  ///< nothing is begun, and they are named
    replace,
    skip,
    number,  ///< the name gets " 2", " 3" and so on
};

/// The camera's own picture of a raw file, corrected within its encoding: what can be had soon.
struct QuickPicture {
    std::filesystem::path path;
    std::string correction;  ///< its key
};

struct BatchFrame {
    std::filesystem::path path;          ///< a picture, a raw file, a clip or a moment of one
    std::string correction;              ///< its key
    std::optional<Transfer> encoding{};  ///< else what the frame says, else the correction's
    std::string because{};               ///< why this correction, where it is not its setup's own
    /// Is rendered first, under the frame's own name, and stays until that is done.
    std::optional<QuickPicture> quick{};
    std::map<std::string, std::string> fields{};  ///< for the name: setup, body, light, place, date
};

/// Frames, the correction of each, and what becomes of them. A document of its own: anyone can run it.
struct BatchJob {
    std::filesystem::path folder;  ///< where the pictures go; made where it is not there
    std::string name = "{frame}";  ///< see nameFor
    Collision collisions = Collision::refuse;
    FrameOutput output;
    std::map<std::string, Correction> corrections;
    std::vector<BatchFrame> frames;

    /// Errors: no frames, a correction that is not there, a pattern that names nothing, scene-linear light in
    /// a kind of file that cuts it off.
    Status validate() const;
};

/// A name by a pattern, without ending: {frame} is the frame's own, {n} its number from 1 in four digits,
/// {space} the output's, others are fields. What a file's name cannot hold becomes "-". An error names a word
/// that is not known.
Result<std::string> nameFor(const BatchJob& job, std::size_t frame);

/// Reads "refero-batch" JSON; paths are relative to its folder. Corrections are documents or paths to them.
Result<BatchJob> readBatchJob(const std::filesystem::path& path);

/// The document, with its corrections in it and absolute paths.
std::string batchJobText(const BatchJob& job);

}  // namespace refero::io
