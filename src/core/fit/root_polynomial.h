// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <span>

#include "core/colour/xyz.h"
#include "core/result.h"

namespace refero {

/// Balanced, levelled camera RGB to XYZ (D50) by roots of products of its channels, all of the first degree:
/// scaling the exposure scales the result (Finlayson, Mackiewicz and Hurlbert 2015, "Color correction using
/// root-polynomial regression"). Degree 1 is a matrix.
class RootPolynomial {
  public:
    static constexpr int kMostTerms = 13;
    using Terms = Eigen::Matrix<double, Eigen::Dynamic, 1, 0, kMostTerms, 1>;
    using Coefficients = Eigen::Matrix<double, 3, Eigen::Dynamic, 0, 3, kMostTerms>;

    /// 3, 6 or 13 for degrees 1 to 3.
    static int termCount(int degree);
    /// r, g, b; then the roots of rg, gb, rb; then the cube roots of rgg, gbb, rbb, grr, bgg, brr, rgb. Under
    /// the roots, what is below 0 counts as 0. Of a grey, every term is its level.
    static Terms terms(const Vector3& rgb, int degree);

    /// One column a term.
    RootPolynomial(int degree, Coefficients coefficients)
        : degree_(degree), coefficients_(std::move(coefficients)) {}
    explicit RootPolynomial(const Matrix3& matrix) : degree_(1), coefficients_(matrix) {}

    int degree() const { return degree_; }
    const Coefficients& coefficients() const { return coefficients_; }
    Vector3 operator()(const Vector3& rgb) const { return coefficients_ * terms(rgb, degree_); }
    /// How the result changes with r, g and b there. A root has no slope at 0: channels below 1e-5 of the
    /// strongest count as that.
    Matrix3 slope(const Vector3& rgb) const;

  private:
    int degree_;
    Coefficients coefficients_;
};

/// Weighted least squares of that degree which keeps white, and with it every grey: the coefficients of each
/// row sum to D50's white. `ridge` draws the roots towards none, as a share of the terms' mean power. Errors:
/// a degree that is not 1 to 3, fewer colours than terms, colours that do not tell the terms apart.
Result<RootPolynomial> fitRootPolynomial(int degree, std::span<const Vector3> rgb,
                                         std::span<const Xyz> referenceXyzD50,
                                         std::span<const double> weights, double ridge = 1e-6);

/// The same where an error e in X, Y and Z counts as e' M e, M being that colour's own: its weight times the
/// metric of a difference formula there.
Result<RootPolynomial> fitRootPolynomial(int degree, std::span<const Vector3> rgb,
                                         std::span<const Xyz> referenceXyzD50,
                                         std::span<const Matrix3> metrics, double ridge = 1e-6);

}  // namespace refero
