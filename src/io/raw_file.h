// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>

#include "core/colour/xyz.h"
#include "core/frame/image.h"
#include "core/frame/mosaic.h"
#include "core/read/camera_advice.h"
#include "core/result.h"

namespace refero::io {

/// Whether the file is a camera's raw recording, from its content.
bool isRaw(const std::filesystem::path& path);

/// The sensor's own values, upright: black taken off, 1.0 where the channel clips, the active area alone; no
/// balance, no brightening, nothing filled in. Behind a border of an odd width one more row or column is left
/// out. An error for damaged files and for mosaics that are not Bayer's.
Result<Mosaic> readSensor(const std::filesystem::path& path);

/// A raw recording, black at 0 and clipping at 1, upright.
struct RawPicture {
    std::optional<Mosaic> sensor;  ///< of a Bayer mosaic: the sites themselves
    LinearImage image;             ///< of any other: as LibRaw demosaics it, not balanced
};
Result<RawPicture> readRawPicture(const std::filesystem::path& path);

/// Linear camera RGB of white as the camera balanced the frame, green = 1; nothing where the file does not
/// say or is no raw file. Quick: the picture is not unpacked.
std::optional<Vector3> readCameraWhite(const std::filesystem::path& path);

/// Nothing where it is no raw file. Unpacks the picture: some tenths of a second.
std::optional<RawFacts> readRawFacts(const std::filesystem::path& path);

struct RawPreview {
    EncodedImage image;   ///< as the camera drew it, not turned upright yet
    int orientation = 1;  ///< EXIF 2.3
};
/// The largest JPEG that the raw file carries for looking at; an error where there is none.
Result<RawPreview> readRawPreview(const std::filesystem::path& path);

}  // namespace refero::io
