// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/read/treatment.h"

namespace refero::words {

/// One line: what was mended, by how much, and how sure that is.
std::string sentence(const Treatment& treatment);

/// "A1, A2 and B3"; of many, the first six and how many more.
std::string listed(const std::vector<std::string>& ids);

}  // namespace refero::words
