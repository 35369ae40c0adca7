// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>

#include "core/colour/root_curve.h"
#include "core/colour/xyz.h"

namespace refero {

enum class CurveUse {
    automatic,  ///< where each grey is foretold from the others twice as well as without, and it is plainly
                ///< seen
    always,
    never,
};

/// What a straight line leaves of the greys, root mean square over roots of light, that needs no curve: about
/// one L* of a sensor's light, which should stay straight; of a picture's numbers, which are bent anyway,
/// less.
inline constexpr double kPlainLight = 0.01, kPlainPicture = 0.003;

/// Smooth, rising curves from one grey scale to another, four greys at least: one that the channels share,
/// and what a channel plainly bends by itself. Nothing where they are not wanted or, by the greys themselves,
/// no use. Both scales are of about the same level. `plain`: see above.
std::optional<GreyCurves> greyCurves(std::span<const Vector3> from, std::span<const Vector3> to, CurveUse use,
                                     double plain = kPlainLight);

/// Smooth, rising curves that bring the greys of a chart onto their references, a channel at a time. Nothing
/// where they are not wanted or, by the greys themselves, no use. `greys` are balanced and levelled; four at
/// least are needed.
std::optional<GreyCurves> greyCurves(std::span<const Vector3> greys, std::span<const double> referenceY,
                                     CurveUse use, double plain = kPlainLight);

}  // namespace refero
