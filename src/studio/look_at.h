// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "core/chart/chart.h"
#include "core/frame/image.h"
#include "io/metadata.h"
#include "io/sequence.h"

namespace refero::studio {

/// The files behind what a person dropped: folders are gone through, hidden files and folders left out, links
/// followed once. Sorted by path.
std::vector<std::filesystem::path> filesBehind(const std::vector<std::filesystem::path>& dropped);

/// What is learnt of one picture, clip or sequence before it is brought in.
struct Arrival {
    std::filesystem::path path;  ///< of a clip with a chart, with the moment that shows it
    std::int64_t bytes = 0;
    std::string sha256;  ///< of the file; of a sequence, of the picture that `path` names
    int pictures = 1;
    io::FrameMetadata metadata;
    std::string chart;     ///< id of the chart that it shows, or empty
    double certainty = 0;  ///< of that
    bool greyCard = false;
    Vector3 white{0, 0, 0};  ///< linear camera RGB of a perfect diffuser, from chart or card; 0: not seen
    std::optional<Vector3> cameraWhite;  ///< as the camera balanced a raw file; see io::readCameraWhite
    std::filesystem::path twin;          ///< its camera's own picture of it; empty for none
    std::string slate;                   ///< text of the slate's code that it shows, or empty
    LinearImage small;                   ///< to show; no larger than kSmallEdge or so
    std::string problem;                 ///< why it cannot be read; nothing else is known then
};
inline constexpr int kSmallEdge = 384;

struct LookOptions {
    std::vector<Chart> charts;     ///< to look for
    std::filesystem::path copyTo;  ///< a folder for verified copies; empty: they stay where they are
};

/// Looks for charts, slates and grey cards: in a raw file's preview where it has a large one, at moments
/// spread over a clip or sequence until a chart is found. Any thread; some tenths of a second a picture.
Arrival lookAt(const io::MediaItem& item, const LookOptions& options);

}  // namespace refero::studio
