// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/encoding_source.h"

#include "core/say/say.h"

#include <algorithm>
#include <array>
#include <string>

namespace refero {
namespace {

constexpr std::array<std::string_view, 3> kNames{"stated", "file", "assumed"};

}  // namespace

std::string_view name(EncodingSource source) {
    return kNames[static_cast<std::size_t>(source)];
}

Result<EncodingSource> encodingSourceByName(std::string_view name) {
    const auto it = std::find(kNames.begin(), kNames.end(), name);
    if (it == kNames.end())
        return failure(say("\"%1\" is no source of an encoding; it is stated, file or assumed.", name));
    return static_cast<EncodingSource>(it - kNames.begin());
}

}  // namespace refero
