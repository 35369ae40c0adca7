// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <Eigen/QR>
#include <cmath>
#include <limits>
#include <numbers>
#include <random>

#include "core/numeric/least_at.h"
#include "core/numeric/least_squares.h"
#include "core/numeric/statistics.h"
#include "core/numeric/straight_line.h"

namespace refero::numeric {
namespace {

// Anscombe (1973), first data set: y = 3.0001 + 0.5001 x, as printed to four digits.
TEST(NormalEquations, FitAPublishedLine) {
    const double x[] = {10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5};
    const double y[] = {8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68};
    NormalEquations<3> equations;
    for (int i = 0; i < 11; ++i) equations.add({1, x[i], 0}, y[i]);
    equations.pull(2, 1);  // nothing tells it
    const Eigen::Vector3d line = equations.solve();
    EXPECT_NEAR(line(0), 3.0001, 5e-5);
    EXPECT_NEAR(line(1), 0.5001, 5e-5);
    EXPECT_EQ(line(2), 0);
}

// Against Householder's QR of the weighted rows, which goes another way.
TEST(NormalEquations, AgreeWithAnotherDecomposition) {
    std::mt19937 engine(3);
    std::normal_distribution<double> normal;
    Eigen::MatrixXd a(40, 8);
    Eigen::VectorXd b(40);
    NormalEquations<8> equations;
    for (int i = 0; i < 40; ++i) {
        const double w = 0.5 + (i % 3);
        Eigen::Matrix<double, 8, 1> row;
        for (int k = 0; k < 8; ++k) row(k) = normal(engine);
        const double value = normal(engine);
        a.row(i) = std::sqrt(w) * row.transpose();
        b(i) = std::sqrt(w) * value;
        equations.add(row, value, w);
    }
    const Eigen::VectorXd expected = a.householderQr().solve(b);
    EXPECT_LT((equations.solve() - expected).norm(), 1e-12 * 1e2);
    ASSERT_TRUE(equations.solveWell(1e-6));
}

TEST(NormalEquations, SayThatAnUnknownIsOpen) {
    NormalEquations<3> equations;
    for (int i = 0; i < 5; ++i) equations.add({1.0, double(i), 2.0 * i}, i);
    EXPECT_FALSE(equations.solveWell(1e-9)) << "the third is twice the second";
    Eigen::MatrixXd singular = Eigen::MatrixXd::Ones(2, 2);
    EXPECT_FALSE(solvedSymmetric(singular, Eigen::MatrixXd::Ones(2, 1), 1e-12));
    singular(0, 0) = std::numeric_limits<double>::quiet_NaN();
    EXPECT_FALSE(solvedSymmetric(singular, Eigen::MatrixXd::Ones(2, 1), 1e-12));
}

TEST(Eigenvectors, OfTheSmallestValueComeWithAllValues) {
    Eigen::Matrix2d m;
    m << 2, 1, 1, 2;  // eigenvalues 1 and 3, of (1, -1) and (1, 1)
    const auto e = smallestEigenvector(m);
    EXPECT_NEAR(e.values(0), 1, 1e-14);
    EXPECT_NEAR(e.values(1), 3, 1e-14);
    EXPECT_NEAR(std::abs(e.vector(0) + e.vector(1)), 0, 1e-14);
}

TEST(Median, IsTheUpperMiddle) {
    EXPECT_EQ(medianOf(std::vector{5.0, 1.0, 9.0}), 5);
    EXPECT_EQ(medianOf(std::vector{4.0f, 1.0f, 3.0f, 2.0f}), 3.0f);
    EXPECT_EQ(medianOf(std::vector<double>{}), 0);
}

// The quartile of the standard normal is at 0.6745 deviations.
TEST(Median, DeviationFollowsFromTheNormalsQuartile) {
    EXPECT_NEAR(std::erf(1 / kMadToDeviation / std::sqrt(2.0)), 0.5, 1e-5);
}

TEST(StraightLine, GoesThroughPointsAndWeighsThem) {
    StraightLine line;
    for (const double x : {1.0, 2.0, 5.0}) line.add(x, 3 - 0.5 * x);
    line.add(4, 100, 0);  // counts nothing
    const auto fitted = line.fitted(1e-9);
    ASSERT_TRUE(fitted);
    EXPECT_NEAR(fitted->offset, 3, 1e-12);
    EXPECT_NEAR(fitted->slope, -0.5, 1e-12);
    EXPECT_NEAR(line.offset(0), (2.5 + 2 + 0.5) / 3, 1e-12) << "the mean";
    StraightLine level;
    level.add(2, 1);
    level.add(2, 5);
    EXPECT_FALSE(level.fitted(1e-9)) << "one place tells no slope";
    EXPECT_FALSE(StraightLine().fitted(1e-9));
}

TEST(LeastAt, FindsTheValleyWithFewPoints) {
    int asked = 0;
    const auto count = [&](auto f) {
        return [&asked, f](double x) {
            ++asked;
            return f(x);
        };
    };
    EXPECT_NEAR(leastAt(2.0, 4.0, count([](double x) { return std::cos(x); })), std::numbers::pi, 1e-7);
    EXPECT_LT(asked, 20) << "golden section takes 40 to come as near";
    EXPECT_NEAR(leastAt(0.1, 9.0, [](double x) { return x - 2 * std::log(x); }), 2, 1e-6);
    // At an end, where nothing turns.
    EXPECT_NEAR(leastAt(1.0, 3.0, [](double x) { return x; }), 1, 1e-6);
}

}  // namespace
}  // namespace refero::numeric
