// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/code_points.h"

#include <gtest/gtest.h>

#include "core/colour/encoding.h"
#include "io/files/safe_write.h"
#include "io/frame_file.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

using test::TemporaryFolder;

std::string big(std::uint32_t v) {
    return {static_cast<char>(v >> 24), static_cast<char>(v >> 16), static_cast<char>(v >> 8),
            static_cast<char>(v)};
}
std::string chunk(const std::string& kind, const std::string& data) {
    return big(static_cast<std::uint32_t>(data.size())) + kind + data + big(0);
}
std::string box(const std::string& kind, const std::string& data) {
    return big(static_cast<std::uint32_t>(data.size() + 8)) + kind + data;
}
const std::string kPng("\x89PNG\r\n\x1a\n", 8);

std::optional<Encoding> marked(const std::string& bytes) {
    const TemporaryFolder folder;
    EXPECT_TRUE(writeFile(folder / "x", bytes));
    return markedEncoding(folder / "x");
}

// PNG, third edition, 11.3.2: cICP before sRGB before gAMA; gAMA is the encoding exponent times 100,000.
TEST(MarkedEncoding, OfPngFollowsTheOrderOfTheStandard) {
    const std::string head = chunk("IHDR", std::string(13, '\0')), gamma = chunk("gAMA", big(45455)),
                      srgb = chunk("sRGB", std::string(1, '\0')), pq = chunk("cICP", {9, 16, 0, 1}),
                      end = chunk("IDAT", "");
    EXPECT_EQ(marked(kPng + head + gamma + end), Encoding::gamma22);
    EXPECT_EQ(marked(kPng + head + chunk("gAMA", big(100000)) + end), Encoding::linear);
    EXPECT_EQ(marked(kPng + head + gamma + srgb + end), Encoding::srgb);
    EXPECT_EQ(marked(kPng + head + gamma + srgb + pq + end), Encoding::pq);
    EXPECT_EQ(marked(kPng + head + end), std::nullopt);
    EXPECT_EQ(marked(kPng + head + chunk("gAMA", big(30000)) + end), std::nullopt)
        << "no curve that is known here";
    EXPECT_EQ(marked(kPng + big(0xFFFFFFFF) + "gAMA"), std::nullopt);
    EXPECT_EQ(marked("x"), std::nullopt);
}

// ISO/IEC 23008-12 and 14496-12: ftyp, meta with its version, iprp, ipco, colr of the kind nclx.
TEST(MarkedEncoding, OfHeifIsThatOfItsColourBox) {
    const auto heif = [](char transfer) {
        const std::string colour =
            box("colr", std::string("nclx") + std::string({0, 9, 0, transfer, 0, 9, '\x80'}));
        return box("ftyp", "heicmif1") + box("meta", big(0) + box("iprp", box("ipco", colour)));
    };
    EXPECT_EQ(marked(heif(16)), Encoding::pq);
    EXPECT_EQ(marked(heif(18)), Encoding::hlg);
    EXPECT_EQ(marked(heif(13)), Encoding::srgb);
    EXPECT_EQ(marked(heif(99)), std::nullopt);
    EXPECT_EQ(marked(box("ftyp", "heicmif1") + big(4) + "meta"), std::nullopt)
        << "a box smaller than its head";
}

TEST(MarkedEncoding, IsWhatAPictureIsReadWith) {
    const TemporaryFolder folder;
    EncodedImage image(16, 16);
    for (float& v : image.values()) v = 0.5f;
    WriteOptions o;
    o.encoding = Encoding::srgb;
    ASSERT_TRUE(writeFrame(folder / "a.png", image, o));
    std::string bytes = test::contentOf(folder / "a.png");
    // Another mark before the picture; the checksum is not looked at for what is no pixel.
    const auto at = bytes.find("IDAT") - 4;
    for (std::size_t cut; (cut = bytes.find("sRGB")) != bytes.npos && cut < at;) bytes.erase(cut - 4, 13);
    const auto before = bytes.find("IDAT") - 4;
    bytes.insert(before, std::string("\0\0\0\x04"
                                     "cICP"
                                     "\x09\x12\x00\x01"
                                     "\x2b\xb4\x5c\x50",
                                     16));
    ASSERT_TRUE(writeFile(folder / "b.png", bytes));
    const auto frame = readFrame(folder / "b.png");
    ASSERT_TRUE(frame) << frame.error().message;
    EXPECT_EQ(frame->encoding, Encoding::hlg);
}

}  // namespace
}  // namespace refero::io
