// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/chart/patch_field.h"
#include "core/frame/image.h"

namespace refero::detail {

/// Fields on a plane, and how the frame shows that plane.
struct PlacedFields {
    std::vector<PatchField> fields;
    Homography toFrame;
    double residualPixels = 0;  ///< median distance of measured edges from the fitted ones
};

/// What lies between the patches of a field.
enum class Between {
    nothing,  ///< they touch: midway between two neighbours is their mixture
    ground,   ///< one colour everywhere
    others,   ///< neither: things of their own, as between every second row of bricks
};
Between between(const LinearImage& frame, const PatchField& field, const Homography& toFrame);

/// Sets places, sizes, pitches and the view by the patches' edges at full resolution. What had too few edges
/// stays as it was.
PlacedFields fitFieldsToEdges(const LinearImage& frame, PlacedFields start);

/// Height over width of the plane's unit square as it really is, from a view by a lens of that focal length
/// (pinhole, square pixels, the principal point at the frame's centre; Zhang 2000, section 2.3).
double aspectOf(const Homography& planeToFrame, double focalPixels, const Point& centre);

/// The fields' patches as a chart without colours, for what fits or samples by a chart.
Chart bareChart(const std::vector<PatchField>& fields);

}  // namespace refero::detail
