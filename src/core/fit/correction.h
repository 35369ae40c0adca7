// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/chart/chart.h"
#include "core/colour/transfer.h"
#include "core/result.h"

namespace refero {

enum class Model {
    balance,  ///< gains only; balanced camera RGB is taken as linear sRGB
    matrix,   ///< gains, then a 3x3 to XYZ (D50) that keeps white
};
std::string_view name(Model model);

/// Which patches the fit favours.
enum class Intent {
    colorimetric,  ///< every patch alike
    neutrals,      ///< greys count four times
    skin,          ///< skin counts four times
};
std::string_view name(Intent intent);
Result<Intent> intentByName(std::string_view name);

/// One patch before (balanced only) and after the correction.
struct PatchResult {
    std::string id;
    bool used = true;  ///< false: clipped, so it was left out of the fit
    Vector3 rgb;       ///< as recorded, linear, before balance
    Lab reference, before, after;
    double differenceBefore = 0, differenceAfter = 0;  ///< CIEDE2000
    double leftOut = 0;  ///< CIEDE2000 of this patch when the fit did not see it; 0 for the balance model
};

struct Spread {
    double mean = 0, median = 0, percentile95 = 0, max = 0;
};
/// Of the given values; the percentile is interpolated linearly between order statistics.
Spread spread(std::vector<double> values);

struct FitSummary {
    Spread before, after;   ///< CIEDE2000 over the used patches
    Spread crossValidated;  ///< leave-one-out
    std::size_t used = 0;
    std::string message;  ///< one sentence for a person
};

/// A correction as a document: linear camera RGB -> gains and level -> matrix -> XYZ relative to D50.
struct Correction {
    std::string name;
    std::string chartId, chartName;
    std::string body, lens, description, taken;
    std::vector<std::string> readings;  ///< the frames that it was built from
    Transfer inputEncoding;
    Model model = Model::matrix;
    Intent intent = Intent::colorimetric;
    std::string referenceLight = "d50";
    Vector3 gains{1, 1, 1};                ///< white balance, green = 1
    double level = 1;                      ///< brings neutrals to their reference Y
    Matrix3 matrix = Matrix3::Identity();  ///< matrix * (1,1,1) is D50's white
    std::vector<PatchResult> patches;
    FitSummary summary;

    /// Linear camera RGB, 1 = clipping, to XYZ (D50), in one step.
    Matrix3 cameraToXyzD50() const { return matrix * (gains * level).asDiagonal(); }
    Lab toLab(const Vector3& cameraRgb) const;
};

}  // namespace refero
