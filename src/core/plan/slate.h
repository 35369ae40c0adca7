// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>

#include "core/plan/kit.h"
#include "core/result.h"

namespace refero::plan {

/// What the code on a slate says: the shoot and the setup, nothing else.
struct SlateCode {
    std::string shoot{};  ///< plan::Shoot::code
    SetupId setup = 0;

    bool operator==(const SlateCode&) const = default;
};

/// "RF:K7Q2M:12": signs of QR's alphanumeric mode only (ISO/IEC 18004, table 5), so that the smallest symbol
/// holds it.
std::string slateText(const SlateCode& code);
/// An error for any other text, such as the code of a parcel.
Result<SlateCode> slateFrom(std::string_view text);

/// A shoot's code of five signs from `random`, without those that are mistaken for another (0 O, 1 I L, U V).
std::string shootCode(std::uint64_t random);

}  // namespace refero::plan
