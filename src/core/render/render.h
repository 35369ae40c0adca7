// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>

#include "core/colour/rgb_space.h"
#include "core/fit/correction.h"
#include "core/frame/image.h"

namespace refero {

/// A correction made ready for pixels: linear camera RGB times gains, a root polynomial of degree 1 (a
/// matrix) to 3 to the output's linear components, then the output's encoding. Nothing is clipped.
struct Rendering {
    Vector3 gains{1, 1, 1};
    RootPolynomial colours{Matrix3::Identity()};
    Encoding encoding = Encoding::linear;

    static Rendering ofMatrix(const Matrix3& matrix, Encoding encoding = Encoding::linear) {
        return {{1, 1, 1}, RootPolynomial(matrix), encoding};
    }
};

Rendering compile(const Correction& correction, OutputSpace space);

/// The camera's own look for comparison: balanced and levelled only, camera RGB taken as linear sRGB.
Rendering compileBalanceOnly(const Correction& correction, OutputSpace space);

/// As recorded: no balance, no level; camera RGB taken as linear sRGB.
Rendering compileUntouched(OutputSpace space);

/// `in` and `out` hold whole RGB pixels and may be the same memory. Vectorised; one thread.
void render(std::span<const float> in, std::span<float> out, const Rendering& rendering);

/// All cores.
EncodedImage render(const LinearImage& image, const Rendering& rendering);

/// One colour in double precision: the definition that the fast path is tested against.
Vector3 rendered(const Vector3& cameraRgb, const Rendering& rendering);

}  // namespace refero
