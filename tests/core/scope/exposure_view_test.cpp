// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/scope/exposure_view.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"

namespace refero {
namespace {

using Srgb = std::array<std::uint8_t, 3>;

// A frame of one grey per column.
LinearImage columns(const std::vector<Vector3>& colours) {
    LinearImage image(static_cast<int>(colours.size()) * 8, 8);
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            for (int c = 0; c < 3; ++c)
                image.pixel(x, y)[c] = static_cast<float>(colours[static_cast<std::size_t>(x / 8)](c));
    return image;
}

Srgb at(const ExposurePicture& p, int x, int y) {
    const std::uint8_t* v = p.bgra.data() + 4 * (y * p.width + x);
    return {v[2], v[1], v[0]};
}

Srgb keyed(ExposureView view, const std::string& label) {
    for (const ExposureKey& k : exposureKey(view))
        if (k.label == label) return k.srgb;
    ADD_FAILURE() << label;
    return {};
}

double lightness(const Srgb& c) {
    Vector3 linear;
    for (std::size_t k = 0; k < 3; ++k)
        linear(static_cast<Eigen::Index>(k)) = decode(Encoding::srgb, c[k] / 255.0);
    return toLab(Xyz::from(rgbToXyzD50(primaries::bt709) * linear), white::d50).L;
}

TEST(ExposureView, BandsAreStopsFromMidGreyAfterBalance) {
    // Balanced by these gains, the columns are 0.18 times a power of two.
    const Vector3 gains(2, 1, 1.6);
    std::vector<Vector3> colours;
    for (const double stops : {0.0, 0.5, 1.5, -0.5, -1.5, -4.5, -8.0})
        colours.push_back((Vector3::Constant(0.18 * std::exp2(stops))).cwiseQuotient(gains));
    const auto p =
        exposurePicture(columns(colours), gains, Transfer(Encoding::linear), ExposureView::bands, 1);
    const char* expected[] = {"mid-grey",
                              "+1/3 to +1",
                              "+1 to +2",
                              "\u22121 to \u22121/3",
                              "\u22122 to \u22121",
                              "\u22125 to \u22124",
                              "less than \u22125 stops"};
    for (std::size_t k = 0; k < colours.size(); ++k)
        EXPECT_EQ(at(p, static_cast<int>(k) * 8 + 3, 3), keyed(ExposureView::bands, expected[k]))
            << expected[k];
    const Srgb middle = keyed(ExposureView::bands, "mid-grey");
    EXPECT_EQ(middle[0], middle[1]);
    EXPECT_EQ(middle[1], middle[2]);
}

// They can be told apart without hue: at least 4.5 in L* between neighbours.
TEST(ExposureView, BandsRiseInLightness) {
    const auto key = exposureKey(ExposureView::bands);
    for (std::size_t k = 2; k < key.size(); ++k)
        EXPECT_GT(lightness(key[k - 1].srgb) - lightness(key[k].srgb), 4.5) << key[k].label;
}

TEST(ExposureView, ClippingNamesTheChannelsAndTheFloor) {
    const auto image =
        columns({{1.0, 0.5, 0.5}, {0.5, 1.0, 0.2}, {1, 1, 1}, {0.3, 0.3, 0.3}, {0, 0, 0.0001}});
    const auto p =
        exposurePicture(image, Vector3::Ones(), Transfer(Encoding::linear), ExposureView::clipping, 1);
    const auto shows = [&](int column, const Srgb& colour) {
        int n = 0;
        for (int x = 0; x < 8; ++x)
            for (int y = 0; y < 8; ++y) n += at(p, column * 8 + x, y) == colour;
        return n;
    };
    EXPECT_EQ(shows(0, keyed(ExposureView::clipping, "red clipped")), 32) << "every other square";
    EXPECT_EQ(shows(1, keyed(ExposureView::clipping, "green clipped")), 32);
    EXPECT_EQ(shows(2, keyed(ExposureView::clipping, "all channels clipped")), 32);
    EXPECT_EQ(shows(3, {0, 0, 0}), 0);
    EXPECT_EQ(shows(4, keyed(ExposureView::clipping, "at the floor")), 32);
}

// One clipped pixel in a block is one too many to be averaged away.
TEST(ExposureView, ASmallHighlightIsNotLostInAPreview) {
    LinearImage image(64, 64);
    for (int y = 0; y < 64; ++y)
        for (int x = 0; x < 64; ++x)
            for (int c = 0; c < 3; ++c) image.pixel(x, y)[c] = 0.2f;
    image.pixel(33, 33)[0] = 1;
    const auto p =
        exposurePicture(image, Vector3::Ones(), Transfer(Encoding::linear), ExposureView::clipping, 8);
    ASSERT_EQ(p.width, 8);
    EXPECT_NE(at(p, 4, 4), at(p, 2, 2));
}

// 90 % of full scale is 230 of 255, and 4 % is 10 (common practice); decoded by IEC 61966-2-1.
TEST(ExposureView, TargetsAreLevelsOfTheRecordingsEncoding) {
    const auto grey = [](double encoded) {
        return Vector3(Vector3::Constant(decode(Encoding::srgb, encoded)));
    };
    const auto image =
        columns({grey(230 / 255.0), grey(0.97), grey(10 / 255.0), grey(0.7), Vector3::Constant(0.18)});
    const auto p90 =
        exposurePicture(image, Vector3::Ones(), Transfer(Encoding::srgb), ExposureView::white90, 1);
    const auto p96 =
        exposurePicture(image, Vector3::Ones(), Transfer(Encoding::srgb), ExposureView::white96, 1);
    const Srgb white = keyed(ExposureView::white90, "white, 88 to 92 %"),
               black = keyed(ExposureView::white90, "black, 2 to 6 %"),
               middle = keyed(ExposureView::white90, "mid-grey within 1/3 stop");
    EXPECT_EQ(at(p90, 3, 3), white);
    EXPECT_NE(at(p96, 3, 3), white);
    EXPECT_NE(at(p90, 11, 3), white);
    EXPECT_EQ(at(p96, 11, 3), keyed(ExposureView::white96, "white, 94 to 98 %"));
    EXPECT_EQ(at(p90, 19, 3), black);
    EXPECT_NE(at(p90, 27, 3), white);
    EXPECT_EQ(at(p90, 35, 3), middle);
}

}  // namespace
}  // namespace refero
