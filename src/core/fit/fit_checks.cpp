// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/fit_checks.h"

#include <algorithm>
#include <cstdio>

namespace refero {
namespace {

Check figure(const char* id, const char* title, double value, const Band& band, std::string reason,
             const char* remedy) {
    Check c;
    c.id = id;
    c.title = title;
    c.value = value;
    c.unit = "CIEDE2000";
    c.low = band.low;
    c.high = band.high;
    c.scaleHigh = band.tolerableHigh * 1.25;
    char limit[40];
    std::snprintf(limit, sizeof limit, "at most %.1f", band.high);
    c.limit = limit;
    c.verdict = judge(value, band);
    c.reason = std::move(reason);
    if (c.verdict != Verdict::pass) c.remedy = remedy;
    return c;
}

std::string two(const char* format, double a, double b) {
    char text[200];
    std::snprintf(text, sizeof text, format, a, b);
    return text;
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
    out.push_back(figure(
        "mean", "Mean difference", s.after.mean, limits.mean,
        two(follows ? "Between the two cameras over the chart; as they are it is %.2f. Half the patches "
                      "are within %.2f."
                    : "Over the chart; balance alone leaves %.2f, and half the patches are within %.2f.",
            s.before.mean, s.after.median),
        "See which patches stand out in the list; look for glare or a cover on them."));
    out.push_back(figure("largest", "Largest difference", s.after.max, limits.largest,
                         "Patch " + who +
                             two(". 95 %% of the patches are within %.2f; before it was %.2f.",
                                 s.after.percentile95, s.before.percentile95),
                         "This colour stays off under this light: judge it by eye, or light it otherwise."));
    if (c.model != Model::balance)
        out.push_back(figure(
            "unseen", "Unseen colours", s.expectedError, limits.unseen,
            two("Expect this of an ordinary colour. Each patch left out in turn, the chart's strongest "
                "among them: %.2f on average, %.2f at the worst.",
                s.crossValidated.mean, s.crossValidated.max),
            "The chart promises more than it can keep; a chart with more patches would help."));
    if (!c.verifications.empty()) {
        const Verification& v = c.verifications.back();
        out.push_back(figure(
            "proof", "On another shot", v.differences.mean, limits.unseen,
            v.framePath.substr(v.framePath.find_last_of('/') + 1) + " (" + v.chartName + ")" +
                two(": the largest is %.2f, half are within %.2f.", v.differences.max, v.differences.median),
            "One of the two shots is not of this light, or a patch is covered or shines: see "
            "what moved between them."));
    }
    return out;
}

std::vector<Check> judged(const Correction& c) {
    return judged(c, c.limits);
}

}  // namespace refero
