// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/colour/xyz.h"

namespace refero {

enum class Adaptation {
    bradford,  ///< linear Bradford, as in ISO 15076-1 annex E
    cat16,     ///< CIECAM16's transform (Li et al. 2017), full adaptation
};

/// The matrix that takes XYZ under `from` to corresponding XYZ under `to`; both whites have Y = 1.
/// It satisfies M * from = to.
Matrix3 adaptation(Adaptation method, const Xyz& from, const Xyz& to);
Matrix3 adaptation(Adaptation method, Chromaticity from, Chromaticity to);

}  // namespace refero
