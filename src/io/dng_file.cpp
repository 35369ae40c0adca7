// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/dng_file.h"

#include <tiffio.h>

#include <algorithm>
#include <cmath>
#include <memory>
#include <vector>

#include "core/say/say.h"
#include "io/files/safe_write.h"
#include "io/frame_file.h"

namespace refero::io {
namespace {

struct Closed {
    void operator()(TIFF* file) const { TIFFClose(file); }
};

// DNG specification 1.4: the tags of a raw picture.
void describe(TIFF* file, const Mosaic& sensor, const DngOptions& o, int white) {
    const int w = sensor.width() + o.marginLeft + o.marginRight,
              h = sensor.height() + o.marginTop + o.marginBottom;
    TIFFSetField(file, TIFFTAG_SUBFILETYPE, 0);
    TIFFSetField(file, TIFFTAG_IMAGEWIDTH, w);
    TIFFSetField(file, TIFFTAG_IMAGELENGTH, h);
    TIFFSetField(file, TIFFTAG_BITSPERSAMPLE, 16);
    TIFFSetField(file, TIFFTAG_SAMPLESPERPIXEL, 1);
    TIFFSetField(file, TIFFTAG_COMPRESSION, COMPRESSION_NONE);
    TIFFSetField(file, TIFFTAG_PHOTOMETRIC, PHOTOMETRIC_CFA);
    TIFFSetField(file, TIFFTAG_PLANARCONFIG, PLANARCONFIG_CONTIG);
    TIFFSetField(file, TIFFTAG_ROWSPERSTRIP, 64);
    TIFFSetField(file, TIFFTAG_ORIENTATION, o.metadata.orientation);
    const std::uint16_t repeat[2] = {2, 2};
    TIFFSetField(file, TIFFTAG_CFAREPEATPATTERNDIM, repeat);
    TIFFSetField(file, TIFFTAG_CFAPATTERN, 4, sensor.pattern().data());
    const std::uint8_t version[4] = {1, 4, 0, 0}, back[4] = {1, 1, 0, 0};
    TIFFSetField(file, TIFFTAG_DNGVERSION, version);
    TIFFSetField(file, TIFFTAG_DNGBACKWARDVERSION, back);
    TIFFSetField(file, TIFFTAG_BLACKLEVELREPEATDIM, repeat);
    float black[4];
    for (std::size_t i = 0; i < 4; ++i) black[i] = float(o.black[i]);
    TIFFSetField(file, TIFFTAG_BLACKLEVEL, 4, black);
    const auto whiteLevel = static_cast<std::uint32_t>(white);
    TIFFSetField(file, TIFFTAG_WHITELEVEL, 1, &whiteLevel);
    const std::uint32_t active[4] = {std::uint32_t(o.marginTop), std::uint32_t(o.marginLeft),
                                     std::uint32_t(h - o.marginBottom), std::uint32_t(w - o.marginRight)};
    TIFFSetField(file, TIFFTAG_ACTIVEAREA, active);
    float matrix[9], neutral[3];
    for (int i = 0; i < 9; ++i) matrix[i] = float(o.xyzToCamera(i / 3, i % 3));
    for (int i = 0; i < 3; ++i) neutral[i] = float(o.neutral(i));
    TIFFSetField(file, TIFFTAG_COLORMATRIX1, 9, matrix);
    TIFFSetField(file, TIFFTAG_CALIBRATIONILLUMINANT1, 21);  // D65 in EXIF's list of light sources
    TIFFSetField(file, TIFFTAG_ASSHOTNEUTRAL, 3, neutral);
    const std::string body = o.metadata.body.empty() ? "Camera" : o.metadata.body;
    TIFFSetField(file, TIFFTAG_MAKE, "Refero");
    TIFFSetField(file, TIFFTAG_MODEL, body.c_str());
    TIFFSetField(file, TIFFTAG_UNIQUECAMERAMODEL, body.c_str());
    if (!o.metadata.serial.empty()) TIFFSetField(file, TIFFTAG_CAMERASERIALNUMBER, o.metadata.serial.c_str());
    if (!o.metadata.taken.empty()) TIFFSetField(file, TIFFTAG_DATETIME, o.metadata.taken.c_str());
    if (!o.metadata.description.empty())
        TIFFSetField(file, TIFFTAG_IMAGEDESCRIPTION, o.metadata.description.c_str());
    TIFFSetField(file, TIFFTAG_SOFTWARE, "Refero");
}

bool writeExif(TIFF* file, const FrameMetadata& m) {
    if (TIFFCreateEXIFDirectory(file) != 0) return false;
    const auto text = [&](std::uint32_t tag, const std::string& value) {
        if (!value.empty()) TIFFSetField(file, tag, value.c_str());
    };
    const std::uint8_t version[4] = {'0', '2', '3', '1'};
    TIFFSetField(file, EXIFTAG_EXIFVERSION, version);
    text(EXIFTAG_DATETIMEORIGINAL, m.taken);
    text(EXIFTAG_OFFSETTIMEORIGINAL, m.offset);
    text(EXIFTAG_LENSMODEL, m.lens);
    text(EXIFTAG_BODYSERIALNUMBER, m.serial);
    if (m.focalLengthMm > 0) TIFFSetField(file, EXIFTAG_FOCALLENGTH, m.focalLengthMm);
    if (m.focalLength35mm > 0)
        TIFFSetField(file, EXIFTAG_FOCALLENGTHIN35MMFILM, int(std::lround(m.focalLength35mm)));
    if (m.exposureSeconds > 0) TIFFSetField(file, EXIFTAG_EXPOSURETIME, m.exposureSeconds);
    if (m.fNumber > 0) TIFFSetField(file, EXIFTAG_FNUMBER, m.fNumber);
    if (m.iso > 0) {
        const auto iso = static_cast<std::uint16_t>(std::min(65535.0, m.iso));
        TIFFSetField(file, EXIFTAG_ISOSPEEDRATINGS, 1, &iso);
    }
    std::uint64_t offset = 0;
    if (!TIFFWriteCustomDirectory(file, &offset) || !TIFFSetDirectory(file, 0)) return false;
    TIFFSetField(file, TIFFTAG_EXIFIFD, offset);
    return TIFFRewriteDirectory(file) == 1;
}

// Balanced as shot and for a display, as cameras draw theirs; a JPEG of its own in a directory below.
bool writePreview(TIFF* file, const std::filesystem::path& side, const Mosaic& sensor, const DngOptions& o) {
    if (o.previewLongEdge <= 0) return true;
    const LinearImage whole = filledIn(sensor);
    const LinearImage small =
        shrunk(whole, std::max(1, std::max(whole.width(), whole.height()) / o.previewLongEdge));
    EncodedImage shown(small.width(), small.height());
    for (std::size_t i = 0; i < small.values().size(); ++i)
        shown.values()[i] = static_cast<float>(
            encode(Encoding::srgb,
                   std::clamp(small.values()[i] / o.neutral(static_cast<Eigen::Index>(i % 3)), 0.0, 1.0)));
    std::filesystem::path jpeg = side;
    jpeg += ".jpg";
    const Status written = writeFrame(jpeg, shown, {8, Encoding::srgb, {}, {}});
    auto bytes = readFile(jpeg);
    std::error_code error;
    std::filesystem::remove(jpeg, error);
    if (!written || !bytes) return false;
    TIFFSetField(file, TIFFTAG_SUBFILETYPE, FILETYPE_REDUCEDIMAGE);
    TIFFSetField(file, TIFFTAG_IMAGEWIDTH, shown.width());
    TIFFSetField(file, TIFFTAG_IMAGELENGTH, shown.height());
    TIFFSetField(file, TIFFTAG_BITSPERSAMPLE, 8);
    TIFFSetField(file, TIFFTAG_SAMPLESPERPIXEL, 3);
    TIFFSetField(file, TIFFTAG_COMPRESSION, COMPRESSION_JPEG);
    TIFFSetField(file, TIFFTAG_PHOTOMETRIC, PHOTOMETRIC_YCBCR);
    TIFFSetField(file, TIFFTAG_PLANARCONFIG, PLANARCONFIG_CONTIG);
    TIFFSetField(file, TIFFTAG_ROWSPERSTRIP, shown.height());
    return TIFFWriteRawStrip(file, 0, bytes->data(), static_cast<tmsize_t>(bytes->size())) > 0 &&
           TIFFWriteDirectory(file) == 1;
}

Status write(const std::filesystem::path& side, const Mosaic& sensor, const DngOptions& o) {
    const std::unique_ptr<TIFF, Closed> file(TIFFOpen(side.c_str(), "w"));
    const auto failed = [&] {
        return failure(say("%1 could not be written as DNG.", side.filename().string()));
    };
    if (!file) return failed();
    const int white = (1 << o.bits) - 1;
    describe(file.get(), sensor, o, white);
    if (o.previewLongEdge > 0) {
        const std::uint64_t room = 0;
        TIFFSetField(file.get(), TIFFTAG_SUBIFD, 1, &room);
    }
    const int w = sensor.width() + o.marginLeft + o.marginRight,
              h = sensor.height() + o.marginTop + o.marginBottom;
    std::vector<std::uint16_t> row(static_cast<std::size_t>(w));
    for (int y = 0; y < h; ++y) {
        const int sy = y - o.marginTop;
        for (int x = 0; x < w; ++x) {
            const int sx = x - o.marginLeft;
            const bool masked = sx < 0 || sy < 0 || sx >= sensor.width() || sy >= sensor.height();
            const int black = o.black[static_cast<std::size_t>((sy & 1) * 2 + (sx & 1))];
            const float v = masked ? 0 : std::clamp(sensor.at(sx, sy), 0.0f, 1.0f);
            row[static_cast<std::size_t>(x)] =
                static_cast<std::uint16_t>(std::lround(black + v * float(white - black)));
        }
        if (TIFFWriteScanline(file.get(), row.data(), static_cast<std::uint32_t>(y), 0) != 1) return failed();
    }
    if (!TIFFWriteDirectory(file.get()) || !writePreview(file.get(), side, sensor, o) ||
        !writeExif(file.get(), o.metadata))
        return failed();
    return {};
}

}  // namespace

Status writeDng(const std::filesystem::path& path, const Mosaic& sensor, const DngOptions& options) {
    if (sensor.width() < 2 || sensor.height() < 2)
        return failure(say("A raw picture has at least 2 x 2 sites."));
    if (options.bits < 8 || options.bits > 16) return failure(say("A sensor has 8 to 16 bits."));
    return writeFile(path, [&](const std::filesystem::path& side) { return write(side, sensor, options); });
}

}  // namespace refero::io
