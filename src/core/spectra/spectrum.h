// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <span>

namespace refero {

/// A spectrum on the one grid that all computation uses: 380 to 780 nm in steps of 5 nm.
/// Reflectances are 0..1; lights and sensitivities are relative.
struct Spectrum {
    static constexpr int start = 380, end = 780, step = 5;
    static constexpr std::size_t size = (end - start) / step + 1;

    std::array<double, size> values{};

    static constexpr double wavelength(std::size_t i) { return start + static_cast<double>(step * i); }
    double operator[](std::size_t i) const { return values[i]; }
    double& operator[](std::size_t i) { return values[i]; }
};

/// Samples taken every `stepNm` from `startNm`, brought to the grid by Sprague's fifth-order interpolation
/// (CIE 167:2005, 5.1) where they are more than 10 nm apart and six or more, else by a linear one; beyond its
/// ends the first and last sample go on (CIE 015, 7.2.3 allows it for reflectances). Needs at least one
/// sample, step > 0.
Spectrum resampled(double startNm, double stepNm, std::span<const double> samples);

Spectrum operator*(const Spectrum& a, const Spectrum& b);

}  // namespace refero
