// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/detail/check_parts.h"
#include "core/say/say.h"

namespace refero::detail {
namespace {

std::vector<Point> outlineOf(const Quad& q) {
    return {q[0], q[1], q[2], q[3], q[0]};
}

Check chart(const Reading& r, const Limits& limits) {
    const double agreement = std::max(r.agreement, r.robustAgreement);
    Check c = started("chart", say("The right chart"), agreement, word("of its colours"), limits.agreement);
    c.scaleLow = 0.5;
    c.limit = say("at least %1 explained", percent(limits.agreement.low));
    c.reason =
        say("%1 of the colours of %2 are explained by what was read.", percent(agreement), r.chart.name);
    if (c.verdict != Verdict::pass) {
        c.reason +=
            say(" That is little: it may be another chart, or the corners are not where they belong.");
        c.remedy = say("Choose the chart that is in the picture, or set its corners by hand.");
        c.evidence.lines = {outlineOf(r.corners)};
    }
    return c;
}

// Only corners that a person has set can go round wrongly.
std::vector<Check> orientation(const Reading& r) {
    if (!r.cornersByHand) return {};
    const bool wrong = r.wrongQuarterTurns != 0;
    Check c = started("orientation", say("Right way round"), wrong ? 90.0 * r.wrongQuarterTurns : 0,
                      "degrees", {0, 0, 0, 0});
    c.scaleHigh = 360;
    c.limit = say("corners in the definition's order");
    if (!wrong) {
        c.verdict = Verdict::pass;
        c.reason = say("The corners go round the chart as its definition draws it.");
        return {c};
    }
    c.verdict = Verdict::reshoot;
    c.reason = say("The colours agree much better with the corners moved on by %1 of 4.",
                   std::to_string(r.wrongQuarterTurns));
    c.remedy =
        say("Set the corners as top left, top right, bottom right, bottom left of the chart, not of the "
            "picture.");
    c.evidence.lines = {{r.corners[0], r.corners[1]}};
    return {c};
}

Check several(const Reading& r) {
    Check c = started("several", say("One chart"), 1.0 + static_cast<double>(r.otherCharts.size()),
                      word("charts"), {1, 1, 1, 10});
    c.scaleHigh = 4;
    c.limit = say("one in the frame");
    if (r.otherCharts.empty()) {
        c.reason = say("No other chart was found beside it.");
        return c;
    }
    c.reason = say("There is another chart in this frame; %1 was read.", r.chart.name);
    c.remedy = say("Make sure that the one in the subject's light was read; take the other away.");
    for (const Quad& q : r.otherCharts) c.evidence.lines.push_back(outlineOf(q));
    return c;
}

}  // namespace

std::vector<Check> identityChecks(const Reading& r, const Limits& limits) {
    std::vector<Check> out{chart(r, limits)};
    for (Check& c : orientation(r)) out.push_back(std::move(c));
    if (r.othersSought) out.push_back(several(r));
    return out;
}

}  // namespace refero::detail
