// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/body.h"

#include <algorithm>
#include <cmath>

namespace refero::sim {
namespace {

struct Lobe {
    double centreNm, leftNm, rightNm, height;
};

Spectrum sensitivity(std::initializer_list<Lobe> lobes, double infraredCutNm) {
    Spectrum s;
    for (std::size_t i = 0; i < Spectrum::size; ++i) {
        const double nm = Spectrum::wavelength(i);
        for (const Lobe& l : lobes) {
            const double t = (nm - l.centreNm) / (nm < l.centreNm ? l.leftNm : l.rightNm);
            s[i] += l.height * std::exp(-0.5 * t * t);
        }
        s[i] /= (1 + std::exp((nm - infraredCutNm) / 9)) * (1 + std::exp((410 - nm) / 6));
    }
    return s;
}

}  // namespace

const std::vector<Body>& bodies() {
    static const std::vector<Body> all{
        {"heron",
         "Heron",
         {sensitivity({{602, 28, 46, 0.86}, {545, 22, 20, 0.12}, {440, 18, 18, 0.04}}, 672),
          sensitivity({{534, 36, 40, 1.0}, {610, 20, 30, 0.10}, {460, 22, 20, 0.07}}, 672),
          sensitivity({{459, 25, 32, 0.90}, {535, 26, 30, 0.09}}, 672)},
         46000,
         3.1,
         14},
        // Another body of the same model: filters of another batch.
        {"heron-2",
         "Heron",
         {sensitivity({{605, 28, 45, 0.84}, {545, 22, 20, 0.13}, {440, 18, 18, 0.04}}, 668),
          sensitivity({{532, 35, 40, 1.0}, {610, 20, 30, 0.11}, {460, 22, 20, 0.07}}, 668),
          sensitivity({{461, 25, 32, 0.93}, {535, 26, 30, 0.09}}, 668)},
         45200,
         3.2,
         14},
        {"bittern",
         "Bittern",
         {sensitivity({{611, 34, 44, 0.80}, {520, 30, 26, 0.19}, {435, 16, 22, 0.06}}, 655),
          sensitivity({{547, 46, 38, 1.0}, {465, 24, 24, 0.12}}, 655),
          sensitivity({{452, 21, 36, 0.84}, {560, 40, 34, 0.13}}, 655)},
         31000,
         4.4,
         14},
        {"dunlin",
         "Dunlin",
         {sensitivity({{596, 30, 40, 0.88}, {530, 24, 24, 0.10}, {445, 18, 18, 0.03}}, 680),
          sensitivity({{528, 38, 44, 1.0}, {600, 26, 30, 0.14}, {455, 20, 20, 0.05}}, 680),
          sensitivity({{463, 28, 30, 0.87}, {528, 24, 28, 0.12}}, 680)},
         24000,
         2.6,
         12},
    };
    return all;
}

Result<Body> bodyById(std::string_view id) {
    for (const Body& b : bodies())
        if (b.id == id) return b;
    return failure("There is no simulated camera \"" + std::string(id) +
                   "\"; known are heron, heron-2, bittern and dunlin.");
}

Vector3 response(const Body& body, const Spectrum& light, const Spectrum& reflectance) {
    Vector3 full = Vector3::Zero(), seen = Vector3::Zero();
    for (int c = 0; c < 3; ++c) {
        for (std::size_t i = 0; i < Spectrum::size; ++i) {
            const double e = light[i] * body.sensitivity[static_cast<std::size_t>(c)][i];
            full(c) += e;
            seen(c) += e * reflectance[i];
        }
    }
    return seen / full.maxCoeff();
}

}  // namespace refero::sim
