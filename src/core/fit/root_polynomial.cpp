// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/root_polynomial.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <string>

#include "core/colour/lab.h"

namespace refero {
namespace {

// The term whose coefficient follows from white: blue itself.
constexpr int kDependent = 2;

}  // namespace

int RootPolynomial::termCount(int degree) {
    return degree == 1 ? 3 : degree == 2 ? 6 : 13;
}

RootPolynomial::Terms RootPolynomial::terms(const Vector3& rgb, int degree) {
    Terms t(termCount(degree));
    t.head<3>() = rgb;
    if (degree == 1) return t;
    const double r = std::max(rgb.x(), 0.0), g = std::max(rgb.y(), 0.0), b = std::max(rgb.z(), 0.0);
    t.segment<3>(3) << std::sqrt(r * g), std::sqrt(g * b), std::sqrt(r * b);
    if (degree == 2) return t;
    t.segment<7>(6) << std::cbrt(r * g * g), std::cbrt(g * b * b), std::cbrt(r * b * b), std::cbrt(g * r * r),
        std::cbrt(b * g * g), std::cbrt(b * r * r), std::cbrt(r * g * b);
    return t;
}

Result<RootPolynomial> fitRootPolynomial(int degree, std::span<const Vector3> rgb,
                                         std::span<const Xyz> reference, std::span<const double> weights,
                                         double ridge) {
    if (degree < 1 || degree > 3)
        return failure("A root polynomial has degree 1, 2 or 3, not " + std::to_string(degree) + ".");
    const int n = RootPolynomial::termCount(degree);
    if (std::ssize(rgb) < n)
        return failure("Only " + std::to_string(rgb.size()) +
                       " colours are usable; a root polynomial of degree " + std::to_string(degree) +
                       " needs " + std::to_string(n) + ".");
    const Vector3 white = whiteXyz(white::d50).vector();
    // Each term less the dependent one: of a grey all are 0, so that no choice of coefficients moves it.
    Eigen::MatrixXd power = Eigen::MatrixXd::Zero(n - 1, n - 1);
    Eigen::MatrixXd product = Eigen::MatrixXd::Zero(n - 1, 3);
    for (std::size_t i = 0; i < rgb.size(); ++i) {
        const RootPolynomial::Terms t = RootPolynomial::terms(rgb[i], degree);
        Eigen::VectorXd apart(n - 1);
        for (int k = 0, to = 0; k < n; ++k)
            if (k != kDependent) apart(to++) = t(k) - t(kDependent);
        const Vector3 rest = reference[i].vector() - t(kDependent) * white;
        power += weights[i] * apart * apart.transpose();
        product += weights[i] * apart * rest.transpose();
    }
    const double mean = power.trace() / (n - 1);
    // The matrix part is only held where the colours leave it open.
    for (int k = 0; k < n - 1; ++k) power(k, k) += (k < 2 ? 1e-10 : ridge) * mean;
    const Eigen::LDLT<Eigen::MatrixXd> solver(power);
    if (!(mean > 0) || solver.info() != Eigen::Success || !(solver.rcond() > 1e-13))
        return failure(
            "The colours are too much alike to tell a root polynomial from them. Use a chart with more hues, "
            "a matrix, or the balance model.");
    const Eigen::MatrixXd x = solver.solve(product);
    if (!x.allFinite()) return failure("The root polynomial could not be solved for these colours.");
    RootPolynomial::Coefficients c(3, n);
    Vector3 left = white;
    for (int k = 0, from = 0; k < n; ++k) {
        if (k == kDependent) continue;
        c.col(k) = x.row(from++).transpose();
        left -= c.col(k);
    }
    c.col(kDependent) = left;
    return RootPolynomial(degree, std::move(c));
}

}  // namespace refero
