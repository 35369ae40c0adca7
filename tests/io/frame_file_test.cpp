// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/frame_file.h"

#include <OpenImageIO/imageio.h>
#include <gtest/gtest.h>

#include <cmath>
#include <limits>

#include "support/temporary.h"

namespace refero {
namespace {

using test::TemporaryFolder;

// Every pixel different, so that a turned picture cannot pass for an upright one.
EncodedImage gradient(int w, int h) {
    EncodedImage image(w, h);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            float* p = image.pixel(x, y);
            p[0] = static_cast<float>(x) / static_cast<float>(w);
            p[1] = static_cast<float>(y) / static_cast<float>(h);
            p[2] = 0.25f;
        }
    return image;
}

void writeRaw(const std::string& path, int w, int h, int channels, OIIO::TypeDesc type, float value,
              const std::function<void(OIIO::ImageSpec&)>& more = {}) {
    OIIO::ImageSpec spec(w, h, channels, type);
    if (more) more(spec);
    auto out = OIIO::ImageOutput::create(path);
    ASSERT_TRUE(out) << path;
    std::vector<float> pixels(static_cast<std::size_t>(w) * static_cast<std::size_t>(h * channels), value);
    for (std::size_t i = 0; i < pixels.size(); i += 7) pixels[i] = value / 2;
    ASSERT_TRUE(out->open(path, spec)) << out->geterror();
    ASSERT_TRUE(out->write_image(OIIO::TypeDesc::FLOAT, pixels.data())) << out->geterror();
    out->close();
}

struct Kind {
    const char* ending;
    Encoding encoding;
    double tolerance;  // of stored numbers: half a step of the format, or a codec's loss
    EncodingSource source;
};
const Kind kKinds[] = {{".tif", Encoding::linear, 0.51 / 65535, EncodingSource::file},
                       {".tif", Encoding::gamma22, 0.51 / 65535, EncodingSource::file},
                       {".tif", Encoding::srgb, 0.51 / 65535, EncodingSource::file},
                       {".exr", Encoding::linear, 1e-7, EncodingSource::file},
                       {".png", Encoding::srgb, 0.51 / 65535, EncodingSource::assumed},
                       {".jpg", Encoding::srgb, 0.03, EncodingSource::file},
                       {".dpx", Encoding::rec709, 0.51 / 1023, EncodingSource::file}};

TEST(FrameFile, EachKindComesBackWithItsEncoding) {
    const TemporaryFolder folder;
    for (const Kind& k : kKinds) {
        const EncodedImage image = gradient(60, 40);
        io::WriteOptions options;
        options.encoding = k.encoding;
        options.bits = std::string(k.ending) == ".dpx" ? 10 : 16;
        const std::string path = folder / (std::string("frame") + k.ending);
        ASSERT_TRUE(io::writeFrame(path, image, options)) << k.ending;
        const auto frame = io::readFrame(path);
        ASSERT_TRUE(frame) << frame.error().message;
        EXPECT_EQ(frame->encoding, k.encoding) << k.ending;
        EXPECT_EQ(frame->encodingSource, k.source) << k.ending;
        ASSERT_EQ(frame->image.width(), 60);
        for (const auto& [x, y] : {std::pair{10, 5}, std::pair{50, 30}})
            for (int c = 0; c < 3; ++c)
                EXPECT_NEAR(encode(k.encoding, frame->image.pixel(x, y)[c]), image.pixel(x, y)[c],
                            k.tolerance + 1e-6)
                    << k.ending;
    }
}

TEST(FrameFile, CarriesItsMetadata) {
    const TemporaryFolder folder;
    io::WriteOptions options;
    options.metadata.body = "Heron";
    options.metadata.lens = "60 mm";
    options.metadata.taken = "2026:05:14 09:12:08";
    options.metadata.description = "Tile library, LED panel";
    options.metadata.focalLength35mm = 60;
    ASSERT_TRUE(io::writeFrame(folder / "a.tif", gradient(8, 8), options));
    const auto frame = io::readFrame(folder / "a.tif");
    ASSERT_TRUE(frame);
    EXPECT_EQ(frame->metadata.body, "Heron");
    EXPECT_EQ(frame->metadata.lens, "60 mm");
    EXPECT_EQ(frame->metadata.taken, "2026:05:14 09:12:08");
    EXPECT_EQ(frame->metadata.description, "Tile library, LED panel");
    EXPECT_EQ(frame->metadata.focalLength35mm, 60);
}

TEST(FrameFile, StatedEncodingWins) {
    const TemporaryFolder folder;
    ASSERT_TRUE(io::writeFrame(folder / "a.png", gradient(8, 8), {}));
    const auto frame = io::readFrame(folder / "a.png", Encoding::rec709);
    ASSERT_TRUE(frame);
    EXPECT_EQ(frame->encoding, Encoding::rec709);
    EXPECT_EQ(frame->encodingSource, EncodingSource::stated);
}

// EXIF 2.3, tag 0112: what the stored first row and column are on display.
TEST(FrameFile, IsReadTheWayItIsShown) {
    const TemporaryFolder folder;
    for (int orientation = 1; orientation <= 8; ++orientation) {
        const std::string path = folder / ("o" + std::to_string(orientation) + ".tif");
        OIIO::ImageSpec spec(3, 2, 3, OIIO::TypeDesc::FLOAT);
        spec.attribute("Orientation", orientation);
        std::vector<float> pixels(18, 0.1f);
        pixels[0] = 1;  // stored top left
        auto out = OIIO::ImageOutput::create(path);
        ASSERT_TRUE(out->open(path, spec));
        ASSERT_TRUE(out->write_image(OIIO::TypeDesc::FLOAT, pixels.data()));
        out->close();
        const auto frame = io::readFrame(path);
        ASSERT_TRUE(frame) << frame.error().message;
        const bool turned = orientation >= 5;
        ASSERT_EQ(frame->image.width(), turned ? 2 : 3) << orientation;
        // Where the stored top left is shown: 1 top left, 2 top right, 3 bottom right, 4 bottom left; then
        // turned the same.
        const bool right = orientation == 2 || orientation == 3 || orientation == 6 || orientation == 7;
        const bool bottom = orientation == 3 || orientation == 4 || orientation == 7 || orientation == 8;
        const int x = right ? frame->image.width() - 1 : 0, y = bottom ? frame->image.height() - 1 : 0;
        EXPECT_EQ(frame->image.pixel(x, y)[0], 1.0f) << orientation;
    }
}

TEST(FrameFile, FourthChannelOfAlphaIsLeftAside) {
    const TemporaryFolder folder;
    writeRaw(folder / "a.png", 20, 20, 4, OIIO::TypeDesc::UINT8, 0.5f);
    EXPECT_TRUE(io::readFrame(folder / "a.png"));
}

TEST(FrameFile, NotANumberIsMadeFiniteAndCounted) {
    const TemporaryFolder folder;
    EncodedImage image = gradient(20, 20);
    image.pixel(3, 3)[0] = std::numeric_limits<float>::quiet_NaN();
    image.pixel(4, 4)[1] = std::numeric_limits<float>::infinity();
    io::WriteOptions options;
    ASSERT_TRUE(io::writeFrame(folder / "a.exr", image, options));
    const auto frame = io::readFrame(folder / "a.exr");
    ASSERT_TRUE(frame);
    EXPECT_EQ(frame->replacedValues, 2u);
    for (const float v : frame->image.values()) ASSERT_TRUE(std::isfinite(v));
}

TEST(FrameFile, SaysWhyItCannotBeRead) {
    const TemporaryFolder folder;
    const auto message = [](const std::string& path) {
        const auto frame = io::readFrame(path);
        EXPECT_FALSE(frame) << path;
        return frame ? std::string() : frame.error().message;
    };
    EXPECT_NE(message("/nowhere/a.tif").find("no file"), std::string::npos);
    EXPECT_NE(message(folder.path().string()).find("folder"), std::string::npos);
    test::put(folder / "text.tif", "This is a shopping list: clay, glaze, cones.");
    EXPECT_NE(message(folder / "text.tif").find("text.tif"), std::string::npos);
    test::put(folder / "empty.png", "");
    EXPECT_FALSE(message(folder / "empty.png").empty());
    writeRaw(folder / "grey.tif", 30, 30, 1, OIIO::TypeDesc::UINT16, 0.5f);
    EXPECT_NE(message(folder / "grey.tif").find("grey"), std::string::npos);
    writeRaw(folder / "five.tif", 10, 10, 5, OIIO::TypeDesc::UINT8, 0.5f);
    EXPECT_NE(message(folder / "five.tif").find("5 channels"), std::string::npos);
    writeRaw(folder / "print.tif", 10, 10, 4, OIIO::TypeDesc::UINT8, 0.5f, [](OIIO::ImageSpec& s) {
        s.channelnames = {"C", "M", "Y", "K"};
        s.alpha_channel = -1;
        s.attribute("tiff:ColorSpace", "CMYK");
        s.attribute("tiff:PhotometricInterpretation", 5);
    });
    EXPECT_FALSE(message(folder / "print.tif").empty());
}

TEST(FrameFile, TruncatedFilesAreNamedDamaged) {
    const TemporaryFolder folder;
    for (const char* ending : {".tif", ".png", ".exr", ".dpx", ".jpg"}) {
        const std::string whole = folder / (std::string("whole") + ending),
                          cut = folder / (std::string("cut") + ending);
        io::WriteOptions options;
        options.bits = std::string(ending) == ".dpx" ? 10 : 16;
        ASSERT_TRUE(io::writeFrame(whole, gradient(200, 150), options));
        const std::string bytes = test::contentOf(whole);
        for (const double share : {0.03, 0.4, 0.8}) {
            test::put(cut, bytes.substr(0, static_cast<std::size_t>(share * double(bytes.size()))));
            EXPECT_FALSE(io::readFrame(cut)) << ending << " at " << share;
        }
    }
}

// A TIFF's header that promises 30000 x 20000 pixels: refused from the header, before any memory is asked
// for.
TEST(FrameFile, HugePicturesAreRefusedByTheirHeader) {
    const TemporaryFolder folder;
    OIIO::ImageSpec spec(30000, 20000, 3, OIIO::TypeDesc::UINT8);
    spec.attribute("compression", "zip");
    spec.tile_width = spec.tile_height = 1024;
    auto out = OIIO::ImageOutput::create(folder / "huge.tif");
    ASSERT_TRUE(out->open(folder / "huge.tif", spec));
    std::vector<unsigned char> tile(1024 * 1024 * 3, 90);
    ASSERT_TRUE(out->write_tile(0, 0, 0, OIIO::TypeDesc::UINT8, tile.data()));
    out->close();
    const auto frame = io::readFrame(folder / "huge.tif");
    ASSERT_FALSE(frame);
    EXPECT_NE(frame.error().message.find("600 megapixels"), std::string::npos) << frame.error().message;
}

TEST(FrameFile, FloatIsNotClippedAndIntegersAre) {
    const TemporaryFolder folder;
    EncodedImage image(2, 1);
    for (float& v : image.values()) v = -0.25f;
    image.pixel(1, 0)[0] = image.pixel(1, 0)[1] = image.pixel(1, 0)[2] = 3.5f;
    ASSERT_TRUE(io::writeFrame(folder / "a.exr", image, {}));
    ASSERT_TRUE(io::writeFrame(folder / "a.tif", image, {}));
    const auto exr = io::readFrame(folder / "a.exr"), tif = io::readFrame(folder / "a.tif");
    EXPECT_EQ(exr->image.pixel(0, 0)[0], -0.25f);
    EXPECT_EQ(exr->image.pixel(1, 0)[2], 3.5f);
    EXPECT_EQ(tif->image.pixel(0, 0)[0], 0.0f);
    EXPECT_EQ(tif->image.pixel(1, 0)[2], 1.0f);
}

// SMPTE ST 2065-4 asks for chromaticities in the file; the reader here is OpenImageIO.
TEST(FrameFile, ExrSaysItsPrimaries) {
    const TemporaryFolder folder;
    io::WriteOptions options;
    options.space = OutputSpace::acescg;
    ASSERT_TRUE(io::writeFrame(folder / "a.exr", gradient(4, 4), options));
    auto in = OIIO::ImageInput::open(folder / "a.exr");
    ASSERT_TRUE(in);
    const auto* p = in->spec().find_attribute("chromaticities");
    ASSERT_TRUE(p);
    EXPECT_FLOAT_EQ(static_cast<const float*>(p->data())[0], 0.713f);
}

TEST(FrameFile, UnknownEndingsAreRefused) {
    const TemporaryFolder folder;
    EXPECT_FALSE(io::writeFrame(folder / "a.bmp", gradient(4, 4), {}));
    EXPECT_FALSE(io::writeFrame(folder / "a", gradient(4, 4), {}));
    EXPECT_EQ(folder.files(), 0u);
}

TEST(FrameFile, HeifIsReadWithinItsCodecsLoss) {
    const TemporaryFolder folder;
    const EncodedImage image = gradient(128, 96);
    const std::string file = folder / "a.heic";
    auto out = OIIO::ImageOutput::create(file);
    ASSERT_TRUE(out);
    OIIO::ImageSpec spec(128, 96, 3, OIIO::TypeDesc::UINT8);
    spec.attribute("compression", "heic:100");
    ASSERT_TRUE(out->open(file, spec)) << out->geterror();
    ASSERT_TRUE(out->write_image(OIIO::TypeDesc::FLOAT, image.values().data()));
    out->close();
    const auto frame = io::readFrame(file);
    ASSERT_TRUE(frame) << frame.error().message;
    ASSERT_EQ(frame->image.width(), 128);
    double furthest = 0;
    for (std::size_t i = 0; i < image.values().size(); ++i)
        furthest = std::max(furthest,
                            std::abs(encode(Encoding::srgb, frame->image.values()[i]) - image.values()[i]));
    EXPECT_LT(furthest, 0.05);
}

}  // namespace
}  // namespace refero
