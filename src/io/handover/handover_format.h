// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>
#include <utility>
#include <vector>

#include "io/handover/carried.h"
#include "io/handover/handover.h"

namespace refero::io {

/// What goes into a file, and into those that belong to it.
struct Content {
    std::string bytes;
    int size = 0;  ///< points a side of a LUT; 0 for what has no grid
    std::vector<std::pair<std::filesystem::path, std::string>> beside{};

    static Content plain(std::string bytes) { return {std::move(bytes), 0, {}}; }
};

/// A kind of file: what it is, what it can hold of a correction, how it is written, how it is proven. Each is
/// one file of formats/.
struct HandoverFormat {
    FormatInfo info;
    /// Puts what the file can hold into `part`, and what is lost into its `foreseen`. `given` is the
    /// correction for what it will be fed. Errors: what it cannot be made of.
    Status (*hold)(RepresentablePart& part, const Correction& given, const ExportOptions& options);
    /// `whole` is the correction as it was given; `target` names the files that belong to it.
    Result<Content> (*write)(const Correction& whole, const RepresentablePart& part,
                             const ExportOptions& options, const std::filesystem::path& target);
    /// Reads the written file by an engine that is not ours and compares.
    Result<Proof> (*prove)(const std::filesystem::path& file, const Correction& whole,
                           const RepresentablePart& part);
};

const HandoverFormat& handoverFormat(Format format);
/// Whether a raw developer or an editor goes by it, so that its input and its level are a choice.
inline bool isProfile(Format f) {
    return f == Format::icc || f == Format::icc2 || f == Format::dcp;
}

// One a file of formats/.
extern const HandoverFormat kCube, kCube1d, kClf, kCdl, kIcc4, kIcc2, kDcp, kOcio, kDocument, kTable;

/// Whether a proof is within its kind's limits, or a share of them. A proof of nothing is none, but for the
/// kinds that hold no transform.
bool passes(const Proof& proof, const FormatInfo& info, OutputSpace space, double share = 1);
/// The kind's limit. Between black and a grid's next point no straight line follows a display's pure power,
/// whose slope has no end there: in dark saturated colours a LUT for such a display may be off by three times
/// as much.
double largestAllowed(const FormatInfo& info, OutputSpace space);

/// "Feed it camera RGB as recorded ...": what the file must be fed, for people.
std::string feedSentence(const RepresentablePart& part, const ExportOptions& options);
/// "It gives sRGB (srgb).", without the full stop.
std::string givesSentence(const RepresentablePart& part);

inline void lose(RepresentablePart& part, std::string sentence) {
    part.foreseen.lost.push_back(std::move(sentence));
}
/// All of it: nothing to be done.
inline Status holdAll(RepresentablePart&, const Correction&, const ExportOptions&) {
    return {};
}
/// A linear profile without the finish: the nearest matrix where one was asked for.
Status holdProfile(RepresentablePart& part, const Correction& given, const ExportOptions& options);

}  // namespace refero::io
