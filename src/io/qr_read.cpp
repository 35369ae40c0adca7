// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/qr_read.h"

#include <zbar.h>

#include <algorithm>
#include <cmath>

namespace refero::io {
namespace {

constexpr int kWidest = 1600;

// Brought up so that the lightest hundredth is white: the reader looks for contrast, not for light.
std::vector<unsigned char> greyOf(const LinearImage& image) {
    std::vector<float> luminance(image.pixels());
    for (std::size_t i = 0; i < luminance.size(); ++i) {
        const float* p = image.values().data() + 3 * i;
        luminance[i] = 0.25f * p[0] + 0.5f * p[1] + 0.25f * p[2];
    }
    std::vector<float> order = luminance;
    const auto high = order.begin() + static_cast<std::ptrdiff_t>(order.size() * 99 / 100);
    std::nth_element(order.begin(), high, order.end());
    const float white = std::max(1e-6f, *high);
    std::vector<unsigned char> out(luminance.size());
    std::transform(luminance.begin(), luminance.end(), out.begin(), [&](float v) {
        return static_cast<unsigned char>(255 * std::sqrt(std::clamp(v / white, 0.0f, 1.0f)));
    });
    return out;
}

}  // namespace

std::vector<std::string> codesIn(const LinearImage& image) {
    if (image.empty()) return {};
    const LinearImage small = shrunk(image, std::max(1, image.width() / kWidest));
    const auto grey = greyOf(small);
    zbar::ImageScanner scanner;
    scanner.set_config(zbar::ZBAR_NONE, zbar::ZBAR_CFG_ENABLE, 0);
    scanner.set_config(zbar::ZBAR_QRCODE, zbar::ZBAR_CFG_ENABLE, 1);
    zbar::Image picture(static_cast<unsigned>(small.width()), static_cast<unsigned>(small.height()), "Y800",
                        grey.data(), grey.size());
    scanner.scan(picture);
    std::vector<std::string> out;
    for (auto it = picture.symbol_begin(); it != picture.symbol_end(); ++it)
        if (std::find(out.begin(), out.end(), it->get_data()) == out.end()) out.push_back(it->get_data());
    return out;
}

}  // namespace refero::io
