// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/colour/rgb_space.h"
#include "core/fit/correction.h"

namespace refero::io {

struct CubeOptions {
    int size = 33;                          ///< points a side, 2 to 129
    Transfer encoding = Encoding::srgb;     ///< what the LUT is fed: camera RGB in this encoding
    OutputSpace space = OutputSpace::srgb;  ///< what it gives
    /// Begins with a curve to roots of what it is fed, from 0 to kShaperTop: for linear light.
    bool shaper = false;
    /// What it is fed and what it gives are in video range, as some hardware and monitors pass it.
    bool videoRange = false;
    /// By which what it is fed is exposed above the chart shot; told in the header, taken back by the
    /// correction that it is sampled from.
    double exposureOffsetStops = 0;
};

inline constexpr double kShaperTop = 2;  ///< a stop above clipping

/// A correction sampled on a cube of encoded camera RGB, domain 0 to 1, or 0 to kShaperTop by its shaper.
/// Values are not clipped.
class Cube {
  public:
    /// An error where the size is out of range.
    static Result<Cube> sampled(const ColourTransform& correction, const CubeOptions& options);

    /// Tetrahedral interpolation; the input is clamped to the domain.
    Vector3 at(const Vector3& encoded) const;

    /// A 3D `.cube`, red fastest, with what it must be fed in its header.
    std::string text(const Correction& correction) const;

    const CubeOptions& options() const { return options_; }

  private:
    CubeOptions options_;
    std::vector<Eigen::Vector3f> grid_;
};

/// A 1D `.cube` of 4096 points: a curve a channel, which balances, levels and straightens the greys.
std::string curvesText(const Correction& correction, const CubeOptions& options);

}  // namespace refero::io
