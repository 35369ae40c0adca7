// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/casts.h"

#include <algorithm>
#include <cmath>

#include "core/colour/rgb_space.h"
#include "core/read/balance.h"
#include "core/say/say.h"

namespace refero {

double LevelCast::size() const {
    return std::max(0.0, std::max(std::abs(red), std::abs(blue)) - 2 * error);
}

std::string LevelCast::colour() const {
    const double third = 0.35 * size();
    const bool redder = red > third, lessRed = red<-third, bluer = blue> third, lessBlue = blue < -third;
    if (redder && bluer) return word("magenta");
    if (lessRed && lessBlue) return word("green");
    if (redder && lessBlue) return word("warm");
    if (lessRed && bluer) return word("cold");
    if (redder) return word("red");
    if (lessRed) return word("cyan");
    if (bluer) return word("blue");
    return word("yellow");
}

std::vector<LevelCast> levelCasts(const Reading& reading) {
    std::vector<LevelCast> out;
    const auto gains = neutralGains(reading);
    if (!gains) return out;
    static const Matrix3 toRgb = xyzD50ToLinear(OutputSpace::linearSrgb);
    struct Level {
        const char* name;
        double from, to;
    };
    for (const Level& level :
         {Level{"light", 0.36, 9}, Level{"middle", 0.09, 0.36}, Level{"dark", 0, 0.09}}) {
        LevelCast cast;
        cast.level = level.name;
        double red = 0, blue = 0, weights = 0, error = 0;
        for (const std::size_t i : usableNeutrals(reading)) {
            const Vector3 xyz = referenceXyzD50(reading.chart.patches[i]).vector();
            if (xyz.y() < level.from || xyz.y() >= level.to) continue;
            const Vector3 expected = toRgb * xyz;
            const Vector3 ratio = reading.patches[i].rgb.cwiseProduct(*gains).cwiseQuotient(expected);
            const double weight = xyz.y();
            red += weight * (std::pow(ratio.x() / ratio.y(), 1 / 2.2) - 1);
            blue += weight * (std::pow(ratio.z() / ratio.y(), 1 / 2.2) - 1);
            error += std::pow(weight * castError(reading, i), 2);
            weights += weight;
            cast.patches.push_back(i);
        }
        if (cast.patches.empty()) continue;
        cast.red = red / weights;
        cast.blue = blue / weights;
        cast.error = std::sqrt(error) / weights;
        out.push_back(std::move(cast));
    }
    return out;
}

}  // namespace refero
