// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What OpenImageIO says of a picture, and what it is told of one: shared by all that read and write them.
#pragma once

#include <OpenImageIO/imageio.h>

#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "io/frame_file.h"
#include "io/icc/icc_input.h"
#include "io/picture_kind.h"

namespace refero::media {

using io::FrameMetadata;
using io::IccInput;
using io::WriteOptions;

/// EXIF as the file has it; of kinds of file that hold it in another way, what OpenImageIO says.
FrameMetadata metadataOf(const std::filesystem::path& path, const OIIO::ImageSpec& spec);

struct KnownEncoding {
    Encoding encoding;
    EncodingSource source;
};
/// EXIF's Gamma (tag A500) speaks most plainly, then DPX's transfer field, then EXIF's ColorSpace (1 = sRGB).
KnownEncoding encodingOf(const std::filesystem::path& path, const OIIO::ImageSpec& spec,
                         const std::string& ending);

/// Errors: no colour picture, or larger than that.
Status acceptable(const OIIO::ImageSpec& spec, const std::string& who, double mostMegapixels);

/// The embedded profile; of one that cannot be used, a note.
std::optional<IccInput> profileOf(const OIIO::ImageSpec& spec, std::vector<std::string>& notes);

/// Two formats whose readers fill what is missing of a cut file with grey or nothing instead of saying so.
bool cutShort(const std::filesystem::path& path, const std::string& ending);

/// A library's message as the end of a sentence, without its full stop.
std::string reasonOf(std::string message);

/// What a file of that size is opened for writing with: its kind of numbers, compression, colour space and
/// metadata.
OIIO::ImageSpec specFor(int width, int height, const WriteOptions& options, const std::string& ending);

}  // namespace refero::media
