// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "studio/contents.h"

namespace refero::studio {

/// How a setup's frames are served by the corrections there are.
struct SetupCoverage {
    SetupId setup = 0;  ///< 0: frames that are in no setup
    int valid = 0, weaker = 0, none = 0;
    std::string reason{};  ///< of the worst of them that there is; empty without frames

    bool operator==(const SetupCoverage&) const = default;
    int frames() const { return valid + weaker + none; }
};

/// In shooting order; frames in no setup come last, where there are any. Chart frames do not count.
std::vector<SetupCoverage> coverage(const Contents& contents, const plan::Day& day);

}  // namespace refero::studio
