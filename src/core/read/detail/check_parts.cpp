// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/detail/check_parts.h"

#include <algorithm>

namespace refero::detail {

std::string channelName(Eigen::Index channel) {
    return channel == 0 ? say("red") : channel == 1 ? say("green") : say("blue");
}

std::string percent(double share) {
    return figure(share < 0.0995 ? "%.1f %%" : "%.0f %%", share * 100);
}

std::string patchList(const Reading& r, const std::vector<std::size_t>& patches) {
    constexpr std::size_t kNamed = 5;
    std::vector<std::string> ids;
    const std::size_t named = patches.size() > kNamed + 1 ? kNamed : patches.size();
    for (std::size_t k = 0; k < named; ++k) ids.push_back(r.patches[patches[k]].id);
    return listed(ids, patches.size());
}

Check started(const char* id, const std::string& title, double value, const char* unit, const Band& band) {
    Check c;
    c.id = id;
    c.title = title;
    c.value = value;
    c.unit = unit;
    c.low = band.low;
    c.high = band.high;
    c.verdict = judge(value, band);
    return c;
}

std::vector<Point> lineAcross(const Reading& r, const Point& through, const Point& along) {
    const auto map = fitHomography(r.chart.outline(), r.corners);
    if (!map) return {};
    // Clipped to the outline.
    double from = -1e9, to = 1e9;
    for (int axis = 0; axis < 2; ++axis) {
        if (std::abs(along(axis)) < 1e-9) continue;
        const double a = (0 - through(axis)) / along(axis),
                     b = (r.chart.outlineMm(axis) - through(axis)) / along(axis);
        from = std::max(from, std::min(a, b));
        to = std::min(to, std::max(a, b));
    }
    if (!(from < to)) return {};
    return {(*map)(through + along * from), (*map)(through + along * to)};
}

std::vector<std::vector<Point>> crossAt(const Reading& r, const Point& mm) {
    const auto map = fitHomography(r.chart.outline(), r.corners);
    if (!map) return {};
    const double arm = r.chart.outlineMm.maxCoeff() * 0.012;
    return {{(*map)(mm - Point(arm, arm)), (*map)(mm + Point(arm, arm))},
            {(*map)(mm + Point(-arm, arm)), (*map)(mm + Point(arm, -arm))}};
}

}  // namespace refero::detail
