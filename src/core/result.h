// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <tl/expected.hpp>
#include <utility>

namespace refero {

/// What callers decide by; nothing ever decides by a message.
enum class ErrorKind {
    other,
    notFound,     ///< what was looked for is not there
    partlyFound,  ///< it is there, but cut off, mirrored or not readable so
    stopped,      ///< whoever waited for it asked for that
};

/// Something that a file, a chart or a person caused. The message names the thing, the value, the rule that
/// was broken and what to do; it is shown as it stands.
struct Error {
    std::string message;
    ErrorKind kind = ErrorKind::other;
};

template <class T>
using Result = tl::expected<T, Error>;
using Status = Result<void>;

inline tl::unexpected<Error> failure(std::string message) {
    return tl::unexpected<Error>(Error{std::move(message)});
}
inline tl::unexpected<Error> failure(ErrorKind kind, std::string message) {
    return tl::unexpected<Error>(Error{std::move(message), kind});
}
/// What a long work gives that was asked to stop.
inline tl::unexpected<Error> stoppedEarly() {
    return failure(ErrorKind::stopped, "It was stopped.");
}

}  // namespace refero
