// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/spectra/smooth_reflectance.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

#include "core/colour/lab.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"

namespace refero {
namespace {

constexpr int kN = static_cast<int>(Spectrum::size);
using Curve = Eigen::Matrix<double, kN, 1>;

Spectrum reflect(const Curve& logit) {
    Spectrum s;
    for (int i = 0; i < kN; ++i) s[static_cast<std::size_t>(i)] = 1 / (1 + std::exp(-logit(i)));
    return s;
}

// Rows: XYZ of a unit reflectance at each wavelength, under D50.
const Eigen::Matrix<double, 3, kN>& weights() {
    static const Eigen::Matrix<double, 3, kN> w = [] {
        const Spectrum d50 = *illuminantByName("d50");
        Eigen::Matrix<double, 3, kN> m;
        for (int i = 0; i < kN; ++i) {
            Spectrum unit;
            unit[static_cast<std::size_t>(i)] = 1;
            m.col(i) = reflectedXyz(unit, d50).vector();
        }
        return m;
    }();
    return w;
}

Vector3 labOf(const Curve& logit) {
    const Spectrum r = reflect(logit);
    const Lab lab = toLab(Xyz::from(weights() * Eigen::Map<const Curve>(r.values.data())), white::d50);
    return {lab.L, lab.a, lab.b};
}

const Eigen::LDLT<Eigen::MatrixXd>& curvatureSolver() {
    static const Eigen::LDLT<Eigen::MatrixXd> solver = [] {
        Eigen::MatrixXd d2 = Eigen::MatrixXd::Zero(kN - 2, kN);
        for (int i = 0; i < kN - 2; ++i) d2.block<1, 3>(i, i) << 1, -2, 1;
        const Eigen::MatrixXd cost = d2.transpose() * d2 * 400 + 0.003 * Eigen::MatrixXd::Identity(kN, kN);
        return Eigen::LDLT<Eigen::MatrixXd>(cost);
    }();
    return solver;
}

}  // namespace

Spectrum bentTo(const Lab& target, const Spectrum& start) {
    Curve z;
    for (int i = 0; i < kN; ++i) {
        const double r = std::clamp(start[static_cast<std::size_t>(i)], 0.002, 0.995);
        z(i) = std::log(r / (1 - r));
    }
    const Vector3 wanted(target.L, target.a, target.b);
    for (int step = 0; step < 80; ++step) {
        const Vector3 now = labOf(z), error = wanted - now;
        if (error.norm() < 1e-6) break;
        Eigen::MatrixXd jacobian(3, kN);
        for (int i = 0; i < kN; ++i) {
            Curve moved = z;
            moved(i) += 1e-5;
            jacobian.col(i) = (labOf(moved) - now) / 1e-5;
        }
        const Eigen::MatrixXd direction = curvatureSolver().solve(jacobian.transpose());
        const Vector3 lambda = (jacobian * direction).ldlt().solve(error);
        z += direction * lambda * std::min(1.0, 12 / error.norm());
    }
    return reflect(z);
}

Spectrum smoothReflectance(const Lab& target) {
    Spectrum flat;
    flat.values.fill(toXyz(target).y);
    return bentTo(target, flat);
}

}  // namespace refero
