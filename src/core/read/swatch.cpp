// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/swatch.h"

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/read/balance.h"

namespace refero {

Vector3 viewingGains(const Reading& reading) {
    const auto gains = neutralGains(reading);
    return gains ? Vector3(*gains * neutralLevel(reading, *gains)) : Vector3(Vector3::Ones());
}

std::vector<Lab> balancedLab(const Reading& reading) {
    const Matrix3 toXyz = rgbToXyzD50(primaries::bt709) * viewingGains(reading).asDiagonal();
    std::vector<Lab> out;
    for (const PatchReading& p : reading.patches) out.push_back(toLab(Xyz::from(toXyz * p.rgb), white::d50));
    return out;
}

}  // namespace refero
