// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/result.h"

namespace refero {

/// Where the colours of a correction come from that has no chart shot of its own light behind it; the
/// strongest first.
enum class LoanSource {
    plan,   ///< another setup's chart shot, which the plan's rules allow
    shelf,  ///< the same body in the same kind of light
    mix,    ///< two lights of the same body, between which this one lies
    body,   ///< the same body in another light
    none,   ///< nobody: camera RGB is taken as BT.709
};
inline constexpr std::array kLoanSources{LoanSource::plan, LoanSource::shelf, LoanSource::mix,
                                         LoanSource::body, LoanSource::none};
/// "plan", "shelf", "mix", "body", "none": for files.
std::string_view name(LoanSource source);
Result<LoanSource> loanSourceByName(std::string_view name);

/// What a lent correction is balanced on.
enum class BalancedOn {
    grey,    ///< something neutral in a frame of this light
    lender,  ///< the lender's chart
    camera,  ///< nothing measured: the camera's own balance
};
inline constexpr std::array kBalancedOn{BalancedOn::grey, BalancedOn::lender, BalancedOn::camera};
/// "grey", "lender", "camera": for files.
std::string_view name(BalancedOn balance);
Result<BalancedOn> balancedOnByName(std::string_view name);

/// What stands in for a chart shot.
struct Loan {
    LoanSource source = LoanSource::none;
    BalancedOn balance = BalancedOn::camera;
    std::vector<std::string> from{};  ///< names of the lenders, the nearest first
    std::optional<double> mired{};    ///< how much warmer this light is than the nearest one's; where known
    double share = 0;                 ///< of a mix: the second's, 0..1

    bool operator==(const Loan&) const = default;
};

}  // namespace refero
