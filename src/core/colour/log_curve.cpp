// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/log_curve.h"

#include "core/say/figure.h"

#include <algorithm>
#include <cmath>

namespace refero {
namespace {

// Below this the logarithm's argument is continued straight, where no straight part is stated.
constexpr double kLeastArgument = 1e-6;

double logAt(const LogCurve& curve, double light) {
    return curve.logSlope * std::log(curve.linearSlope * light + curve.linearOffset) / std::log(curve.base) +
           curve.logOffset;
}

double slopeAt(const LogCurve& curve, double light) {
    return curve.logSlope * curve.linearSlope /
           ((curve.linearSlope * light + curve.linearOffset) * std::log(curve.base));
}

double knee(const LogCurve& curve) {
    return curve.linearBreak.value_or((kLeastArgument - curve.linearOffset) / curve.linearSlope);
}

double slopeBelow(const LogCurve& curve) {
    return curve.linearBreak && curve.straightSlope ? *curve.straightSlope : slopeAt(curve, knee(curve));
}

}  // namespace

double LogCurve::encode(double light) const {
    const double at = knee(*this);
    return light > at ? logAt(*this, light) : logAt(*this, at) + slopeBelow(*this) * (light - at);
}

double LogCurve::decode(double stored) const {
    const double at = knee(*this), there = logAt(*this, at);
    if (stored <= there) return at + (stored - there) / slopeBelow(*this);
    return (std::pow(base, (stored - logOffset) / logSlope) - linearOffset) / linearSlope;
}

Status validate(const LogCurve& c) {
    struct Bound {
        const char* what;
        double value, low, high;
    };
    const Bound bounds[] = {{word("base"), c.base, 1.01, 1000},
                            {word("log slope"), c.logSlope, 1e-3, 100},
                            {word("log offset"), c.logOffset, -10, 10},
                            {word("linear slope"), c.linearSlope, 1e-4, 1e4},
                            {word("linear offset"), c.linearOffset, -1, 1000},
                            {word("linear break"), c.linearBreak.value_or(0), -1, 1},
                            {word("slope of the straight part"), c.straightSlope.value_or(1), 1e-3, 1e4}};
    for (const Bound& b : bounds)
        if (!(b.value >= b.low && b.value <= b.high))
            return failure(say("The %1 is %2; it can be %3 to %4.", say(b.what), figure("%g", b.value),
                               figure("%g", b.low), figure("%g", b.high)));
    if (c.linearBreak && !(c.linearSlope * *c.linearBreak + c.linearOffset > 0))
        return failure(
            say("At the linear break there is no logarithm: linear slope times break plus linear offset must "
                "be above 0."));
    const double top = c.decode(1);
    if (!std::isfinite(top) || !(top > kMidGrey) || top > 1e6)
        return failure(
            sayf("The stored number 1 would be %g times white; above 0.18 and up to 1,000,000 is possible. "
                 "Is the log slope right?",
                 top));
    const double grey = c.encode(kMidGrey);
    if (!(grey > 0.02 && grey < 0.98))
        return failure(sayf("Mid-grey would be stored as %.3f; between 0.02 and 0.98 is possible.", grey));
    return {};
}

LogRange rangeOf(const LogCurve& c) {
    LogRange r;
    r.midGrey = c.encode(kMidGrey);
    r.stopsAbove = std::log2(c.decode(1) / kMidGrey);
    constexpr double kFourCodes = 4.0 / 1023, kStep = 0.05;
    double light = kMidGrey;
    while (r.stopsBelow < 20 && c.encode(light) - c.encode(light / 2) >= kFourCodes) {
        light *= std::exp2(-kStep);
        r.stopsBelow += kStep;
    }
    return r;
}

}  // namespace refero
