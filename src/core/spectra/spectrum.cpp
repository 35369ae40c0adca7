// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/spectra/spectrum.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace refero {

Spectrum resampled(double startNm, double stepNm, std::span<const double> samples) {
    assert(!samples.empty() && stepNm > 0);
    Spectrum out;
    const double last = static_cast<double>(samples.size() - 1);
    for (std::size_t i = 0; i < Spectrum::size; ++i) {
        const double at = std::clamp((Spectrum::wavelength(i) - startNm) / stepNm, 0.0, last);
        const auto k = static_cast<std::size_t>(std::floor(at));
        const double f = at - static_cast<double>(k);
        out[i] = f == 0 ? samples[k] : samples[k] * (1 - f) + samples[k + 1] * f;
    }
    return out;
}

Spectrum operator*(const Spectrum& a, const Spectrum& b) {
    Spectrum out;
    for (std::size_t i = 0; i < Spectrum::size; ++i) out[i] = a[i] * b[i];
    return out;
}

}  // namespace refero
