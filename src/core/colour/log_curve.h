// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>

#include "core/result.h"

namespace refero {

/// The log recording of a camera by the constants of its data sheet, in the common form of CLF's
/// cameraLinToLog (Academy S-2014-006): above `linearBreak`
///
///     stored = logSlope * log_base(linearSlope * light + linearOffset) + logOffset
///
/// and straight below it. Light is scene light with mid-grey at 0.18; stored is 0..1 of the whole range.
struct LogCurve {
    std::string name{};
    double base = 10;
    double logSlope = 0.25, logOffset = 0.4;
    double linearSlope = 5, linearOffset = 0.05;
    std::optional<double> linearBreak{};    ///< nothing: no straight part
    std::optional<double> straightSlope{};  ///< of the straight part; nothing: it goes on smoothly

    double encode(double light) const;
    double decode(double stored) const;

    bool operator==(const LogCurve&) const = default;
};

/// Names the constant that is wrong and what it may be; also what does not rise or gives no light at 1.
Status validate(const LogCurve& curve);

/// What such a recording holds.
struct LogRange {
    double midGrey = 0;     ///< stored number of 0.18
    double stopsAbove = 0;  ///< from mid-grey to the stored number 1
    double stopsBelow = 0;  ///< from mid-grey down to where a stop is less than four codes of 10 bits
};
LogRange rangeOf(const LogCurve& curve);

inline constexpr double kMidGrey = 0.18;

}  // namespace refero
