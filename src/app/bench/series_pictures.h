// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/render/render.h"
#include "core/series/series.h"

namespace refero {

/// How a shot of a series is seen.
enum class SeriesSeen {
    asRecorded,
    levelOnly,  ///< through the profile's own correction with this shot's level
    greys,      ///< balance, level and a curve a channel from the greys
    corrected,  ///< through a correction of its own
};
/// Where a correction could not be built, by its level alone.
Rendering renderingOf(const SeriesProfile& profile, const SeriesStep& step, const Transfer& encoding,
                      SeriesSeen seen, OutputSpace space);

}  // namespace refero
