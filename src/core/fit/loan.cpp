// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/loan.h"

#include "core/say/say.h"

namespace refero {
namespace {

constexpr std::array<std::string_view, 5> kSources{"plan", "shelf", "mix", "body", "none"};
constexpr std::array<std::string_view, 3> kBalances{"grey", "lender", "camera"};

}  // namespace

std::string_view name(LoanSource source) {
    return kSources[static_cast<std::size_t>(source)];
}

Result<LoanSource> loanSourceByName(std::string_view wanted) {
    for (const LoanSource s : kLoanSources)
        if (name(s) == wanted) return s;
    return failure(say("No source of colours is called \"%1\".", wanted));
}

std::string_view name(BalancedOn balance) {
    return kBalances[static_cast<std::size_t>(balance)];
}

Result<BalancedOn> balancedOnByName(std::string_view wanted) {
    for (const BalancedOn b : kBalancedOn)
        if (name(b) == wanted) return b;
    return failure(say("No balance is called \"%1\".", wanted));
}

}  // namespace refero
