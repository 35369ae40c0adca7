// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/swatch.h"

#include <cmath>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/read/balance.h"

namespace refero {

Vector3 viewingGains(const Reading& reading) {
    const auto gains = neutralGains(reading);
    if (!gains) return Vector3::Ones();
    double sum = 0, weights = 0;
    for (const std::size_t i : usableNeutrals(reading)) {
        const double green = reading.patches[i].rgb.y();
        sum += green * std::log(toXyz(reading.chart.patches[i].labD50).y / green);
        weights += green;
    }
    return *gains * std::exp(sum / weights);
}

std::vector<Lab> balancedLab(const Reading& reading) {
    const Matrix3 toXyz = rgbToXyzD50(primaries::bt709) * viewingGains(reading).asDiagonal();
    std::vector<Lab> out;
    for (const PatchReading& p : reading.patches) out.push_back(toLab(Xyz::from(toXyz * p.rgb), white::d50));
    return out;
}

}  // namespace refero
