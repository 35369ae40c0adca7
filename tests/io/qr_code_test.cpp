// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/qr_code.h"

#include <gtest/gtest.h>

#include "core/plan/slate.h"
#include "support/codes.h"

namespace refero {
namespace {

// Grey pixels of a symbol, `scale` a module, with its quiet zone.
std::vector<unsigned char> drawn(const io::QrCode& code, int scale, int& side) {
    side = (code.side + 8) * scale;
    std::vector<unsigned char> grey(static_cast<std::size_t>(side * side), 255);
    for (int y = 0; y < code.side * scale; ++y)
        for (int x = 0; x < code.side * scale; ++x)
            if (code.at(x / scale, y / scale))
                grey[static_cast<std::size_t>((y + 4 * scale) * side + x + 4 * scale)] = 0;
    return grey;
}

TEST(QrCodes, AnotherLibraryReadsThemBack) {
    for (const plan::SetupId setup : {1, 42, 987654}) {
        const std::string text = plan::slateText({"K7Q2M", setup});
        const auto code = io::qrCode(text);
        ASSERT_TRUE(code) << code.error().message;
        EXPECT_EQ(code->side, 21) << "the smallest symbol there is";
        int side = 0;
        const auto grey = drawn(*code, 5, side);
        EXPECT_EQ(test::codesIn(grey.data(), side, side), std::vector<std::string>{text});
    }
}

// Level Q restores a quarter of the code words (ISO/IEC 18004, table 12).
TEST(QrCodes, ReadEvenWithAFingerOnTheEdge) {
    const std::string text = plan::slateText({"K7Q2M", 12});
    int side = 0;
    auto grey = drawn(*io::qrCode(text), 5, side);
    for (int y = 60; y < 80; ++y)
        for (int x = side - 40; x < side; ++x) grey[static_cast<std::size_t>(y * side + x)] = 120;
    EXPECT_EQ(test::codesIn(grey.data(), side, side), std::vector<std::string>{text});
}

TEST(QrCodes, TooLongATextIsRefused) {
    EXPECT_FALSE(io::qrCode(std::string(5000, 'x')));
}

}  // namespace
}  // namespace refero
