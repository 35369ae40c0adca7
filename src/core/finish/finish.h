// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string>
#include <string_view>

#include "core/colour/root_curve.h"
#include "core/colour/xyz.h"

namespace refero {

/// A grey of the corrected scene and what it is to show, both as light with the perfect diffuser at 1.
struct LevelPoint {
    double light = 0, shows = 0;
    friend bool operator==(const LevelPoint&, const LevelPoint&) = default;
};

/// Levels set by hand: of a dark, a middle and a light grey, as many as are wanted.
struct Levels {
    std::optional<LevelPoint> black{}, grey{}, white{};

    bool isNone() const { return *this == Levels{}; }
    friend bool operator==(const Levels&, const Levels&) = default;
};

/// Taste, on top of a correction and apart from it. Nothing of it is colour-true: figures and input profiles
/// are of the correction without it.
struct Finish {
    double exposureStops = 0;  ///< -4 to 4
    /// Steps on the ladder of warmth, ten mired each; above 0 is warmer. Applied to the corrected picture, so
    /// that a step is the same shift in every shoot. -12 to 12.
    double warmthSteps = 0;
    double tintDuv =
        0;  ///< away from the locus in thousandths of CIE 1960 u, v; above 0 is greener. -20 to 20
    double contrast = 0;    ///< -1 to 1: the slope at mid-grey is 1 + contrast / 4, over roots of light
    double saturation = 1;  ///< 0 to 2, times the distance from grey of the same luminance
    /// A rising curve that brings these greys to what they are to show, whatever exposure and contrast made
    /// of them. Light and what is shown must rise from black to white; 0.0001 to 16.
    Levels levels{};

    bool isNone() const { return *this == Finish{}; }
    /// Errors: out of range or no number.
    Status validate() const;

    friend bool operator==(const Finish&, const Finish&) = default;
};

/// A finish made ready: XYZ (D50) to linear ITU-R BT.2020, a curve over each channel where there is one, and
/// back.
struct CompiledFinish {
    Matrix3 toWorking = Matrix3::Identity();
    std::optional<RootCurve> curve;
    Matrix3 toXyzD50 = Matrix3::Identity();
};
CompiledFinish compile(const Finish& finish);
/// One colour, in double precision. Of black, black; nothing is clipped.
Xyz finished(const Xyz& xyzD50, const CompiledFinish& finish);

/// The white that a neutral takes, by warmth and tint alone.
Chromaticity warmed(double warmthSteps, double tintDuv);

struct ReadyFinish {
    std::string_view name;   ///< "base", "rounded": for files and the command line
    std::string_view label;  ///< for a person
    Finish finish;
};
/// Base adds nothing. Rounded adds a gentle curve and a little saturation.
std::span<const ReadyFinish> readyFinishes();
Result<Finish> finishByName(std::string_view name);
/// The label of the ready one, or what it does in words.
std::string inWords(const Finish& finish);

}  // namespace refero
