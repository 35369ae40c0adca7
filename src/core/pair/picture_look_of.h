// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "core/colour/picture_look.h"
#include "core/read/reading.h"

namespace refero {

/// Camera RGB to linear RGB of primaries, the way a reading shows itself.
struct ShownReading {
    std::vector<Vector3> rgb;  ///< of each patch of the chart, in the primaries of `xyzD50ToRgb`
    Matrix3 xyzD50ToRgb;
};
/// Of a picture: display light in the given primaries, or in its own. Nothing for other readings.
std::optional<ShownReading> shownReading(const Reading& reading,
                                         const std::optional<Matrix3>& xyzD50ToRgb = {});

/// The look that leads from the references of the usable greys to what is shown of them: balance and level,
/// and curves where there are four greys. Nothing where no grey is usable.
std::optional<PictureLook> pictureLookOf(const Reading& reading, const ShownReading& shown);

/// The same picture with other curves a channel: `scaled` by constant gains.
PictureLook scaled(const PictureLook& look, const Vector3& gains);
/// What the look makes of mid-grey (Y 0.18), linear RGB.
Vector3 midGrey(const PictureLook& look);

}  // namespace refero
