// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/chart/chart_data.h"
#include "sim/wide_survey.h"

namespace refero::sim {

/// A photograph of a chart that nobody has described, and what its owner has of it: a list of colours in an
/// order of its maker's. 12 to 300 patches, square or oblong, with gaps or none, on a dark, middling or light
/// ground; one in four has a second field beside the first. The same seed gives the same frame everywhere.
struct UnknownChart {
    Shot shot;
    Stand stand;          ///< with the chart as it is
    ChartColours listed;  ///< row by row or column by column, field by field; half of them without spectra
    Storing storing = Storing::linear;
    bool lensKnown = true;
};
UnknownChart unknownChart(unsigned seed);

/// Largest distance of a corner of a learned patch from where it is, as a share of its shorter side, once
/// both charts are laid over each other as well as moving, turning and scaling can; 1 where the ids differ.
double layoutError(const Chart& learned, const Chart& truth);

}  // namespace refero::sim
