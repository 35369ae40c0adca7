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
};

/// A correction sampled on a cube of encoded camera RGB, domain 0 to 1. Values are not clipped.
class Cube {
  public:
    /// An error where the size is out of range.
    static Result<Cube> sampled(const Correction& correction, const CubeOptions& options);

    /// Tetrahedral interpolation; the input is clamped to 0..1.
    Vector3 at(const Vector3& encoded) const;

    /// A 3D `.cube`, red fastest, with what it must be fed in its header.
    std::string text(const Correction& correction) const;

    const CubeOptions& options() const { return options_; }

  private:
    CubeOptions options_;
    std::vector<Eigen::Vector3f> grid_;
};

}  // namespace refero::io
