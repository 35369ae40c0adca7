// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/assess/assessment.h"

namespace refero::words {

/// What it is fed and what it gives: "Fed the recorded numbers in srgb, it gives srgb (guessed)."
std::string terms(const TransformTerms& terms);
/// A finding of an assessment: a few words, what was measured, and whether it is one to look at.
struct AssessFinding {
    std::string
        id;  ///< "error", "level", "balance", "casts", "hues", "reverses", "bands", "merges", "cut", ...
    Verdict verdict = Verdict::pass;
    std::string title, reason;
};
std::vector<AssessFinding> findings(const Assessment& assessment);

}  // namespace refero::words
