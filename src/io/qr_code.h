// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/result.h"

namespace refero::io {

/// A QR symbol (ISO/IEC 18004) without its quiet zone, which has to be four modules of white on every side.
struct QrCode {
    int side = 0;            ///< modules
    std::vector<bool> dark;  ///< row by row

    bool at(int x, int y) const { return dark[static_cast<std::size_t>(y * side + x)]; }
};

/// Error correction level Q: a quarter of it may be dirty or covered. An error where the text is too long.
Result<QrCode> qrCode(const std::string& text);

}  // namespace refero::io
