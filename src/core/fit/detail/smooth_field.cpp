// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/detail/smooth_field.h"

#include <Eigen/Cholesky>
#include <cmath>
#include <limits>

namespace refero::detail {
namespace {

double kernel(const Vector3& a, const Vector3& b, double width) {
    return std::exp(-(a - b).squaredNorm() / (2 * width * width));
}

}  // namespace

std::optional<SmoothField> SmoothField::fitted(std::vector<Vector3> places, std::span<const Vector3> steps,
                                               std::span<const double> doubt, const Choices& choices) {
    const auto n = static_cast<Eigen::Index>(places.size());
    if (n < 3) return {};
    const auto at = [](Eigen::Index i) { return static_cast<std::size_t>(i); };
    Eigen::MatrixX3d given(n, 3);
    Eigen::VectorXd trust(n), share(n);
    for (Eigen::Index i = 0; i < n; ++i) {
        given.row(i) = steps[at(i)];
        trust(i) = 1 / doubt[at(i)];
        share(i) = choices.share(places[at(i)]);
    }
    const double all = trust.sum();
    const auto rms = [&](const Eigen::MatrixX3d& wrong) {
        return std::sqrt((trust.asDiagonal() * wrong.cwiseAbs2()).sum() / all);
    };
    SmoothField best;
    best.given_ = rms(given);
    best.foretold_ = std::numeric_limits<double>::infinity();
    for (const double width : choices.widths) {
        Eigen::MatrixXd k(n, n);
        for (Eigen::Index i = 0; i < n; ++i)
            for (Eigen::Index j = 0; j <= i; ++j)
                k(i, j) = k(j, i) = share(i) * share(j) * kernel(places[at(i)], places[at(j)], width);
        for (const double ridge : choices.ridges) {
            Eigen::MatrixXd power = k;
            power.diagonal() += ridge * trust.cwiseInverse();
            const Eigen::LLT<Eigen::MatrixXd> solver(power);
            if (solver.info() != Eigen::Success) continue;
            const Eigen::MatrixXd inverse = solver.solve(Eigen::MatrixXd::Identity(n, n));
            const Eigen::MatrixX3d pull = inverse * given;
            const double foretold = rms(inverse.diagonal().cwiseInverse().asDiagonal() * pull);
            if (!(foretold < best.foretold_)) continue;
            best.foretold_ = foretold;
            best.width_ = width;
            best.pull_ = share.asDiagonal() * pull;
        }
    }
    // Hardly better than nothing is nothing: many widths were tried.
    if (!(best.foretold_ < 0.98 * best.given_)) return {};
    best.places_ = std::move(places);
    best.share_ = choices.share;
    return best;
}

Vector3 SmoothField::operator()(const Vector3& place) const {
    const double own = share_(place);
    Vector3 out = Vector3::Zero();
    if (own == 0) return out;
    for (std::size_t i = 0; i < places_.size(); ++i)
        out += kernel(place, places_[i], width_) * pull_.row(static_cast<Eigen::Index>(i)).transpose();
    return own * out;
}

}  // namespace refero::detail
