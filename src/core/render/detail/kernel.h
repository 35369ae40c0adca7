// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>

#include "core/render/render.h"

namespace refero::detail {

/// The best code for this processor, chosen at run time.
void renderSpan(std::span<const float> in, std::span<float> out, const Rendering& rendering);

}  // namespace refero::detail
