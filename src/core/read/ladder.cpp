// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/ladder.h"

#include <cmath>

#include "core/colour/lab.h"
#include "core/read/balance.h"

namespace refero {

std::vector<LadderStep> neutralLadder(const Reading& reading) {
    const auto gains = neutralGains(reading);
    std::vector<LadderStep> out;
    if (!gains) return out;
    const auto steps = usableNeutrals(reading);
    const auto ratio = [&](std::size_t i) {
        const double y = toXyz(reading.chart.patches[i].labD50).y;
        return Vector3(reading.patches[i].rgb.cwiseProduct(*gains) / y);
    };
    const double level = neutralLevel(reading, *gains);
    int copies = 0;
    for (const std::size_t i : steps) {
        const Vector3 percent = (ratio(i) * level - Vector3::Ones()) * 100;
        const double lightness = reading.chart.patches[i].labD50.L;
        if (!out.empty() && std::abs(out.back().lightness - lightness) < 0.3) {
            ++copies;
            for (std::size_t c = 0; c < 3; ++c)
                out.back().deviationPercent[c] +=
                    (percent(static_cast<Eigen::Index>(c)) - out.back().deviationPercent[c]) / (copies + 1);
            continue;
        }
        copies = 0;
        out.push_back({reading.patches[i].id, lightness, {percent.x(), percent.y(), percent.z()}});
    }
    return out;
}

}  // namespace refero
