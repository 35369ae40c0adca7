// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "core/read/reading.h"
#include "core/spectra/spectrum.h"
#include "sim/body.h"

namespace refero::test {

/// The shipped bodies Heron and Bittern and three more: nearly colorimetric, poor (broad filters that leak),
/// narrow.
const std::vector<sim::Body>& trialBodies();
/// D50, D65, incandescent, white LED, narrow-band fluorescent.
const std::vector<std::string>& trialLights();
/// Surfaces of no chart and of no training: sums of broad lobes, on another plan than the core's generated
/// ones, and the CIE 13.3 test colours.
const std::vector<Spectrum>& heldOutSurfaces();

/// What a chart's patches read under that light, without a frame: each with normal noise of `noise` of its
/// level and 0.0005 of clipping.
Reading trialReading(const Chart& chart, const sim::Body& body, const Spectrum& light, double noise,
                     unsigned seed);

/// A camera under a light, held against surfaces that its chart does not have.
struct Trial {
    const sim::Body& body;
    std::string light;
    Spectrum lamp;
    double limit = 0;  ///< mean CIEDE2000 over heldOutSurfaces() of the best smooth estimator, see trials()

    /// What the camera records of a surface at the trial's exposure, without noise.
    Vector3 records(const Spectrum& reflectance) const;
    /// Mean CIEDE2000 of `toXyzD50`, given what the camera records of each surface at the trial's exposure.
    double error(const std::function<Xyz(const Vector3&)>& toXyzD50) const;
};

/// Five bodies by five lights. The limit is the best of root polynomials of degrees 2 and 3 (by two
/// objectives) trained on 1,500 generated surfaces that the camera reads without noise.
std::vector<Trial> trials();

}  // namespace refero::test
