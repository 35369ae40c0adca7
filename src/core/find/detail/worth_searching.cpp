// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/find/detail/worth_searching.h"

#include "core/say/say.h"

#include <algorithm>

namespace refero::detail {

Status worthSearching(const LinearImage& frame) {
    if (frame.width() < 64 || frame.height() < 64)
        return failure(say("The frame is %1 x %2 pixels; a chart needs at least 64 x 64 to be found.",
                           std::to_string(frame.width()), std::to_string(frame.height())));
    const auto values = frame.values();
    float high = 0;
    const std::size_t step = std::max<std::size_t>(1, values.size() / 100000);
    for (std::size_t i = 0; i < values.size(); i += step) high = std::max(high, values[i]);
    if (!(high > 1e-4f)) return failure(say("The frame is black; there is nothing in it to measure."));
    return {};
}

int shrinkingFor(const LinearImage& frame, int longEdge) {
    return std::max(1, (std::max(frame.width(), frame.height()) + longEdge / 2) / longEdge);
}

Homography scaled(const Homography& map, double factor) {
    Eigen::Matrix3d s = Eigen::Matrix3d::Identity();
    s(0, 0) = s(1, 1) = factor;
    return Homography(s * map.matrix());
}

}  // namespace refero::detail
