// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>

namespace refero::io {

/// Well-formed UTF-8 (RFC 3629), overlong forms and surrogates aside.
bool isUtf8(std::string_view text);

/// For messages and JSON: bytes that are no UTF-8, and control characters, as question marks.
std::string printable(std::string_view text);

}  // namespace refero::io
