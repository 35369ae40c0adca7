// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "core/chart/chart_data.h"
#include "core/chart/patch_field.h"

namespace refero {

/// Which colour of a list lies at which place of a chart.
struct Arrangement {
    std::vector<PatchField> fields;  ///< of the choice that won
    /// For each place, field by field and row by row, the colour's index; nothing where the list has ended.
    std::vector<std::optional<std::size_t>> colourAt;
    int quarterTurns = 0;  ///< clockwise, that bring the list's first colour to the top left
    double agreement = 0;  ///< share of the colours' variance that a 3x3 from what was seen explains, 0..1
    double runnerUp = 0;   ///< the same for the best other order
    Matrix3 seenToXyzD50 = Matrix3::Zero();  ///< that 3x3
};

/// Linear colours as they were seen at the places of fields: camera RGB under any light, or XYZ.
using SeenAtPlaces = std::vector<std::optional<Vector3>>;

/// Fields in which the colours may lie, and what was seen there.
struct FieldChoice {
    std::vector<PatchField> fields;
    SeenAtPlaces seen;
};

/// Lays the colours over the fields in each order in which lists are made: row by row or column by column,
/// from each corner, as listed or by their ids; the order whose colours agree best with what was seen wins.
/// One of `choices` must have as many places as there are colours, or a few more in its last row or column.
/// Errors: none has (the counts are named), no order agrees (0.8 wanted), two agree alike.
Result<Arrangement> arranged(const std::vector<FieldChoice>& choices, const ChartColours& colours);

}  // namespace refero
