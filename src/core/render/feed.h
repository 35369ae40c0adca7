// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "core/colour/shown_picture.h"
#include "core/frame/image.h"

namespace refero {

/// How a frame's linear numbers become those that a correction for another recording is fed.
class Feed {
  public:
    /// Of one encoding, as they are. Of two pictures, by the light that their displays show: a clip goes
    /// through a still's correction, where the camera drew both alike. Of two log curves, by where each puts
    /// white. Errors: one is a picture and the other light of a sensor, or a log recording goes to a linear
    /// one, whose numbers are of other primaries.
    static Result<Feed> between(const Transfer& frame, const Transfer& correction);

    bool changesNothing() const { return !shown_ && scale_ == 1; }
    Vector3 operator()(const Vector3& linear) const;
    /// All cores.
    void apply(LinearImage& image) const;

  private:
    struct Shown {
        ShownPicture from, to;
        Matrix3 primaries;
        Transfer feed;
        bool asDecoded = false;  ///< of `to`: what is decoded is what is shown
    };
    std::optional<Shown> shown_;
    double scale_ = 1;
};

}  // namespace refero
