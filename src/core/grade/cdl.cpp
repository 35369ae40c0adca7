// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grade/cdl.h"

#include "core/say/say.h"

#include <ceres/ceres.h>

#include <algorithm>
#include <array>
#include <cmath>

namespace refero {
namespace {

constexpr std::array kLuma{0.2126, 0.7152, 0.0722};

// Below this the search sees a straight line instead of the clamp, so that a colour that starts below it can
// be brought back.
constexpr double kFoot = 1e-3;

struct Miss {
    Vector3 from, to;

    template <class T>
    bool operator()(const T* slope, const T* offset, const T* power, const T* saturation, T* out) const {
        using std::pow;
        T v[3], luma(0);
        for (int k = 0; k < 3; ++k) {
            const T x = from(k) * slope[k] + offset[k];
            v[k] = x > T(kFoot) ? pow(x, power[k])
                                : pow(T(kFoot), power[k]) * (T(1) + power[k] * (x / kFoot - 1.0));
            luma += kLuma[static_cast<std::size_t>(k)] * v[k];
        }
        for (int k = 0; k < 3; ++k) out[k] = luma + saturation[0] * (v[k] - luma) - to(k);
        return true;
    }
};

}  // namespace

Vector3 graded(const Vector3& in, const Cdl& c) {
    Vector3 v;
    double luma = 0;
    for (int k = 0; k < 3; ++k) {
        v(k) = std::pow(std::clamp(in(k)*c.slope(k) + c.offset(k), 0.0, 1.0), c.power(k));
        luma += kLuma[static_cast<std::size_t>(k)] * v(k);
    }
    for (int k = 0; k < 3; ++k) v(k) = std::clamp(luma + c.saturation * (v(k) - luma), 0.0, 1.0);
    return v;
}

Result<Cdl> nearestCdl(std::span<const Vector3> from, std::span<const Vector3> to) {
    if (from.size() < 10 || from.size() != to.size())
        return failure(say("A decision list has ten numbers; fewer than ten colours do not tell them."));
    for (std::size_t i = 0; i < from.size(); ++i)
        if (!from[i].allFinite() || !to[i].allFinite())
            return failure(say("A colour for the decision list is no number."));
    Cdl c;
    // From the means, so that the search starts where the picture is about right.
    for (int k = 0; k < 3; ++k) {
        double sumFrom = 0, sumTo = 0;
        for (std::size_t i = 0; i < from.size(); ++i) sumFrom += from[i](k), sumTo += to[i](k);
        c.slope(k) = std::clamp(sumTo / std::max(sumFrom, 1e-6), 0.05, 20.0);
    }
    ceres::Problem problem;
    for (std::size_t i = 0; i < from.size(); ++i)
        problem.AddResidualBlock(
            new ceres::AutoDiffCostFunction<Miss, 3, 3, 3, 3, 1>(new Miss{from[i], to[i]}),
            new ceres::HuberLoss(0.1), c.slope.data(), c.offset.data(), c.power.data(), &c.saturation);
    for (int k = 0; k < 3; ++k) {
        problem.SetParameterLowerBound(c.slope.data(), k, 0.01);
        problem.SetParameterLowerBound(c.power.data(), k, 0.2);
        problem.SetParameterUpperBound(c.power.data(), k, 5);
    }
    problem.SetParameterLowerBound(&c.saturation, 0, 0);
    ceres::Solver::Options o;
    o.linear_solver_type = ceres::DENSE_QR;
    o.max_num_iterations = 200;
    o.logging_type = ceres::SILENT;
    ceres::Solver::Summary summary;
    ceres::Solve(o, &problem, &summary);
    if (!summary.IsSolutionUsable()) return failure(say("No decision list comes near this correction."));
    return c;
}

}  // namespace refero
