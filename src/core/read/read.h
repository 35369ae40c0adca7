// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>

#include "core/find/finder.h"
#include "core/frame/image.h"
#include "core/read/checks.h"
#include "core/read/flat_field.h"
#include "core/read/measure.h"
#include "core/read/placement.h"
#include "core/read/reading.h"
#include "core/result.h"

namespace refero {

struct ReadOptions {
    std::optional<Quad> corners;       ///< where the chart is; else it is looked for
    bool cornersByHand = true;         ///< a person has set those; else they are kept from a search
    std::vector<PatchByHand> patches;  ///< of the rest none
    FindOptions find;
    MeasureOptions measure;
    Limits limits;
    const Mosaic* sensor = nullptr;        ///< of the same size as the frame: patches are measured in it
    std::span<const Chart> others;         ///< looked for beside the one that is read
    const FlatField* flatField = nullptr;  ///< taken out of patches and ground before anything is judged
    bool takeOutLight = false;             ///< brings every patch to the light's mean over the chart
};

/// Locates the chart, measures it and judges the shot. `about` carries what is known of the frame (path,
/// encoding, metadata); the rest of it is filled in. The result has found = true.
Result<Reading> readChart(const LinearImage& frame, const Chart& chart, Reading about,
                          const ReadOptions& options = {});
/// The same with a finder of that frame that may have looked for others.
Result<Reading> readChart(ChartFinder& finder, const LinearImage& frame, const Chart& chart, Reading about,
                          const ReadOptions& options = {});

}  // namespace refero
