// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/adaptation.h"

#include <Eigen/LU>

namespace refero {
namespace {

const Matrix3& coneResponse(Adaptation method) {
    static const Matrix3 bradford = (Matrix3() << 0.8951, 0.2664, -0.1614,  //
                                     -0.7502, 1.7135, 0.0367,               //
                                     0.0389, -0.0685, 1.0296)
                                        .finished();
    static const Matrix3 cat16 = (Matrix3() << 0.401288, 0.650173, -0.051461,  //
                                  -0.250268, 1.204414, 0.045854,               //
                                  -0.002079, 0.048952, 0.953127)
                                     .finished();
    return method == Adaptation::bradford ? bradford : cat16;
}

}  // namespace

Matrix3 adaptation(Adaptation method, const Xyz& from, const Xyz& to) {
    const Matrix3& cone = coneResponse(method);
    const Vector3 gain = (cone * to.vector()).cwiseQuotient(cone * from.vector());
    return cone.inverse() * gain.asDiagonal() * cone;
}

Matrix3 adaptation(Adaptation method, Chromaticity from, Chromaticity to) {
    return adaptation(method, whiteXyz(from), whiteXyz(to));
}

}  // namespace refero
