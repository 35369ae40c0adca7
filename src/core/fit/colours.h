// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>
#include <utility>

#include "core/colour/colour_lattice.h"
#include "core/fit/root_polynomial.h"

namespace refero {

/// Balanced, levelled camera RGB to XYZ (D50): a root polynomial of degree 1 (a matrix) to 3 and, where
/// colours are to go where it cannot take them, a move on top.
class Colours {
  public:
    Colours(RootPolynomial base) : base_(std::move(base)) {}
    /// A move as it was fitted: for trials.
    Colours(RootPolynomial base, ColourMove move) : base_(std::move(base)), move_(std::move(move)) {}
    /// A move as it is kept and rendered.
    Colours(RootPolynomial base, ColourLattice lattice)
        : base_(std::move(base)), lattice_(std::make_shared<const ColourLattice>(std::move(lattice))) {}

    const RootPolynomial& base() const { return base_; }
    /// Null where there is none, or the move is none that is kept.
    const std::shared_ptr<const ColourLattice>& lattice() const { return lattice_; }
    bool isMatrix() const { return base_.degree() == 1 && !lattice_ && !move_; }

    Vector3 operator()(const Vector3& rgb) const;
    /// How X, Y and Z change with r, g and b there; see RootPolynomial::slope. Of a move, over half a step of
    /// a lattice to either side.
    Matrix3 slope(const Vector3& rgb) const;

  private:
    Vector3 moveAt(const Vector3& roots) const { return lattice_ ? lattice_->move(roots) : move_(roots); }

    RootPolynomial base_;
    ColourMove move_;
    std::shared_ptr<const ColourLattice> lattice_;
};

}  // namespace refero
