// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/sensitivity.h"

#include "core/say/say.h"

#include <tbb/parallel_for.h>

#include <Eigen/Dense>
#include <string>
#include <vector>

namespace refero {
namespace {

constexpr auto kSize = static_cast<Eigen::Index>(Spectrum::size);
constexpr std::size_t kFewest = 8;
// Of curvature against readings that are right within their deviation; set on the virtual bodies.
constexpr double kSmooth = 20, kEnds = 60;
constexpr int kMostRounds = 80;

using Curve = Eigen::Matrix<double, kSize, 1>;
using Square = Eigen::Matrix<double, kSize, kSize>;

Curve curveOf(const Spectrum& s) {
    return Eigen::Map<const Curve>(s.values.data());
}

// Least squares under x >= 0, from the normal equations, by active sets: what turns negative is held at 0,
// and let go again where that would help (after Lawson and Hanson 1974, chapter 23).
// Of `h` the lower half is read.
Curve nonNegative(const Square& h, const Curve& g, const Spectrum* near) {
    std::vector<bool> held(Spectrum::size, false);
    if (near)
        for (std::size_t i = 0; i < Spectrum::size; ++i) held[i] = !((*near)[i] > 0);
    Curve x = Curve::Zero();
    for (int round = 0; round < kMostRounds; ++round) {
        std::vector<Eigen::Index> open;
        for (Eigen::Index i = 0; i < kSize; ++i)
            if (!held[static_cast<std::size_t>(i)]) open.push_back(i);
        const Eigen::VectorXd solved = Eigen::MatrixXd(h(open, open)).llt().solve(Eigen::VectorXd(g(open)));
        x.setZero();
        x(open) = solved;
        bool negative = false;
        for (const Eigen::Index i : open)
            if (x(i) < 0) negative = held[static_cast<std::size_t>(i)] = true;
        if (negative) continue;
        const Curve slope = g - h.selfadjointView<Eigen::Lower>() * x;
        Eigen::Index most = -1;
        for (Eigen::Index i = 0; i < kSize; ++i)
            if (held[static_cast<std::size_t>(i)] && slope(i) > 1e-9 * g.cwiseAbs().maxCoeff() &&
                (most < 0 || slope(i) > slope(most)))
                most = i;
        if (most < 0) break;
        held[static_cast<std::size_t>(most)] = false;
    }
    return x.cwiseMax(0);
}

}  // namespace

Vector3 EffectiveSensitivity::response(const Spectrum& reflectance) const {
    const Curve r = curveOf(reflectance);
    return {curveOf(channels[0]).dot(r), curveOf(channels[1]).dot(r), curveOf(channels[2]).dot(r)};
}

Result<EffectiveSensitivity> estimateSensitivity(std::span<const Spectrum> reflectances,
                                                 std::span<const Vector3> readings,
                                                 std::span<const Vector3> deviations,
                                                 const EffectiveSensitivity* near) {
    if (reflectances.size() < kFewest)
        return failure(
            say("Only %1 patches have a known reflectance; to tell the camera's sensitivities from them "
                "needs %2.",
                std::to_string(reflectances.size()), std::to_string(kFewest)));
    for (std::size_t i = 0; i < readings.size(); ++i)
        if (!readings[i].allFinite() || !(deviations[i].minCoeff() > 0))
            return failure(say("A reading is not a number, so the camera's sensitivities cannot be told."));
    EffectiveSensitivity out;
    tbb::parallel_for(Eigen::Index{0}, Eigen::Index{3}, [&](Eigen::Index channel) {
        Eigen::Matrix<double, kSize, Eigen::Dynamic> seen(kSize,
                                                          static_cast<Eigen::Index>(reflectances.size()));
        Curve g = Curve::Zero();
        for (std::size_t i = 0; i < reflectances.size(); ++i) {
            const Curve r = curveOf(reflectances[i]) / deviations[i](channel);
            seen.col(static_cast<Eigen::Index>(i)) = r;
            g += r * (readings[i](channel) / deviations[i](channel));
        }
        Square h = Square::Zero();
        h.selfadjointView<Eigen::Lower>().rankUpdate(seen);
        for (Eigen::Index i = 0; i + 2 < kSize; ++i) {
            const Eigen::Vector3d bend(1, -2, 1);
            h.block<3, 3>(i, i) += kSmooth * kSmooth * bend * bend.transpose();
        }
        for (const Eigen::Index end : {Eigen::Index{0}, Eigen::Index{1}, kSize - 2, kSize - 1})
            h(end, end) += kEnds * kEnds;
        h.diagonal().array() += 1e-10 * h.trace() / static_cast<double>(kSize);
        const Curve x =
            nonNegative(h, g, near ? &near->channels[static_cast<std::size_t>(channel)] : nullptr);
        for (Eigen::Index i = 0; i < kSize; ++i)
            out.channels[static_cast<std::size_t>(channel)][static_cast<std::size_t>(i)] = x(i);
    });
    return out;
}

}  // namespace refero
