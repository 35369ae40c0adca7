// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/result.h"

namespace refero::io {

/// What a `.cube` says before it is carried out.
struct CubeScan {
    int points1d = 0, points3d = 0;  ///< of its curves; a side of its grid; 0: it has none
    std::string title;
    std::vector<std::string> remarks;  ///< what is odd in it, a sentence each
};

/// Errors name what is wrong, with its line: no size, a size that is none or beyond 129 (65,536 for curves),
/// a domain that is none, numbers that are not finite, too few or too many of them.
Result<CubeScan> scanCube(std::string_view text, const std::string& origin);

}  // namespace refero::io
