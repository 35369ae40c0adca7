// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "core/plan/sorting.h"
#include "io/metadata.h"
#include "studio/edit.h"

namespace refero::studio {

/// The files behind what a person dropped: folders are gone through, hidden files and folders left out, links
/// followed once. Sorted by path.
std::vector<std::filesystem::path> filesBehind(const std::vector<std::filesystem::path>& dropped);

/// What is learnt of one file before it is brought in.
struct Arrival {
    std::filesystem::path path;
    std::int64_t bytes = 0;
    std::string sha256;
    io::FrameMetadata metadata;
    std::string chart;    ///< id of the chart that it shows, or empty
    std::string slip;     ///< text of the slip's code that it shows, or empty
    std::string problem;  ///< why it cannot be read; nothing else is known then
};

/// Decodes the file and looks for charts and slips. Any thread; some tenths of a second.
Arrival lookAt(const std::filesystem::path& file);

/// What became of one file.
struct Brought {
    std::filesystem::path path;
    Id frame = 0;  ///< 0: not brought in
    Id setup = 0;
    std::string reason{}, doubt{}, chart{};
};

/// Adds them to a shoot, each sorted into a setup with the reason. What is there already by its content is
/// not added again; where its old place is empty, it has moved and is found again. Files that cannot be read
/// are named.
std::vector<Brought> bringIn(Edit& edit, const Contents& contents, const plan::Day& day,
                             const std::vector<Arrival>& arrivals);

/// Sorts frames anew, when those that came later tell more, such as a slip; what a person put by hand stays.
void sortAgain(Edit& edit, const Contents& contents, const plan::Day& day, const std::vector<Id>& frames);

/// A frame is put into a setup (0: none) by hand.
void putByHand(Edit& edit, const Contents& contents, const plan::Day& day, Id frame, Id setup);

inline constexpr const char* kByHand = "Put here by hand.";

}  // namespace refero::studio
