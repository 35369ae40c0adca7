// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/picture_spec.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <fstream>
#include <string_view>

#include "core/say/say.h"
#include "io/code_points.h"

namespace refero::media {

namespace fs = std::filesystem;
using namespace io;

using OIIO::ImageInput;
using OIIO::ImageSpec;
using OIIO::TypeDesc;

namespace {

// What may go along: what was recorded of the taking, not of the file's own numbers.
bool goesAlong(std::string_view key) {
    static constexpr std::array<std::string_view, 6> kFamilies{
        "Exif:", "GPS:", "IPTC:", "dc:", "xmp:", "xmpRights:"};
    static constexpr std::array<std::string_view, 17> kFields{
        "Make",          "Model",          "Artist",
        "Copyright",     "DateTime",       "ImageDescription",
        "Keywords",      "ExposureTime",   "FNumber",
        "XResolution",   "YResolution",    "ResolutionUnit",
        "DocumentName",  "HostComputer",   "smpte:TimeCode",
        "smpte:KeyCode", "FramesPerSecond"};
    static constexpr std::array<std::string_view, 8> kNot{
        "Exif:ColorSpace",      "Exif:Gamma",
        "Exif:MakerNote",       "Exif:PixelXDimension",
        "Exif:PixelYDimension", "Exif:InteroperabilityIndex",
        "Exif:ExifVersion",     "Exif:ComponentsConfiguration"};
    if (std::find(kNot.begin(), kNot.end(), key) != kNot.end()) return false;
    return std::find(kFields.begin(), kFields.end(), key) != kFields.end() ||
           std::any_of(kFamilies.begin(), kFamilies.end(),
                       [&](std::string_view family) { return key.starts_with(family); });
}

void copyAlong(ImageSpec& spec, const fs::path& from) {
    if (from.empty() || !isRendered(lowerEnding(from))) return;
    const auto input = ImageInput::open(from.string());
    if (!input) {
        (void)OIIO::geterror();
        return;
    }
    for (const auto& attribute : input->spec().extra_attribs)
        if (goesAlong(std::string_view(attribute.name().data(), attribute.name().size())))
            spec.attribute(attribute.name(), attribute.type(), attribute.data());
}

void describe(ImageSpec& spec, const WriteOptions& o, const std::string& ending) {
    copyAlong(spec, o.metadataFrom);
    const FrameMetadata& m = o.metadata;
    const auto put = [&](const char* key, const std::string& value) {
        if (!value.empty()) spec.attribute(key, value);
    };
    put("Model", m.body);
    put("Exif:BodySerialNumber", m.serial);
    put("Exif:LensModel", m.lens);
    put("Exif:DateTimeOriginal", m.taken);
    put("DateTime", m.taken);
    put("ImageDescription", m.description);
    put("Artist", m.artist);
    put("Copyright", m.copyright);
    if (m.focalLength35mm > 0)
        spec.attribute("Exif:FocalLengthIn35mmFilm", static_cast<int>(m.focalLength35mm));
    if (m.focalLengthMm > 0) spec.attribute("Exif:FocalLength", static_cast<float>(m.focalLengthMm));
    if (m.exposureSeconds > 0) spec.attribute("ExposureTime", static_cast<float>(m.exposureSeconds));
    if (m.fNumber > 0) spec.attribute("FNumber", static_cast<float>(m.fNumber));
    if (m.iso > 0) spec.attribute("Exif:PhotographicSensitivity", static_cast<int>(m.iso));
    spec.attribute("Software", "Refero");
    if (o.encoding == Encoding::linear) spec.attribute("Exif:Gamma", 1.0f);
    if (o.encoding == Encoding::gamma22) spec.attribute("Exif:Gamma", 2.2f);
    if (o.encoding == Encoding::srgb && (!o.space || *o.space == OutputSpace::srgb))
        spec.attribute("Exif:ColorSpace", 1);
    if (ending == ".dpx") {
        if (o.encoding == Encoding::rec709) spec.attribute("dpx:Transfer", "ITU-R 709-4");
        if (o.encoding == Encoding::linear) spec.attribute("dpx:Transfer", "Linear");
        if (o.encoding == Encoding::cineon) spec.attribute("dpx:Transfer", "Printing density");
    }
    if (ending == ".exr" && o.space) {
        // XYZ are the components of the unit points, whose white has equal ones.
        constexpr Primaries kXyz{{1, 0}, {0, 1}, {0, 0}, {1.0 / 3, 1.0 / 3}};
        const Primaries& p = info(*o.space).primaries ? *info(*o.space).primaries : kXyz;
        const std::array<float, 8> c{float(p.red.x),  float(p.red.y),  float(p.green.x), float(p.green.y),
                                     float(p.blue.x), float(p.blue.y), float(p.white.x), float(p.white.y)};
        spec.attribute("chromaticities", TypeDesc(TypeDesc::FLOAT, 8), c.data());
    }
    if (ending == ".tif" || ending == ".tiff")
        spec.attribute("compression", "zip"), spec.attribute("tiff:zipquality", 1);
    if (ending == ".exr") spec.attribute("compression", "zip");
    // OpenImageIO would say that it was taken now, and no two runs would give the same file.
    if (ending == ".exr" && !spec.find_attribute("DateTime")) spec.attribute("DateTime", "");
    if (ending == ".jpg" || ending == ".jpeg") {
        spec.attribute("compression", "jpeg:" + std::to_string(o.quality));
        if (o.quality >= 90) spec.attribute("jpeg:subsampling", "4:4:4");
    }
    if (ending == ".png") spec.attribute("png:compressionLevel", 3);
    if (!o.iccProfile.empty() && ending != ".exr" && ending != ".dpx")
        spec.attribute("ICCProfile", TypeDesc(TypeDesc::UINT8, static_cast<int>(o.iccProfile.size())),
                       o.iccProfile.data());
    if (o.orientation > 1) spec.attribute("Orientation", o.orientation);
    spec.attribute("oiio:dither", 0);
}

}  // namespace

namespace {

// SMPTE ST 268-1, table 5A; what is for prints is a density.
KnownEncoding dpxEncoding(const std::string& transfer) {
    if (transfer == "Linear") return {Encoding::linear, EncodingSource::file};
    if (transfer == "Printing density" || transfer == "Logarithmic")
        return {Encoding::cineon, EncodingSource::file};
    const bool video =
        transfer.starts_with("ITU-R") || transfer.starts_with("SMPTE") || transfer.starts_with("CCIR");
    return {Encoding::rec709, video ? EncodingSource::file : EncodingSource::assumed};
}

}  // namespace

FrameMetadata metadataOf(const fs::path& path, const ImageSpec& spec) {
    FrameMetadata m = readMetadata(path);
    const auto fill = [&](std::string& field, const char* key) {
        if (field.empty()) field = spec.get_string_attribute(key);
    };
    fill(m.body, "Model");
    fill(m.serial, "Exif:BodySerialNumber");
    fill(m.lens, "Exif:LensModel");
    fill(m.taken, "Exif:DateTimeOriginal");
    fill(m.taken, "DateTime");
    fill(m.description, "ImageDescription");
    const auto measure = [&](double& field, double value) {
        if (field == 0 && std::isfinite(value) && value > 0) field = value;
    };
    measure(m.focalLength35mm, spec.get_int_attribute("Exif:FocalLengthIn35mmFilm"));
    measure(m.focalLengthMm, spec.get_float_attribute("Exif:FocalLength"));
    measure(m.exposureSeconds, spec.get_float_attribute("ExposureTime"));
    measure(m.fNumber, spec.get_float_attribute("FNumber"));
    measure(m.iso, spec.get_int_attribute("Exif:PhotographicSensitivity"));
    return m;
}

KnownEncoding encodingOf(const fs::path& path, const ImageSpec& spec, const std::string& ending) {
    const auto said = [](Encoding e) { return KnownEncoding{e, EncodingSource::file}; };
    const float gamma = spec.get_float_attribute("Exif:Gamma");
    if (gamma == 1.0f) return said(Encoding::linear);
    if (gamma > 2.19f && gamma < 2.21f) return said(Encoding::gamma22);
    if (const auto marked = markedEncoding(path)) return said(*marked);
    if (ending == ".dpx") return dpxEncoding(std::string(spec.get_string_attribute("dpx:Transfer")));
    if (spec.format.is_floating_point()) return said(Encoding::linear);
    if (spec.get_int_attribute("Exif:ColorSpace") == 1) return said(Encoding::srgb);
    // DCF 2.0: "uncalibrated", and the index says that it is opRGB.
    const bool jpeg = ending == ".jpg" || ending == ".jpeg";
    if (jpeg && readMetadata(path).interoperability == "R03") return said(Encoding::oprgb);
    return {Encoding::srgb, EncodingSource::assumed};
}

Status acceptable(const ImageSpec& spec, const std::string& who, double mostMegapixels) {
    const double megapixels = double(spec.width) * double(spec.height) / 1e6;
    if (spec.width < 1 || spec.height < 1) return failure(say("%1 has no pixels.", who));
    if (megapixels > mostMegapixels)
        return failure(
            say("%1 has %2 megapixels (%3 x %4); Refero reads up to %5. Make a smaller copy and use that.",
                who, std::to_string(std::lround(megapixels)), std::to_string(spec.width),
                std::to_string(spec.height), std::to_string(std::lround(mostMegapixels))));
    if (spec.nchannels < 3)
        return failure(
            say("%1 is a grey picture with %2 channel(s); colour can only be measured in red, green and "
                "blue. Use the colour original.",
                who, std::to_string(spec.nchannels)));
    if (spec.nchannels > 4 || (spec.nchannels == 4 && spec.alpha_channel != 3))
        return failure(
            say("%1 has %2 channels that are not red, green, blue and alpha (a print separation, perhaps). "
                "Save it as RGB and use that.",
                who, std::to_string(spec.nchannels)));
    // OpenImageIO turns separations into RGB on its own, by a rule that knows nothing of their inks.
    if (spec.get_string_attribute("tiff:ColorSpace") == "CMYK" ||
        spec.get_int_attribute("tiff:PhotometricInterpretation") == 5)
        return failure(
            say("%1 is a print separation (CMYK), not a camera's picture. Use the RGB original.", who));
    if (spec.deep) return failure(say("%1 holds deep data; flatten it first.", who));
    return {};
}

std::optional<IccInput> profileOf(const ImageSpec& spec, std::vector<std::string>& notes) {
    const auto* embedded = spec.find_attribute("ICCProfile");
    if (!embedded || embedded->type().basetype != TypeDesc::UINT8) return {};
    auto profile =
        IccInput::fromBytes({static_cast<const unsigned char*>(embedded->data()), embedded->type().size()});
    if (profile) return *std::move(profile);
    notes.push_back(profile.error().message + " The picture is taken for what its kind of file suggests.");
    return {};
}

bool cutShort(const fs::path& path, const std::string& ending) {
    std::ifstream in(path, std::ios::binary);
    std::error_code error;
    const auto size = fs::file_size(path, error);
    if (ending == ".dpx") {  // SMPTE 268M: the whole file's size stands at byte 16, in the order that the
                             // magic number tells
        unsigned char head[20] = {};
        in.read(reinterpret_cast<char*>(head), sizeof head);
        const bool bigEndian = head[0] == 'S';
        std::uint32_t stated = 0;
        for (int k = 0; k < 4; ++k) stated |= std::uint32_t{head[16 + k]} << (bigEndian ? 24 - 8 * k : 8 * k);
        return stated != 0xFFFFFFFFu && size < stated;
    }
    if (ending == ".jpg" || ending == ".jpeg") {  // ITU-T T.81 B.1.1.3: a picture ends with the marker FF D9
        const auto tail = std::min<std::uintmax_t>(size, 65536);
        in.seekg(static_cast<std::streamoff>(size - tail));
        std::string bytes(tail, '\0');
        in.read(bytes.data(), static_cast<std::streamsize>(tail));
        return bytes.find("\xFF\xD9") == std::string::npos;
    }
    return false;
}

std::string reasonOf(std::string message) {
    while (!message.empty() && (message.back() == '\n' || message.back() == '.')) message.pop_back();
    const auto lineEnd = message.find('\n');
    return message.empty() ? "the reason is not known" : message.substr(0, lineEnd);
}

ImageSpec specFor(int width, int height, const WriteOptions& o, const std::string& ending) {
    const bool eight = ending == ".jpg" || ending == ".jpeg" || o.bits == 8;
    const TypeDesc type = ending == ".exr" ? (o.half ? TypeDesc::HALF : TypeDesc::FLOAT)
                          : eight          ? TypeDesc::UINT8
                                           : TypeDesc::UINT16;
    ImageSpec spec(width, height, 3, type);
    if (o.bits == 10 && ending == ".dpx") spec.attribute("oiio:BitsPerSample", 10);
    // Beyond four gigabytes a TIFF needs longer offsets.
    if ((ending == ".tif" || ending == ".tiff") &&
        double(width) * double(height) * 3 * double(type.size()) > 3.9e9)
        spec.attribute("tiff:bigtiff", 1);
    describe(spec, o, ending);
    return spec;
}

}  // namespace refero::media
