// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/slate.h"

#include "core/say/say.h"

#include <algorithm>
#include <charconv>

namespace refero::plan {
namespace {

constexpr std::string_view kPrefix = "RF:", kSigns = "23456789ABCDEFGHJKMNPQRSTWXYZ";

}  // namespace

std::string slateText(const SlateCode& code) {
    return std::string(kPrefix) + code.shoot + ":" + std::to_string(code.setup.number());
}

Result<SlateCode> slateFrom(std::string_view text) {
    const auto wrong = [&] { return failure(say("\"%1\" is not the code of a slate.", text)); };
    if (!text.starts_with(kPrefix)) return wrong();
    const std::string_view rest = text.substr(kPrefix.size());
    const auto colon = rest.find(':');
    if (colon == std::string_view::npos || colon == 0 || colon > 12) return wrong();
    SlateCode code{std::string(rest.substr(0, colon)), 0};
    const bool plain = std::all_of(code.shoot.begin(), code.shoot.end(),
                                   [](char c) { return kSigns.find(c) != kSigns.npos; });
    const std::string_view number = rest.substr(colon + 1);
    AnyId setup = 0;
    const auto [end, error] = std::from_chars(number.data(), number.data() + number.size(), setup);
    if (!plain || error != std::errc() || end != number.data() + number.size() || setup <= 0) return wrong();
    code.setup = setup;
    return code;
}

std::string shootCode(std::uint64_t random) {
    std::string out;
    for (int i = 0; i < 5; ++i) {
        out += kSigns[random % kSigns.size()];
        random /= kSigns.size();
    }
    return out;
}

}  // namespace refero::plan
