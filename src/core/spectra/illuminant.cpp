// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/spectra/illuminant.h"

#include <algorithm>
#include <cctype>
#include <charconv>
#include <cmath>

#include "core/say/say.h"
#include "core/spectra/detail/tables.h"

namespace refero {
namespace {

double bell(double wavelength, double centre, double left, double right) {
    const double t = (wavelength - centre) / (wavelength < centre ? left : right);
    return std::exp(-0.5 * t * t);
}

Result<double> temperature(std::string_view digits) {
    double kelvin = 0;
    const auto [end, error] = std::from_chars(digits.data(), digits.data() + digits.size(), kelvin);
    if (error != std::errc{} || end != digits.data() + digits.size())
        return failure(say("\"%1\" is not a colour temperature in kelvin.", digits));
    return kelvin;
}

}  // namespace

Result<Spectrum> daylight(double kelvin) {
    if (!(kelvin >= 4000 && kelvin <= 25000))
        return failure(say("CIE daylight is defined from 4000 K to 25000 K."));
    const double t = 1e3 / kelvin;
    const double x = kelvin <= 7000 ? ((-4.6070 * t + 2.9678) * t + 0.09911) * t + 0.244063
                                    : ((-2.0064 * t + 1.9018) * t + 0.24748) * t + 0.237040;
    const double y = -3.000 * x * x + 2.870 * x - 0.275;
    const double m = 0.0241 + 0.2562 * x - 0.7341 * y;
    const double m1 = (-1.3515 - 1.7703 * x + 5.9114 * y) / m;
    const double m2 = (0.0300 - 31.4424 * x + 30.0717 * y) / m;
    static const Spectrum s0 = detail::tableColumn("daylight.csv", "S0");
    static const Spectrum s1 = detail::tableColumn("daylight.csv", "S1");
    static const Spectrum s2 = detail::tableColumn("daylight.csv", "S2");
    Spectrum out;
    for (std::size_t i = 0; i < Spectrum::size; ++i) out[i] = s0[i] + m1 * s1[i] + m2 * s2[i];
    return out;
}

Result<Spectrum> blackbody(double kelvin) {
    if (!(kelvin >= 500 && kelvin <= 50000))
        return failure(say("A black body's temperature must be 500 K to 50000 K."));
    constexpr double c2 = 1.4388e7;  // nm K
    const auto power = [kelvin](double nm) {
        return std::pow(nm / 560, -5) / std::expm1(c2 / (nm * kelvin));
    };
    const double middle = power(560);
    Spectrum out;
    for (std::size_t i = 0; i < Spectrum::size; ++i) out[i] = power(Spectrum::wavelength(i)) / middle;
    return out;
}

Spectrum whiteLed(WhiteLed led) {
    Spectrum out;
    for (std::size_t i = 0; i < Spectrum::size; ++i) {
        const double nm = Spectrum::wavelength(i);
        out[i] = led == WhiteLed::warm3000 ? 0.5 * bell(nm, 452, 9, 11) + bell(nm, 601, 65, 80)
                                           : 1.6 * bell(nm, 449, 9, 11) + bell(nm, 561, 55, 70);
    }
    return out;
}

const std::vector<std::string>& illuminantNames() {
    static const std::vector<std::string> names{"a",  "d50", "d55", "d65",      "e",
                                                "f2", "f7",  "f11", "led-3000", "led-5600"};
    return names;
}

Result<Spectrum> illuminantByName(std::string_view wanted) {
    std::string name(wanted);
    std::transform(name.begin(), name.end(), name.begin(), [](unsigned char c) { return std::tolower(c); });
    if (name == "e") {
        Spectrum equal;
        equal.values.fill(1);
        return equal;
    }
    if (name == "led-3000") return whiteLed(WhiteLed::warm3000);
    if (name == "led-5600") return whiteLed(WhiteLed::cool5600);
    if (name.starts_with("daylight-"))
        return temperature(std::string_view(name).substr(9)).and_then(daylight);
    if (name.starts_with("blackbody-"))
        return temperature(std::string_view(name).substr(10)).and_then(blackbody);
    if (std::find(illuminantNames().begin(), illuminantNames().end(), name) == illuminantNames().end())
        return failure(
            say("There is no light called \"%1\". Known are a, d50, d55, d65, e, f2, f7, f11, led-3000, "
                "led-5600, daylight-<kelvin> and blackbody-<kelvin>.",
                wanted));
    std::transform(name.begin(), name.end(), name.begin(), [](unsigned char c) { return std::toupper(c); });
    return detail::tableColumn("illuminants.csv", name);
}

}  // namespace refero
