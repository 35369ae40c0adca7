// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/checks.h"

#include <algorithm>

#include "core/read/detail/check_parts.h"

namespace refero {

Verdict judge(double value, const Band& b) {
    if (value >= b.low && value <= b.high) return Verdict::pass;
    return value >= b.tolerableLow && value <= b.tolerableHigh ? Verdict::review : Verdict::reshoot;
}

std::vector<Check> judged(const Reading& reading, const Limits& limits) {
    std::vector<Check> out;
    for (auto* group :
         {detail::exposureChecks, detail::greyChecks, detail::lightChecks, detail::subjectChecks,
          detail::framingChecks, detail::identityChecks, detail::treatmentChecks})
        for (Check& c : group(reading, limits)) out.push_back(std::move(c));
    return out;
}

Verdict worst(const std::vector<Check>& checks) {
    Verdict v = Verdict::pass;
    for (const Check& c : checks) v = std::max(v, c.verdict);
    return v;
}

std::string_view limitIdOf(const Check& check) {
    return check.id == "exposure" && check.unit == kNominalUnit ? "nominal" : std::string_view(check.id);
}

}  // namespace refero
