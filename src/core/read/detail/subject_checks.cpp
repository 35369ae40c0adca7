// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>
#include <filesystem>

#include "core/read/detail/check_parts.h"
#include "core/read/grey_candidate.h"
#include "core/say/figure.h"

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
    Check c = started("light", say("The subject's light"), worst->ciede2000, "CIEDE2000", limits.subject);
    c.scaleHigh = 12;
    c.limit = say("at most %1 on a mid-grey", figure("%.1f", limits.subject.high));
    const std::string name = std::filesystem::path(where->path).filename().string();
    if (c.verdict == Verdict::pass) {
        const std::string off = figure("%.1f", worst->ciede2000);
        c.reason =
            compared > 1
                ? say("Balanced on the chart, %1 in %2 is grey within %3 CIEDE2000, the farthest of %4.",
                      where->from, name, off, std::to_string(compared))
                : say("Balanced on the chart, %1 in %2 is grey within %3 CIEDE2000.", where->from, name, off);
        return {c};
    }
    if (!where->certain) c.verdict = Verdict::review;
    // The candidate's picture turns the other way than what the subject shows.
    const double mired = worst->miredShift;
    c.reason =
        say("Balanced on the chart, %1 in %2 is %3 CIEDE2000 from grey: the light there is %4 than that on "
            "the chart.",
            where->from, name, figure("%.1f", worst->ciede2000),
            std::abs(mired) < 3 ? say("of another tint")
            : mired > 0         ? sayf("%.0f mired colder", mired)
                                : sayf("%.0f mired warmer", -mired));
    c.remedy = say("Hold the chart where the subject is, turned to the same lamp, and shoot it again.");
    return {c};
}

}  // namespace refero::detail
