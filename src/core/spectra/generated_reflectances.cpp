// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/spectra/generated_reflectances.h"

#include <Eigen/Cholesky>
#include <cmath>
#include <numbers>
#include <random>

namespace refero {
namespace {

constexpr auto kSize = static_cast<Eigen::Index>(Spectrum::size);
using Curve = Eigen::Matrix<double, kSize, 1>;

// The standard's own distributions differ from library to library; its engine does not.
class Random {
  public:
    explicit Random(unsigned seed) : engine_(seed) {}
    double uniform(double low, double high) { return low + (high - low) * (engine_() + 0.5) / 4294967296.0; }
    double normal() {
        const double radius = std::sqrt(-2 * std::log(uniform(0, 1)));
        return radius * std::cos(2 * std::numbers::pi * uniform(0, 1));
    }

  private:
    std::mt19937 engine_;
};

double logistic(double x) {
    return 1 / (1 + std::exp(-x));
}

// Of a smooth random process over the wavelengths, with bends about `lengthNm` long.
Eigen::MatrixXd root(double lengthNm) {
    Eigen::MatrixXd k(kSize, kSize);
    for (Eigen::Index i = 0; i < kSize; ++i)
        for (Eigen::Index j = 0; j < kSize; ++j) {
            const double apart = static_cast<double>(Spectrum::step * (i - j)) / lengthNm;
            k(i, j) = std::exp(-0.5 * apart * apart) + (i == j ? 1e-6 : 0);
        }
    return k.llt().matrixL();
}

Spectrum smooth(Random& random, const Eigen::MatrixXd& process) {
    const double amplitude = random.uniform(0.8, 2.2), mean = random.uniform(-2.2, 1);
    Curve white;
    for (Eigen::Index i = 0; i < kSize; ++i) white(i) = random.normal();
    const Curve bends = process * white;
    Spectrum s;
    for (std::size_t i = 0; i < Spectrum::size; ++i)
        s[i] = logistic(mean + amplitude * bends(static_cast<Eigen::Index>(i)));
    return s;
}

// One to three edges (what most pigments have) and bands on a flat ground.
Spectrum pigment(Random& random) {
    Curve x = Curve::Constant(random.uniform(-2.2, 0.8));
    const int parts = 1 + static_cast<int>(random.uniform(0, 3));
    for (int part = 0; part < parts; ++part) {
        const double at = random.uniform(420, 680), wide = random.uniform(10, 35);
        const double height = random.uniform(-3, 3);
        const bool edge = random.uniform(0, 1) < 0.6;
        for (Eigen::Index i = 0; i < kSize; ++i) {
            const double t = (Spectrum::wavelength(static_cast<std::size_t>(i)) - at) / wide;
            x(i) += height * (edge ? logistic(t) : std::exp(-0.125 * t * t));
        }
    }
    Spectrum s;
    for (std::size_t i = 0; i < Spectrum::size; ++i) s[i] = logistic(x(static_cast<Eigen::Index>(i)));
    return s;
}

}  // namespace

std::vector<Spectrum> generatedReflectances(std::size_t count, unsigned seed) {
    Random random(seed);
    std::vector<Eigen::MatrixXd> processes;
    for (const double length : {40.0, 60.0, 85.0, 110.0}) processes.push_back(root(length));
    std::vector<Spectrum> out;
    out.reserve(count);
    for (std::size_t i = 0; i < count; ++i)
        out.push_back(i % 2 ? pigment(random) : smooth(random, processes[i / 2 % processes.size()]));
    return out;
}

}  // namespace refero
