// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>

#include "core/scope/scope.h"

namespace refero {

/// What one channel of a scope shows, in figures. Levels are in per cent of full scale.
struct ChannelFigures {
    double low = 0, median = 0, high = 0;  ///< levels below which 1, 50 and 99 % of the pixels lie
    double atBottom = 0, atTop = 0;        ///< shares of the pixels at the lowest and the highest level, 0..1
};

struct ScopeFigures {
    std::array<ChannelFigures, 3> channels;
    double cb = 0, cr = 0;  ///< mean of the vectorscope, -0.5..0.5
};

/// Nothing of a scope without pixels.
std::optional<ScopeFigures> scopeFigures(const Scopes& scopes);

}  // namespace refero
