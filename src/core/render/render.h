// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>
#include <optional>
#include <span>

#include "core/colour/rgb_space.h"
#include "core/fit/colour_transform.h"
#include "core/frame/image.h"

namespace refero {

/// A correction made ready for pixels: linear camera RGB times gains, curves, a root polynomial of degree 1
/// (a matrix) to 3, a move, a look, a finish, then the output's linear components in its encoding. Stages
/// that are not there cost nothing. Nothing is clipped.
struct Rendering {
    Vector3 gains{1, 1, 1};
    /// To XYZ (D50) where a move follows, to what the next curve is over where one does, else to the output's
    /// linear components.
    RootPolynomial colours{Matrix3::Identity()};
    Encoding encoding = Encoding::linear;
    std::shared_ptr<const GreyCurves> curves = nullptr;
    std::shared_ptr<const ColourLattice> lattice = nullptr;
    /// What comes before, by this matrix, through a curve a channel.
    Matrix3 beforeLook = Matrix3::Identity();
    std::shared_ptr<const GreyCurves> look = nullptr;
    /// What comes before, by this matrix, through one curve; to the output by `last`.
    Matrix3 beforeTone = Matrix3::Identity();
    std::shared_ptr<const RootCurve> tone = nullptr;
    Matrix3 last = Matrix3::Identity();
    /// Undone before the encoding; see OutputSpaceInfo. 1 for most.
    double systemGamma = 1;

    /// Gains, polynomial and encoding are all there is.
    bool isShort() const { return !curves && !lattice && !look && !tone; }
    static Rendering ofMatrix(const Matrix3& matrix, Encoding encoding = Encoding::linear) {
        return {{1, 1, 1}, RootPolynomial(matrix), encoding};
    }
};

/// With the correction's own finish.
Rendering compile(const ColourTransform& transform, OutputSpace space);
/// With another one; Finish{} for none.
Rendering compile(const ColourTransform& transform, OutputSpace space, const Finish& finish);
/// The space's linear components, the perfect diffuser at 1: for files that hold light.
Rendering compileLinear(const ColourTransform& transform, OutputSpace space, const Finish& finish);

/// The camera's own look for comparison: balanced and levelled only, camera RGB taken as linear sRGB.
Rendering compileBalanceOnly(const ColourTransform& transform, OutputSpace space);

/// As recorded: no balance, no level; camera RGB taken as linear sRGB.
Rendering compileUntouched(OutputSpace space);

/// `in` and `out` hold whole RGB pixels and may be the same memory. Vectorised; one thread.
void render(std::span<const float> in, std::span<float> out, const Rendering& rendering);

/// All cores.
EncodedImage render(const LinearImage& image, const Rendering& rendering);

/// One colour in double precision: the definition that the fast path is tested against.
Vector3 rendered(const Vector3& cameraRgb, const Rendering& rendering);

}  // namespace refero
