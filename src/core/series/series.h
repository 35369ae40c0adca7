// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>
#include <optional>
#include <span>
#include <stop_token>
#include <string>
#include <string_view>
#include <vector>

#include "core/fit/correction.h"
#include "core/read/reading.h"
#include "core/series/characteristic_curve.h"
#include "core/series/drift.h"
#include "core/series/dynamic_range.h"

namespace refero {

/// A chart shot of a series.
struct SeriesShot {
    Reading reading;
    std::string profile{};                ///< how it was recorded; empty: profileOf() its reading
    std::optional<double> statedStops{};  ///< as typed by a person; none: as the camera was set
    double ndStops = 0;                   ///< of filters before the lens, which no file knows of
};
/// The camera's own name of it, else the encoding's.
std::string profileOf(const Reading& reading);

/// What is wrong with a series. The rest of it is told all the same.
enum class SeriesFlaw {
    stepMissing,    ///< two neighbours are further apart than the others
    stepTwice,      ///< two shots of a profile got the same exposure
    outOfOrder,     ///< by their times they were not shot in the order of their exposures
    statedDiffers,  ///< the chart got another exposure than the camera was set to
    lightChanged,   ///< its light has another colour than that of the others
    otherScene,     ///< its patches do not differ from the others' by an exposure
    otherChart,     ///< it shows another chart; it is left out
    noCommonPatch,  ///< nothing joins it to the others; it is left out
    curveDiffers,   ///< the recording does not follow the curve that it states
};
inline constexpr std::array kSeriesFlaws{
    SeriesFlaw::stepMissing,   SeriesFlaw::stepTwice,     SeriesFlaw::outOfOrder,
    SeriesFlaw::statedDiffers, SeriesFlaw::lightChanged,  SeriesFlaw::otherScene,
    SeriesFlaw::otherChart,    SeriesFlaw::noCommonPatch, SeriesFlaw::curveDiffers};
/// "step-missing", "step-twice", ...: for files.
std::string_view name(SeriesFlaw flaw);

struct SeriesNote {
    SeriesFlaw flaw = SeriesFlaw::stepMissing;
    std::string profile;
    std::string frame, other;  ///< paths; empty where there is none
    double stops = 0;          ///< where, or by how much
    /// Of stepMissing the usual step and of stepTwice what they are apart, stops; of statedDiffers by how
    /// much more was set, stops; of curveDiffers by how much it misses, codes of 1023.
    double expected = 0;
};

/// What a series is judged by.
struct SeriesLimits {
    double drift = 2;                ///< CIEDE2000: seen side by side, hardly in a cut; common practice
    double chromaNoise = kBlotches;  ///< of one pixel, a* and b*, after the full correction
    double signalToNoise = 2;        ///< at which the dynamic range ends
    double headroomStops = 1;        ///< kept above a white patch by the best offset; common practice

    friend bool operator==(const SeriesLimits&, const SeriesLimits&) = default;
};

/// What bounds the usable range.
enum class RangeEnd { notReached, drift, noise };
std::string_view name(RangeEnd end);

/// One exposure of a profile.
struct SeriesStep {
    std::size_t shot = 0;          ///< of those given
    double stops = 0, error = 0;   ///< from the series' step 0, and its standard error
    std::optional<double> stated;  ///< as the camera was set, from the same step 0
    double asShown = 0;            ///< mean CIEDE2000 to the references as it shows itself, its level matched
    double levelOnly = 0;          ///< the same through the profile's own correction with this shot's level
    Drift drift;                   ///< that, against the base
    std::optional<double> corrected;  ///< mean CIEDE2000 through a correction of its own; none: see `why`
    std::optional<double> unseen;     ///< of patches that it did not see
    std::string why;
    double chromaNoise = 0;  ///< of one pixel after that correction, root mean square over patches not black
    std::optional<double> skinNoise, redNoise;  ///< of skin, and of saturated reds
    double visualNoise = 0;  ///< of mid-grey, ISO 15739's weights of L*, u* and v*, one pixel, unfiltered
    double blotch = 0;       ///< coarse structure of the worst patch, share of its level; see PatchReading
    double clipped = 0;      ///< share of the patches with a clipped channel
    Vector3 clippedChannels{0, 0, 0};
    std::size_t buried = 0;                     ///< neighbours of the grey scale that cannot be told apart
    std::vector<Lab> levelled, fullyCorrected;  ///< by patch; the latter is empty where it was not built
    double level = 1;                           ///< of the profile's correction, for this shot
    /// Greys alone brought onto their references by a curve a channel; and a correction of its own. Null
    /// where they could not be built.
    std::shared_ptr<const Correction> greys, own;

    /// Of the limits, what it takes up: 1 is at one of them.
    double driftShare(const SeriesLimits& limits) const { return drift.judged() / limits.drift; }
    double noiseShare(const SeriesLimits& limits) const { return chromaNoise / limits.chromaNoise; }
};

struct SeriesProfile {
    std::string name;
    std::vector<SeriesStep> steps;         ///< darkest first
    std::size_t base = 0;                  ///< the step that was exposed as the recording wants
    Correction correction;                 ///< of the base
    double usableLow = 0, usableHigh = 0;  ///< stops
    RangeEnd lowEnd = RangeEnd::notReached, highEnd = RangeEnd::notReached;
    double bestOffset = 0;  ///< stops
    std::vector<CurvePoint> curve;
    std::optional<CurveFit> stated;   ///< its own curve over the measured one
    std::optional<CurveFit> nearest;  ///< another curve that fits better
    std::optional<DynamicRange> range;

    const SeriesStep& baseStep() const { return steps[base]; }
};

/// Two profiles made to meet at their bases.
struct ProfilePair {
    std::size_t a = 0, b = 0;            ///< of the series' profiles
    std::optional<double> before, left;  ///< mean CIEDE2000 between them; none: see `why`
    std::string why;
    double noiseStops = 0;  ///< of exposure by which b is noisier than a after the full correction
};

struct Series {
    std::vector<SeriesProfile> profiles;
    std::vector<ProfilePair> pairs;
    std::vector<SeriesNote> notes;
    SeriesLimits limits;
    std::size_t zero = 0;  ///< the shot at step 0

    /// The one that starts closest to neutral.
    std::size_t closest() const;
};

struct SeriesOptions {
    SeriesLimits limits;
    std::vector<Transfer> curves;  ///< that a profile's recording is also compared with
    /// The shot that the person calls normal; none: the one that is exposed as its recording wants.
    std::optional<std::size_t> zero;
    bool pairs = true;
    std::stop_token stop{};
};

/// Errors: no chart shot, none that a correction can be built from, stopped.
Result<Series> analysed(std::span<const SeriesShot> shots, const SeriesOptions& options = {});

/// The same with its profiles held against each other, where that was left out. Stopped, some are not.
Series withPairs(const Series& series, std::span<const SeriesShot> shots, const std::stop_token& stop = {});
/// The same series by other limits, without measuring anything anew; `shots` are those that it was made from.
Series judgedBy(const Series& series, std::span<const SeriesShot> shots, const SeriesLimits& limits);

/// Patches that a strip over all steps shows: skin, the most saturated red, mid-grey; those that the chart
/// has.
std::vector<std::size_t> stripPatches(const Chart& chart);

}  // namespace refero
