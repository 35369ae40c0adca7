// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <functional>
#include <optional>
#include <stop_token>
#include <string>
#include <vector>

#include "core/chart/chart.h"
#include "core/frame/image.h"
#include "sim/body.h"
#include "sim/scene.h"

namespace refero::sim {

/// What is known of a simulated frame and of no photograph.
struct PatchTruth {
    std::string id;
    Point centre;  ///< pixels
    Vector3 rgb;   ///< mean over the inner half of the patch: linear, with light field, vignetting and glare,
                   ///< no noise
    Vector3 even;  ///< the same without light field, vignetting, tint and glare
    double covered = 0;  ///< share of that half under fingers, blots or a shine of more than 1 % of it
};

struct Truth {
    std::string chart;
    Homography chartToFrame;  ///< without the lens's distortion and the mirror
    Quad corners;             ///< as seen, with both
    std::vector<PatchTruth> patches;
    bool whollyInFrame = false;
};

struct Exposure {
    EncodedImage stored;  ///< as the file holds it, 0..1, quantised
    std::optional<Truth> truth;
};

/// Takes the picture. The same shot gives the same numbers on every machine and any number of threads.
Result<Exposure> shoot(const Shot& shot, const std::stop_token& stop = {});
/// What need not be a file or have a name; what is nothing here is as the shot names it.
struct Stand {
    std::optional<Chart> chart, second;
    std::optional<Body> body;
    std::optional<Spectrum> light;
};
Result<Exposure> shoot(const Shot& shot, const Stand& stand, const std::stop_token& stop = {});
inline Result<Exposure> shoot(const Shot& shot, const Chart& chart) {
    return shoot(shot, Stand{chart, {}, {}, {}});
}

/// The map from chart millimetres to pixels that `pose` asks for.
Homography chartToFrame(const Shot& shot, const Chart& chart);

/// Takes one picture into a folder, which is made if it is not there.
Status shootToFile(const Shot& shot, const std::filesystem::path& folder,
                   std::optional<Truth>* truth = nullptr, const std::stop_token& stop = {});

/// Shoots a scene into a folder: the frames and truth.json. `progress` is told (done, all) and returns false
/// to stop.
Status simulate(const Scene& scene, const std::filesystem::path& folder,
                const std::function<bool(std::size_t, std::size_t)>& progress = {});

}  // namespace refero::sim
