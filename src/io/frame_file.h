// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "core/colour/rgb_space.h"
#include "core/frame/encoding_source.h"
#include "core/frame/image.h"
#include "core/frame/mosaic.h"
#include "core/result.h"
#include "io/metadata.h"

namespace refero::io {

struct Frame {
    std::filesystem::path path;
    LinearImage image;
    Transfer encoding;
    EncodingSource encodingSource = EncodingSource::assumed;
    FrameMetadata metadata;
    std::size_t replacedValues = 0;    ///< NaN or infinite, made finite
    bool preview = false;              ///< the camera's own rendering of a raw file, not its sensor
    std::optional<Mosaic> sensor;      ///< of a raw file: what it was filled in from, of the same size
    std::vector<std::string> notes{};  ///< what was assumed or gone through to read it, a sentence each
};

inline constexpr double kMaxMegapixels = 250;

/// Reads a picture in its display orientation and undoes its encoding. A camera's raw file is linear by
/// itself and also gives its sensor's values; no other encoding can be stated for it. An embedded ICC profile
/// is gone through where no encoding is stated. Of a clip, the moment that the path names (see MediaPath),
/// else its middle. Grey pictures and those whose fourth channel is not alpha are refused with the reason, so
/// are pictures over kMaxMegapixels.
Result<Frame> readFrame(const std::filesystem::path& path, const std::optional<Transfer>& encoding = {});

/// The same in the encoding that is stated, else the one that the file says; where neither is there, it is
/// taken to be `otherwise`, such as that of the correction that the frame is for.
Result<Frame> readFrameAssuming(const Transfer& otherwise, const std::filesystem::path& path,
                                const std::optional<Transfer>& stated = {});

/// A picture to look at and to look for things in: a raw file's own preview where it is large enough, taken
/// to be sRGB; else as readFrame. The long edge is about `longEdge` or more.
Result<Frame> readForLooking(const std::filesystem::path& path, int longEdge);

struct WriteOptions {
    int bits = 16;                         ///< 8, 10 (dpx) or 16; float kinds of file take no notice
    Encoding encoding = Encoding::linear;  ///< recorded in the file where its format can
    std::optional<OutputSpace> space;      ///< recorded as primaries where the format can
    FrameMetadata metadata;
    std::filesystem::path metadataFrom{};  ///< a picture whose own fields go along; see FrameMetadata too
    bool half = false;                     ///< .exr: half floats, else floats
    int quality = 95;                      ///< .jpg: 1 to 100; from 90 on colour is not halved in size
    std::string iccProfile{};              ///< bytes to embed where the kind of file can
    int orientation = 1;                   ///< EXIF 2.3: how the written rows are to be shown
};

/// Kind of file by the ending: .exr (float or half), .tif, .png, .jpg (8 bit), .dpx. Integer kinds clip to
/// 0..1.
Status writeFrame(const std::filesystem::path& path, const EncodedImage& image, const WriteOptions& options);

}  // namespace refero::io
