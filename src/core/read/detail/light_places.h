// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <optional>
#include <span>
#include <vector>

#include "core/read/ground.h"
#include "core/read/reading.h"

namespace refero::detail {

/// How well a kind of place follows a 3x3 of its reference colour, standard deviations in stops: greys are
/// seen alike by every camera, the ground is not measured by the chart's maker, and saturated colours depend
/// on the camera. Set on simulated frames (docs/survey.md).
struct PlaceSpread {
    static constexpr double grey = 0.02, ground = 0.04, colour = 0.15;
};
/// Beyond that many of them a place counts for nothing (Tukey's biweight; Beaton and Tukey 1974: 4.685 for
/// 95 % efficiency).
inline constexpr double kTukey = 4.7;

/// How uneven light is likely to be, standard deviations in stops of the field's terms of each degree.
inline constexpr double kLinearStops = 0.5, kQuadraticStops = 0.16;

enum class PlaceKind { grey, ground, colour };

/// Somewhere on the chart where its reference colour is known and the frame was measured.
struct LightPlace {
    PlaceKind kind;
    Point mm;
    Vector3 rgb, xyz;
    double noise = 0;  ///< standard error of green
    std::size_t patch = 0;
    double weight = 1;
    double stops = 0;  ///< of light measured there, against the mean light

    double spread() const {
        return kind == PlaceKind::grey     ? PlaceSpread::grey
               : kind == PlaceKind::ground ? PlaceSpread::ground
                                           : PlaceSpread::colour;
    }
    /// Standard deviation in stops, where green's level is that.
    double spreadAt(double level) const;
};

/// Patches that can be used and the ground.
std::vector<LightPlace> placesOf(const Reading& reading, std::span<const BackgroundSample> ground);

/// The places as they would be had the picture no tone curve beyond its encoding, as finished pictures have
/// (contrast, lifted blacks): told by greys of at least four levels beside the light's smooth fall. Nothing
/// where too few tell.
std::optional<std::vector<LightPlace>> withoutTone(const std::vector<LightPlace>& places, const Chart& chart);

using FieldTerms = Eigen::Matrix<double, 6, 1>;
FieldTerms terms(const LightField& field, const Point& mm);

/// The light's places fitted in turn: colours and flare, weights, field. A start, within a few per cent.
ChartLight roughLight(const Chart& chart, std::vector<LightPlace>& places);

/// Looks for a straight edge: a plane of light and one step are compared with the smooth field; the step must
/// explain clearly more. True where one was found and put into `light`.
bool findShadow(ChartLight& light, const std::vector<LightPlace>& places);

/// All of it at once, by robust Gauss-Newton steps from there: colours, flare, field, and the shadow's edge
/// and the mirror image where there is one. Sets weights and standard errors. What does not fit: a place that
/// counts for nothing adds 1.
double polish(ChartLight& light, std::vector<LightPlace>& places, const Chart& chart, int rounds = 14);

/// Looks for a mirror image of a lamp from many starts; nothing where none explains more than `cost`, which
/// the light without one leaves.
std::optional<ChartLight> withMirrorImage(const ChartLight& rough, std::vector<LightPlace>& places,
                                          const Chart& chart, double cost);

}  // namespace refero::detail
