// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <optional>
#include <span>
#include <vector>

#include "core/colour/xyz.h"
#include "core/result.h"

namespace refero {

/// The square roots of X, Y and Z as shares of D50's white (see toRoot), and back. Of a grey all three are
/// alike.
Vector3 toRoots(const Vector3& xyzD50);
Vector3 fromRoots(const Vector3& roots);

/// A move of colours: what is to be added to the roots of one.
using ColourMove = std::function<Vector3(const Vector3& roots)>;

/// A move kept at even steps of the roots and interpolated in tetrahedra between them, which keeps greys
/// grey. Outside its cube (roots of 0 to kRange) the move of the nearest place on its surface goes on.
class ColourLattice {
  public:
    static constexpr double kRange = 1.25;  ///< 1.56 times white
    static constexpr int kPoints = 33;
    static constexpr double kUnit = 1e-6;  ///< of which every sampled move is a whole number of times

    /// Slow for costly moves. Nodes on the diagonal only keep what moves all three roots alike.
    static ColourLattice sampled(const ColourMove& move, int points = kPoints);
    /// Four numbers a node (the fourth is 0), X fastest. Errors: another count, more than 65 or fewer than 2
    /// points a side, not finite, a grey that does not stay one.
    static Result<ColourLattice> of(int points, std::vector<float> nodes);

    int points() const { return points_; }
    std::span<const float> nodes() const { return nodes_; }
    Vector3 move(const Vector3& roots) const;
    /// Whether it turns the order of colours over in any of its tetrahedra: the determinant of its slope must
    /// be above 0 in all of them.
    bool reversesOrientation() const;
    /// The same move, smoothed where it would turn the order of colours over and nowhere else. Nothing where
    /// that does not suffice, or more than an eighth of it would have to be.
    std::optional<ColourLattice> unfolded() const;
    /// The same move, so much as strong.
    ColourLattice scaled(double share) const;

    friend bool operator==(const ColourLattice&, const ColourLattice&) = default;

  private:
    ColourLattice() = default;
    std::vector<std::size_t> foldedNodes() const;
    Vector3 node(std::size_t at) const { return {nodes_[4 * at], nodes_[4 * at + 1], nodes_[4 * at + 2]}; }

    int points_ = 0;
    std::vector<float> nodes_;
};

}  // namespace refero
