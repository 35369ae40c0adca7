// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/camera_words.h"

#include <cstdlib>

namespace refero::words {

std::string stopsInThirds(int thirds) {
    const int whole = std::abs(thirds) / 3, rest = std::abs(thirds) % 3;
    if (whole == 0 && rest == 0) return "nothing";
    const std::string part = rest == 0 ? "" : std::to_string(rest) + "/3";
    if (whole == 0) return part + " stop";
    return std::to_string(whole) + (part.empty() ? "" : " " + part) +
           (whole == 1 && rest == 0 ? " stop" : " stops");
}

}  // namespace refero::words
