// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>

#include "core/colour/xyz.h"
#include "core/result.h"

namespace refero {

/// The ten numbers of the ASC Color Decision List, release 1.2: what any grading program can carry out.
struct Cdl {
    Vector3 slope{1, 1, 1};   ///< 0 and above
    Vector3 offset{0, 0, 0};  ///< any
    Vector3 power{1, 1, 1};   ///< above 0
    double saturation = 1;    ///< 0 and above
};

/// Clamped to 0..1 after slope and offset and after saturation, as the list's definition does; the weights of
/// saturation are those of ITU-R BT.709.
Vector3 graded(const Vector3& encoded, const Cdl& cdl);

/// The list that brings `from` nearest to `to`, both encoded and 0..1, in the mean of squares. Errors: fewer
/// than ten colours, numbers that are not finite, a search that finds nothing.
Result<Cdl> nearestCdl(std::span<const Vector3> from, std::span<const Vector3> to);

}  // namespace refero
