// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/fit/aim.h"
#include "core/fit/grey_curves.h"
#include "core/fit/known_colour.h"
#include "core/fit/model.h"
#include "core/read/reading.h"
#include "core/spectra/spectrum.h"

namespace refero {

/// The patches that a fit may use, side by side.
struct Samples {
    std::vector<std::size_t> index;  ///< into the chart's patches
    std::vector<Vector3> rgb;        ///< balanced, levelled and through the curves
    std::vector<Vector3> error;      ///< standard error of it
    std::vector<Matrix3> noise;      ///< covariance of one pixel of it; 0 where it is not known
    std::vector<Xyz> reference;      ///< D50, before the look
    std::vector<double> weights;     ///< what the intent gives each, 1 as a rule
    /// Nothing for a colour that was measured without its spectrum; empty where a patch's is not known.
    std::vector<std::optional<Spectrum>> reflectances;
    /// Of a picture that shows itself: its RGB to XYZ (D50).
    std::optional<Matrix3> shownBy;
    std::shared_ptr<const PictureLook> look;  ///< through which differences are seen; null for none

    /// All of them, balanced, levelled and straightened by the greys among `kept` alone (places in these
    /// lists), so that what is left out has no say in it; nothing where those greys do not suffice. Not there
    /// in what `only` gives.
    std::function<std::optional<Samples>(std::span<const std::size_t> kept)> balancedBy;

    std::size_t size() const { return index.size(); }
    /// What is seen of a colour: through the look.
    Lab lab(const Xyz& xyzD50) const;
    Samples only(std::span<const std::size_t> which) const;
};

/// Readings of one setup made one, balanced and levelled.
struct PreparedChart {
    Reading reading;
    Vector3 gains{1, 1, 1};
    double level = 1;
    std::vector<Xyz> reference;  ///< of every patch of the chart, D50, before the look
    std::optional<GreyCurves> curves;
    std::vector<Vector3> aimError;  ///< of every patch, in levelled RGB; empty for reference values
    Samples samples;
};

struct PreparationOptions {
    Intent intent = Intent::colorimetric;
    std::string referenceLight = "d50";
    double maxClipped = 0.01;  ///< patches with a larger share of clipped pixels are left out
    /// By patch id: how often it counts, on top of the intent; what is not there counts once.
    std::map<std::string, double> weights = {};
    CurveUse greyCurves = CurveUse::never;
    /// Beside the chart's patches, with the weights that they bring.
    std::vector<KnownColour> known = {};
    std::shared_ptr<const Aim> aim = nullptr;  ///< null: the chart's reference values
};

/// Errors: no reading, readings of two charts or encodings, no usable grey, a reference that is not known
/// under that light.
Result<PreparedChart> prepared(std::span<const Reading> readings, const PreparationOptions& options);
/// Of one reading whose patches' references are given; with an aim, those are its colours.
Result<PreparedChart> prepared(Reading reading, std::vector<Xyz> reference,
                               const PreparationOptions& options);

}  // namespace refero
