// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <span>
#include <vector>

#include "core/colour/lab.h"

namespace refero::detail {

/// How a picture moves colours in CIELAB, told from patches: a Gaussian process (after Rasmussen and
/// Williams, Gaussian Processes for Machine Learning, 2006, equations 2.23, 2.25 and 2.30). What is likely
/// beforehand is what makers do: chroma made stronger by a share, by hue and by lightness; hues turned, near
/// ones alike; colours of a hue made lighter; and, of all else, a little, near colours alike. A grey is not
/// moved.
class LookField {
  public:
    /// Two or more places. `steps` are differences in L*, a* and b*; `doubt` is how little each counts, 1 as
    /// a rule.
    static LookField fitted(std::span<const Lab> places, std::span<const Vector3> steps,
                            std::span<const double> doubt);

    /// How likely the steps are by what is likely beforehand: the logarithm of the marginal likelihood
    /// (equation 2.30) but for a constant of their number.
    double evidence() const { return evidence_; }
    /// The step there, in L*, a* and b*.
    Vector3 operator()(const Lab& place) const;

  private:
    struct Place {
        Vector3 lab;                ///< L*, a*, b*
        double chroma = 0;          ///< C*ab
        Vector3 towards, around;    ///< unit vectors of more chroma and of more hue
        double lights = 0;          ///< lightness from 60 on, in steps of 40
        double strong = 0;          ///< chroma from 30 on, in steps of 30
        double share = 0, own = 0;  ///< of a step in lightness, and of one of any kind, that it may take
    };
    /// What a place pulls with, along each kind of step.
    struct Pull {
        double towards = 0, around = 0, lighter = 0;
        Vector3 any = Vector3::Zero();
    };
    static Place placeOf(const Lab& lab);
    static Matrix3 covariance(const Place& a, const Place& b);
    static Matrix3 noise(const Place& place);

    std::vector<Place> places_;
    std::vector<Pull> pulls_;
    Pull sum_, byLights_;  ///< of all pulls, and times how light their places are
    double evidence_ = 0;
    double byChroma_ = 0;  ///< of all pulls towards more chroma, times how strong their places are
};

}  // namespace refero::detail
