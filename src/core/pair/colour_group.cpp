// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/colour_group.h"

#include "core/colour/lab.h"
#include "core/say/say.h"

namespace refero {

std::optional<std::size_t> colourGroup(Role role, const Lab& colour) {
    constexpr double kColoured = 8;
    if (role == Role::neutral) return kNeutralGroup;
    if (role == Role::skin) return kSkinGroup;
    const Lch c = toLch(colour);
    if (c.C <= kColoured) return {};
    std::size_t sector = 0;
    for (std::size_t k = 1; k < kRecipeSectors.size(); ++k)
        if (sectorShare(c.h, k) > sectorShare(c.h, sector)) sector = k;
    return kFirstHueGroup + sector;
}

std::string_view colourGroupId(std::size_t group) {
    if (group == kNeutralGroup) return "neutral";
    if (group == kSkinGroup) return "skin";
    return kRecipeSectors[group - kFirstHueGroup].letters;
}

}  // namespace refero
