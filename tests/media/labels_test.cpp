// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a file says of its numbers is what they are; written by us and read by OpenImageIO, or the other way
// round.
#include <OpenImageIO/imageio.h>
#include <gtest/gtest.h>

#include <exiv2/exiv2.hpp>
#include <functional>

#include "core/colour/lab.h"
#include "core/fit/fit.h"
#include "io/batch/apply.h"
#include "io/frame_file.h"
#include "support/shots.h"
#include "support/temporary.h"

namespace refero::media {
namespace {

using test::TemporaryFolder;

std::unique_ptr<OIIO::ImageInput> opened(const std::string& path) {
    auto in = OIIO::ImageInput::open(path);
    EXPECT_TRUE(in) << OIIO::geterror();
    return in;
}

struct Applied {
    Applied() {
        shot = test::plainShot();
        shot.width = 600;
        shot.height = 400;
        shot.file = "chart.tif";
        shot.pose.coverage = 0.3;
        EXPECT_TRUE(sim::shootToFile(shot, folder.path()));
        const auto r = test::readingOf(shot);
        EXPECT_TRUE(r);
        reading = *r;
        FitOptions o;
        o.model = Model::matrix;
        o.asShot = true;
        correction = *fit(std::span(&*r, 1), o);
    }
    std::vector<float> through(OutputSpace space, const char* file, OIIO::ImageSpec* spec = nullptr) {
        EXPECT_TRUE(io::applyToFile(correction, folder / "chart.tif", {}, space, folder / file));
        const auto in = opened(folder / file);
        if (spec) *spec = in->spec();
        std::vector<float> pixels(static_cast<std::size_t>(in->spec().width * in->spec().height) * 3);
        EXPECT_TRUE(in->read_image(0, 0, 0, 3, OIIO::TypeDesc::FLOAT, pixels.data()));
        return pixels;
    }
    TemporaryFolder folder;
    sim::Shot shot;
    Reading reading;
    Correction correction;
};

// OpenEXR, technical introduction: pixels are linear; chromaticities give the CIE x, y of (1,0,0) ... and
// white.
TEST(Labels, OfOpenExrAreLinearLightAndItsPrimaries) {
    Applied a;
    for (const OutputSpace s : {OutputSpace::srgb, OutputSpace::bt1886, OutputSpace::rec2100pq,
                                OutputSpace::acescct, OutputSpace::acescg, OutputSpace::xyzD50}) {
        OIIO::ImageSpec spec;
        const auto pixels = a.through(s, "a.exr", &spec);
        float c[8] = {};
        ASSERT_TRUE(spec.getattribute("chromaticities", OIIO::TypeDesc(OIIO::TypeDesc::FLOAT, 8), c))
            << info(s).name;
        const Primaries p{{c[0], c[1]}, {c[2], c[3]}, {c[4], c[5]}, {c[6], c[7]}};
        // By the label alone: the file's colours must be the correction's.
        const bool xyz = s == OutputSpace::xyzD50;
        const Matrix3 toXyz = xyz ? Matrix3(Matrix3::Identity()) : rgbToXyzD50(p);
        if (xyz) {
            EXPECT_LT((rgbToXyz(p) / rgbToXyz(p)(0, 0) - Matrix3::Identity()).norm(), 1e-6);
        }
        for (const PatchReading& patch : a.reading.patches) {
            const auto at = static_cast<std::size_t>(static_cast<int>(patch.centre.y()) * spec.width +
                                                     static_cast<int>(patch.centre.x())) *
                            3;
            Vector3 sum = Vector3::Zero();
            for (int dy = -3; dy <= 3; ++dy)
                for (int dx = -3; dx <= 3; ++dx)
                    for (std::size_t k = 0; k < 3; ++k)
                        sum(static_cast<Eigen::Index>(k)) +=
                            pixels[at + static_cast<std::size_t>((dy * spec.width + dx) * 3) + k] / 49;
            const Vector3 wanted = a.correction.toXyzD50(patch.rgb).vector();
            EXPECT_LT((toXyz * sum - wanted).norm(), 0.02 + 0.02 * wanted.norm())
                << info(s).name << " " << patch.id;
        }
    }
}

// SMPTE ST 268-1, table 5A, in OpenImageIO's words.
TEST(Labels, OfDpxAreReadAndWritten) {
    const TemporaryFolder folder;
    EncodedImage image(32, 16);
    for (float& v : image.values()) v = 0.4f;
    for (const auto& [encoding, label] : {std::pair{Encoding::linear, "Linear"},
                                          {Encoding::rec709, "ITU-R 709-4"},
                                          {Encoding::cineon, "Printing density"}}) {
        io::WriteOptions o;
        o.encoding = encoding;
        o.bits = 10;
        ASSERT_TRUE(io::writeFrame(folder / "a.dpx", image, o));
        EXPECT_EQ(opened(folder / "a.dpx")->spec().get_string_attribute("dpx:Transfer"), label);
        const auto frame = io::readFrame(folder / "a.dpx");
        ASSERT_TRUE(frame) << frame.error().message;
        EXPECT_EQ(frame->encoding, encoding);
        EXPECT_EQ(frame->encodingSource, EncodingSource::file);
    }
}

// DCF 2.0: the colour space "uncalibrated" and the interoperability index R03 are the optional space, opRGB.
TEST(Labels, OfJpegsInTheOptionalColourSpaceAreRead) {
    const TemporaryFolder folder;
    EncodedImage image(32, 16);
    for (float& v : image.values()) v = 0.4f;
    io::WriteOptions o;
    o.encoding = Encoding::gamma22;
    ASSERT_TRUE(io::writeFrame(folder / "a.jpg", image, o));
    const auto file = Exiv2::ImageFactory::open(folder / "a.jpg");
    Exiv2::ExifData data;
    data["Exif.Image.Model"] = "Heron";
    data["Exif.Photo.ColorSpace"] = std::uint16_t{65535};
    data["Exif.Iop.InteroperabilityIndex"] = "R03";
    file->setExifData(data);
    file->writeMetadata();
    const auto frame = io::readFrame(folder / "a.jpg");
    ASSERT_TRUE(frame) << frame.error().message;
    EXPECT_EQ(frame->encoding, Encoding::oprgb);
    EXPECT_EQ(frame->encodingSource, EncodingSource::file);
}

// EXIF 2.3, 4.6.5: pixels of the focal plane to a unit; and CIPA DCG-001, by which a focal length "in 35 mm
// film" goes by the diagonal. A sensor of 23.5 x 15.67 mm is told either way.
TEST(Labels, OfAPictureTellItsSensor) {
    const TemporaryFolder folder;
    EncodedImage image(60, 40);
    for (float& v : image.values()) v = 0.4f;
    io::WriteOptions o;
    o.encoding = Encoding::srgb;
    const auto told = [&](const std::function<void(Exiv2::ExifData&)>& fill) {
        EXPECT_TRUE(io::writeFrame(folder / "a.jpg", image, o));
        const auto file = Exiv2::ImageFactory::open(folder / "a.jpg");
        Exiv2::ExifData data;
        data["Exif.Photo.PixelXDimension"] = std::uint32_t{6000};
        data["Exif.Photo.PixelYDimension"] = std::uint32_t{4000};
        fill(data);
        file->setExifData(data);
        file->writeMetadata();
        return io::readMetadata(folder / "a.jpg");
    };
    const auto plane = told([](Exiv2::ExifData& d) {
        d["Exif.Photo.FocalPlaneXResolution"] = Exiv2::URational(600000, 235);
        d["Exif.Photo.FocalPlaneYResolution"] = Exiv2::URational(600000, 235);
        d["Exif.Photo.FocalPlaneResolutionUnit"] = std::uint16_t{3};
    });
    EXPECT_EQ(plane.pixelsWide, 6000);
    EXPECT_NEAR(plane.sensorWidthMm, 23.5, 0.01);
    EXPECT_NEAR(plane.sensorHeightMm, 15.67, 0.01);
    const auto lens = told([](Exiv2::ExifData& d) {
        d["Exif.Photo.FocalLength"] = Exiv2::URational(50, 1);
        d["Exif.Photo.FocalLengthIn35mmFilm"] = std::uint16_t{77};
    });
    EXPECT_NEAR(lens.sensorWidthMm, 23.4, 0.2);
    EXPECT_EQ(lens.focalLengthMm, 50);
    // What cannot be is left out.
    const auto absurd = told([](Exiv2::ExifData& d) {
        d["Exif.Photo.FocalPlaneXResolution"] = Exiv2::URational(1, 1000);
        d["Exif.Photo.FocalPlaneYResolution"] = Exiv2::URational(1, 1000);
    });
    EXPECT_EQ(absurd.sensorWidthMm, 0);
    EXPECT_EQ(told([](Exiv2::ExifData&) {}).sensorWidthMm, 0);
}

}  // namespace
}  // namespace refero::media
