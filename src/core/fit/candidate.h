// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/fit/colours.h"
#include "core/fit/samples.h"
#include "core/fit/training.h"

namespace refero {

/// A model and the way it is fitted.
struct Candidate {
    Model model = Model::matrix;
    Objective objective = Objective::leastSquares;
    bool training = false;  ///< on generated colours, too, seen as the chart tells that this camera sees
    /// Of a lattice: the mean of what picture styles do (lookMove) and of what the patches alone tell.
    bool forLook = false;

    bool operator==(const Candidate&) const = default;
};

/// What a chart of that many usable patches can carry, from the plainest on: those of one model, or of all.
/// Degree 3 needs training colours or three patches to each of its terms; a lattice 40 patches. What does not
/// scale with exposure or knows few hues only is for frames with a look (encoded ones, and what is to match a
/// picture), which nothing else follows: the lattice for looks from 16 patches on, a polynomial and hue
/// sectors from 24.
std::vector<Candidate> candidatesFor(std::optional<Model> model, std::optional<Objective> objective,
                                     std::size_t patches, bool spectral, bool withLook = false);

/// What the candidates share for one choice of patches: the training colours as the camera would see them.
struct TrainingView {
    const TrainingSet* set = nullptr;
    std::vector<Vector3> rgb;  ///< balanced and levelled; empty where the chart does not tell
    EffectiveSensitivity sensitivity;

    /// `near`, where given, is the view of nearly the same patches.
    static TrainingView of(const TrainingSet* set, const Samples& samples,
                           const TrainingView* near = nullptr);
};

/// Trials are for comparing: CIEDE2000 by its metric about each reference. The full fit goes on from there.
enum class Effort { trial, full };

/// Errors: patches too few, or of one hue, for the model; one that would fold colours over.
Result<Colours> fitted(const Candidate& candidate, const Samples& samples, const TrainingView& view,
                       Effort effort = Effort::full);

/// Whether it turns the order of colours over somewhere: its slope's determinant must be above 0 at white, at
/// each colour given and half way between any two.
bool reversesOrientation(const RootPolynomial& colours, std::span<const Vector3> rgb);

}  // namespace refero
