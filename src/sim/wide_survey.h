// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "core/frame/image.h"
#include "core/read/reading.h"
#include "sim/shoot.h"
#include "sim/survey.h"

namespace refero::sim {

/// How a frame of the wide survey is stored.
enum class Storing {
    linear,   ///< as the sensor counts
    srgb8,    ///< balanced in the camera, sRGB's curve, 8 bits
    video10,  ///< balanced in the camera, BT.709's curve, 10 bits of narrow range, colour at half the width
};

Encoding encodingOf(Storing storing);

/// A careful frame with what no other part of the survey has: a made-up chart of 4x6 to 10x14 patches (with
/// gaps or none, on a dark, middling or light ground), a made-up sensor, one of twenty lights.
struct WideShot {
    Shot shot;
    Stand stand;
    Chart known;  ///< as a person has it: half of the time without spectra
    Storing storing = Storing::linear;
};

/// The same seed gives the same frame everywhere. With a fault it is as slight as should still be told, and
/// up to plain; only those that happen at the chart are there: uneven light, shadow, finger, dirt, flare,
/// shine.
WideShot wideShot(unsigned seed, std::optional<Fault> fault = {});
/// With another chart beside it: the same one turned by 180 degrees, the same at another size, another kind.
enum class Beside { turned, otherSize, otherKind };
WideShot wideShotBeside(unsigned seed, Beside beside);

/// A sensor with filters of any usual width and any leaks; many see some pigments quite unlike an eye.
Body randomBody(unsigned seed);
/// "a", "d50" ... "daylight-10000": twenty.
const std::vector<std::string>& wideLights();

/// The frame as a program sees it, and what is known of it before it is read.
struct WideFrame {
    LinearImage image;
    Reading about;
    Truth truth;
};
Result<WideFrame> taken(const WideShot& shot);

}  // namespace refero::sim
