// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/chart/patch_field.h"

namespace refero::words {

/// "4 x 6 patches", "11 x 6 and 1 x 7 patches".
std::string patchesOf(const std::vector<PatchField>& fields);

}  // namespace refero::words
