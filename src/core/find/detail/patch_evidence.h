// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "core/chart/patch_field.h"
#include "core/frame/image.h"

namespace refero::detail {

/// What a picture shows at a place on a plane.
struct PlaceSeen {
    Vector3 mean = Vector3::Zero();  ///< linear
    Vector3 root = Vector3::Zero();  ///< mean of square roots: dark colours count as light ones do
    double deviation = 0;            ///< of the roots, in the channel that varies most
};

/// Of an upright oblong of that centre and size; nothing where it leaves the picture.
std::optional<PlaceSeen> placeSeen(const LinearImage& image, const Homography& map, const Point& centre,
                                   const Point& size);

/// Channel by channel; of nothing, 0.
Vector3 medianColour(const std::vector<Vector3>& colours);

/// Whether the places of a field hold patches: even within, and unlike their neighbours. Windows and tiles of
/// one colour do not.
bool looksLikePatches(const LinearImage& image, const PatchField& field, const Homography& map);

/// Takes off lines at the rim that are none of the chart's: what lies beside it, a pitch away, is not even or
/// not parted from it by its ground.
PatchField withoutStrangeRim(const LinearImage& image, PatchField field, const Homography& map);

/// Whether the second field is on the same card, as far as that shows: the same ground and patches of a like
/// size. Else it may be anything beside the chart.
bool onOneCard(const LinearImage& image, const PatchField& a, const PatchField& b, const Homography& map);

}  // namespace refero::detail
