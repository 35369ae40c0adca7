// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Whole pictures, by OpenImageIO.
#include <OpenImageIO/filesystem.h>
#include <OpenImageIO/imageio.h>

#include "core/say/say.h"
#include "media/media.h"
#include "media/picture_output.h"
#include "media/picture_spec.h"

namespace refero::media {

namespace fs = std::filesystem;
using namespace io;

using OIIO::ImageInput;
using OIIO::ImageSpec;
using OIIO::TypeDesc;

Result<Frame> readPicture(const fs::path& path, const std::optional<Transfer>& stated) {
    auto input = ImageInput::open(path.string());
    if (!input)
        return failure(
            say("%1 could not be opened as a picture: %2.", path.string(), reasonOf(OIIO::geterror())));
    const ImageSpec spec = input->spec();
    if (auto ok = acceptable(spec, path.string(), kMaxMegapixels); !ok) return tl::unexpected(ok.error());

    if (cutShort(path, lowerEnding(path)))
        return failure(
            say("%1 is incomplete: the file ends before its picture does. Copy it from the card again.",
                path.string()));
    EncodedImage stored(spec.width, spec.height);
    if (!input->read_image(0, 0, 0, 3, TypeDesc::FLOAT, stored.values().data()) || input->has_error())
        return failure(say("%1 is damaged or incomplete: %2. Copy it from the card again.", path.string(),
                           reasonOf(input->geterror())));
    Frame frame;
    frame.path = path;
    frame.metadata = metadataOf(path, spec);
    const KnownEncoding known = encodingOf(path, spec, lowerEnding(path));
    frame.encoding = stated.value_or(known.encoding);
    frame.encodingSource = stated ? EncodingSource::stated : known.source;
    stored = shownUpright(std::move(stored), spec.get_int_attribute("Orientation", 1));
    if (const auto profile = stated ? std::nullopt : profileOf(spec, frame.notes)) {
        frame.notes.push_back("Its embedded profile is \"" + profile->description() + "\".");
        frame.encodingSource = EncodingSource::file;
        frame.encoding = profile->curve().value_or(Encoding::linear);
        if (!profile->curve()) {
            auto image = profile->linear(stored);
            if (!image) return failure(say("%1 could not be read. %2", path.string(), image.error().message));
            frame.image = *std::move(image);
            return frame;
        }
    }
    frame.image = toLinear(std::move(stored), frame.encoding, &frame.replacedValues);
    return frame;
}

Status writePicture(const fs::path& path, const EncodedImage& image, const WriteOptions& options) {
    auto output = PictureOutput::begin(path, image.width(), image.height(), options);
    if (!output) return tl::unexpected(output.error());
    if (auto ok = output->rows(0, image); !ok) return ok;
    return output->end();
}

Result<EncodedImage> decodeJpeg(std::span<const unsigned char> bytes) {
    OIIO::Filesystem::IOMemReader reader(const_cast<unsigned char*>(bytes.data()), bytes.size());
    const auto in = ImageInput::open("preview.jpg", nullptr, &reader);
    if (!in || in->spec().nchannels != 3) {
        (void)OIIO::geterror();
        return failure(say("It is no JPEG in colour."));
    }
    EncodedImage out(in->spec().width, in->spec().height);
    if (!in->read_image(0, 0, 0, 3, TypeDesc::FLOAT, out.values().data()))
        return failure(say("The JPEG is damaged."));
    return out;
}

}  // namespace refero::media
