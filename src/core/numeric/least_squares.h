// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <optional>

namespace refero::numeric {

/// Weighted linear least squares with N unknowns and M right-hand sides, by the normal equations
/// (sum of w r r^T) x = (sum of w r v^T), solved by LDL^T (Golub and Van Loan 2013, sections 4.1 and 5.3).
/// For a few unknowns whose rows are of like size; the solver is compiled once, for the sizes below.
template <int N, int M = 1>
class NormalEquations {
  public:
    using Row = Eigen::Matrix<double, N, 1>;
    using Power = Eigen::Matrix<double, N, N>;
    using Solution = Eigen::Matrix<double, N, M>;

    /// One observation. `values` has M numbers; `weight` is 0 or more.
    void add(const Row& row, const Eigen::Matrix<double, M, 1>& values, double weight = 1) {
        power_.noalias() += weight * row * row.transpose();
        product_.noalias() += weight * row * values.transpose();
    }
    /// The same number for each right-hand side.
    void add(const Row& row, double value, double weight = 1) {
        add(row, Eigen::Matrix<double, M, 1>::Constant(value).eval(), weight);
    }
    /// Pulls one unknown, or all, towards 0: adds to the diagonal.
    void pull(int unknown, double amount) { power_(unknown, unknown) += amount; }
    void pullAll(double amount) { power_.diagonal().array() += amount; }

    const Power& power() const { return power_; }
    Power& power() { return power_; }

    /// Not finite where the rows leave an unknown open.
    Solution solve() const;
    /// Nothing where the smallest pivot is not above `least` of the largest.
    std::optional<Solution> solveWell(double least) const;

  private:
    Power power_ = Power::Zero();
    Solution product_ = Solution::Zero();
};

extern template class NormalEquations<3, 1>;
extern template class NormalEquations<3, 2>;
extern template class NormalEquations<3, 3>;
extern template class NormalEquations<4, 1>;
extern template class NormalEquations<6, 1>;
extern template class NormalEquations<7, 3>;
extern template class NormalEquations<8, 1>;
extern template class NormalEquations<12, 1>;

/// The same for any number of unknowns: solves power x = product, both symmetric in their making. Nothing
/// where the reciprocal condition number is not above `least`, or the solution is not finite.
std::optional<Eigen::MatrixXd> solvedSymmetric(const Eigen::MatrixXd& power, const Eigen::MatrixXd& product,
                                               double least);

/// The eigenvalues of a symmetric matrix, rising, and the eigenvector of the smallest, of length 1.
struct SmallestEigenvector {
    Eigen::VectorXd values, vector;
};
SmallestEigenvector smallestEigenvector(const Eigen::MatrixXd& symmetric);

}  // namespace refero::numeric
