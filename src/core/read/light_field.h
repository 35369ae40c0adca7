// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <span>
#include <vector>

#include "core/read/ground.h"
#include "core/read/reading.h"

namespace refero {

/// The light at each patch, the ground and what the first fit leaves told apart: smooth unevenness, a
/// shadow's edge, a veil over all, shine and things that lie on the chart.
///
/// The patches' colours are taken to be linear in XYZ (3x3), the light to be a polynomial of second degree in
/// stops, the veil to be one colour added everywhere; all are fitted in turn with weights that fall where
/// they do not fit (greys and ground count most, since they fit best). Nothing where fewer than four greys or
/// six patches can be used.
std::optional<ChartLight> lightOn(const Reading& reading, std::span<const BackgroundSample> ground);

/// Every patch brought to the light's mean over the chart: rgb and its spread are divided by the field (and
/// by the shadow), not by the veil.
void takeOutLight(Reading& reading);

}  // namespace refero
