// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <span>
#include <string_view>

#include "core/colour/transfer.h"
#include "core/colour/xyz.h"
#include "core/frame/image.h"
#include "core/result.h"

namespace refero {

/// What becomes of pixels with a clipped channel. Balanced as they are, white light turns magenta: green
/// clips first and is lifted least.
enum class Highlights {
    cut,         ///< balanced channels end where the first of a neutral's does
    rebuilt,     ///< a clipped channel follows those that are not
    asRecorded,  ///< nothing is done
};
inline constexpr std::array kHighlights{Highlights::cut, Highlights::rebuilt, Highlights::asRecorded};
/// "cut", "rebuilt", "as-recorded": for files and the command line.
std::string_view name(Highlights highlights);
Result<Highlights> highlightsByName(std::string_view name);

/// Changes pixels of which a channel is at the recording's end (from 0.97 on, wholly at 0.995), in place;
/// `gains` balance the frame, green's is 1. For recordings that end at 1; not for light in floats. Others are
/// left bit for bit. Gives the share of changed pixels.
double treatHighlights(LinearImage& image, const Vector3& gains, Highlights highlights);
/// The same for pixels of it, by the caller's thread. Gives the number of changed ones.
std::size_t treatHighlights(std::span<float> pixels, const Vector3& gains, Highlights highlights);

/// Share of the pixels of which the encoding, of 8 bits, has cut one channel or two at an end and not all
/// three: their colour is gone, whatever corrects it. `image` is decoded.
double cutColours(const LinearImage& image, const Transfer& encoding);

}  // namespace refero
