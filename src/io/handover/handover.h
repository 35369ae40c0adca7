// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "core/colour/rgb_space.h"
#include "core/fit/correction.h"
#include "io/handover/format.h"

namespace refero::io {

/// How a profile holds colours.
enum class ProfileShape {
    automatic,  ///< a matrix where the correction is one, else a table
    matrix,     ///< the nearest matrix
    table,
};

/// What a profile is fed.
enum class ProfileInput {
    automatic,   ///< what a raw developer feeds: balanced for linear frames, as recorded for encoded ones
    asRecorded,  ///< camera RGB without white balance
    /// Divided by a grey's camera RGB, its strongest channel 1: a grey has equal channels, and 1 is where the
    /// first channel clips.
    balanced,
};

struct ExportOptions {
    Format format = Format::cube;
    std::optional<int> size;  ///< points a side of a LUT; none: the first of 33 and 65 that passes the proof
    /// What the file will be fed; without it its natural feed.
    std::optional<Transfer> encoding;
    OutputSpace space = OutputSpace::srgb;
    ProfileShape shape = ProfileShape::automatic;
    ProfileInput input = ProfileInput::automatic;  ///< of an ICC profile
    /// Of a profile: the level that brings the chart to its reference is not in it.
    bool keepLevel = false;
    /// By which the pictures that it will be fed are exposed above the chart shot; the file takes that back.
    double exposureOffsetStops = 0;
    /// A 3D LUT begins with a curve of its own, so that linear light and what lies above 1 can be fed.
    bool shaper = false;
    /// Of a .cube: what it is fed and what it gives are in video range (64 to 940 of 1023), else in full.
    bool videoRange = false;
    /// Of a camera profile for two lights: the correction for the other light, and EXIF's numbers of both
    /// (17 A, 20 D55, 21 D65, 22 D75, 23 D50); of one light, that alone.
    std::optional<Correction> second;
    std::vector<int> illuminants;
    /// Of a camera profile: the finish's contrast as its base tone curve, else a straight one.
    bool finishCurve = false;

    /// Errors: out of range or against each other.
    Status validate() const;
};

/// What a file is best fed: the encoding of the frames, or sRGB's curve for a LUT of linear ones, whose even
/// steps in linear light would be far too coarse in the shadows.
Transfer naturalInputEncoding(const ColourTransform& correction, Format format);

/// What this kind of file can hold of the correction: to be told before it is written.
struct Foreseen {
    std::vector<std::string> lost;  ///< a sentence each; empty where nothing is
    double mean = 0, largest = 0;   ///< CIEDE2000 by which what it holds differs from the correction
};
Result<Foreseen> foresee(const Correction& correction, const ExportOptions& options);

/// What another engine made of the file, against what the file should do by our own arithmetic.
struct Proof {
    std::string engine;            ///< who read it back
    std::size_t colours = 0;       ///< patches and others
    double largest = 0, mean = 0;  ///< CIEDE2000
};

struct Handover {
    std::filesystem::path path;
    std::vector<std::filesystem::path> beside{};  ///< files that belong to it
    Transfer encoding = Encoding::srgb;
    int size = 0;  ///< of a LUT
    Proof proof;
    Foreseen foreseen{};
    std::string feed;  ///< a sentence: what it must be fed, and whether the level is in it
};

/// Writes the correction for another program. The file is read back by an engine that is not ours before it
/// takes its name; if that engine's colours differ by more than its kind's limit, the target is left alone,
/// the file is kept aside with ".failed" behind its name, and the error says so.
Result<Handover> exportCorrection(const Correction& correction, const std::filesystem::path& target,
                                  const ExportOptions& options);

/// A name for the file that says what it holds and what it is fed, without a folder.
std::string suggestedName(const Correction& correction, const ExportOptions& options);

}  // namespace refero::io
