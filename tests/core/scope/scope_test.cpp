// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/scope/scope.h"

#include <gtest/gtest.h>

#include <numeric>
#include <random>

#include "core/colour/encoding.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/scope/scope_figures.h"

namespace refero {
namespace {

using Bytes = std::vector<std::uint8_t>;

Bytes filled(int w, int h, std::uint8_t r, std::uint8_t g, std::uint8_t b) {
    Bytes out;
    for (int i = 0; i < w * h; ++i) out.insert(out.end(), {b, g, r, 255});
    return out;
}

ScopePicture pictureOf(const Bytes& bytes, int w, int h) {
    return {bytes.data(), w, h, 4 * static_cast<std::ptrdiff_t>(w)};
}

std::uint64_t total(const std::vector<std::uint32_t>& counts) {
    return std::accumulate(counts.begin(), counts.end(), std::uint64_t{0});
}

// ITU-R BT.709-6, items 3.2 and 3.3. By hand, for the eight corners of the cube at 100 %: e.g. yellow (1, 1,
// 0) has Y' = 0.2126 + 0.7152 = 0.9278, Cb = (0 - 0.9278) / 1.8556 = -0.5, Cr = (1 - 0.9278) / 1.5748 =
// 0.0458.
TEST(Scope, HasTheLumaAndColourDifferencesOfBt709) {
    struct Corner {
        Vector3 rgb;
        double y, cb, cr;
    };
    for (const Corner& c :
         {Corner{{1, 1, 1}, 1, 0, 0}, Corner{{0, 0, 0}, 0, 0, 0}, Corner{{1, 1, 0}, 0.9278, -0.5, 0.0458},
          Corner{{0, 1, 1}, 0.7874, 0.1146, -0.5}, Corner{{0, 1, 0}, 0.7152, -0.3854, -0.4542},
          Corner{{1, 0, 1}, 0.2848, 0.3854, 0.4542}, Corner{{1, 0, 0}, 0.2126, -0.1146, 0.5},
          Corner{{0, 0, 1}, 0.0722, 0.5, -0.0458}}) {
        const YCbCr v = toYCbCr(c.rgb);
        EXPECT_NEAR(v.y, c.y, 5e-5);
        EXPECT_NEAR(v.cb, c.cb, 5e-5);
        EXPECT_NEAR(v.cr, c.cr, 5e-5);
    }
}

TEST(Scope, PutsEveryPixelWhereTheFormulaSays) {
    std::mt19937 random(7);
    for (int round = 0; round < 200; ++round) {
        const auto r = static_cast<std::uint8_t>(random() % 256),
                   g = static_cast<std::uint8_t>(random() % 256),
                   b = static_cast<std::uint8_t>(random() % 256);
        const Bytes bytes = filled(16, 8, r, g, b);
        const Scopes s = scopesOf(pictureOf(bytes, 16, 8));
        const YCbCr e = toYCbCr(Vector3(r, g, b) / 255);
        EXPECT_EQ(s.channels[0][r], 128u);
        EXPECT_EQ(s.channels[1][g], 128u);
        EXPECT_EQ(s.channels[2][b], 128u);
        const auto luma = static_cast<std::size_t>(std::lround(255 * e.y));
        EXPECT_EQ(s.luma[luma], 128u);
        // Each of the 16 columns of the picture fills one of the scope's.
        EXPECT_EQ(s.lumaWaveform[Scopes::waveformAt(0, static_cast<int>(luma))], 8u);
        EXPECT_EQ(s.lumaWaveform[Scopes::waveformAt(240, static_cast<int>(luma))], 8u);
        std::uint64_t near = 0;  // within one place: half-way cases may fall to either side
        for (const double u : {-1.0, 0.0, 1.0})
            for (const double v : {-1.0, 0.0, 1.0})
                near += s.vectorscope[Scopes::vectorAt(e.cb + u / 255, e.cr + v / 255)];
        EXPECT_EQ(near, 128u);
    }
}

TEST(Scope, KeepsTheColumnsApart) {
    Bytes bytes;
    for (int y = 0; y < 10; ++y)
        for (int x = 0; x < 512; ++x) {
            const auto v = static_cast<std::uint8_t>(x < 256 ? 40 : 200);
            bytes.insert(bytes.end(), {v, v, v, 255});
        }
    const Scopes s = scopesOf(pictureOf(bytes, 512, 10));
    EXPECT_EQ(s.parade[0][Scopes::waveformAt(127, 40)], 20u);
    EXPECT_EQ(s.parade[0][Scopes::waveformAt(127, 200)], 0u);
    EXPECT_EQ(s.parade[2][Scopes::waveformAt(128, 200)], 20u);
    EXPECT_EQ(total(s.vectorscope), 5120u);
    EXPECT_EQ(s.vectorscope[Scopes::vectorAt(0, 0)], 5120u) << "greys sit in the middle";
}

TEST(Scope, ThinsLargePicturesAndEndsWithEmptyOnes) {
    const Bytes bytes = filled(3000, 2000, 9, 90, 200);
    const Scopes s = scopesOf(pictureOf(bytes, 3000, 2000));
    EXPECT_EQ(total(s.vectorscope), 1500u * 1000u);
    EXPECT_EQ(total(scopesOf(ScopePicture{}).vectorscope), 0u);
    EXPECT_EQ(total(scopesOf(pictureOf(bytes, 3000, 2000).part(2990, -5, 100, 10)).vectorscope), 50u);
    EXPECT_EQ(total(scopesOf(pictureOf(bytes, 3000, 2000).part(4000, 0, 5, 5)).vectorscope), 0u);
}

TEST(Scope, ShowsColoursSideBySide) {
    const std::vector<Vector3> greys{{0.8, 0.8, 0.8}, {0.5, 0.5, 0.5}, {0.1, 0.1, 0.1}};
    const Scopes s = scopesOf(greys);
    EXPECT_GT(s.lumaWaveform[Scopes::waveformAt(10, 204)], 0u);
    EXPECT_GT(s.lumaWaveform[Scopes::waveformAt(128, 128)], 0u);
    EXPECT_GT(s.lumaWaveform[Scopes::waveformAt(250, 26)], 0u);
    EXPECT_EQ(s.vectorscope[Scopes::vectorAt(0, 0)], 3u);
}

// The targets are the chart's own values: rendered by the same standard they must land in their boxes.
TEST(Scope, TargetsAreWhereTheReferencesFall) {
    Chart chart;
    Patch red;
    red.id = "R";
    red.role = Role::primary;
    red.labD50 = {45, 50, 30, white::d50};
    Patch grey = red;
    grey.id = "N";
    grey.role = Role::neutral;
    chart.patches = {red, grey};
    const auto targets = vectorscopeTargets(chart);
    ASSERT_EQ(targets.size(), 1u);
    EXPECT_EQ(targets[0].id, "R");
    const Vector3 linear = xyzD50ToLinear(OutputSpace::linearSrgb) * toXyz(red.labD50).vector();
    // BT.709-6 item 1.2 by hand: V = 1.099 L^0.45 - 0.099 above 0.018.
    const auto camera = [](double l) { return l < 0.018 ? 4.5 * l : 1.099 * std::pow(l, 0.45) - 0.099; };
    const double r = camera(linear.x()), g = camera(linear.y()), b = camera(linear.z());
    const double y = 0.2126 * r + 0.7152 * g + 0.0722 * b;
    EXPECT_NEAR(targets[0].cb, (b - y) / 1.8556, 1e-6);
    EXPECT_NEAR(targets[0].cr, (r - y) / 1.5748, 1e-6);
    EXPECT_GT(targets[0].cr, 0.1);
}

// By hand: of 80 pixels at code 51 (20 % of 255) and 20 at 255, the median is 20 %, a fifth is at the top;
// grey has no colour difference.
TEST(Scope, TellsItsFigures) {
    Bytes bytes = filled(8, 10, 51, 51, 51);
    const Bytes white = filled(2, 10, 255, 255, 255);
    bytes.insert(bytes.end(), white.begin(), white.end());
    const auto f = scopeFigures(scopesOf(pictureOf(bytes, 10, 10)));
    ASSERT_TRUE(f);
    for (const ChannelFigures& c : f->channels) {
        EXPECT_NEAR(c.median, 20, 1e-9);
        EXPECT_NEAR(c.low, 20, 1e-9);
        EXPECT_NEAR(c.high, 100, 1e-9);
        EXPECT_NEAR(c.atTop, 0.2, 1e-9);
        EXPECT_EQ(c.atBottom, 0);
    }
    EXPECT_NEAR(f->cb, 0, 1.0 / Scopes::kSide);
    EXPECT_NEAR(f->cr, 0, 1.0 / Scopes::kSide);
    const auto red = scopeFigures(scopesOf(pictureOf(filled(4, 4, 255, 0, 0), 4, 4)));
    EXPECT_NEAR(red->cr, 0.5, 1.0 / Scopes::kSide) << "BT.709-6, 3.3";
    EXPECT_EQ(red->channels[1].atBottom, 1);
    EXPECT_FALSE(scopeFigures(Scopes{}));
}

}  // namespace
}  // namespace refero
