// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <optional>
#include <span>
#include <vector>

#include "core/colour/xyz.h"

namespace refero::detail {

/// A smooth function from places to steps that comes back to 0 away from where it was told anything: kernel
/// ridge regression with a Gaussian of a width, drawn towards 0 by a ridge.
class SmoothField {
  public:
    /// Of a place: how much of a step it may take, 0 to 1.
    using Share = double (*)(const Vector3& place);
    struct Choices {
        std::vector<double> widths;  ///< in the places' unit
        std::vector<double> ridges;  ///< against a prior variance of 1
        Share share;
    };

    /// Width and ridge are those that foretell each step best from the others (leave-one-out, in closed
    /// form). `doubt` is how little each counts, 1 as a rule. Nothing where no step at all foretells as well.
    static std::optional<SmoothField> fitted(std::vector<Vector3> places, std::span<const Vector3> steps,
                                             std::span<const double> doubt, const Choices& choices);

    Vector3 operator()(const Vector3& place) const;
    /// Root mean square of what is foretold wrong, and of the steps themselves.
    double foretold() const { return foretold_; }
    double given() const { return given_; }

  private:
    std::vector<Vector3> places_;
    Eigen::MatrixX3d pull_;
    Share share_ = nullptr;
    double width_ = 1, foretold_ = 0, given_ = 0;
};

}  // namespace refero::detail
