// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/say/figure.h"

namespace refero::words {

/// The file's name of a path.
inline std::string fileOf(const std::string& path) {
    return path.substr(path.find_last_of('/') + 1);
}

}  // namespace refero::words
