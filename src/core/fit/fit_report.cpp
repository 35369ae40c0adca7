// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/fit_report.h"

namespace refero {

std::vector<GroupFigures> byGroup(const FitReport& report) {
    constexpr double kSaturated = 40;  // C*ab of the reference
    std::vector<GroupFigures> all{{"neutral"}, {"skin"}, {"saturated"}, {"other"}};
    for (const PatchResult& p : report.patches) {
        if (!p.used) continue;
        const std::size_t at = p.role == Role::neutral                     ? 0
                               : p.role == Role::skin                      ? 1
                               : refero::toLch(p.reference).C > kSaturated ? 2
                                                                           : 3;
        GroupFigures& g = all[at];
        ++g.count;
        g.before += p.differenceBefore;
        g.after += p.differenceAfter;
        g.leftOut += p.leftOut;
    }
    std::erase_if(all, [](const GroupFigures& g) { return g.count == 0; });
    for (GroupFigures& g : all)
        for (double* sum : {&g.before, &g.after, &g.leftOut}) *sum /= static_cast<double>(g.count);
    return all;
}

}  // namespace refero
