// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <type_traits>

#include "studio/records.h"

namespace refero::studio::detail {

template <class E>
concept Enumeration = std::is_enum_v<E>;

/// Choices are kept by name, so that a file outlives the order in which they are declared.
inline Result<plan::LightKind> parsed(const std::string& text, plan::LightKind) {
    return plan::lightKindByName(text);
}
inline Result<plan::Policy> parsed(const std::string& text, plan::Policy) {
    return plan::policyByName(text);
}
inline Result<plan::Recording> parsed(const std::string& text, plan::Recording) {
    return plan::recordingByName(text);
}
inline Result<Placement> parsed(const std::string& text, Placement) {
    return placementByName(text);
}
inline Result<FrameRole> parsed(const std::string& text, FrameRole) {
    return frameRoleByName(text);
}

}  // namespace refero::studio::detail
