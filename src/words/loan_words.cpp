// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/loan_words.h"

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
    return " (this light is " + std::to_string(std::lround(std::abs(*loan.mired))) + " mired " +
           (*loan.mired > 0 ? "warmer" : "cooler") + ")";
}

std::string colours(const Loan& loan) {
    const std::string share = std::to_string(std::lround(100 * loan.share)) + " %";
    switch (loan.source) {
        case LoanSource::plan:
            return "The plan's rules lend it the chart shot of " + quoted(loan, 0) + ".";
        case LoanSource::shelf:
            return "Its colours are from the library: " + quoted(loan, 0) +
                   ", the same body in the same kind of light" + apart(loan) + ".";
        case LoanSource::mix:
            return "Its light lies between two in the library: its colours are " + share + " " +
                   quoted(loan, 1) + " and for the rest " + quoted(loan, 0) + ".";
        case LoanSource::body:
            return "Its colours are those of the same body in another light: " + quoted(loan, 0) +
                   apart(loan) + ". Shoot a chart where they matter.";
        case LoanSource::none:
            return "Camera RGB is taken as BT.709, since no correction of this body is known.";
    }
    return {};
}

std::string balance(BalancedOn on) {
    switch (on) {
        case BalancedOn::grey:
            return "It is balanced on something neutral in this light.";
        case BalancedOn::lender:
            return "It is balanced as the lender is.";
        case BalancedOn::camera:
            return "It is balanced as the camera was, which nothing proves.";
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
            return "lent by the plan's rules";
        case LoanSource::shelf:
            return "lent by the library";
        case LoanSource::mix:
            return "lent by two lights of the library";
        case LoanSource::body:
            return "lent by another light of this body";
        case LoanSource::none:
            return "on a grey alone";
    }
    return {};
}

std::string sentence(const Disagreement& d) {
    char figures[120];
    std::snprintf(figures, sizeof figures, "%.2f CIEDE2000 apart, where %.2f was to be expected", d.apart,
                  d.expected);
    return "The library's \"" + d.before + "\" no longer agrees with this chart shot: they are " + figures +
           ". A filter, another lens coating, a lamp of another make or a chart that has aged can be why.";
}

}  // namespace refero::words
