// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <numbers>
#include <string>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/read/reading.h"

namespace refero::test {

/// A made-up chart of six greys, two skins and ten hues, two lightnesses each.
inline Chart madeUpChart() {
    Chart chart;
    chart.id = "made-up";
    chart.name = "Made up";
    chart.outlineMm = {400, 100};
    const auto add = [&](const Lab& lab, Role role) {
        Patch p;
        p.id = "P" + std::to_string(chart.patches.size() + 1);
        p.role = role;
        p.centreMm = {10.0 + 12 * static_cast<double>(chart.patches.size()), 50};
        p.sizeMm = {10, 10};
        p.labD50 = lab;
        chart.patches.push_back(p);
    };
    for (const double L : {95.0, 80.0, 65.0, 50.0, 35.0, 20.0}) add({L, 0, 0, white::d50}, Role::neutral);
    add({70, 15, 18, white::d50}, Role::skin);
    add({45, 14, 17, white::d50}, Role::skin);
    for (int k = 0; k < 10; ++k)
        for (const double L : {40.0, 65.0}) {
            const double h = 2 * std::numbers::pi * k / 10 + L / 100, c = L < 50 ? 28 : 34;
            add({L, c * std::cos(h), c * std::sin(h), white::d50}, Role::other);
        }
    return chart;
}

/// What a camera makes of each patch's linear BT.709, before a stored number is made of it.
template <class Seen>
Reading madeUpReading(const std::string& path, const std::string& body, Encoding encoding, const Seen& seen) {
    Reading r;
    r.found = true;
    r.framePath = path;
    r.body = body;
    r.encoding = encoding;
    r.chart = madeUpChart();
    for (const Patch& p : r.chart.patches) {
        PatchReading m;
        m.id = p.id;
        m.rgb = seen(Vector3(xyzD50ToLinear(OutputSpace::linearSrgb) * toXyz(p.labD50).vector()));
        m.deviation.setConstant(1e-4);
        m.pixels = 1000;
        r.patches.push_back(m);
    }
    return r;
}

}  // namespace refero::test
