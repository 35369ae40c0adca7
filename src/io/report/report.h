// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "core/fit/correction.h"
#include "core/read/reading.h"
#include "io/frame_file.h"
#include "io/report/document.h"

namespace refero::io {

/// A file that went out.
struct ReportedFile {
    std::string name, kind;
    std::string proof;  ///< who read it back, and how far it was off; empty where nobody did
    std::string sha256;
    std::uintmax_t bytes = 0;
};

/// What a report is made of.
struct ReportContent {
    std::string title;  ///< the shoot
    std::vector<std::pair<std::string, std::string>>
        facts;  ///< "Body", "Heron": of shoot, setup and chart copy
    Correction correction;
    std::optional<Reading> reading;
    std::vector<unsigned char>
        picture;  ///< a JPEG of the chart frame, as chartPicture makes it; may be empty
    std::vector<ReportedFile> files;
};

/// A row of the facts that the documents themselves know: body, lens, light's day, chart, encoding, model.
std::vector<std::pair<std::string, std::string>> factsOf(const Correction& correction);

/// The chart frame, corrected, for the report: sRGB, long edge of 1,400 pixels.
Result<std::vector<unsigned char>> chartPicture(const Frame& frame, const Correction& correction);

/// A file to report: its size and SHA-256. Errors: it cannot be read.
Result<ReportedFile> reportedFile(const std::filesystem::path& path);

/// The report for a client or the archive. It says everything in words and figures as well, so that it can be
/// printed in grey.
Document reportDocument(const ReportContent& content);

}  // namespace refero::io
