// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <stop_token>
#include <string>
#include <utility>
#include <vector>

#include "core/assess/foreign_transform.h"
#include "core/fit/correction.h"
#include "core/pair/colour_group.h"

namespace refero {

/// What a transform makes of one patch.
struct AssessedPatch {
    std::string id;
    Role role = Role::other;
    Lab reference, seen, levelled;  ///< levelled: at the exposure that it expects
    double difference = 0;          ///< CIEDE2000 as it is
    double differenceLevelled = 0;
    bool counted = true;  ///< false: clipped or left out in the shot
    bool beyond =
        false;  ///< at the exposure that it expects, past the end of what it is fed: not in figures there
    bool cut = false;        ///< a channel ends at 0 or 1 which the reference's would not
    double chromaNoise = 0;  ///< of one pixel, a* and b*
};

/// A grey of the chart.
struct AssessedGrey {
    double level = 0;                 ///< L* of the reference
    double shown = 0;                 ///< L* at the exposure that it expects
    double difference = 0;            ///< CIEDE2000 to the same lightness without its cast
    double redder = 0, yellower = 0;  ///< a* and b* beyond the reference's
};

/// The colours of a group, at the exposure that it expects.
struct AssessedHue {
    std::size_t group = 0;  ///< see colourGroup()
    std::size_t patches = 0;
    double difference = 0;   ///< mean CIEDE2000
    double turnDegrees = 0;  ///< mean, towards larger angles
    double chroma = 1;       ///< times the reference's
};

/// A place at which the order of colours turns over.
struct Reversal {
    Vector3 fed{0, 0, 0};
    Lab seen;
};

/// A step on an even ramp.
struct RampStep {
    std::string along;  ///< "grey", or the id of the patch through which the ramp goes
    double at = 0;      ///< share of the ramp, 0 to 1
    double step = 0;    ///< CIEDE2000
};

/// A point of the grey scale that a transform makes.
struct ContrastPoint {
    double stops = 0;  ///< of light from mid-grey
    double shown = 0;  ///< L*
};

/// Two patches that are told apart by their references and hardly here, though a fit of the camera's own
/// tells them apart.
struct Merge {
    std::string one, other;
    double reference = 0, seen = 0;  ///< CIEDE2000 between them
};

struct Assessment {
    std::string name, kind;
    TransformTerms terms;
    double mean = 0;          ///< CIEDE2000 to the references, as it is
    double meanLevelled = 0;  ///< at the exposure that it expects
    std::vector<AssessedPatch> patches;
    std::vector<AssessedGrey> greys;  ///< lightest first
    std::vector<AssessedHue> hues;
    std::vector<ContrastPoint> contrast;
    double expectsStops = 0;  ///< more exposure than the shot has
    double expectsMired = 0;  ///< warmer than the shot is
    double halfStopUnder = 0,
           halfStopOver = 0;          ///< mean CIEDE2000 by which colours move, the level taken back
    double warmer20 = 0;              ///< mean CIEDE2000 by which they move 20 mired warmer
    double reversedShare = 0;         ///< of the colours between those of the chart
    std::vector<Reversal> reversals;  ///< the plainest; empty: it does not reverse
    std::vector<RampStep> bands;      ///< the plainest; empty: it does not band
    std::vector<Merge> merges;
    std::vector<std::string> cut;
    double chromaNoise = 0;  ///< root mean square over patches that are not black
    std::vector<std::string> remarks;
    std::size_t readings = 1;
};

/// `own` is a correction of the camera's own, which says what the camera can tell apart; null: none. Figures
/// are means over the readings; places, greys and contrast are of the first. Errors: no reading, readings of
/// different charts, no usable patch, stopped.
Result<Assessment> assessed(const ForeignTransform& transform, std::span<const Reading> readings,
                            const TransformTerms& terms, const Correction* own = nullptr,
                            const std::stop_token& stop = {});

/// The reading as a picture that the transform made of it: an aim for other cameras. Errors: it gives no
/// display's picture.
Result<Reading> pictureThrough(const ForeignTransform& transform, const TransformTerms& terms,
                               const Reading& reading);

}  // namespace refero
