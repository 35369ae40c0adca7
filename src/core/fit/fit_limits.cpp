// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/fit_limits.h"

#include "core/say/say.h"

#include <algorithm>

namespace refero {

const std::vector<FitLimits>& fitLimitSets() {
    // From memory: the US federal guidelines ask for a mean of 2 for their four stars; ISO 19264-1's level A
    // allows a mean of 4 and a largest of 10.
    static const std::vector<FitLimits> sets{
        {word("Copy work"),
         word("good as the US federal guidelines' four stars, tolerable as ISO 19264-1's level A"),
         {0, 2, 0, 4},
         {0, 6, 0, 10},
         {0, 2.5, 0, 4}},
        {},
        {word("Event"), word("common practice"), {0, 3, 0, 5}, {0, 8, 0, 12}, {0, 4, 0, 6}},
        {word("Film"), word("common practice"), {0, 2.5, 0, 4}, {0, 7, 0, 11}, {0, 3, 0, 5}}};
    return sets;
}

Result<FitLimits> fitLimitsByName(std::string_view wanted) {
    const auto& sets = fitLimitSets();
    const auto at =
        std::find_if(sets.begin(), sets.end(), [&](const FitLimits& s) { return s.name == wanted; });
    if (at == sets.end())
        return failure(
            say("There are no limits called \"%1\". Known are Copy work, Product, Event and Film.", wanted));
    return *at;
}

Result<FitLimits> allowing(FitLimits limits, std::string_view check, std::optional<double> value) {
    const auto band = check == "mean"                         ? &FitLimits::mean
                      : check == "largest"                    ? &FitLimits::largest
                      : check == "unseen" || check == "proof" ? &FitLimits::unseen
                                                              : nullptr;
    if (!band) return failure(say("A correction has no limit for \"%1\".", check));
    const auto set = fitLimitsByName(limits.name);
    limits.*band = value ? allowing(limits.*band, *value) : (set ? *set : FitLimits{}).*band;
    return limits;
}

}  // namespace refero
