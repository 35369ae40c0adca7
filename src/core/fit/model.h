// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string_view>

#include "core/result.h"

namespace refero {

enum class Model {
    balance,          ///< gains only; balanced camera RGB is taken as linear sRGB
    matrix,           ///< gains, then a 3x3 to XYZ (D50) that keeps white
    rootPolynomial,   ///< gains, then roots of products of degree 2 that keep every grey
    rootPolynomial3,  ///< of degree 3
    polynomial,       ///< a matrix, then a move that is a polynomial of roots: for encoded frames only
    lattice,          ///< a root polynomial, then a smooth move that fades away from the measured colours
    hueSectors,       ///< a matrix, then a turn, chroma and lightness for each of twelve hues
};
inline constexpr std::array kModels{Model::balance,         Model::matrix,     Model::rootPolynomial,
                                    Model::rootPolynomial3, Model::polynomial, Model::lattice,
                                    Model::hueSectors};
/// "balance", "matrix", "root-polynomial", "root-polynomial-3", "polynomial", "lattice", "hue-sectors": for
/// files and the command line.
std::string_view name(Model model);
Result<Model> modelByName(std::string_view name);

/// What a fit makes small.
enum class Objective {
    leastSquares,  ///< the squares of the errors in X, Y and Z, by what they mean to CIEDE2000
    ciede2000,     ///< the mean CIEDE2000 itself
};
std::string_view name(Objective objective);

/// Which patches the fit favours.
enum class Intent {
    colorimetric,  ///< every patch alike
    neutrals,      ///< greys count four times
    skin,          ///< skin counts four times
    pleasing,      ///< every patch alike, and the finish "Rounded" on top
};
inline constexpr std::array kIntents{Intent::colorimetric, Intent::neutrals, Intent::skin, Intent::pleasing};
std::string_view name(Intent intent);
Result<Intent> intentByName(std::string_view name);

}  // namespace refero
