// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstdint>
#include <span>
#include <string>
#include <vector>

#include "core/chart/chart.h"
#include "core/colour/rgb_space.h"
#include "core/colour/xyz.h"

namespace refero {

/// Luma and colour differences of display-encoded R'G'B' (0..1), ITU-R BT.709-6 items 3.2 and 3.3:
/// Y' = 0.2126 R' + 0.7152 G' + 0.0722 B', Cb = (B' - Y') / 1.8556, Cr = (R' - Y') / 1.5748.
struct YCbCr {
    double y = 0;           ///< 0..1
    double cb = 0, cr = 0;  ///< -0.5..0.5
};
YCbCr toYCbCr(const Vector3& encoded);

/// 8-bit display-encoded pixels, B, G, R and a spare byte each, as pictures for a screen are kept.
struct ScopePicture {
    const std::uint8_t* first = nullptr;
    int width = 0, height = 0;
    std::ptrdiff_t rowBytes = 0;

    ScopePicture part(int x, int y, int w, int h) const;
};

/// Counts of what a picture or some colours hold.
struct Scopes {
    static constexpr int kLevels = 256, kColumns = 256, kSide = 256;
    using Histogram = std::array<std::uint32_t, kLevels>;
    using Waveform = std::vector<std::uint32_t>;  ///< kColumns x kLevels; level 0 first in each column

    std::array<Histogram, 3> channels{};
    Histogram luma{};
    Waveform lumaWaveform;
    std::array<Waveform, 3> parade;
    std::vector<std::uint32_t>
        vectorscope;  ///< kSide x kSide, rows from Cr = +0.5 down, columns from Cb = -0.5

    Scopes();
    static std::size_t waveformAt(int column, int level) {
        return static_cast<std::size_t>(column) * kLevels + static_cast<std::size_t>(level);
    }
    static std::size_t vectorAt(double cb, double cr);
};

/// In parallel, over at most about two million pixels; of larger pictures every second, third ... line and
/// column.
Scopes scopesOf(const ScopePicture& picture);
/// Of colours alone, display-encoded 0..1, side by side in their order.
Scopes scopesOf(std::span<const Vector3> encoded);

/// What an encoded space stores of a colour, 0..1: what it cannot show is clipped.
Vector3 storedColour(const Lab& labD50, OutputSpace space);

/// Where a vectorscope should show a patch: its reference in a space's encoding and primaries.
struct ScopeTarget {
    std::string id;
    double cb = 0, cr = 0;
};
/// For the primary and secondary patches; `space` is an encoded one.
std::vector<ScopeTarget> vectorscopeTargets(const Chart& chart, OutputSpace space = OutputSpace::rec709);

/// The direction in which skin of every depth lies, from the Cb axis, anticlockwise: common practice, the I
/// axis of older television, 123 degrees.
inline constexpr double kSkinLineDegrees = 123;

}  // namespace refero
