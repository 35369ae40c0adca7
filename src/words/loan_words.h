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

}  // namespace refero::words
