// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/detail/look_field.h"

#include <Eigen/Cholesky>
#include <cmath>

namespace refero::detail {
namespace {

// Standard deviations of what looks do, from trials on eight looks, five bodies and two charts
// (docs/measured.md); they hold within a factor of two about these.
constexpr double kStronger = 0.2;           // of chroma, by a share, all hues alike
constexpr double kStrongerByHue = 0.1;      // the same of one hue
constexpr double kStrongerByLight = 0.1;    // the same from L* 60 to 100
constexpr double kStrongerByChroma = 0.05;  // the same from C* 30 to 60
constexpr double kTurned = 0.03, kTurnedByHue = 0.1, kTurnedByLight = 0.03;  // of hue, radians
constexpr double kLighter = 2;                                               // L*, of one hue
constexpr double kElse = 2;                                                  // of anything, in steps of L*
constexpr double kHueReach = 1;         // radians, within which hues are alike
constexpr double kReach = 30;           // the same of all else, in steps of L*
constexpr double kSeenOtherwise = 1.2;  // CIEDE2000: what the camera itself sees otherwise than the eye

double square(double v) {
    return v * v;
}

// Nothing on the grey axis, half at a chroma of `half`, all of it from some colour on.
double colouredShare(double chroma, double half) {
    return square(chroma) / (square(chroma) + square(half));
}

}  // namespace

LookField::Place LookField::placeOf(const Lab& lab) {
    Place p;
    p.lab = {lab.L, lab.a, lab.b};
    p.chroma = std::hypot(lab.a, lab.b);
    const double c = p.chroma > 0 ? lab.a / p.chroma : 1, s = p.chroma > 0 ? lab.b / p.chroma : 0;
    p.towards = {0, c, s};
    p.around = {0, -s, c};
    p.lights = (lab.L - 60) / 40;
    p.strong = (p.chroma - 30) / 30;
    p.share = colouredShare(p.chroma, 20);
    // Strong colours are moved further.
    p.own = colouredShare(p.chroma, 6) * std::sqrt(1 + 0.02 * p.chroma);
    return p;
}

Matrix3 LookField::covariance(const Place& a, const Place& b) {
    // The square of the chord between two hues is 2 - 2 cos.
    const double hues = std::exp((a.towards.dot(b.towards) - 1) / square(kHueReach));
    const double lights = a.lights * b.lights;
    const double stronger = square(kStronger) + square(kStrongerByHue) * hues +
                            square(kStrongerByLight) * lights +
                            square(kStrongerByChroma) * a.strong * b.strong;
    const double turned = square(kTurned) + square(kTurnedByHue) * hues + square(kTurnedByLight) * lights;
    Matrix3 out = a.chroma * b.chroma *
                  (stronger * a.towards * b.towards.transpose() + turned * a.around * b.around.transpose());
    out(0, 0) += a.share * b.share * square(kLighter) * (0.5 + hues);
    out.diagonal().array() +=
        square(kElse) * a.own * b.own * std::exp(-(a.lab - b.lab).squaredNorm() / (2 * square(kReach)));
    return out;
}

// Along lightness, chroma and hue as CIEDE2000 weighs them.
Matrix3 LookField::noise(const Place& p) {
    Matrix3 out = square(1 + 0.045 * p.chroma) * p.towards * p.towards.transpose() +
                  square(1 + 0.015 * p.chroma) * p.around * p.around.transpose();
    out(0, 0) += 1;
    return square(kSeenOtherwise) * out;
}

LookField LookField::fitted(std::span<const Lab> places, std::span<const Vector3> steps,
                            std::span<const double> doubt) {
    const auto n = static_cast<Eigen::Index>(places.size());
    LookField out;
    for (const Lab& lab : places) out.places_.push_back(placeOf(lab));
    Eigen::MatrixXd all(3 * n, 3 * n);  // its lower half is what is asked for
    Eigen::VectorXd given(3 * n);
    for (Eigen::Index i = 0; i < n; ++i) {
        const auto at = static_cast<std::size_t>(i);
        for (Eigen::Index j = 0; j <= i; ++j)
            all.block<3, 3>(3 * i, 3 * j) =
                covariance(out.places_[at], out.places_[static_cast<std::size_t>(j)]);
        all.block<3, 3>(3 * i, 3 * i) += doubt[at] * noise(out.places_[at]);
        given.segment<3>(3 * i) = steps[at];
    }
    const Eigen::LLT<Eigen::MatrixXd> solver(all);  // reads the lower half
    const Eigen::VectorXd pulls = solver.solve(given);
    out.evidence_ = -0.5 * given.dot(pulls) - solver.matrixLLT().diagonal().array().log().sum();
    for (Eigen::Index i = 0; i < n; ++i) {
        const Place& p = out.places_[static_cast<std::size_t>(i)];
        const Vector3 v = pulls.segment<3>(3 * i);
        const Pull pull{p.chroma * p.towards.dot(v), p.chroma * p.around.dot(v), p.share * v(0), p.own * v};
        out.pulls_.push_back(pull);
        out.sum_.towards += pull.towards;
        out.sum_.around += pull.around;
        out.sum_.lighter += pull.lighter;
        out.byLights_.towards += p.lights * pull.towards;
        out.byLights_.around += p.lights * pull.around;
        out.byChroma_ += p.strong * pull.towards;
    }
    return out;
}

// The sum over all places of covariance times pull, with what does not depend on the place asked for taken
// out.
Vector3 LookField::operator()(const Lab& lab) const {
    const Place here = placeOf(lab);
    double stronger = 0, turned = 0, lighter = 0;
    Vector3 other = Vector3::Zero();
    for (std::size_t i = 0; i < places_.size(); ++i) {
        const Place& p = places_[i];
        const Pull& pull = pulls_[i];
        const double hues = std::exp((here.towards.dot(p.towards) - 1) / square(kHueReach));
        stronger += hues * pull.towards;
        turned += hues * pull.around;
        lighter += hues * pull.lighter;
        other += std::exp(-(here.lab - p.lab).squaredNorm() / (2 * square(kReach))) * pull.any;
    }
    const Pull& all = sum_;
    stronger = square(kStrongerByHue) * stronger + square(kStronger) * all.towards +
               square(kStrongerByLight) * here.lights * byLights_.towards +
               square(kStrongerByChroma) * here.strong * byChroma_;
    turned = square(kTurnedByHue) * turned + square(kTurned) * all.around +
             square(kTurnedByLight) * here.lights * byLights_.around;
    Vector3 out = here.chroma * (stronger * here.towards + turned * here.around);
    out(0) += here.share * square(kLighter) * (lighter + 0.5 * all.lighter);
    return out + square(kElse) * here.own * other;
}

}  // namespace refero::detail
