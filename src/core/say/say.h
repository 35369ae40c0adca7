// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <initializer_list>
#include <string>
#include <string_view>
#include <vector>

namespace refero {

/// Gives a sentence in the reader's language, its places unfilled; what it does not know it gives as it is.
using Catalogue = std::string (*)(std::string_view english);

/// The program's own, for all threads; without one, sentences stay English. Set at the start and when the
/// person chooses another language: what was said before stays as it was said.
void setCatalogue(Catalogue catalogue);

namespace detail {
std::string said(std::string_view english, std::initializer_list<std::string_view> places);
}

/// A whole sentence for a person, with %1 to %9 filled by the places. The tools collect its text where it is
/// written, so it is always a literal.
template <class... Places>
std::string say(std::string_view english, const Places&... places) {
    return detail::said(english, {std::string_view(places)...});
}

/// Marks a word of a table that goes through `say` where it is shown.
constexpr const char* word(const char* english) {
    return english;
}

/// "A", "A and B", "A, B and C"; where there are more than are named, "A, B and 3 more".
std::string listed(const std::vector<std::string>& named, std::size_t all);
inline std::string listed(const std::vector<std::string>& named) {
    return listed(named, named.size());
}

}  // namespace refero
