// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/metadata.h"

#include <cmath>
#include <exiv2/exiv2.hpp>
#include <mutex>

#include "io/files/utf8.h"

namespace refero::io {
namespace {

using Finder = Exiv2::ExifData::const_iterator (*)(const Exiv2::ExifData&);

std::string clean(std::string text) {
    std::erase_if(text, [](char c) { return static_cast<unsigned char>(c) < 0x20; });
    while (!text.empty() && text.back() == ' ') text.pop_back();
    return text.size() <= 500 && isUtf8(text) ? text : std::string();
}

class Exif {
  public:
    explicit Exif(const Exiv2::ExifData& data) : data_(data) {}

    std::string text(std::initializer_list<const char*> keys) const {
        for (const char* key : keys) {
            const auto it = data_.findKey(Exiv2::ExifKey(key));
            if (it == data_.end()) continue;
            const std::string found = clean(it->toString());
            if (!found.empty()) return found;
        }
        return {};
    }
    double number(std::initializer_list<const char*> keys, double most) const {
        for (const char* key : keys) {
            const auto it = data_.findKey(Exiv2::ExifKey(key));
            if (it == data_.end() || it->count() == 0) continue;
            const double v = it->toFloat();
            if (std::isfinite(v) && v > 0 && v <= most) return v;
        }
        return 0;
    }
    /// As the library knows it from any of the makers' fields.
    std::string said(Finder find) const {
        const auto it = find(data_);
        return it == data_.end() ? std::string() : clean(it->print(&data_));
    }

    /// The field of that meaning among any maker's own, in the library's words.
    std::string made(std::initializer_list<std::string_view> tags) const {
        for (const auto& field : data_)
            for (const std::string_view tag : tags)
                if (field.tagName() == tag)
                    if (const std::string found = clean(field.print(&data_)); !found.empty()) return found;
        return {};
    }

  private:
    const Exiv2::ExifData& data_;
};

// By the pixels a millimetre of the sensor (EXIF 2.3, FocalPlaneXResolution), else by what its focal length
// is like on 36 x 24 mm, which CIPA DCG-001 takes from the diagonal.
void addSensor(const Exif& exif, FrameMetadata& m) {
    constexpr double kMost = 200, kLeast = 1, kDiagonal = 43.2666;
    const auto pixels = [&](std::initializer_list<const char*> keys) {
        return static_cast<int>(exif.number(keys, 200000));
    };
    m.pixelsWide = pixels({"Exif.Photo.PixelXDimension"});
    m.pixelsHigh = pixels({"Exif.Photo.PixelYDimension"});
    if (m.pixelsWide == 0 || m.pixelsHigh == 0) {
        m.pixelsWide = m.pixelsHigh = 0;
        return;
    }
    const double unitMm = [&] {
        switch (static_cast<int>(exif.number({"Exif.Photo.FocalPlaneResolutionUnit"}, 5))) {
            case 3:
                return 10.0;
            case 4:
                return 1.0;
            case 5:
                return 0.001;
            default:
                return 25.4;
        }
    }();
    const double across = exif.number({"Exif.Photo.FocalPlaneXResolution"}, 1e9),
                 down = exif.number({"Exif.Photo.FocalPlaneYResolution"}, 1e9);
    double width = 0, height = 0;
    if (across > 0 && down > 0) {
        width = m.pixelsWide / across * unitMm;
        height = m.pixelsHigh / down * unitMm;
    } else if (m.focalLengthMm > 0 && m.focalLength35mm > 0) {
        const double diagonal = kDiagonal * m.focalLengthMm / m.focalLength35mm;
        const double pixelsAcross = std::hypot(m.pixelsWide, m.pixelsHigh);
        width = diagonal * m.pixelsWide / pixelsAcross;
        height = diagonal * m.pixelsHigh / pixelsAcross;
    }
    if (width < kLeast || width > kMost || height < kLeast || height > kMost) return;
    m.sensorWidthMm = width;
    m.sensorHeightMm = height;
}

FrameMetadata metadataFrom(const Exiv2::ExifData& data) {
    const Exif exif(data);
    FrameMetadata m;
    m.body = exif.text({"Exif.Image.Model", "Exif.Image.UniqueCameraModel"});
    m.uniqueModel = exif.text({"Exif.Image.UniqueCameraModel"});
    m.interoperability = exif.text({"Exif.Iop.InteroperabilityIndex"});
    m.serial = exif.text({"Exif.Photo.BodySerialNumber", "Exif.Image.CameraSerialNumber"});
    if (m.serial.empty()) m.serial = exif.said(Exiv2::serialNumber);
    m.lens = exif.text({"Exif.Photo.LensModel"});
    if (m.lens.empty()) m.lens = exif.said(Exiv2::lensName);
    m.taken =
        exif.text({"Exif.Photo.DateTimeOriginal", "Exif.Image.DateTimeOriginal", "Exif.Image.DateTime"});
    m.artist = exif.text({"Exif.Image.Artist"});
    m.copyright = exif.text({"Exif.Image.Copyright"});
    m.description = exif.text({"Exif.Image.ImageDescription"});
    m.offset = exif.text({"Exif.Photo.OffsetTimeOriginal", "Exif.Photo.OffsetTime"});
    m.whiteBalance = exif.said(Exiv2::whiteBalance);
    m.pictureProfile = exif.made({"PictureProfile", "PictureStyle", "PictureControlName", "PictureMode",
                                  "FilmMode", "CreativeStyle", "PhotoStyle", "ImageTone", "ProfileName"});
    m.focalLengthMm = exif.number({"Exif.Photo.FocalLength", "Exif.Image.FocalLength"}, 5000);
    m.focalLength35mm = exif.number({"Exif.Photo.FocalLengthIn35mmFilm"}, 5000);
    m.exposureSeconds = exif.number({"Exif.Photo.ExposureTime", "Exif.Image.ExposureTime"}, 1e5);
    m.fNumber = exif.number({"Exif.Photo.FNumber", "Exif.Image.FNumber"}, 1000);
    m.iso = exif.number({"Exif.Photo.ISOSpeedRatings", "Exif.Image.ISOSpeedRatings"}, 1e7);
    const auto orientation = static_cast<int>(exif.number({"Exif.Image.Orientation"}, 8));
    m.orientation = orientation >= 1 ? orientation : 1;
    addSensor(exif, m);
    return m;
}

}  // namespace

FrameMetadata readMetadata(const std::filesystem::path& path) {
    static std::once_flag once;
    std::call_once(once, [] {
        Exiv2::LogMsg::setLevel(Exiv2::LogMsg::mute);
        // Its XMP toolkit is shared by all threads and guards nothing by itself.
        static std::recursive_mutex xmp;
        Exiv2::XmpParser::initialize(
            [](void* mutex, bool lock) {
                auto* m = static_cast<std::recursive_mutex*>(mutex);
                lock ? m->lock() : m->unlock();
            },
            &xmp);
    });
    try {
        const auto image = Exiv2::ImageFactory::open(path.string());
        image->readMetadata();
        return metadataFrom(image->exifData());
    } catch (const std::exception&) {
        return {};
    }
}

}  // namespace refero::io
