// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>
#include <functional>
#include <span>

namespace refero::io {

/// What a grid's nodes should hold: takes places 0..1 on the grid, x, y, z each, and puts the values there.
using GridTruth = std::function<void(std::span<float> places)>;

/// Values at the nodes are right there and off between them, always to the inside of a bend. Moves each by a
/// share of what is missing around it, so that what tetrahedral interpolation is off by is shared by both:
/// about half as much. The first node, black, stays. `grid` has n points a side, x fastest.
void polish(std::span<Eigen::Vector3f> grid, int n, const GridTruth& truth);

/// The same for values that are cut off below 0 and above 1 where they are shown: what is cut off anyway is
/// no error, so the nodes at the border of the gamut serve the colours inside it.
void polishShown(std::span<Eigen::Vector3f> grid, int n, const GridTruth& truth);

}  // namespace refero::io
