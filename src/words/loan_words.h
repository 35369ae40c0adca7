// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/fit/loan.h"

namespace refero::words {

/// Whose colours a lent correction has, and what it is balanced on, in two sentences.
std::string sentence(const Loan& loan);
/// The same in a few words: "lent by the library".
std::string label(const Loan& loan);

/// A correction of the library that a new chart shot's no longer agrees with.
struct Disagreement {
    std::string before;   ///< its name
    double apart = 0;     ///< mean CIEDE2000 between the two
    double expected = 0;  ///< that both promise together
};
/// By how much, and what can be why.
std::string sentence(const Disagreement& disagreement);

}  // namespace refero::words
