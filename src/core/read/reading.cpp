// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/reading.h"

#include <algorithm>
#include <array>

namespace refero {

std::string_view name(Verdict verdict) {
    constexpr std::array<std::string_view, 3> names{"pass", "review", "reshoot"};
    return names[static_cast<std::size_t>(verdict)];
}

std::string_view label(Verdict verdict) {
    constexpr std::array<std::string_view, 3> labels{"Good", "Look again", "Shoot again"};
    return labels[static_cast<std::size_t>(verdict)];
}

const PatchReading* Reading::patch(std::string_view id) const {
    const auto it =
        std::find_if(patches.begin(), patches.end(), [&](const PatchReading& p) { return p.id == id; });
    return it == patches.end() ? nullptr : &*it;
}

}  // namespace refero
