// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/frame_file.h"

#include <OpenImageIO/imageio.h>

#include <algorithm>
#include <array>

#include "core/frame/orientation.h"
#include "io/clip.h"
#include "io/detail/picture_output.h"
#include "io/detail/picture_spec.h"
#include "io/files/safe_write.h"
#include "io/icc/icc_input.h"
#include "io/media_path.h"
#include "io/raw_file.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;
using OIIO::ImageInput;
using OIIO::ImageSpec;
using OIIO::TypeDesc;
using namespace detail;

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
    if (auto ok = acceptable(spec, path.string(), kMaxMegapixels); !ok) return tl::unexpected(ok.error());

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

Status write(const fs::path& path, const EncodedImage& image, const WriteOptions& options) {
    auto output = PictureOutput::begin(path, image.width(), image.height(), options);
    if (!output) return tl::unexpected(output.error());
    if (auto ok = output->rows(0, image); !ok) return ok;
    return output->end();
}

}  // namespace

Result<Frame> readFrame(const fs::path& path, const std::optional<Transfer>& encoding) {
    try {
        return read(path, encoding);
    } catch (const std::bad_alloc&) {
        return failure(path.string() + " needs more memory than there is. Make a smaller copy and use that.");
    } catch (const std::exception& e) {
        return failure(path.string() + " could not be read: " + e.what() + ".");
    }
}

Result<Frame> readFrameAssuming(const Transfer& otherwise, const fs::path& path,
                                const std::optional<Transfer>& stated) {
    auto frame = readFrame(path, stated);
    if (frame && frame->encodingSource == EncodingSource::assumed && frame->encoding != otherwise)
        frame = readFrame(path, otherwise);
    return frame;
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
    if (auto ok = writable(path); !ok) return ok;
    return writeFile(path, [&](const fs::path& side) { return write(side, image, options); });
}

}  // namespace refero::io
