// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/numeric/least_squares.h"

#include <Eigen/Cholesky>
#include <Eigen/Eigenvalues>

namespace refero::numeric {

template <int N, int M>
typename NormalEquations<N, M>::Solution NormalEquations<N, M>::solve() const {
    return power_.ldlt().solve(product_);
}

template <int N, int M>
std::optional<typename NormalEquations<N, M>::Solution> NormalEquations<N, M>::solveWell(double least) const {
    const Eigen::LDLT<Power> solver(power_);
    const auto pivots = solver.vectorD();
    if (!(pivots.minCoeff() > least * pivots.maxCoeff())) return {};
    return Solution(solver.solve(product_));
}

template class NormalEquations<3, 1>;
template class NormalEquations<3, 2>;
template class NormalEquations<3, 3>;
template class NormalEquations<4, 1>;
template class NormalEquations<6, 1>;
template class NormalEquations<7, 3>;
template class NormalEquations<8, 1>;
template class NormalEquations<12, 1>;

std::optional<Eigen::MatrixXd> solvedSymmetric(const Eigen::MatrixXd& power, const Eigen::MatrixXd& product,
                                               double least) {
    const Eigen::LDLT<Eigen::MatrixXd> solver(power);
    // An exact 0 among the pivots is passed over by the solver, and its condition number with it.
    if (solver.info() != Eigen::Success || !(solver.vectorD().minCoeff() > 0) || !(solver.rcond() > least))
        return {};
    Eigen::MatrixXd x = solver.solve(product);
    if (!x.allFinite()) return {};
    return x;
}

SmallestEigenvector smallestEigenvector(const Eigen::MatrixXd& symmetric) {
    const Eigen::SelfAdjointEigenSolver<Eigen::MatrixXd> solver(symmetric);
    return {solver.eigenvalues(), solver.eigenvectors().col(0)};
}

}  // namespace refero::numeric
