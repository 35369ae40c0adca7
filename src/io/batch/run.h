// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <functional>
#include <string>
#include <vector>

#include "io/batch/frame_render.h"
#include "io/batch/job.h"

namespace refero::io {

enum class FrameFate {
    quick,  ///< the camera's own picture stands in its place for now; it will be reported once more
    done,
    kept,     ///< finished by an earlier run
    skipped,  ///< a file was there, and the job says to leave it
    failed,
};
std::string_view name(FrameFate fate);

/// What became of one frame.
struct FrameReport {
    std::size_t frame = 0;  ///< from 0
    std::filesystem::path path{}, target{};
    FrameFate fate = FrameFate::done;
    std::string message{};     ///< why it failed
    std::size_t pictures = 1;  ///< of a clip
    std::uintmax_t bytes = 0;
    std::string sha256{};  ///< of one file; of a clip, empty
    double seconds = 0;
    GamutReport gamut;        ///< of colours that were brought into the output's space
    double cutShare = 0;      ///< of a quick picture's pixels, those whose colour its encoding had cut
    double clippedShare = 0;  ///< of the pixels, those with a clipped channel that were cut or rebuilt
};

/// One line of JSON without its end.
std::string jsonLine(const FrameReport& report);

struct BatchOptions {
    int jobs = 0;                     ///< frames at a time; 0: one a core
    std::vector<std::size_t> only{};  ///< frames from 0; empty for all
    std::function<bool()> stopped = [] { return false; };
    /// How many frames there will be a report of; once, before the first.
    std::function<void(std::size_t)> begun = [](std::size_t) {};
    /// One at a time, in the order in which they are finished.
    std::function<void(const FrameReport&)> report = [](const FrameReport&) {};
};

struct BatchSummary {
    std::size_t quick = 0;  ///< quick pictures that were made; their frames count below
    std::size_t done = 0, kept = 0, skipped = 0, failed = 0, left = 0;
    FrameTimes times{};
    bool complete() const { return failed == 0 && left == 0; }
};

/// Numbers from 0 of the frames that are not finished, failed ones among them. Plans the targets and begins
/// the journal where no run has done so yet: then processes may share the job. Errors as `runBatch`.
Result<std::vector<std::size_t>> framesLeft(const std::filesystem::path& job);

/// Works through a job's document; quick pictures first, where all of it is done. What a run before finished
/// is kept; a frame that fails does not hold up the others. Errors: the document, its journal or its folder.
Result<BatchSummary> runBatch(const std::filesystem::path& job, const BatchOptions& options);

}  // namespace refero::io
