// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/loan_words.h"

#include "core/say/figure.h"
#include "core/say/say.h"

#include <cmath>
#include <cstdio>

namespace refero::words {
namespace {

std::string quoted(const Loan& loan, std::size_t at) {
    return "\"" + (at < loan.from.size() ? loan.from[at] : std::string()) + "\"";
}

// " (12 mired warmer than its own)", or nothing where that is not known or too small to be said.
std::string apart(const Loan& loan) {
    if (!loan.mired || std::abs(*loan.mired) < 1) return {};
    return say(" (this light is %1 mired %2)", std::to_string(std::lround(std::abs(*loan.mired))),
               *loan.mired > 0 ? say("warmer") : say("cooler"));
}

std::string colours(const Loan& loan) {
    const std::string share = std::to_string(std::lround(100 * loan.share)) + " %";
    switch (loan.source) {
        case LoanSource::plan:
            return say("The plan's rules lend it the chart shot of %1.", quoted(loan, 0));
        case LoanSource::shelf:
            return say("Its colours are from the library: %1, the same body in the same kind of light%2.",
                       quoted(loan, 0), apart(loan));
        case LoanSource::mix:
            return say(
                "Its light lies between two in the library: its colours are %1 %2 and for the rest %3.",
                share, quoted(loan, 1), quoted(loan, 0));
        case LoanSource::body:
            return say(
                "Its colours are those of the same body in another light: %1%2. Shoot a chart where they "
                "matter.",
                quoted(loan, 0), apart(loan));
        case LoanSource::none:
            return say("Camera RGB is taken as BT.709, since no correction of this body is known.");
    }
    return {};
}

std::string balance(BalancedOn on) {
    switch (on) {
        case BalancedOn::grey:
            return say("It is balanced on something neutral in this light.");
        case BalancedOn::lender:
            return say("It is balanced as the lender is.");
        case BalancedOn::camera:
            return say("It is balanced as the camera was, which nothing proves.");
    }
    return {};
}

}  // namespace

std::string sentence(const Loan& loan) {
    return colours(loan) + " " + balance(loan.balance);
}

std::string label(const Loan& loan) {
    switch (loan.source) {
        case LoanSource::plan:
            return say("lent by the plan's rules");
        case LoanSource::shelf:
            return say("lent by the library");
        case LoanSource::mix:
            return say("lent by two lights of the library");
        case LoanSource::body:
            return say("lent by another light of this body");
        case LoanSource::none:
            return say("on a grey alone");
    }
    return {};
}

std::string sentence(const Disagreement& d) {
    return say(
        "The library's \"%1\" no longer agrees with this chart shot: they are %2 CIEDE2000 apart, where %3 "
        "was to be expected. A filter, another lens coating, a lamp of another make or a chart that has aged "
        "can be why.",
        d.before, figure("%.2f", d.apart), figure("%.2f", d.expected));
}

}  // namespace refero::words
