// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <memory>
#include <optional>
#include <string>
#include <string_view>

#include "core/colour/picture_look.h"
#include "core/colour/xyz.h"
#include "core/finish/finish.h"
#include "core/fit/aim_origin.h"

namespace refero {

class TrainingSet;
struct Correction;

/// A colour that a fit goes to, XYZ (D50) of the scene: before the look.
struct AimColour {
    Xyz xyz;
    Vector3 error{0, 0, 0};  ///< standard error, in the unit of levelled camera RGB
};

/// What a fit goes towards where that is not the chart's reference values.
struct Aim {
    AimOrigin origin;
    std::map<std::string, AimColour> colours;  ///< by patch id; patches that are not there are left out
    std::optional<PictureLook> look;           ///< on top of the colours
    Finish finish;                             ///< on top of that
    /// Through which the aim's own pictures are seen; null where that is not known.
    std::shared_ptr<const Correction> view;
    /// What the aim makes of the training surfaces; null where that is not known.
    std::shared_ptr<const TrainingSet> training;
};

}  // namespace refero
