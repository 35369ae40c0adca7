// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/chart/chart.h"
#include "core/colour/hue_sectors.h"
#include "core/colour/picture_look.h"
#include "core/colour/root_curve.h"
#include "core/colour/transfer.h"
#include "core/finish/finish.h"
#include "core/fit/aim_origin.h"
#include "core/fit/colours.h"
#include "core/fit/fit_limits.h"
#include "core/fit/loan.h"
#include "core/read/taken_out.h"
#include "core/read/treatment.h"
#include "core/result.h"

namespace refero {

enum class Model {
    balance,          ///< gains only; balanced camera RGB is taken as linear sRGB
    matrix,           ///< gains, then a 3x3 to XYZ (D50) that keeps white
    rootPolynomial,   ///< gains, then roots of products of degree 2 that keep every grey
    rootPolynomial3,  ///< of degree 3
    polynomial,       ///< a matrix, then a move that is a polynomial of roots: for encoded frames only
    lattice,          ///< a root polynomial, then a smooth move that fades away from the measured colours
    hueSectors,       ///< a matrix, then a turn, chroma and lightness for each of twelve hues
};
inline constexpr std::array kModels{Model::balance,         Model::matrix,     Model::rootPolynomial,
                                    Model::rootPolynomial3, Model::polynomial, Model::lattice,
                                    Model::hueSectors};
/// "balance", "matrix", "root-polynomial", "root-polynomial-3", "polynomial", "lattice", "hue-sectors": for
/// files and the command line.
std::string_view name(Model model);
Result<Model> modelByName(std::string_view name);

/// What a fit makes small.
enum class Objective {
    leastSquares,  ///< the squares of the errors in X, Y and Z, by what they mean to CIEDE2000
    ciede2000,     ///< the mean CIEDE2000 itself
};
std::string_view name(Objective objective);

/// Which patches the fit favours.
enum class Intent {
    colorimetric,  ///< every patch alike
    neutrals,      ///< greys count four times
    skin,          ///< skin counts four times
    pleasing,      ///< every patch alike, and the finish "Rounded" on top
};
inline constexpr std::array kIntents{Intent::colorimetric, Intent::neutrals, Intent::skin, Intent::pleasing};
std::string_view name(Intent intent);
Result<Intent> intentByName(std::string_view name);

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

struct Spread {
    double mean = 0, median = 0, percentile95 = 0, max = 0;
};
/// Of the given values; the percentile is interpolated linearly between order statistics.
Spread spread(std::vector<double> values);

/// The mean without the largest and the smallest fifth: what a few strong colours do not move. Of nothing, 0.
double trimmedMean(std::vector<double> values);

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
    bool blended = false;   ///< a lattice that holds the mean of several models
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

/// One of several setups, or steps of exposure, that share a correction.
struct PooledShot {
    std::string name;             ///< its light, step or file
    double weight = 1;            ///< how much it counted
    double stops = 0;             ///< by which it is brighter than what they share
    std::optional<double> mired;  ///< by which its light is warmer; nothing where a grey does not tell
    /// Mean CIEDE2000 over its patches: with a correction of its own; with the shared one, balanced and
    /// levelled by its own greys; with the shared one as it is, as through a LUT.
    double own = 0, balanced = 0, asIs = 0;
};

/// A correction as a document, stage after stage: encoded or linear camera RGB -> linear -> gains and level
/// -> curves from the greys -> colours, in XYZ relative to D50 -> the look of what it goes towards -> the
/// finish.
struct Correction {
    std::string name;
    AimOrigin aim;  ///< what it goes towards
    std::string chartId, chartName;
    std::string body, lens, description, taken;
    std::string uniqueModel;            ///< a DNG's own name of the body, where it differs
    std::string serial;                 ///< of the body; empty where it is not known
    std::vector<std::string> readings;  ///< the frames that it was built from
    Transfer inputEncoding;
    Model model = Model::matrix;
    Objective objective = Objective::leastSquares;
    bool training = false;  ///< fitted to generated colours as well; see Contender
    bool blended = false;   ///< the mean of several models; see Contender
    Intent intent = Intent::colorimetric;
    std::map<std::string, double> weights;  ///< how often a patch counted on top of the intent; by patch id
    std::string referenceLight = "d50";
    std::string builtBy, built;  ///< the program with its version; when, ISO 8601 in UTC
    FitLimits limits;            ///< what it is judged by
    TakenOut lightTakenOut;      ///< of the readings before they were fitted
    /// What was mended in the readings before; those of the first reading first.
    std::vector<Treatment> treatments;
    std::vector<PooledShot> pool;          ///< whose it is together; empty: of one setup
    bool asShot = false;                   ///< nothing was to be mended
    std::optional<Loan> loan;              ///< what stands in for a chart shot; none where there is one
    Vector3 gains{1, 1, 1};                ///< white balance, green = 1
    double level = 1;                      ///< brings neutrals to their reference Y
    std::optional<GreyCurves> greyCurves;  ///< over balanced, levelled RGB
    /// Balanced, levelled RGB to XYZ (D50); of (1,1,1), D50's white.
    Colours colours{RootPolynomial(Matrix3::Identity())};
    std::optional<HueSectors> sectors;  ///< what the lattice of the colours holds, where it is that
    std::optional<PictureLook> look;    ///< of the aim, over the colours; none for reference values
    Finish finish;
    std::vector<PatchResult> patches;
    FitSummary summary;
    std::vector<Contender> considered;  ///< the taken one first
    NoiseAmplification noise;
    std::optional<Certainty> certainty;
    std::vector<Verification> verifications;  ///< the latest last

    /// Balanced, levelled and through the curves.
    Vector3 straightened(const Vector3& cameraRgb) const;
    /// Of linear camera RGB, 1 = clipping; with the look, without the finish.
    Xyz toXyzD50(const Vector3& cameraRgb) const;
    Lab toLab(const Vector3& cameraRgb) const;
    /// All of it in one step, where its model is a matrix or less; nothing where colours are bent.
    std::optional<Matrix3> cameraToXyzD50() const;
};

/// Of the used patches; groups without one are left out.
std::vector<GroupFigures> byGroup(const Correction& correction);

}  // namespace refero
