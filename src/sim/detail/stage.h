// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "core/chart/chart.h"
#include "sim/backdrop.h"
#include "sim/body.h"
#include "sim/scene.h"
#include "sim/shoot.h"

namespace refero::sim::detail {

using Vector3f = Eigen::Vector3f;

/// What a ray from the camera meets, and what light it brings; everything that is worked out once per shot.
class Stage {
  public:
    Stage(const Shot& shot, const Body& body, const Spectrum& light, std::optional<Chart> chart,
          std::optional<Chart> second);

    struct Hit {
        std::uint16_t object;  ///< changes where an edge is
        Vector3f colour;       ///< under the light at full strength, with shadow and shine
    };
    /// At a point of the frame as recorded, pixels.
    Hit at(double px, double py) const;

    /// Light field, vignetting and lens tint at a pixel, 1 at the frame's centre for the field.
    Vector3f transmission(double px, double py) const;

    /// Where a point of the undistorted picture is seen.
    Point seen(const Point& ideal) const;

    const std::optional<Chart>& chart() const { return chart_; }
    /// Without the lens's distortion and the mirror.
    const Homography& map() const { return map_; }
    const Vector3f& patchColour(std::size_t i) const { return colours_[i + 1]; }
    /// What the light at a point of the chart is multiplied by, and what is added to it.
    float shadowAt(const Point& mm) const;
    Vector3f shineAt(const Point& mm) const;
    bool hiddenAt(const Point& mm) const;

  private:
    Point ideal(double px, double py) const;
    std::optional<Hit> onChart(const Chart& chart, const Homography& map, const Homography& inverse,
                               const std::vector<Vector3f>& colours, const Point& p, std::uint16_t base,
                               bool withMishaps) const;

    const Shot& shot_;
    Backdrop backdrop_;
    std::optional<Chart> chart_, second_;
    Homography map_, inverse_, secondMap_, secondInverse_;
    std::vector<Vector3f> materials_, colours_, secondColours_;
    Vector3f skin_, dirt_, light_;
};

}  // namespace refero::sim::detail
