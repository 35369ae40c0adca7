// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <tl/expected.hpp>
#include <utility>

namespace refero {

/// Something that a file, a chart or a person caused. The message names the thing, the value, the rule that
/// was broken and what to do; it is shown as it stands.
struct Error {
    std::string message;
};

template <class T>
using Result = tl::expected<T, Error>;
using Status = Result<void>;

inline tl::unexpected<Error> failure(std::string message) {
    return tl::unexpected<Error>(Error{std::move(message)});
}

}  // namespace refero
