// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string>

#include "core/colour/transfer.h"
#include "core/frame/image.h"
#include "core/result.h"

namespace refero::io {

/// How a picture's embedded ICC profile (ICC.1:2010) leads from its stored numbers to linear light. A profile
/// of curves and a matrix gives linear light in its own primaries, by its curve. One of tables is gone
/// through whole: linear light in BT.2020's primaries, adapted to D65, colorimetric.
class IccInput {
  public:
    /// Errors: damaged, not of RGB, of no class that describes stored pictures.
    static Result<IccInput> fromBytes(std::span<const unsigned char> profile);

    const std::string& description() const { return description_; }
    /// Of a profile whose three curves are one; one of the named encodings where it is that.
    const std::optional<Transfer>& curve() const { return curve_; }
    /// For the others: through the profile, in parallel.
    Result<LinearImage> linear(const EncodedImage& stored) const;

  private:
    std::string description_, bytes_;
    std::optional<Transfer> curve_;
};

}  // namespace refero::io
