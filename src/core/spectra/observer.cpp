// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/spectra/observer.h"

#include "core/spectra/detail/tables.h"

namespace refero {
namespace {

Xyz integrate(const Spectrum& stimulus, const Observer& o) {
    Xyz sum;
    for (std::size_t i = 0; i < Spectrum::size; ++i) {
        sum.x += stimulus[i] * o.x[i];
        sum.y += stimulus[i] * o.y[i];
        sum.z += stimulus[i] * o.z[i];
    }
    return sum;
}

Observer load(const char* x, const char* y, const char* z) {
    return {detail::tableColumn("observers.csv", x), detail::tableColumn("observers.csv", y),
            detail::tableColumn("observers.csv", z)};
}

}  // namespace

const Observer& cie1931() {
    static const Observer o = load("x2", "y2", "z2");
    return o;
}

const Observer& cie1964() {
    static const Observer o = load("x10", "y10", "z10");
    return o;
}

Xyz lightXyz(const Spectrum& light, const Observer& observer) {
    const Xyz v = integrate(light, observer);
    return {v.x / v.y, 1, v.z / v.y};
}

Xyz reflectedXyz(const Spectrum& reflectance, const Spectrum& light, const Observer& observer) {
    const Xyz v = integrate(reflectance * light, observer);
    const double full = integrate(light, observer).y;
    return {v.x / full, v.y / full, v.z / full};
}

}  // namespace refero
