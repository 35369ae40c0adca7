// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/chart/chart.h"
#include "core/colour/lab.h"
#include "core/fit/model.h"
#include "core/numeric/spread.h"

namespace refero {

/// One patch before (balanced only) and after the correction.
struct PatchResult {
    std::string id;
    Role role = Role::other;
    bool known = false;  ///< no patch: something in a frame whose colour is known
    bool used = true;    ///< false: clipped, so it was left out of the fit
    double weight = 1;   ///< how often it counted in the fit
    Vector3 rgb;         ///< as recorded, linear, before balance
    Lab reference, before, after;
    double differenceBefore = 0, differenceAfter = 0;  ///< CIEDE2000
    double leftOut = 0;      ///< CIEDE2000 of this patch when the fit did not see it; 0 for the balance model
    double chromaNoise = 0;  ///< of one pixel after the correction, root mean square in a* and b*
};

/// What holds the truth in 95 of 100 cases.
struct Interval {
    double low = 0, high = 0;
};
struct SpreadInterval {
    Interval mean, median, percentile95, max;
};

/// How far the figures can be trusted, by drawing the readings' noise and the chart's tolerance anew.
struct Certainty {
    std::size_t resamples = 0;
    double chartTolerance = 0;  ///< CIEDE2000, by which this copy may differ from its definition
    SpreadInterval before, after, crossValidated;
};

/// What the correction does to noise: one pixel's, as the chart was recorded.
struct NoiseAmplification {
    /// How much larger than after balance alone, per channel of linear sRGB; root mean square over the
    /// patches.
    Vector3 gain{1, 1, 1};
    double chroma = 0;      ///< in a* and b*, root mean square over the patches
    double chromaGain = 1;  ///< how much larger than after balance alone
    /// Stops of more sensitivity, at the same level, with which the chroma noise of the worst patch that is
    /// not nearly black reaches kBlotches, photon noise growing by half a stop for each; nothing where the
    /// noise is not known.
    std::optional<double> stopsToBlotches;
};

/// Chroma noise of one pixel at which colours begin to look blotchy, in a* and b*; common practice.
inline constexpr double kBlotches = 6;

/// One way that was tried.
struct Contender {
    Model model = Model::matrix;
    Objective objective = Objective::leastSquares;
    bool training = false;  ///< on generated colours, too, seen as the chart tells that this camera sees
    bool forLook = false;   ///< of a lattice: by what picture styles do as well
    double expected = 0;    ///< mean CIEDE2000 of patches that the fit did not see, by repeated folds
    double chromaGain = 1;  ///< of noise, against balance alone
    std::string against;    ///< why it cannot be taken; empty where it can
};

struct FitSummary {
    Spread before, after;   ///< CIEDE2000 over the used patches
    Spread crossValidated;  ///< leave-one-out
    /// CIEDE2000 to expect of an ordinary colour that is not on the chart: the trimmedMean() of what was left
    /// of coloured patches. A chart's strongest colours lie at its rim, where nothing beside them tells them.
    double expectedError = 0;
    double repeatedFolds = 0;  ///< mean CIEDE2000 of patches that the fit did not see
    std::size_t used = 0;
    /// Mean CIEDE2000 that even a correction which knew 1,500 surfaces would leave over them, for a camera
    /// that sees as the chart tells; nothing where the chart has no spectra.
    std::optional<double> irreducibleError;
    std::string message;  ///< one sentence for a person: what was taken, and why
};

/// How a correction does on a chart shot that it was not built from.
struct Verification {
    std::string framePath, chartName, taken;
    double levelStops =
        0;  ///< by which the shot was brighter than the one that the correction was built from
    struct PatchCheck {
        std::string id;
        Lab reference, corrected;
        double difference = 0;  ///< CIEDE2000
    };
    std::vector<PatchCheck> patches;  ///< the usable ones
    Spread differences;               ///< CIEDE2000
};

/// The patches of one kind.
struct GroupFigures {
    std::string name;  ///< "neutral", "skin", "saturated" (chroma above 40), "other": each patch is in one
    std::size_t count = 0;
    double before = 0, after = 0, leftOut = 0;  ///< mean CIEDE2000
};

/// What is left after a correction, and how far that can be trusted.
struct FitReport {
    std::vector<PatchResult> patches;
    FitSummary summary;
    std::vector<Contender> considered;  ///< the taken one first
    NoiseAmplification noise;
    std::optional<Certainty> certainty;
    std::vector<Verification> verifications;  ///< the latest last
};

/// Of the used patches; groups without one are left out.
std::vector<GroupFigures> byGroup(const FitReport& report);

}  // namespace refero
