// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>
#include <filesystem>

#include "core/read/detail/check_parts.h"
#include "core/read/grey_candidate.h"

namespace refero::detail {

// The chart stands in the subject's light where balancing on it makes the subject's own greys grey.
std::vector<Check> subjectChecks(const Reading& r, const Limits& limits) {
    std::optional<GreyCandidate> worst;
    const SubjectLight* where = nullptr;
    std::size_t compared = 0;
    for (const SubjectLight& s : r.subjects) {
        // Its own level tells nothing; a grey in its brightest light must not look clipped.
        const auto c = greyCandidate(s.rgb * (0.5 / std::max(1e-9, s.rgb.maxCoeff())), r);
        if (!c) continue;
        ++compared;
        // Of what is certain the farthest, and only without any of that of the rest.
        if (worst && (where->certain && !s.certain)) continue;
        if (worst && where->certain == s.certain && c->ciede2000 <= worst->ciede2000) continue;
        worst = *c;
        where = &s;
    }
    if (!worst) return {};
    Check c = started("light", "The subject's light", worst->ciede2000, "CIEDE2000", limits.subject);
    c.scaleHigh = 12;
    c.limit = "at most " + figure("%.1f", limits.subject.high) + " on a mid-grey";
    const std::string name = std::filesystem::path(where->path).filename().string();
    if (c.verdict == Verdict::pass) {
        c.reason = "Balanced on the chart, " + where->from + " in " + name + " is grey within " +
                   figure("%.1f", worst->ciede2000) + " CIEDE2000" +
                   (compared > 1 ? ", the farthest of " + std::to_string(compared) + "." : ".");
        return {c};
    }
    if (!where->certain) c.verdict = Verdict::review;
    // The candidate's picture turns the other way than what the subject shows.
    const double mired = worst->miredShift;
    c.reason = "Balanced on the chart, " + where->from + " in " + name + " is " +
               figure("%.1f", worst->ciede2000) + " CIEDE2000 from grey: the light there is " +
               (std::abs(mired) < 3
                    ? std::string("of another tint")
                    : figure("%.0f", std::abs(mired)) + " mired " + (mired > 0 ? "colder" : "warmer")) +
               " than that on the chart.";
    c.remedy = "Hold the chart where the subject is, turned to the same lamp, and shoot it again.";
    return {c};
}

}  // namespace refero::detail
