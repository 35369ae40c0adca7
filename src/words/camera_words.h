// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

namespace refero::words {

/// Thirds of a stop as people say them: "1 1/3 stops", "2/3 stop"; of none, "nothing".
std::string stopsInThirds(int thirds);

}  // namespace refero::words
