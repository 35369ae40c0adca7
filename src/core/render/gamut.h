// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string_view>
#include <vector>

#include "core/colour/rgb_space.h"
#include "core/frame/image.h"
#include "core/result.h"

namespace refero {

/// What becomes of colours that an output space cannot hold.
enum class GamutUse {
    automatic,   ///< compressed where the picture has a finish, cut where it is colorimetric
    compressed,  ///< along lines of one hue; colours near the edge make room
    cut,         ///< a channel at a time, which turns hues
};
inline constexpr std::array kGamutUses{GamutUse::automatic, GamutUse::compressed, GamutUse::cut};
/// "automatic", "compressed", "cut": for files and the command line.
std::string_view name(GamutUse use);
Result<GamutUse> gamutUseByName(std::string_view name);

/// Shares of a picture's pixels.
struct GamutReport {
    double outside = 0;  ///< outside the space
    double changed = 0;  ///< moved, those near its edge included
    double skin = 0;     ///< of the colour of skin, and moved
};

/// The gamut of a display in Oklab (W3C CSS Color 4, 10.1), whose lines of constant hue are straight to the
/// eye: lightness and hue of a colour stay, chroma beyond 0.92 of what the space holds there is brought
/// smoothly within it. Lightness above white becomes white.
class GamutMap {
  public:
    explicit GamutMap(OutputSpace space);

    /// Linear components, the perfect diffuser at 1. Inside the knee a colour is left bit for bit.
    Vector3 compressed(const Vector3& linear) const;
    /// The largest chroma of that lightness and hue (degrees) in the space.
    double mostChroma(double lightness, double hueDegrees) const;

    /// A rendered picture in the space's encoding, in place; on all cores.
    GamutReport compress(EncodedImage& picture) const;
    /// Without changing anything.
    GamutReport look(const EncodedImage& picture) const;

  private:
    GamutReport run(const EncodedImage& picture, EncodedImage* to) const;

    OutputSpace space_;
    Matrix3 toLms_, fromLms_;
    float storedBelow_ = -1,
          storedRatio_ = 1;       ///< stored numbers surely well inside; none where channels mix
    std::vector<double> chroma_;  ///< by lightness and hue
};

}  // namespace refero
