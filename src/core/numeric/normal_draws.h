// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <cmath>
#include <numbers>
#include <random>

namespace refero::numeric {

/// Normal deviates that are the same on every machine: Box and Muller's (1958), from a Mersenne Twister.
class NormalDraws {
  public:
    explicit NormalDraws(unsigned seed) : engine_(seed) {}

    /// Mean 0, standard deviation 1.
    double one() {
        const double u = (engine_() + 0.5) / 4294967296.0, v = (engine_() + 0.5) / 4294967296.0;
        return std::sqrt(-2 * std::log(u)) * std::cos(2 * std::numbers::pi * v);
    }
    Eigen::Vector3d three() {
        const double a = one(), b = one();
        return {a, b, one()};
    }

  private:
    std::mt19937 engine_;
};

}  // namespace refero::numeric
