// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "core/chart/chart.h"
#include "studio/contents.h"
#include "studio/edit.h"

namespace refero::studio {

/// The charts that can be looked for: those that ship, then the studio's own. A design of one's own whose
/// document cannot be read is left out.
std::vector<Chart> chartsOf(const Contents& contents);

/// The chart as this copy of it is: with the values measured on it, where there are any. Nothing where its
/// design is not known.
std::optional<Chart> chartOfCopy(const Contents& contents, ChartCopyId copy);

/// Puts a chart of one's own into the kit, with a first copy of it. An error where it is not a proper chart
/// or its id is another's.
Result<ChartDesignId> addChart(Edit& edit, const Contents& contents, const Chart& chart);

/// That id, or the like that no chart has yet.
std::string freeChartId(const Contents& contents, const std::string& id);

/// Puts a chart of one's own in the place of the one with its id, such as when its values have come. An error
/// where there is none.
Status replaceChart(Edit& edit, const Contents& contents, const Chart& chart);

/// Keeps what was measured on a copy; `reference` says who measured, with what, when.
Status keepValues(Edit& edit, const Contents& contents, ChartCopyId copy, const Chart& measured,
                  const std::string& reference);

}  // namespace refero::studio
