// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string_view>

#include "core/fit/model.h"

namespace refero::words {

/// What a model is called: "Root polynomial 2".
std::string label(Model model);

}  // namespace refero::words
