// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/chart/chart.h"
#include "core/colour/transfer.h"
#include "core/frame/geometry.h"

namespace refero {

/// What a patch of the frame holds. Linear light, before any white balance; 1.0 is the clipping level.
struct PatchReading {
    std::string id;
    Point centre;                ///< pixels
    Vector3 rgb{0, 0, 0};        ///< robust mean
    Vector3 deviation{0, 0, 0};  ///< standard deviation of one pixel, robust
    double clipped = 0;          ///< share of the pixels with a clipped channel
    Vector3 clippedChannels{0, 0, 0};
    std::size_t pixels = 0;  ///< measured

    /// Standard error of `rgb`.
    Vector3 standardError() const {
        return pixels ? Vector3(deviation / std::sqrt(static_cast<double>(pixels))) : Vector3(0, 0, 0);
    }
};

enum class Verdict { pass, review, reshoot };

/// "pass", "review", "reshoot": for files.
std::string_view name(Verdict verdict);
/// "Good", "Look again", "Shoot again": for people.
std::string_view label(Verdict verdict);

/// One judgement: what was measured, what is allowed, why it matters and what to do.
struct Check {
    std::string id;
    Verdict verdict = Verdict::pass;
    double value = 0;
    std::string unit;
    double low = 0, high = 1;            ///< the allowed band
    double scaleLow = 0, scaleHigh = 1;  ///< of a gauge
    std::string limit;                   ///< the band in words
    std::string title, reason, remedy;
};

/// A frame's chart as measured and judged. It stands alone: everything a correction needs is in it.
struct Reading {
    std::string framePath;
    int width = 0, height = 0;
    Transfer encoding;
    std::string encodingSource;  ///< stated, file, assumed
    std::string body, lens, taken, description;
    double focalLength35mm = 0;
    Chart chart;
    bool found = false;
    Quad corners{};
    double agreement = 0;
    std::vector<PatchReading> patches;  ///< in the chart's order
    std::vector<Check> checks;
    Verdict verdict = Verdict::reshoot;

    const PatchReading* patch(std::string_view id) const;
};

}  // namespace refero
