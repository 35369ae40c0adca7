// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string>
#include <vector>

#include "core/chart/chart.h"
#include "core/colour/transfer.h"
#include "core/series/series.h"
#include "sim/body.h"

namespace refero::test {

/// How a simulated camera records a series.
struct Recorder {
    sim::Body body;
    std::string light = "d65";
    Transfer curve = Encoding::linear;  ///< what it says of itself, and does
    int bits = 14;
    double stopsToClipping = 1.1;  ///< of light above mid-grey at step 0; of linear recordings
    double flare = 0.004;          ///< share of the perfect diffuser, added everywhere
    double offset = 0;             ///< stops by which a curve is fed more light than it states
    Vector3 gammas{1, 1, 1};       ///< of a look, over the light that is encoded
};

/// A chart shot at that exposure, pixel by pixel: photon and read noise, clipping, the curve, its codes.
Reading recorded(const Recorder& recorder, const Chart& chart, double stops, std::size_t pixels,
                 unsigned seed);

/// Shots at these exposures, with what the camera says of them where `stated`.
std::vector<SeriesShot> seriesOf(const Recorder& recorder, const Chart& chart, std::span<const double> stops,
                                 bool stated, unsigned seed);

}  // namespace refero::test
