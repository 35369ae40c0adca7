// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <memory>
#include <optional>
#include <span>
#include <stop_token>
#include <string>

#include "core/fit/aim.h"
#include "core/fit/correction.h"
#include "core/fit/grey_curves.h"
#include "core/fit/known_colour.h"
#include "core/read/reading.h"

namespace refero {

struct FitOptions {
    std::optional<Model> model;          ///< none: chosen by cross-validation and cost in noise
    std::optional<Objective> objective;  ///< none: the one that cross-validates better
    /// Built in the same way as this one: model, objective, training; null: by the two above.
    const Correction* like = nullptr;
    bool asShot = false;  ///< nothing of the readings is mended; see treated()
    Intent intent = Intent::colorimetric;
    std::string referenceLight = "d50";
    /// This job's colours: by patch id, how often it counts, 0.01 to 100, on top of the intent.
    std::map<std::string, double> weights;
    /// Whether curves bring the greys onto their references first.
    CurveUse greyCurves = CurveUse::automatic;
    Finish finish;     ///< on top; the intent "pleasing" has its own where this is none
    FitLimits limits;  ///< what the correction is judged by
    /// This job's own colours, measured in a frame of the setup; they count beside the patches.
    std::vector<KnownColour> known;
    /// Patches with a larger share of clipped pixels are left out.
    double maxClipped = 0.01;
    /// For the intervals of the figures; 0: none are given. See CertaintyOptions.
    std::size_t resamples = 0;
    double chartTolerance = 0.3;
    /// What the fit goes towards; null: the chart's reference values.
    std::shared_ptr<const Aim> aim = nullptr;
    /// Asked between fits; whoever stops it gets ErrorKind::stopped.
    std::stop_token stop{};

    Status validate() const;
};

/// "Refero" with its version, for documents.
std::string thisProgram();

/// Builds a correction from readings of one setup, which must be of the same chart and encoding; several are
/// averaged, weighted by their certainty. Faults that the readings know of are mended first. Errors say what
/// is missing: too few patches, no usable grey, patches of one hue only.
Result<Correction> fit(std::span<const Reading> readings, const FitOptions& options = {});

}  // namespace refero
