// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/records.h"

#include "core/say/say.h"

namespace refero::studio {

std::string_view name(FrameRole role) {
    constexpr std::array<std::string_view, 3> names{"unsorted", "chart", "subject"};
    return names[static_cast<std::size_t>(role)];
}

Result<FrameRole> frameRoleByName(std::string_view wanted) {
    for (const FrameRole r : kFrameRoles)
        if (name(r) == wanted) return r;
    return failure(say("\"%1\" is none of unsorted, chart and subject.", wanted));
}

std::string_view name(Placement placement) {
    return placement == Placement::byHand ? "by-hand" : "sorted";
}

Result<Placement> placementByName(std::string_view wanted) {
    for (const Placement p : kPlacements)
        if (name(p) == wanted) return p;
    return failure(say("\"%1\" is none of sorted and by-hand.", wanted));
}

}  // namespace refero::studio
