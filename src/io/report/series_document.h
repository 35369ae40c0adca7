// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/series/series.h"
#include "io/report/document.h"

namespace refero::io {

/// A series to hand round: the verdicts, a table of every step, skin, red and mid-grey over all steps, the
/// profiles against each other. `picture`, a JPEG of the grid, may be empty; `chart` is the series' own.
Document seriesDocument(const Series& series, const Chart& chart, const std::string& title,
                        const std::vector<unsigned char>& picture = {});

}  // namespace refero::io
