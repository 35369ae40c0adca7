// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/raw_file.h"

#include <gtest/gtest.h>
#include <tiffio.h>

#include <array>
#include <filesystem>

#include "io/dng_file.h"
#include "io/frame_file.h"
#include "io/read_frame.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero::io {
namespace {

// A picture in which every site differs from its neighbours, so that a shift or a wrong order shows.
Mosaic ramp(int w, int h, Mosaic::Pattern pattern) {
    Mosaic m(w, h, pattern);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) m.at(x, y) = float((31 * x + 17 * y) % 1000) / 1000;
    return m;
}

void expectSame(const Mosaic& a, const Mosaic& b, const char* what) {
    ASSERT_EQ(a.width(), b.width()) << what;
    ASSERT_EQ(a.height(), b.height()) << what;
    for (int y = 0; y < a.height(); ++y)
        for (int x = 0; x < a.width(); ++x) {
            ASSERT_EQ(a.channel(x, y), b.channel(x, y)) << what << " at " << x << ", " << y;
            ASSERT_NEAR(a.at(x, y), b.at(x, y), 1.0 / 15000) << what << " at " << x << ", " << y;
        }
}

class RawFile : public testing::Test {
  protected:
    test::TemporaryFolder folder;
    std::string file = folder / "a.dng";
};

TEST_F(RawFile, TheSensorsValuesComeBackThroughAnotherLibrary) {
    for (const auto& pattern : {Mosaic::rggb, Mosaic::bggr, Mosaic::grbg, Mosaic::gbrg}) {
        const Mosaic m = ramp(64, 48, pattern);
        ASSERT_TRUE(writeDng(file, m, {}));
        EXPECT_TRUE(isRaw(file));
        const auto again = readSensor(file);
        ASSERT_TRUE(again) << again.error().message;
        expectSame(*again, m, "pattern");
    }
}

Mosaic from(const Mosaic& m, int left, int top) {
    Mosaic::Pattern pattern{};
    for (int i = 0; i < 4; ++i)
        pattern[static_cast<std::size_t>(i)] =
            static_cast<std::uint8_t>(m.channel(left + i % 2, top + i / 2));
    Mosaic out(m.width() - left, m.height() - top, pattern);
    for (int y = 0; y < out.height(); ++y)
        for (int x = 0; x < out.width(); ++x) out.at(x, y) = m.at(x + left, y + top);
    return out;
}

// What a recording tells apart: bits that it has not, and highlights that were written in wider steps.
TEST_F(RawFile, SaysHowFinelyItTellsLevelsApart) {
    const auto shades = [](int codes, int coarse) {
        Mosaic m(640, 480, Mosaic::rggb);
        for (int y = 0; y < m.height(); ++y)
            for (int x = 0; x < m.width(); ++x) {
                int code = (x * 7919 + y * 104729) % codes;
                if (code > codes / 2) code -= code % coarse;
                m.at(x, y) = float(code) / float(codes - 1);
            }
        return m;
    };
    DngOptions o;
    o.black = {0, 0, 0, 0};
    const auto told = [&](int bits, int coarse) {
        o.bits = bits;
        EXPECT_TRUE(writeDng(file, shades(1 << bits, coarse), o));
        const auto facts = readRawFacts(file);
        EXPECT_TRUE(facts && facts->precision);
        return facts && facts->precision ? *facts->precision : RawPrecision{};
    };
    EXPECT_EQ(told(12, 1).bits, 12);
    EXPECT_FALSE(told(12, 1).coarseHighlights);
    EXPECT_EQ(told(12, 4).bits, 12);
    EXPECT_TRUE(told(12, 4).coarseHighlights) << "a curve that saves room";
    EXPECT_EQ(told(13, 1).bits, 13);
    EXPECT_FALSE(readRawFacts(folder / "none.dng"));
}

TEST_F(RawFile, OddSizesAndMaskedBordersMixNoChannels) {
    const Mosaic m = ramp(63, 47, Mosaic::rggb);
    DngOptions o;
    for (const auto& [left, top] : {std::pair(0, 0), {8, 6}, {7, 5}, {1, 0}, {0, 1}}) {
        o.marginLeft = left;
        o.marginTop = top;
        o.marginRight = 3;
        o.marginBottom = 2;
        // The pattern counts from the active area (DNG specification, CFAPattern).
        ASSERT_TRUE(writeDng(file, m, o));
        const auto again = readSensor(file);
        ASSERT_TRUE(again) << again.error().message;
        // LibRaw begins at an even site of the whole sensor: behind an odd border a row or column is lost.
        expectSame(*again, from(m, left % 2, top % 2),
                   (std::to_string(left) + ", " + std::to_string(top)).c_str());
    }
}

TEST_F(RawFile, EachSitesOwnBlackIsTakenOff) {
    const Mosaic m = ramp(32, 32, Mosaic::rggb);
    DngOptions o;
    o.black = {500, 520, 540, 560};
    o.bits = 12;
    ASSERT_TRUE(writeDng(file, m, o));
    const auto again = readSensor(file);
    ASSERT_TRUE(again);
    for (int y = 0; y < 32; ++y)
        for (int x = 0; x < 32; ++x) EXPECT_NEAR(again->at(x, y), m.at(x, y), 0.02) << x << ", " << y;
    EXPECT_NEAR(again->at(0, 0), 0, 1e-3);
}

TEST_F(RawFile, LiesAsItsPictureIsShown) {
    const Mosaic m = ramp(40, 30, Mosaic::rggb);
    DngOptions o;
    for (const int orientation : {1, 3, 6, 8}) {
        o.metadata.orientation = orientation;
        ASSERT_TRUE(writeDng(file, m, o));
        const auto again = readSensor(file);
        ASSERT_TRUE(again);
        expectSame(*again, oriented(ramp(40, 30, Mosaic::rggb), orientation), "turned");
    }
}

TEST_F(RawFile, SaysWhatItWasTakenWith) {
    DngOptions o;
    o.metadata.body = "Heron";
    o.metadata.serial = "HN-20417";
    o.metadata.lens = "60 mm macro";
    o.metadata.taken = "2026:05:14 09:12:08";
    o.metadata.offset = "+01:00";
    o.metadata.focalLengthMm = 60;
    o.metadata.fNumber = 8;
    o.metadata.exposureSeconds = 0.008;
    o.metadata.iso = 100;
    ASSERT_TRUE(writeDng(file, ramp(16, 16, Mosaic::rggb), o));
    const FrameMetadata m = readMetadata(file);
    EXPECT_EQ(m.body, "Heron");
    EXPECT_EQ(m.serial, "HN-20417");
    EXPECT_EQ(m.lens, "60 mm macro");
    EXPECT_EQ(m.taken, "2026:05:14 09:12:08");
    EXPECT_EQ(m.offset, "+01:00");
    EXPECT_NEAR(m.focalLengthMm, 60, 1e-3);
    EXPECT_NEAR(m.fNumber, 8, 1e-3);
    EXPECT_NEAR(m.exposureSeconds, 0.008, 1e-6);
    EXPECT_EQ(m.iso, 100);
}

// The virtual camera's truth, through the file, the raw library and the finder.
TEST_F(RawFile, AReadingFromRawIsTheTruthWithinThreeTenthsOfAPercent) {
    sim::Shot shot = test::plainShot();
    shot.file = "a.dng";
    shot.noise = false;
    shot.mosaic = Mosaic::gbrg;
    shot.maskedBorder = 12;
    shot.pose.turnDegrees = 4;
    std::optional<sim::Truth> truth;
    ASSERT_TRUE(sim::shootToFile(shot, folder.path(), &truth));
    const auto frame = readFrame(file);
    ASSERT_TRUE(frame) << frame.error().message;
    ASSERT_TRUE(frame->sensor);
    EXPECT_EQ(frame->image.width(), 1500);
    EXPECT_EQ(frame->encoding, Encoding::linear);
    EXPECT_EQ(frame->encodingSource, EncodingSource::file);
    const auto reading = readAnyChart(*frame);
    ASSERT_TRUE(reading) << reading.error().message;
    for (std::size_t i = 0; i < reading->patches.size(); ++i)
        for (int c = 0; c < 3; ++c)
            EXPECT_NEAR(reading->patches[i].rgb(c) / truth->patches[i].rgb(c), 1, 0.003)
                << reading->patches[i].id << " channel " << c;
}

TEST_F(RawFile, WhatIsDamagedOrNoRawFileIsNamed) {
    test::put(file, "not a raw file");
    EXPECT_FALSE(isRaw(file));
    EXPECT_FALSE(readSensor(file));
    EXPECT_FALSE(readFrame(file));
    ASSERT_TRUE(writeDng(file, ramp(400, 300, Mosaic::rggb), {}));
    const std::string whole = test::contentOf(file);
    for (const double share : {0.02, 0.3, 0.7}) {
        test::put(file, whole.substr(0, static_cast<std::size_t>(share * double(whole.size()))));
        const auto cut = readFrame(file);
        ASSERT_FALSE(cut) << share;
        EXPECT_NE(cut.error().message.find("a.dng"), std::string::npos);
    }
    test::put(file, whole);
    EXPECT_FALSE(readFrame(file, Transfer(Encoding::srgb))) << "raw is linear";
    EXPECT_TRUE(readFrame(file, Transfer(Encoding::linear)));
    EXPECT_FALSE(writeDng(folder / "none/b.dng", ramp(4, 4, Mosaic::rggb), {}));
    EXPECT_FALSE(writeDng(folder / "b.dng", ramp(1, 1, Mosaic::rggb), {}));
}

TEST_F(RawFile, CarriesAPreviewThatServesForLooking) {
    sim::Shot shot = test::plainShot();
    shot.file = "p.dng";
    shot.width = 2400;
    shot.height = 1600;
    ASSERT_TRUE(sim::shootToFile(shot, folder.path()));
    const auto preview = readRawPreview(folder / "p.dng");
    ASSERT_TRUE(preview) << preview.error().message;
    EXPECT_EQ(preview->image.width(), 1200);
    const auto look = readForLooking(folder / "p.dng", 1000);
    ASSERT_TRUE(look);
    EXPECT_TRUE(look->preview);
    EXPECT_FALSE(look->sensor);
    const auto reading = readAnyChart(*look);
    ASSERT_TRUE(reading) << reading.error().message;
    const auto whole = readFrame(folder / "p.dng");
    EXPECT_EQ(whole->image.width(), 2400) << "the preview does not stand in for the sensor";
    const auto exact = readAnyChart(*whole);
    ASSERT_TRUE(exact);
    for (std::size_t i = 0; i < 4; ++i)
        EXPECT_LT((reading->corners[i] * 2 - exact->corners[i]).norm(), 4) << "the same place";
    const auto larger = readForLooking(folder / "p.dng", 2000);
    ASSERT_TRUE(larger);
    EXPECT_FALSE(larger->preview) << "too small a preview is passed over";
    ASSERT_TRUE(writeDng(file, ramp(64, 48, Mosaic::rggb), {}));
    EXPECT_FALSE(readRawPreview(file));
}

// DNG specification 1.4: a repeat of 6 by 6 sites, written here by libtiff alone.
void writeSixBySix(const std::string& path, int side, const Vector3& light, int black) {
    constexpr std::array<std::uint8_t, 36> kSites{1, 2, 1, 1, 0, 1, 0, 1, 0, 2, 1, 2, 1, 2, 1, 1, 0, 1,
                                                  1, 0, 1, 1, 2, 1, 2, 1, 2, 0, 1, 0, 1, 0, 1, 1, 2, 1};
    TIFF* t = TIFFOpen(path.c_str(), "w");
    ASSERT_TRUE(t);
    const std::uint8_t version[4] = {1, 4, 0, 0};
    const std::uint16_t repeat[2] = {6, 6};
    const float noLight[1] = {static_cast<float>(black)};
    const std::uint32_t white[1] = {16383};
    TIFFSetField(t, TIFFTAG_DNGVERSION, version);
    TIFFSetField(t, TIFFTAG_MAKE, "Refero");
    TIFFSetField(t, TIFFTAG_MODEL, "Six by six");
    TIFFSetField(t, TIFFTAG_UNIQUECAMERAMODEL, "Six by six");
    TIFFSetField(t, TIFFTAG_SUBFILETYPE, 0);
    TIFFSetField(t, TIFFTAG_IMAGEWIDTH, side);
    TIFFSetField(t, TIFFTAG_IMAGELENGTH, side);
    TIFFSetField(t, TIFFTAG_BITSPERSAMPLE, 16);
    TIFFSetField(t, TIFFTAG_SAMPLESPERPIXEL, 1);
    TIFFSetField(t, TIFFTAG_PHOTOMETRIC, PHOTOMETRIC_CFA);
    TIFFSetField(t, TIFFTAG_CFAREPEATPATTERNDIM, repeat);
    TIFFSetField(t, TIFFTAG_CFAPATTERN, 36, kSites.data());
    TIFFSetField(t, TIFFTAG_BLACKLEVEL, 1, noLight);
    TIFFSetField(t, TIFFTAG_WHITELEVEL, 1, white);
    TIFFSetField(t, TIFFTAG_ROWSPERSTRIP, side);
    std::vector<std::uint16_t> row(static_cast<std::size_t>(side));
    for (int y = 0; y < side; ++y) {
        for (int x = 0; x < side; ++x)
            row[static_cast<std::size_t>(x)] = static_cast<std::uint16_t>(
                black + (16383 - black) * light(kSites[static_cast<std::size_t>(6 * (y % 6) + x % 6)]));
        TIFFWriteScanline(t, row.data(), static_cast<std::uint32_t>(y));
    }
    TIFFClose(t);
}

TEST_F(RawFile, OfAnotherMosaicIsDemosaicedByTheLibrary) {
    const Vector3 light(0.4, 0.6, 0.2);
    writeSixBySix(file, 600, light, 1024);  // LibRaw works on tiles of 512
    EXPECT_FALSE(readSensor(file));
    const auto frame = readFrame(file);
    ASSERT_TRUE(frame) << frame.error().message;
    EXPECT_FALSE(frame->sensor);
    EXPECT_EQ(frame->encoding, Encoding::linear);
    ASSERT_EQ(frame->image.width(), 600);
    for (int y = 20; y < 580; y += 37)
        for (int x = 20; x < 580; x += 41)
            for (int c = 0; c < 3; ++c)
                EXPECT_NEAR(frame->image.pixel(x, y)[c], light(c), 0.002) << x << ", " << y;
    ASSERT_EQ(frame->notes.size(), 1u);
    EXPECT_NE(frame->notes.front().find("not Bayer's"), std::string::npos);
}

}  // namespace
}  // namespace refero::io
