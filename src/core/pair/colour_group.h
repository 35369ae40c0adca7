// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "core/chart/chart.h"
#include "core/grade/recipe.h"

namespace refero {

/// What a colour is judged with: greys, skin, then the ten hues of kRecipeSectors in their order.
inline constexpr std::size_t kNeutralGroup = 0, kSkinGroup = 1, kFirstHueGroup = 2;
inline constexpr std::size_t kColourGroups = kFirstHueGroup + kRecipeSectors.size();

/// By its role, else by its hue; nothing for what is nearly grey (C*ab up to 8) and no grey patch.
std::optional<std::size_t> colourGroup(Role role, const Lab& colour);
/// "neutral", "skin", or the Munsell letters of a hue.
std::string_view colourGroupId(std::size_t group);

}  // namespace refero
