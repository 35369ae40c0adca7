// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/reading.h"

#include "core/say/say.h"

#include <algorithm>
#include <array>

namespace refero {

std::string_view name(Verdict verdict) {
    constexpr std::array<std::string_view, 3> names{"pass", "review", "reshoot"};
    return names[static_cast<std::size_t>(verdict)];
}

std::string label(Verdict verdict) {
    return verdict == Verdict::pass     ? say("Good")
           : verdict == Verdict::review ? say("Look again")
                                        : say("Shoot again");
}

double LightField::at(const Point& mm) const {
    const double x = (mm.x() - middleMm.x()) / halfMm.x(), y = (mm.y() - middleMm.y()) / halfMm.y();
    return stops[0] + stops[1] * x + stops[2] * y + stops[3] * x * x + stops[4] * x * y + stops[5] * y * y;
}

double ShadowEdge::at(const Point& mm) const {
    const double t = std::clamp((mm - throughMm).dot(darkerWay) / softMm + 0.5, 0.0, 1.0);
    return -stops * t * t * (3 - 2 * t);
}

double SpecularLobe::at(const Point& mm) const {
    return level * std::exp(-2 * (mm - centreMm).squaredNorm() / (radiusMm * radiusMm));
}

const PatchReading* Reading::patch(std::string_view id) const {
    const auto it =
        std::find_if(patches.begin(), patches.end(), [&](const PatchReading& p) { return p.id == id; });
    return it == patches.end() ? nullptr : &*it;
}

std::vector<std::size_t> Reading::neutrals() const {
    auto out = chart.neutrals();
    std::erase_if(out, [&](std::size_t i) { return i >= patches.size() || patches[i].leftOut; });
    return out;
}

std::string name(TakenOut what) {
    if (what.flatField) return what.chart ? "flat field and chart" : "flat field";
    return what.chart ? "chart" : "";
}

Result<TakenOut> takenOutByName(std::string_view text) {
    for (const TakenOut what : {TakenOut{}, {true, false}, {false, true}, {true, true}})
        if (name(what) == text) return what;
    return failure(say(
        "\"%1\" is nothing that is taken out of the light; it is a flat field, the chart, or both.", text));
}

}  // namespace refero
