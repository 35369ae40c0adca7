// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/transfer.h"

#include "core/say/figure.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace refero {
namespace {

// Value at `x` of the line through the two points around it, or through the outermost two beyond the ends.
double along(const std::vector<double>& xs, const std::vector<double>& ys, double x) {
    const auto above = std::upper_bound(xs.begin() + 1, xs.end() - 1, x);
    const auto i = static_cast<std::size_t>(above - xs.begin());
    return ys[i - 1] + (ys[i] - ys[i - 1]) * (x - xs[i - 1]) / (xs[i] - xs[i - 1]);
}

bool finite(const std::vector<double>& values) {
    return std::all_of(values.begin(), values.end(), [](double v) { return std::isfinite(v); });
}

std::optional<std::string> fault(const Curve& c) {
    if (c.stored.size() != c.linear.size() || c.stored.size() < 2)
        return say("it needs at least two points, each with a stored number and its linear light");
    if (c.stored.size() > Transfer::kMaxPoints) return say("it has more than 65537 points");
    if (!finite(c.stored) || !finite(c.linear)) return say("one of its values is not a finite number");
    for (std::size_t i = 1; i < c.stored.size(); ++i)
        if (!(c.stored[i] > c.stored[i - 1] && c.linear[i] > c.linear[i - 1]))
            return sayf("it does not rise from point %zu (%g, %g) to point %zu (%g, %g)", i, c.stored[i - 1],
                        c.linear[i - 1], i + 1, c.stored[i], c.linear[i]);
    if (c.stored.front() > 0.1 || c.stored.back() < 0.9 || c.stored.front() < -8 || c.stored.back() > 8)
        return say(
            "its stored numbers must cover 0.1 to 0.9, where 0 to 1 is the whole range of the recording");
    return {};
}

}  // namespace

Result<Transfer> Transfer::fromCurve(Curve c) {
    const auto refused = [&](const std::string& why) {
        return failure(say("The curve \"%1\" cannot be used: %2.", c.name, why));
    };
    if (const auto why = fault(c)) return refused(*why);
    const double top = along(c.stored, c.linear, 1);
    if (!(top > 0)) return refused(say("it gives no light at the stored number 1"));
    if (along(c.stored, c.linear, 0.5) > 0.55 * top)
        return refused(
            say("it runs from light to number; the other direction is needed, from number to light"));
    for (double& v : c.linear) v /= top;
    Transfer t;
    t.curve_ = std::make_shared<const Curve>(std::move(c));
    return t;
}

Result<Transfer> Transfer::fromLog(LogCurve c) {
    if (auto ok = validate(c); !ok)
        return failure(say("The curve \"%1\" cannot be used. %2", c.name, ok.error().message));
    Transfer t;
    t.logTop_ = c.decode(1);
    t.log_ = std::make_shared<const LogCurve>(std::move(c));
    return t;
}

std::string_view Transfer::name() const {
    return curve_ ? std::string_view(curve_->name)
           : log_ ? std::string_view(log_->name)
                  : refero::name(named_);
}

double Transfer::decode(double stored) const {
    if (log_) return log_->decode(stored) / logTop_;
    return curve_ ? along(curve_->stored, curve_->linear, stored) : refero::decode(named_, stored);
}

double Transfer::encode(double linear) const {
    if (log_) return log_->encode(linear * logTop_);
    return curve_ ? along(curve_->linear, curve_->stored, linear) : refero::encode(named_, linear);
}

bool Transfer::operator==(const Transfer& o) const {
    if (log_ || o.log_) return log_ && o.log_ && *log_ == *o.log_;
    if (!curve_ || !o.curve_) return !curve_ && !o.curve_ && named_ == o.named_;
    return curve_ == o.curve_ || (curve_->name == o.curve_->name && curve_->stored == o.curve_->stored &&
                                  curve_->linear == o.curve_->linear);
}

std::optional<double> nominalWhite(const Transfer& t) {
    if (const LogCurve* log = t.logCurve()) return t.decode(log->encode(1));
    if (!t.named()) return {};
    switch (*t.named()) {
        case Encoding::acescct:
        case Encoding::cineon:
            return 1;
        case Encoding::pq:
            return 203.0 / 10000;
        case Encoding::hlg:
            return t.decode(0.75);
        default:
            return {};
    }
}

}  // namespace refero
