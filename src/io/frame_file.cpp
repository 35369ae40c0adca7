// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/frame_file.h"

#include <OpenImageIO/imageio.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <fstream>

#include "core/frame/orientation.h"
#include "io/clip.h"
#include "io/icc_input.h"
#include "io/media_path.h"
#include "io/raw_file.h"
#include "io/safe_write.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;
using OIIO::ImageInput;
using OIIO::ImageOutput;
using OIIO::ImageSpec;
using OIIO::TypeDesc;

std::string lowerEnding(const fs::path& path) {
    std::string e = path.extension().string();
    std::transform(e.begin(), e.end(), e.begin(), [](unsigned char c) { return std::tolower(c); });
    return e;
}

// EXIF as the file has it; of kinds of file that hold it in another way, what OpenImageIO says.
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

struct KnownEncoding {
    Encoding encoding;
    EncodingSource source;
};

// EXIF's Gamma (tag A500) speaks most plainly, then DPX's transfer field, then EXIF's ColorSpace (1 = sRGB).
KnownEncoding encodingOf(const ImageSpec& spec, const std::string& ending) {
    const float gamma = spec.get_float_attribute("Exif:Gamma");
    if (gamma == 1.0f) return {Encoding::linear, EncodingSource::file};
    if (gamma > 2.19f && gamma < 2.21f) return {Encoding::gamma22, EncodingSource::file};
    const std::string transfer(spec.get_string_attribute("dpx:Transfer"));
    if (transfer == "ITU-R 709-4") return {Encoding::rec709, EncodingSource::file};
    if (transfer == "Linear") return {Encoding::linear, EncodingSource::file};
    if (spec.format.is_floating_point()) return {Encoding::linear, EncodingSource::file};
    if (spec.get_int_attribute("Exif:ColorSpace") == 1) return {Encoding::srgb, EncodingSource::file};
    if (ending == ".dpx") return {Encoding::rec709, EncodingSource::assumed};
    return {Encoding::srgb, EncodingSource::assumed};
}

Status acceptable(const ImageSpec& spec, const std::string& who) {
    const double megapixels = double(spec.width) * double(spec.height) / 1e6;
    if (spec.width < 1 || spec.height < 1) return failure(who + " has no pixels.");
    if (megapixels > kMaxMegapixels)
        return failure(who + " has " + std::to_string(std::lround(megapixels)) + " megapixels (" +
                       std::to_string(spec.width) + " x " + std::to_string(spec.height) +
                       "); Refero reads up to " + std::to_string(std::lround(kMaxMegapixels)) +
                       ". Make a smaller copy and use that.");
    if (spec.nchannels < 3)
        return failure(
            who + " is a grey picture with " + std::to_string(spec.nchannels) +
            " channel(s); colour can only be measured in red, green and blue. Use the colour original.");
    if (spec.nchannels > 4 || (spec.nchannels == 4 && spec.alpha_channel != 3))
        return failure(
            who + " has " + std::to_string(spec.nchannels) +
            " channels that are not red, green, blue and alpha (a print separation, perhaps). Save it as "
            "RGB and use that.");
    // OpenImageIO turns separations into RGB on its own, by a rule that knows nothing of their inks.
    if (spec.get_string_attribute("tiff:ColorSpace") == "CMYK" ||
        spec.get_int_attribute("tiff:PhotometricInterpretation") == 5)
        return failure(who + " is a print separation (CMYK), not a camera's picture. Use the RGB original.");
    if (spec.deep) return failure(who + " holds deep data; flatten it first.");
    return {};
}

EncodedImage shownUpright(EncodedImage&& in, int exif) {
    if (exif <= 1 || exif > 8) return std::move(in);
    const Orientation o(exif, in.width(), in.height());
    EncodedImage out(o.turned() ? in.height() : in.width(), o.turned() ? in.width() : in.height());
    for (int y = 0; y < out.height(); ++y)
        for (int x = 0; x < out.width(); ++x) {
            const auto [sx, sy] = o.stored(x, y);
            std::copy_n(in.pixel(sx, sy), 3, out.pixel(x, y));
        }
    return out;
}

// Two formats whose readers fill what is missing of a cut file with grey or nothing instead of saying so.
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

// Kinds of file that hold a finished picture: they need not be asked whether they are raw.
bool isRendered(const std::string& ending) {
    static constexpr std::array<std::string_view, 9> known{".tif", ".tiff", ".png",  ".jpg", ".jpeg",
                                                           ".exr", ".dpx",  ".heic", ".heif"};
    return std::find(known.begin(), known.end(), ending) != known.end();
}

Result<Frame> readRaw(const fs::path& path, const std::optional<Transfer>& stated) {
    if (stated && !(*stated == Transfer(Encoding::linear)))
        return failure(path.filename().string() +
                       " is a raw file: its numbers are linear light, and no other encoding fits.");
    auto sensor = readSensor(path);
    if (!sensor) return tl::unexpected(sensor.error());
    Frame frame;
    frame.path = path;
    frame.metadata = readMetadata(path);
    frame.encoding = Encoding::linear;
    frame.encodingSource = stated ? EncodingSource::stated : EncodingSource::file;
    frame.image = filledIn(*sensor);
    frame.sensor = *std::move(sensor);
    return frame;
}

Result<Frame> readMoment(const fs::path& path, const MediaPath& media,
                         const std::optional<Transfer>& stated) {
    auto clip = Clip::open(media.file);
    if (!clip) return tl::unexpected(clip.error());
    const ClipInfo& info = clip->info();
    auto picture = clip->at(media.seconds.value_or(info.seconds / 2));
    if (!picture) return tl::unexpected(picture.error());
    Frame frame;
    frame.path = path;
    frame.metadata.taken = info.taken;
    if (!info.taken.empty()) frame.metadata.offset = "+00:00";
    frame.metadata.body = info.body;
    frame.notes = info.assumed;
    frame.encoding = stated.value_or(info.encoding);
    frame.encodingSource = stated                ? EncodingSource::stated
                           : info.encodingStated ? EncodingSource::file
                                                 : EncodingSource::assumed;
    frame.image = toLinear(shownUpright(std::move(picture->image), info.orientation), frame.encoding,
                           &frame.replacedValues);
    return frame;
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

Result<Frame> read(const fs::path& path, const std::optional<Transfer>& stated) {
    std::error_code error;
    const MediaPath media = mediaPath(path);
    if (!fs::exists(media.file, error)) return failure("There is no file " + media.file.string() + ".");
    if (fs::is_directory(path, error)) return failure(path.string() + " is a folder, not a picture.");
    if (fs::file_size(media.file, error) == 0 && !error)
        return failure(path.string() + " is empty: it has no bytes in it. Copy it from the card again.");
    if (isClip(media.file)) return readMoment(path, media, stated);
    if (!isRendered(lowerEnding(path)) && isRaw(path)) return readRaw(path, stated);
    auto input = ImageInput::open(path.string());
    if (!input)
        return failure(path.string() + " could not be opened as a picture: " + reasonOf(OIIO::geterror()) +
                       ".");
    const ImageSpec spec = input->spec();
    if (auto ok = acceptable(spec, path.string()); !ok) return tl::unexpected(ok.error());

    if (cutShort(path, lowerEnding(path)))
        return failure(path.string() +
                       " is incomplete: the file ends before its picture does. Copy it from the card again.");
    EncodedImage stored(spec.width, spec.height);
    if (!input->read_image(0, 0, 0, 3, TypeDesc::FLOAT, stored.values().data()) || input->has_error())
        return failure(path.string() + " is damaged or incomplete: " + reasonOf(input->geterror()) +
                       ". Copy it from the card again.");
    Frame frame;
    frame.path = path;
    frame.metadata = metadataOf(path, spec);
    const KnownEncoding known = encodingOf(spec, lowerEnding(path));
    frame.encoding = stated.value_or(known.encoding);
    frame.encodingSource = stated ? EncodingSource::stated : known.source;
    stored = shownUpright(std::move(stored), spec.get_int_attribute("Orientation", 1));
    if (const auto profile = stated ? std::nullopt : profileOf(spec, frame.notes)) {
        frame.notes.push_back("Its embedded profile is \"" + profile->description() + "\".");
        frame.encodingSource = EncodingSource::file;
        frame.encoding = profile->curve().value_or(Encoding::linear);
        if (!profile->curve()) {
            auto image = profile->linear(stored);
            if (!image) return failure(path.string() + " could not be read. " + image.error().message);
            frame.image = *std::move(image);
            return frame;
        }
    }
    frame.image = toLinear(std::move(stored), frame.encoding, &frame.replacedValues);
    return frame;
}

void describe(ImageSpec& spec, const WriteOptions& o, const std::string& ending) {
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
    if (ending == ".dpx" && o.encoding == Encoding::rec709) spec.attribute("dpx:Transfer", "ITU-R 709-4");
    if (ending == ".exr" && o.space && info(*o.space).primaries) {
        const Primaries& p = *info(*o.space).primaries;
        const std::array<float, 8> c{float(p.red.x),  float(p.red.y),  float(p.green.x), float(p.green.y),
                                     float(p.blue.x), float(p.blue.y), float(p.white.x), float(p.white.y)};
        spec.attribute("chromaticities", TypeDesc(TypeDesc::FLOAT, 8), c.data());
    }
    if (ending == ".tif" || ending == ".tiff")
        spec.attribute("compression", "zip"), spec.attribute("tiff:zipquality", 1);
    if (ending == ".exr") spec.attribute("compression", "zip");
    if (ending == ".jpg" || ending == ".jpeg") spec.attribute("compression", "jpeg:95");
    spec.attribute("oiio:dither", 0);
}

Status write(const fs::path& path, const EncodedImage& image, const WriteOptions& options) {
    const std::string ending = lowerEnding(path);
    auto output = ImageOutput::create(path.string());
    if (!output)
        return failure("Refero cannot write files ending in \"" + ending + "\"; use .exr, .tif, .png, .jpg.");
    const bool eight = ending == ".jpg" || ending == ".jpeg" || options.bits == 8;
    const TypeDesc type = ending == ".exr" ? TypeDesc::FLOAT : eight ? TypeDesc::UINT8 : TypeDesc::UINT16;
    ImageSpec spec(image.width(), image.height(), 3, type);
    if (options.bits == 10 && ending == ".dpx") spec.attribute("oiio:BitsPerSample", 10);
    describe(spec, options, ending);
    if (!output->open(path.string(), spec) || !output->write_image(TypeDesc::FLOAT, image.values().data()) ||
        !output->close())
        return failure(path.filename().string() + " could not be written: " + reasonOf(output->geterror()) +
                       ".");
    return {};
}

}  // namespace

std::string_view name(EncodingSource source) {
    constexpr std::array<std::string_view, 3> names{"stated", "file", "assumed"};
    return names[static_cast<std::size_t>(source)];
}

Result<Frame> readFrame(const fs::path& path, const std::optional<Transfer>& encoding) {
    try {
        return read(path, encoding);
    } catch (const std::bad_alloc&) {
        return failure(path.string() + " needs more memory than there is. Make a smaller copy and use that.");
    } catch (const std::exception& e) {
        return failure(path.string() + " could not be read: " + e.what() + ".");
    }
}

Result<Frame> readForLooking(const fs::path& path, int longEdge) {
    try {
        if (!isRendered(lowerEnding(path)) && !isClip(mediaPath(path).file))
            if (auto preview = readRawPreview(path);
                preview && std::max(preview->image.width(), preview->image.height()) >= longEdge) {
                Frame frame;
                frame.path = path;
                frame.metadata = readMetadata(path);
                frame.encoding = Encoding::srgb;
                frame.image = toLinear(shownUpright(std::move(preview->image), preview->orientation),
                                       frame.encoding, &frame.replacedValues);
                frame.preview = true;
                return frame;
            }
    } catch (const std::exception&) {
        // The picture itself may still be whole.
    }
    return readFrame(path);
}

Status writeFrame(const fs::path& path, const EncodedImage& image, const WriteOptions& options) {
    static constexpr std::array<std::string_view, 7> known{".exr", ".tif",  ".tiff", ".png",
                                                           ".jpg", ".jpeg", ".dpx"};
    if (std::find(known.begin(), known.end(), lowerEnding(path)) == known.end())
        return failure("Refero cannot write files ending in \"" + lowerEnding(path) +
                       "\"; use .exr, .tif, .png, .jpg or .dpx.");
    return writeFile(path, [&](const fs::path& side) { return write(side, image, options); });
}

}  // namespace refero::io
