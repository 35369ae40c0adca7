// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/fit_checks.h"

#include <algorithm>
#include <cstdio>

#include "core/say/figure.h"

namespace refero {
namespace {

Check check(const char* id, std::string title, double value, const Band& band, std::string reason,
            std::string remedy) {
    Check c;
    c.id = id;
    c.title = std::move(title);
    c.value = value;
    c.unit = "CIEDE2000";
    c.low = band.low;
    c.high = band.high;
    c.scaleHigh = band.tolerableHigh * 1.25;
    c.limit = sayf("at most %.1f", band.high);
    c.verdict = judge(value, band);
    c.reason = std::move(reason);
    if (c.verdict != Verdict::pass) c.remedy = std::move(remedy);
    return c;
}

}  // namespace

std::vector<Check> judged(const Correction& c, const FitLimits& limits) {
    const FitSummary& s = c.summary;
    const auto worstPatch =
        std::max_element(c.patches.begin(), c.patches.end(), [](const auto& a, const auto& b) {
            return (a.used ? a.differenceAfter : -1) < (b.used ? b.differenceAfter : -1);
        });
    const std::string who = worstPatch == c.patches.end() ? "" : worstPatch->id;
    const bool follows = c.aim.kind == AimKind::reading;
    std::vector<Check> out;
    out.push_back(check(
        "mean", say("Mean difference"), s.after.mean, limits.mean,
        follows ? sayf("Between the two cameras over the chart; as they are it is %.2f. Half the patches are "
                       "within %.2f.",
                       s.before.mean, s.after.median)
                : sayf("Over the chart; balance alone leaves %.2f, and half the patches are within %.2f.",
                       s.before.mean, s.after.median),
        say("See which patches stand out in the list; look for glare or a cover on them.")));
    out.push_back(
        check("largest", say("Largest difference"), s.after.max, limits.largest,
              say("Patch %1. 95 % of the patches are within %2; before it was %3.", who,
                  figure("%.2f", s.after.percentile95), figure("%.2f", s.before.percentile95)),
              say("This colour stays off under this light: judge it by eye, or light it otherwise.")));
    if (c.model != Model::balance)
        out.push_back(check(
            "unseen", say("Unseen colours"), s.expectedError, limits.unseen,
            sayf("Expect this of an ordinary colour. Each patch left out in turn, the chart's strongest "
                 "among them: %.2f on average, %.2f at the worst.",
                 s.crossValidated.mean, s.crossValidated.max),
            say("The chart promises more than it can keep; a chart with more patches would help.")));
    if (!c.verifications.empty()) {
        const Verification& v = c.verifications.back();
        out.push_back(check("proof", say("On another shot"), v.differences.mean, limits.unseen,
                            say("%1 (%2): the largest is %3, half are within %4.",
                                v.framePath.substr(v.framePath.find_last_of('/') + 1), v.chartName,
                                figure("%.2f", v.differences.max), figure("%.2f", v.differences.median)),
                            say("One of the two shots is not of this light, or a patch is covered or shines: "
                                "see what moved between them.")));
    }
    return out;
}

std::vector<Check> judged(const Correction& c) {
    return judged(c, c.limits);
}

}  // namespace refero
