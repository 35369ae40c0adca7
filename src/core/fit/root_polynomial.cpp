// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/root_polynomial.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <string>

#include "core/colour/lab.h"
#include "core/numeric/least_squares.h"
#include "core/say/say.h"

namespace refero {
namespace {

// The term whose coefficient follows from white: blue itself.
constexpr int kDependent = 2;

Status enough(int degree, std::size_t colours) {
    if (degree < 1 || degree > 3)
        return failure(say("A root polynomial has degree 1, 2 or 3, not %1.", std::to_string(degree)));
    const int n = RootPolynomial::termCount(degree);
    if (static_cast<int>(colours) < n)
        return failure(say("Only %1 colours are usable; a root polynomial of degree %2 needs %3.",
                           std::to_string(colours), std::to_string(degree), std::to_string(n)));
    return {};
}

// Each term less the dependent one: of a grey all are 0, so that no choice of coefficients moves it.
using FreeTerms = Eigen::Matrix<double, Eigen::Dynamic, 1, 0, RootPolynomial::kMostTerms - 1>;
FreeTerms apart(const RootPolynomial::Terms& t) {
    FreeTerms out(t.size() - 1);
    out << t(0) - t(kDependent), t(1) - t(kDependent), t.tail(t.size() - 3).array() - t(kDependent);
    return out;
}

// What is left of a colour once the dependent term has made its grey.
Vector3 rest(const Xyz& reference, const RootPolynomial::Terms& t) {
    return reference.vector() - t(kDependent) * whiteXyz(white::d50).vector();
}

// Of the normal equations: where it is less, rounding alone makes the solution.
constexpr double kLeastCondition = 1e-13;

// Solves the normal equations, `unknowns` of which belong to each free term, with a ridge on the roots; the
// matrix part is only held where the colours leave it open.
Result<Eigen::MatrixXd> solved(Eigen::MatrixXd power, const Eigen::MatrixXd& product, int unknowns,
                               double ridge) {
    const double mean = power.trace() / static_cast<double>(power.rows());
    for (Eigen::Index k = 0; k < power.rows(); ++k) power(k, k) += (k < 2 * unknowns ? 1e-10 : ridge) * mean;
    const auto x = mean > 0 ? numeric::solvedSymmetric(power, product, kLeastCondition) : std::nullopt;
    if (!x)
        return failure(
            say("The colours are too much alike to tell a root polynomial from them. Use a chart with more "
                "hues, a matrix, or the balance model."));
    return *x;
}

// From the free terms' columns, the dependent one's following from white.
RootPolynomial keepingWhite(int degree, const Eigen::Matrix3Xd& free) {
    RootPolynomial::Coefficients c(3, free.cols() + 1);
    c << free.leftCols(2), whiteXyz(white::d50).vector() - free.rowwise().sum(),
        free.rightCols(free.cols() - 2);
    return {degree, std::move(c)};
}

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

Matrix3 RootPolynomial::slope(const Vector3& rgb) const {
    Eigen::Matrix<double, Eigen::Dynamic, 3, 0, kMostTerms, 3> d(termCount(degree_), 3);
    d.setZero();
    d.topRows<3>().setIdentity();
    if (degree_ > 1) {
        const Vector3 v = rgb.cwiseMax(1e-5 * std::max(rgb.maxCoeff(), 1e-9));
        const Terms t = terms(v, degree_);
        // The power of each channel under a term's root.
        constexpr int kSquare[3][3] = {{1, 1, 0}, {0, 1, 1}, {1, 0, 1}};
        constexpr int kCube[7][3] = {{1, 2, 0}, {0, 1, 2}, {1, 0, 2}, {2, 1, 0},
                                     {0, 2, 1}, {2, 0, 1}, {1, 1, 1}};
        for (int k = 3; k < t.size(); ++k)
            for (int c = 0; c < 3; ++c)
                d(k, c) = t(k) / v(c) * (k < 6 ? kSquare[k - 3][c] / 2.0 : kCube[k - 6][c] / 3.0);
    }
    return coefficients_ * d;
}

Result<RootPolynomial> fitRootPolynomial(int degree, std::span<const Vector3> rgb,
                                         std::span<const Xyz> reference, std::span<const double> weights,
                                         double ridge) {
    if (auto ok = enough(degree, rgb.size()); !ok) return tl::unexpected(ok.error());
    const int free = RootPolynomial::termCount(degree) - 1;
    Eigen::MatrixXd power = Eigen::MatrixXd::Zero(free, free);
    Eigen::MatrixXd product = Eigen::MatrixXd::Zero(free, 3);
    for (std::size_t i = 0; i < rgb.size(); ++i) {
        const RootPolynomial::Terms t = RootPolynomial::terms(rgb[i], degree);
        const FreeTerms a = apart(t);
        power.noalias() += weights[i] * a * a.transpose();
        product.noalias() += weights[i] * a * rest(reference[i], t).transpose();
    }
    return solved(std::move(power), product, 1, ridge).map([&](const Eigen::MatrixXd& x) {
        return keepingWhite(degree, x.transpose());
    });
}

Result<RootPolynomial> fitRootPolynomial(int degree, std::span<const Vector3> rgb,
                                         std::span<const Xyz> reference, std::span<const Matrix3> metrics,
                                         double ridge) {
    if (auto ok = enough(degree, rgb.size()); !ok) return tl::unexpected(ok.error());
    const int free = RootPolynomial::termCount(degree) - 1;
    // Three unknowns a term, since the metrics tie X, Y and Z together.
    Eigen::MatrixXd power = Eigen::MatrixXd::Zero(3 * free, 3 * free);
    Eigen::VectorXd product = Eigen::VectorXd::Zero(3 * free);
    for (std::size_t i = 0; i < rgb.size(); ++i) {
        const RootPolynomial::Terms t = RootPolynomial::terms(rgb[i], degree);
        const FreeTerms a = apart(t);
        const Vector3 pull = metrics[i] * rest(reference[i], t);
        for (int k = 0; k < free; ++k) {
            product.segment<3>(3 * k) += a(k) * pull;
            for (int j = 0; j <= k; ++j) power.block<3, 3>(3 * k, 3 * j) += a(k) * a(j) * metrics[i];
        }
    }
    power = Eigen::MatrixXd(power.selfadjointView<Eigen::Lower>());
    return solved(std::move(power), product, 3, ridge).map([&](const Eigen::MatrixXd& x) {
        return keepingWhite(degree, Eigen::Map<const Eigen::Matrix3Xd>(x.data(), 3, free));
    });
}

}  // namespace refero
