// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>

#include "core/fit/correction.h"
#include "core/fit/known_colour.h"
#include "core/read/reading.h"

namespace refero {

/// Holds a correction against a chart that it was not built from: another shot of the same chart, or another
/// chart. Its balance and colours stay; only the level follows the shot's own exposure. Errors: a frame that
/// it was built from, another encoding, a reading without a chart or a usable grey, a chart whose colours
/// under the correction's reference light are not known.
Result<Verification> verified(const Correction& correction, const Reading& reading);

/// The same for things of known colour in one frame, at the exposure that the correction was built for.
/// Errors: none, one that cannot be told, one that the correction was built from.
Result<Verification> verified(const Correction& correction, std::span<const KnownColour> colours);

}  // namespace refero
