// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/detail/check_parts.h"

namespace refero::detail {
namespace {

std::vector<Point> outlineOf(const Quad& q) {
    return {q[0], q[1], q[2], q[3], q[0]};
}

Check chart(const Reading& r, const Limits& limits) {
    const double agreement = std::max(r.agreement, r.robustAgreement);
    Check c = started("chart", "The right chart", agreement, "of its colours", limits.agreement);
    c.scaleLow = 0.5;
    c.limit = "at least " + percent(limits.agreement.low) + " explained";
    c.reason = percent(agreement) + " of the colours of " + r.chart.name + " are explained by what was read.";
    if (c.verdict != Verdict::pass) {
        c.reason += " That is little: it may be another chart, or the corners are not where they belong.";
        c.remedy = "Choose the chart that is in the picture, or set its corners by hand.";
        c.evidence.lines = {outlineOf(r.corners)};
    }
    return c;
}

// Only corners that a person has set can go round wrongly.
std::vector<Check> orientation(const Reading& r) {
    if (!r.cornersByHand) return {};
    const bool wrong = r.wrongQuarterTurns != 0;
    Check c = started("orientation", "Right way round", wrong ? 90.0 * r.wrongQuarterTurns : 0, "degrees",
                      {0, 0, 0, 0});
    c.scaleHigh = 360;
    c.limit = "corners in the definition's order";
    if (!wrong) {
        c.verdict = Verdict::pass;
        c.reason = "The corners go round the chart as its definition draws it.";
        return {c};
    }
    c.verdict = Verdict::reshoot;
    c.reason = "The colours agree much better with the corners moved on by " +
               std::to_string(r.wrongQuarterTurns) + " of 4.";
    c.remedy =
        "Set the corners as top left, top right, bottom right, bottom left of the chart, not of the "
        "picture.";
    c.evidence.lines = {{r.corners[0], r.corners[1]}};
    return {c};
}

Check several(const Reading& r) {
    Check c = started("several", "One chart", 1.0 + static_cast<double>(r.otherCharts.size()), "charts",
                      {1, 1, 1, 10});
    c.scaleHigh = 4;
    c.limit = "one in the frame";
    if (r.otherCharts.empty()) {
        c.reason = "No other chart was found beside it.";
        return c;
    }
    c.reason = "There is another chart in this frame; " + r.chart.name + " was read.";
    c.remedy = "Make sure that the one in the subject's light was read; take the other away.";
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
