// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <functional>

#include "core/chart/chart.h"
#include "core/fit/correction.h"
#include "core/read/reading.h"
#include "truth/trial.h"

namespace refero::test {

/// What a maker does to a picture (common practice of picture styles; the numbers are made up).
struct CameraLook {
    const char* name;
    double contrast;      // exponent about mid-grey
    double white, black;  // of the display's signal, where the curve ends
    double saturation;
    double turn, about, width;  // degrees
    double fade;                // of chroma in the lights
};
inline constexpr std::array<CameraLook, 4> kCameraLooks{{
    {"standard", 1.25, 0.985, 0.012, 1.12, 8, 30, 50, 0.05},
    {"vivid", 1.45, 0.99, 0.0, 1.30, -12, 240, 60, 0.10},
    {"portrait", 1.12, 0.97, 0.03, 1.0, 6, 60, 40, 0.0},
    {"faded", 0.95, 0.92, 0.07, 0.85, 10, 150, 70, 0.15},
}};

/// What a film or its imitation does: each channel bends by itself, and colours are moved in the signal's
/// luma and differences of colour instead of lightness, chroma and hue (common practice; made-up numbers).
struct FilmLook {
    const char* name;
    std::array<double, 3> contrast;
    double saturation;
    double turn;   // of reds and what is near them, radians
    double split;  // blue into the shadows, yellow into the lights
    double black, white;
};
inline constexpr std::array<FilmLook, 4> kFilmLooks{{
    {"film", {1.2, 1.1, 1.05}, 1.1, 0.10, 0.02, 0.03, 0.97},
    {"chrome", {1.4, 1.4, 1.4}, 1.25, -0.08, 0.0, 0.01, 0.99},
    {"muted", {1.0, 1.0, 1.0}, 0.75, 0.05, 0.03, 0.05, 0.95},
    {"teal", {1.15, 1.15, 1.2}, 1.0, 0.12, 0.05, 0.02, 0.98},
}};

/// A trial's camera with a maker's matrix and look, in sRGB of 8 bits.
class CameraPicture {
  public:
    CameraPicture(const Chart& chart, const Trial& trial, const CameraLook& look, unsigned seed);
    CameraPicture(const Chart& chart, const Trial& trial, const FilmLook& look, unsigned seed);

    /// The chart in the picture, linear as sRGB decodes it.
    Reading reading() const;
    /// A chart of those surfaces and its greys beside the chart's own.
    Reading readingOf(const std::vector<Spectrum>& surfaces) const;
    /// What the picture holds of what the camera records, linear as sRGB decodes it.
    Vector3 linear(const Vector3& camera) const;

  private:
    /// The maker's matrix.
    void develop();

    Reading raw_;
    Trial trial_;
    Correction own_;
    std::function<Vector3(const Vector3&)> look_;  ///< linear sRGB to what is stored
};

}  // namespace refero::test
