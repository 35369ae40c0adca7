// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/swatch.h"

#include <algorithm>
#include <vector>

#include "core/colour/encoding.h"
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

std::vector<Vector3> balancedSrgb(const Reading& reading, bool greysAlone) {
    const Vector3 gains = viewingGains(reading);
    const auto greys = reading.neutrals();
    std::vector<Vector3> out;
    const auto add = [&](std::size_t i) {
        Vector3 v = reading.patches[i].rgb.cwiseProduct(gains);
        for (double& c : v) c = encode(Encoding::srgb, c);
        out.push_back(v);
    };
    for (std::size_t i = 0; !greysAlone && i < reading.patches.size(); ++i) add(i);
    for (std::size_t k = 0; greysAlone && k < greys.size(); ++k) add(greys[k]);
    return out;
}

Vector3 roughGains(const LinearImage& image) {
    if (image.empty()) return Vector3::Ones();
    const auto values = image.values();
    const std::size_t step = std::max<std::size_t>(1, image.pixels() / 20000);
    std::vector<float> green;
    Vector3 sum = Vector3::Constant(1e-9);
    for (std::size_t i = 0; i < image.pixels(); i += step) {
        const float* p = values.data() + 3 * i;
        sum += Vector3(p[0], p[1], p[2]);
        green.push_back(p[1]);
    }
    const auto high = green.begin() + static_cast<std::ptrdiff_t>(green.size() * 98 / 100);
    std::nth_element(green.begin(), high, green.end());
    const Vector3 alike = (Vector3::Constant(sum.y()).cwiseQuotient(sum)).cwiseMax(0.4).cwiseMin(3.0);
    return alike * (0.9 / std::max(1e-4f, *high));
}

}  // namespace refero
