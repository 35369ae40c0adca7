// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <vector>

#include "core/chart/chart.h"

namespace refero {

/// Patches of one size in rows and columns, evenly apart. Lengths in chart millimetres; the patches lie
/// along the chart's sides.
struct PatchField {
    int rows = 0, columns = 0;
    Point first = Point::Zero();  ///< centre of the patch at the top left
    Point pitch = Point::Zero();  ///< from a patch to the next, to the right and down
    Point size = Point::Zero();   ///< of a patch

    std::size_t count() const { return static_cast<std::size_t>(rows) * static_cast<std::size_t>(columns); }
    /// Of the place `index`, counted row by row from the top left.
    Point centre(std::size_t index) const {
        const auto across = static_cast<std::size_t>(columns);
        return first + Point(static_cast<double>(index % across), static_cast<double>(index / across))
                           .cwiseProduct(pitch);
    }
    /// Top left and bottom right corner of all of its patches.
    Point low() const { return first - size / 2; }
    Point high() const { return centre(count() - 1) + size / 2; }
    /// Its patches touch, to the digits of a chart file.
    bool gapless() const { return (pitch - size).cwiseAbs().maxCoeff() < 1e-4 * pitch.maxCoeff(); }
};

/// All places of these fields, field by field and row by row.
std::size_t places(const std::vector<PatchField>& fields);

/// Fields on a chart of their own: moved so that all of them, and a margin of the narrowest gap (at most 0.3
/// of a patch), lie within the outline from (0, 0) to `outlineMm`. `shift` was added to every place.
struct FramedFields {
    std::vector<PatchField> fields;
    Point outlineMm = Point::Zero(), shift = Point::Zero();
};
FramedFields framed(std::vector<PatchField> fields);

/// The fields in which a chart's patches lie, in the order of its patches; empty where they do not lie so.
std::vector<PatchField> fieldsOf(const Chart& chart);

}  // namespace refero
