// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/say/say.h"

#include <atomic>

namespace refero {
namespace {

std::atomic<Catalogue> chosen{nullptr};

}  // namespace

void setCatalogue(Catalogue catalogue) {
    chosen = catalogue;
}

std::string detail::said(std::string_view english, std::initializer_list<std::string_view> places) {
    const Catalogue catalogue = chosen;
    const std::string pattern = catalogue ? catalogue(english) : std::string(english);
    if (places.size() == 0) return pattern;
    std::string out;
    for (std::size_t i = 0; i < pattern.size(); ++i) {
        const std::size_t place =
            pattern[i] == '%' && i + 1 < pattern.size() ? static_cast<std::size_t>(pattern[i + 1] - '1') : 9;
        if (place >= places.size()) {
            out += pattern[i];
            continue;
        }
        out += places.begin()[place];
        ++i;
    }
    return out;
}

std::string listed(const std::vector<std::string>& named, std::size_t all) {
    std::string out;
    for (std::size_t i = 0; i < named.size(); ++i)
        out = i == 0                                         ? named[i]
              : i + 1 == named.size() && all == named.size() ? say("%1 and %2", out, named[i])
                                                             : say("%1, %2", out, named[i]);
    return all > named.size() ? say("%1 and %2 more", out, std::to_string(all - named.size())) : out;
}

}  // namespace refero
