// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <vector>

#include "core/frame/image.h"
#include "core/read/ground.h"
#include "core/read/reading.h"
#include "core/result.h"

namespace refero {

/// How light and lens darken a frame, from a picture of a plain card that fills it, shot with the same lens,
/// aperture and light.
class FlatField {
  public:
    /// Errors: the frame is too small, black or clipped, or shows something (its cells are uneven).
    static Result<FlatField> from(const LinearImage& card);

    /// Relative to the brightest place, 0..1, at a place in shares of width and height (0..1).
    Vector3 at(double x, double y) const;
    /// From the middle to the mean of the four corners; what a lens takes there.
    double cornerStops() const;

  private:
    static constexpr int kColumns = 24, kRows = 16;
    std::vector<Vector3> cells_;
};

/// Every patch divided by the field where it lies, so that it is as in the frame's brightest place. The frame
/// may have another size than the card's.
void takeOutFlatField(Reading& reading, const FlatField& field);
/// The same for the ground of that reading's chart.
void takeOutFlatField(std::span<BackgroundSample> ground, const Reading& reading, const FlatField& field);

}  // namespace refero
