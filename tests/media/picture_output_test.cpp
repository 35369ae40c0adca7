// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is written row by row, as OpenImageIO reads it again. Full disks are in tests/cli/full_disk_test.cpp.
#include "media/picture_output.h"

#include <OpenImageIO/imageio.h>
#include <gtest/gtest.h>

#include <chrono>
#include <thread>

#include "io/batch/frames.h"
#include "support/temporary.h"

namespace refero::media {

using namespace io;
namespace {

using test::pattern;
using test::TemporaryFolder;

EncodedImage rowsOf(const EncodedImage& image, int from, int to) {
    EncodedImage out(image.width(), to - from);
    std::copy(image.pixel(0, from), image.pixel(0, from) + 3 * image.width() * (to - from),
              out.values().begin());
    return out;
}

std::vector<float> pixelsOf(const std::string& path) {
    const auto input = OIIO::ImageInput::open(path);
    EXPECT_TRUE(input) << path << " " << OIIO::geterror();
    if (!input) return {};
    std::vector<float> out(static_cast<std::size_t>(input->spec().width) *
                           static_cast<std::size_t>(input->spec().height) * 3);
    EXPECT_TRUE(input->read_image(0, 0, 0, 3, OIIO::TypeDesc::FLOAT, out.data())) << path;
    return out;
}

TEST(PictureOutput, InBandsIsTheSamePictureAsAtOnce) {
    const TemporaryFolder folder;
    // Noise, so that it does not go into what is gathered at a time.
    const EncodedImage image = pattern(700, 500);
    for (const std::string ending : {".png", ".jpg", ".tif", ".exr", ".dpx"}) {
        WriteOptions w;
        w.encoding = ending == ".exr" ? Encoding::linear : Encoding::srgb;
        w.metadata.taken = "2026:05:14 09:12:08";
        ASSERT_TRUE(writeFrame(folder / ("whole" + ending), image, w)) << ending;
        auto out = PictureOutput::begin(folder / ("bands" + ending), image.width(), image.height(), w);
        ASSERT_TRUE(out) << out.error().message;
        for (int y = 0; y < image.height(); y += 64) {
            const auto ok = out->rows(y, rowsOf(image, y, std::min(image.height(), y + 64)));
            ASSERT_TRUE(ok) << ok.error().message;
        }
        const auto ended = out->end();
        ASSERT_TRUE(ended) << ended.error().message;
        const auto bands = pixelsOf(folder / ("bands" + ending)),
                   whole = pixelsOf(folder / ("whole" + ending));
        ASSERT_EQ(bands.size(), image.values().size()) << ending;
        EXPECT_EQ(bands, whole) << ending;
        // JPEG is the only one that is not what went in, to its bits.
        const float within = ending == ".jpg" ? 0.25f : ending == ".dpx" ? 0.51f / 255 : 1e-4f;
        double largest = 0;
        for (std::size_t i = 0; i < bands.size(); ++i)
            largest = std::max(largest, double(std::abs(bands[i] - image.values()[i])));
        EXPECT_LE(largest, within) << ending;
    }
}

TEST(PictureOutput, SaysWhereItCannotBeginAndWhatItCannotWrite) {
    const TemporaryFolder folder;
    for (const char* ending : {".png", ".jpg", ".tif", ".exr"}) {
        const auto out = PictureOutput::begin(folder / (std::string("none/x") + ending), 4, 4, {});
        ASSERT_FALSE(out) << ending;
        EXPECT_NE(out.error().message.find("could not be written"), std::string::npos) << out.error().message;
    }
    EXPECT_FALSE(PictureOutput::begin(folder / "x.words", 4, 4, {}));
    // ITU-T T.81 counts to 65535; libjpeg stops at 65500, and would stop everything else with it.
    for (const auto& [width, height] : {std::pair{65501, 2}, std::pair{2, 70000}}) {
        const auto wide = PictureOutput::begin(folder / "wide.jpg", width, height, {});
        ASSERT_FALSE(wide);
        EXPECT_NE(wide.error().message.find("65,500"), std::string::npos) << wide.error().message;
    }
    EXPECT_EQ(folder.files(), 0u);
}

// No name of a side file and no time of day gets into it: two runs give the same bytes. (A TIFF without a
// date of its own does get one from OpenImageIO.)
TEST(PictureOutput, IsTheSameFileWheneverItIsWritten) {
    const TemporaryFolder first, second;
    const EncodedImage image = pattern(40, 30);
    WriteOptions dated;
    dated.metadata.taken = "2026:05:14 09:12:08";
    const auto writeAll = [&](const TemporaryFolder& folder) {
        for (const char* ending : {".png", ".jpg", ".tif", ".exr", ".dpx"})
            ASSERT_TRUE(writeFrame(folder / (std::string("x") + ending), image,
                                   std::string(ending) == ".tif" ? dated : WriteOptions{}))
                << ending;
    };
    writeAll(first);
    std::this_thread::sleep_for(std::chrono::milliseconds(1100));
    writeAll(second);
    for (const char* ending : {".png", ".jpg", ".tif", ".exr", ".dpx"})
        EXPECT_EQ(test::contentOf(first / (std::string("x") + ending)),
                  test::contentOf(second / (std::string("x") + ending)))
            << ending;
}

// A picture that was begun and given up is none: whoever writes to the side takes it away.
TEST(PictureOutput, MayBeGivenUpInTheMiddle) {
    const TemporaryFolder folder;
    const EncodedImage image = pattern(64, 64);
    for (const char* ending : {".png", ".jpg", ".tif", ".exr"}) {
        auto out = PictureOutput::begin(folder / (std::string("x") + ending), 64, 64, {});
        ASSERT_TRUE(out);
        EXPECT_TRUE(out->rows(0, rowsOf(image, 0, 16)));
        PictureOutput moved = *std::move(out);
        EXPECT_TRUE(moved.rows(16, rowsOf(image, 16, 32)));
    }
}

}  // namespace
}  // namespace refero::media
