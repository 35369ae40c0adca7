// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <zbar.h>

#include <algorithm>
#include <string>
#include <vector>

namespace refero::test {

/// The texts of all codes that zbar finds in a grey picture, sorted.
inline std::vector<std::string> codesIn(const unsigned char* grey, int width, int height) {
    zbar::ImageScanner scanner;
    scanner.set_config(zbar::ZBAR_QRCODE, zbar::ZBAR_CFG_ENABLE, 1);
    zbar::Image image(static_cast<unsigned>(width), static_cast<unsigned>(height), "Y800", grey,
                      static_cast<unsigned long>(width) * static_cast<unsigned long>(height));
    scanner.scan(image);
    std::vector<std::string> out;
    for (auto s = image.symbol_begin(); s != image.symbol_end(); ++s) out.push_back(s->get_data());
    std::sort(out.begin(), out.end());
    return out;
}

}  // namespace refero::test
