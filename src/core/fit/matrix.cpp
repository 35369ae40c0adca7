// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/matrix.h"

#include <ceres/ceres.h>

#include <Eigen/Dense>
#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/say/say.h"

namespace refero {
namespace {

// The six free numbers are the red and green columns; blue's follows from matrix * (1,1,1) = white.
Matrix3 assembled(const double* six) {
    const Vector3 white = whiteXyz(white::d50).vector();
    Matrix3 m;
    m.col(0) = Vector3(six[0], six[1], six[2]);
    m.col(1) = Vector3(six[3], six[4], six[5]);
    m.col(2) = white - m.col(0) - m.col(1);
    return m;
}

struct Difference {
    Vector3 rgb;
    Lab reference;
    double scale;

    bool operator()(const double* six, double* residual) const {
        const Lab lab = toLab(Xyz::from(assembled(six) * rgb), white::d50);
        residual[0] = scale * ciede2000(reference, lab);
        return std::isfinite(residual[0]);
    }
};

double weightedMean(const double* six, std::span<const Vector3> rgb, std::span<const Lab> reference,
                    std::span<const double> weights) {
    const Matrix3 m = assembled(six);
    double sum = 0, all = 0;
    for (std::size_t i = 0; i < rgb.size(); ++i) {
        sum += weights[i] * ciede2000(reference[i], toLab(Xyz::from(m * rgb[i]), white::d50));
        all += weights[i];
    }
    return sum / all;
}

}  // namespace

Result<Matrix3> leastSquaresMatrix(std::span<const Vector3> rgb, std::span<const Xyz> reference,
                                   std::span<const double> weights) {
    const auto n = static_cast<Eigen::Index>(rgb.size());
    const Vector3 white = whiteXyz(white::d50).vector();
    // With blue's column eliminated: (r - b) c0 + (g - b) c1 = xyz - b * white.
    Eigen::MatrixX2d a(n, 2);
    Eigen::MatrixX3d b(n, 3);
    for (Eigen::Index i = 0; i < n; ++i) {
        const Vector3& v = rgb[static_cast<std::size_t>(i)];
        const Vector3 xyz = reference[static_cast<std::size_t>(i)].vector();
        const double w = std::sqrt(weights[static_cast<std::size_t>(i)]) / (xyz.y() + 0.1);
        a.row(i) << w * (v.x() - v.z()), w * (v.y() - v.z());
        b.row(i) = w * (xyz - v.z() * white);
    }
    const Eigen::JacobiSVD<Eigen::MatrixX2d> svd(a);
    if (n < 2 || !(svd.singularValues()(1) > 1e-4 * svd.singularValues()(0)) ||
        !(svd.singularValues()(1) > 1e-6))
        return failure(
            say("The patches are all of one hue, so a matrix cannot be told from them. Use a chart with "
                "several hues, or the balance model."));
    const Eigen::MatrixXd x = a.colPivHouseholderQr().solve(b);
    Matrix3 m;
    m.col(0) = x.row(0).transpose();
    m.col(1) = x.row(1).transpose();
    m.col(2) = white - m.col(0) - m.col(1);
    return m;
}

Result<MatrixFit> fitMatrix(std::span<const Vector3> rgb, std::span<const Xyz> referenceXyz,
                            std::span<const double> weights) {
    const auto start = leastSquaresMatrix(rgb, referenceXyz, weights);
    if (!start) return tl::unexpected(start.error());
    std::vector<Lab> reference;
    for (const Xyz& xyz : referenceXyz) reference.push_back(toLab(xyz, white::d50));

    std::array<double, 6> six;
    for (int i = 0; i < 6; ++i) six[static_cast<std::size_t>(i)] = (*start)(i % 3, i / 3);
    const std::array<double, 6> linear = six;
    const double linearMean = weightedMean(six.data(), rgb, reference, weights);
    // Soft-L1 with a shrinking knee leads from the smooth problem to the plain mean, whose cusps stop a
    // Newton method.
    for (const double knee : {2.0, 0.3}) {
        ceres::Problem problem;
        for (std::size_t i = 0; i < rgb.size(); ++i) {
            auto* cost = new ceres::NumericDiffCostFunction<Difference, ceres::CENTRAL, 1, 6>(
                new Difference{rgb[i], reference[i], 1.0});
            problem.AddResidualBlock(
                cost, new ceres::ScaledLoss(new ceres::SoftLOneLoss(knee), weights[i], ceres::TAKE_OWNERSHIP),
                six.data());
        }
        ceres::Solver::Options options;
        options.linear_solver_type = ceres::DENSE_QR;
        options.max_num_iterations = 60;
        options.function_tolerance = 1e-7;
        options.logging_type = ceres::SILENT;
        options.num_threads = 1;
        ceres::Solver::Summary summary;
        ceres::Solve(options, &problem, &summary);
    }
    MatrixFit fit{assembled(six.data()), weightedMean(six.data(), rgb, reference, weights)};
    if (!fit.matrix.allFinite() || fit.mean > linearMean) fit = {assembled(linear.data()), linearMean};
    return fit;
}

}  // namespace refero
