// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <span>
#include <vector>

#include "core/fit/sensitivity.h"

namespace refero {

/// Colours that no chart shows: generated reflectances with what they are under a reference light, and what a
/// camera would read of them.
class TrainingSet {
  public:
    /// `light` is the one under which the reference colours are taken.
    explicit TrainingSet(const Spectrum& light);
    /// The same surfaces towards other colours, one each: XYZ (D50).
    explicit TrainingSet(std::vector<Xyz> reference);

    std::size_t size() const { return reference_.size(); }
    /// XYZ (D50, adapted as a chart's references are).
    std::span<const Xyz> reference() const { return reference_; }
    /// CIEDE2000 near each reference, of steps in X, Y and Z.
    std::span<const Matrix3> metrics() const { return metrics_; }
    /// What reads through the given sensitivities, in their unit.
    std::vector<Vector3> seenBy(const EffectiveSensitivity& sensitivity) const {
        return surfacesSeenBy(sensitivity);
    }
    static std::vector<Vector3> surfacesSeenBy(const EffectiveSensitivity& sensitivity);

  private:
    std::vector<Xyz> reference_;
    std::vector<Matrix3> metrics_;
};

/// CIEDE2000's metric there, of steps in X, Y and Z relative to D50.
Matrix3 xyzMetric(const Xyz& referenceXyzD50);

}  // namespace refero
