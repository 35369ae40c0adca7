// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/fit/correction.h"
#include "core/read/reading.h"

namespace refero {

/// Holds a correction against a chart that it was not built from: another shot of the same chart, or another
/// chart. Its balance and colours stay; only the level follows the shot's own exposure. Errors: a frame that
/// it was built from, another encoding, a reading without a chart or a usable grey, a chart whose colours
/// under the correction's reference light are not known.
Result<Verification> verified(const Correction& correction, const Reading& reading);

}  // namespace refero
