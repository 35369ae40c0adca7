// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <cmath>
#include <functional>
#include <vector>

#include "core/spectra/spectrum.h"

namespace refero {
namespace {

std::vector<double> sampled(const std::function<double(double)>& f, double start, double step, int count) {
    std::vector<double> out;
    for (int i = 0; i < count; ++i) out.push_back(f(start + step * i));
    return out;
}

double worst(const std::function<double(double)>& f, const Spectrum& s, double from, double to) {
    double most = 0;
    for (std::size_t i = 0; i < Spectrum::size; ++i) {
        const double nm = Spectrum::wavelength(i);
        if (nm >= from && nm <= to) most = std::max(most, std::abs(s[i] - f(nm)));
    }
    return most;
}

// Sprague's polynomial takes value, slope and bend from quartics through its six points (CIE 167:2005, 5.1),
// so that a quartic comes out as it was.
TEST(Resampling, OfTwentyNanometresIsExactForAQuartic) {
    const auto quartic = [](double nm) {
        const double t = (nm - 560) / 200;
        return 0.4 + 0.3 * t - 0.2 * t * t + 0.25 * t * t * t - 0.1 * t * t * t * t;
    };
    const Spectrum s = resampled(360, 20, sampled(quartic, 360, 20, 23));
    EXPECT_LT(worst(quartic, s, 400, 760), 1e-12);
}

TEST(Resampling, OfTwentyNanometresFollowsAReflectanceBetterThanStraightLines) {
    const auto edge = [](double nm) { return 0.05 + 0.8 / (1 + std::exp((560 - nm) / 18)); };
    const Spectrum s = resampled(380, 20, sampled(edge, 380, 20, 21));
    Spectrum straight;
    for (std::size_t i = 0; i < Spectrum::size; ++i) {
        const double nm = Spectrum::wavelength(i), low = 380 + 20 * std::floor((nm - 380) / 20),
                     f = (nm - low) / 20;
        straight[i] = edge(low) * (1 - f) + edge(low + 20) * f;
    }
    EXPECT_LT(worst(edge, s, 380, 780), 0.25 * worst(edge, straight, 380, 780));
}

TEST(Resampling, KeepsConstantsAndSamples) {
    const std::vector<double> flat(21, 0.37);
    EXPECT_LT(worst([](double) { return 0.37; }, resampled(380, 20, flat), 380, 780), 1e-12)
        << "the coefficients at the ends add up to 209/209 as well";
    const std::vector<double> some{0.1, 0.4, 0.2, 0.5, 0.3, 0.6, 0.2, 0.1};
    const Spectrum s = resampled(400, 20, some);
    for (std::size_t i = 0; i < some.size(); ++i) EXPECT_DOUBLE_EQ(s[4 + 4 * i], some[i]);
}

}  // namespace
}  // namespace refero
