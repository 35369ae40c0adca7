// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/frame_file.h"

#include <algorithm>

#include "core/say/say.h"
#include "io/clip.h"
#include "io/files/safe_write.h"
#include "io/media_path.h"
#include "io/module/media_module.h"
#include "io/picture_kind.h"
#include "io/raw_file.h"
#include "io/tiff_file.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

Result<Frame> readRaw(const fs::path& path, const std::optional<Transfer>& stated) {
    if (stated && !(*stated == Transfer(Encoding::linear)))
        return failure(say("%1 is a raw file: its numbers are linear light, and no other encoding fits.",
                           path.filename().string()));
    auto picture = readRawPicture(path);
    if (!picture) return tl::unexpected(picture.error());
    Frame frame;
    frame.path = path;
    frame.metadata = readMetadata(path);
    frame.encoding = Encoding::linear;
    frame.encodingSource = stated ? EncodingSource::stated : EncodingSource::file;
    if (picture->sensor) {
        frame.image = filledIn(*picture->sensor);
        frame.sensor = std::move(picture->sensor);
        return frame;
    }
    frame.image = std::move(picture->image);
    frame.notes.push_back(
        say("Its mosaic is not Bayer's: it was demosaiced by LibRaw, whose neighbours are alike."));
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
    if (!fs::exists(media.file, error)) return failure(say("There is no file %1.", media.file.string()));
    if (fs::is_directory(path, error)) return failure(say("%1 is a folder, not a picture.", path.string()));
    if (fs::file_size(media.file, error) == 0 && !error)
        return failure(
            say("%1 is empty: it has no bytes in it. Copy it from the card again.", path.string()));
    if (isClip(media.file)) return readMoment(path, media, stated);
    if (!isRendered(lowerEnding(path)) && isRaw(path)) return readRaw(path, stated);
    if (const std::string ending = lowerEnding(path); ending == ".tif" || ending == ".tiff")
        if (auto frame = readPlainTiff(path, stated)) return *std::move(frame);
    const auto module = mediaModule();
    if (!module) return tl::unexpected(module.error());
    return (*module)->readPicture(path, stated);
}

}  // namespace

Result<Frame> readFrame(const fs::path& path, const std::optional<Transfer>& encoding) {
    try {
        return read(path, encoding);
    } catch (const std::bad_alloc&) {
        return failure(
            say("%1 needs more memory than there is. Make a smaller copy and use that.", path.string()));
    } catch (const std::exception& e) {
        return failure(say("%1 could not be read: %2.", path.string(), e.what()));
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
    const auto module = mediaModule();
    if (!module) return tl::unexpected(module.error());
    return writeFile(path,
                     [&](const fs::path& side) { return (*module)->writePicture(side, image, options); });
}

}  // namespace refero::io
