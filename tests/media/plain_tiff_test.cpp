// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A plain TIFF read by libtiff alone is the same frame as OpenImageIO makes of it.
#include <OpenImageIO/imageio.h>
#include <gtest/gtest.h>

#include "io/batch/output_profile.h"
#include "io/tiff_file.h"
#include "media/media.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero::media {
namespace {

using OIIO::ImageSpec;
using OIIO::TypeDesc;

struct Kind {
    const char* name;
    TypeDesc type;
    const char* compression;
    int tile = 0, orientation = 1;
    float gamma = 0;
    int colourSpace = 0;
    bool profile = false;
};

class PlainTiff : public testing::TestWithParam<Kind> {
  protected:
    std::string written(int channels = 3) {
        const Kind& k = GetParam();
        ImageSpec spec(211, 97, channels, k.type);
        spec.attribute("compression", k.compression);
        spec.attribute("Orientation", k.orientation);
        spec.attribute("Model", "Heron");
        spec.attribute("DateTime", "2026:05:14 09:12:08");
        if (k.gamma > 0) spec.attribute("Exif:Gamma", k.gamma);
        if (k.colourSpace > 0) spec.attribute("Exif:ColorSpace", k.colourSpace);
        if (k.tile > 0) spec.tile_width = spec.tile_height = k.tile;
        const std::string profile = k.profile ? *io::outputProfile(OutputSpace::displayP3) : std::string();
        if (k.profile)
            spec.attribute("ICCProfile", TypeDesc(TypeDesc::UINT8, static_cast<int>(profile.size())),
                           profile.data());
        test::Random random(7);
        std::vector<float> values(std::size_t{211} * 97 * static_cast<std::size_t>(channels));
        for (float& v : values) v = static_cast<float>(random.uniform(0, 1));
        const std::string path = folder / "a.tif";
        const auto out = OIIO::ImageOutput::create(path);
        EXPECT_TRUE(out->open(path, spec)) << out->geterror();
        EXPECT_TRUE(out->write_image(TypeDesc::FLOAT, values.data())) << out->geterror();
        EXPECT_TRUE(out->close());
        return path;
    }
    test::TemporaryFolder folder;
};

TEST_P(PlainTiff, IsTheFrameThatTheModuleReads) {
    const std::string path = written();
    for (const auto& stated : {std::optional<Transfer>(), std::optional<Transfer>(Encoding::rec709)}) {
        const auto plain = io::readPlainTiff(path, stated);
        const auto whole = readPicture(path, stated);
        ASSERT_TRUE(plain);
        ASSERT_TRUE(whole) << whole.error().message;
        EXPECT_EQ(plain->encoding, whole->encoding);
        EXPECT_EQ(plain->encodingSource, whole->encodingSource);
        EXPECT_EQ(plain->notes, whole->notes);
        EXPECT_EQ(plain->metadata.body, whole->metadata.body);
        EXPECT_EQ(plain->metadata.taken, whole->metadata.taken);
        ASSERT_EQ(plain->image.width(), whole->image.width());
        ASSERT_EQ(plain->image.height(), whole->image.height());
        const auto a = plain->image.values(), b = whole->image.values();
        for (std::size_t i = 0; i < a.size(); ++i)
            ASSERT_FLOAT_EQ(a[i], b[i]) << i;  // to the last digit but four, which is far below a count
    }
}

INSTANTIATE_TEST_SUITE_P(
    Kinds, PlainTiff,
    testing::Values(Kind{"Sixteen", TypeDesc::UINT16, "zip"}, Kind{"Eight", TypeDesc::UINT8, "lzw"},
                    Kind{"Floats", TypeDesc::FLOAT, "zip"}, Kind{"Plain", TypeDesc::UINT16, "none"},
                    Kind{"Tiles", TypeDesc::UINT16, "zip", 32}, Kind{"Turned", TypeDesc::UINT16, "zip", 0, 6},
                    Kind{"Gamma", TypeDesc::UINT16, "zip", 0, 1, 2.2f},
                    Kind{"Linear", TypeDesc::UINT16, "zip", 0, 1, 1.0f},
                    Kind{"Srgb", TypeDesc::UINT8, "zip", 0, 1, 0, 1},
                    Kind{"Profile", TypeDesc::UINT8, "none", 0, 3, 0, 0, true}),
    [](const auto& each) { return each.param.name; });

TEST(PlainTiffs, AreLeftToTheModuleWhereTheyAreNot) {
    const test::TemporaryFolder folder;
    for (const int channels : {1, 4}) {
        const std::string path = folder / "a.tif";
        ImageSpec spec(20, 10, channels, TypeDesc::UINT16);
        std::vector<float> values(std::size_t{200} * static_cast<std::size_t>(channels), 0.5f);
        const auto out = OIIO::ImageOutput::create(path);
        ASSERT_TRUE(out->open(path, spec));
        ASSERT_TRUE(out->write_image(TypeDesc::FLOAT, values.data()));
        ASSERT_TRUE(out->close());
        EXPECT_FALSE(io::readPlainTiff(path, {})) << channels;
    }
    test::put(folder / "text.tif", "not a picture");
    EXPECT_FALSE(io::readPlainTiff(folder / "text.tif", {}));
    EXPECT_FALSE(io::readPlainTiff(folder / "gone.tif", {}));
    const std::string whole = test::contentOf(folder / "a.tif");
    test::put(folder / "cut.tif", whole.substr(0, whole.size() / 2));
    EXPECT_FALSE(io::readPlainTiff(folder / "cut.tif", {})) << "the module says what is wrong with it";
}

}  // namespace
}  // namespace refero::media
