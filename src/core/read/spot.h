// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>

#include "core/colour/xyz.h"
#include "core/frame/geometry.h"
#include "core/frame/image.h"

namespace refero {

/// What a small part of a frame holds, in the units that people think in.
struct Spot {
    Vector3 linear{0, 0, 0};        ///< as recorded, 1 clips
    std::array<int, 3> eightBit{};  ///< balanced, in sRGB
    Vector3 percent{0, 0, 0};       ///< of that
    double stopsFromMidGrey = 0;    ///< balanced green against 18 %
    Lab labD50;                     ///< balanced, camera RGB taken as linear sRGB
};

/// Mean of the square of `2 reach + 1` pixels around a place; nothing outside the frame. `gains` balance and
/// level it (see viewingGains).
std::optional<Spot> spotAt(const LinearImage& image, const Point& pixel, int reach, const Vector3& gains);

/// Mean of a rectangle of the frame; nothing where it has no pixel in it.
std::optional<Vector3> meanOf(const LinearImage& image, const Point& from, const Point& to);

/// What a rectangle of a frame holds.
struct AreaReading {
    Vector3 mean{0, 0, 0};
    Vector3 deviation{0, 0, 0};  ///< of one pixel
    std::size_t pixels = 0;
};
std::optional<AreaReading> areaReading(const LinearImage& image, const Point& from, const Point& to);

Spot spotOf(const Vector3& linear, const Vector3& gains);

}  // namespace refero
