// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <filesystem>

#include "core/colour/xyz.h"
#include "core/frame/mosaic.h"
#include "core/result.h"
#include "io/metadata.h"

namespace refero::io {

struct DngOptions {
    int bits = 14;                                 ///< of the sensor; stored in 16
    std::array<int, 4> black{512, 512, 512, 512};  ///< counts, by site of the pattern
    int marginLeft = 0, marginTop = 0, marginRight = 0,
        marginBottom = 0;                       ///< masked sites around the active area
    FrameMetadata metadata;                     ///< its orientation is recorded, not carried out
    Matrix3 xyzToCamera = Matrix3::Identity();  ///< under D65
    Vector3 neutral{1, 1, 1};                   ///< camera RGB of a grey as shot
    int previewLongEdge = 0;                    ///< pixels of the JPEG that it carries; 0: none
};

/// A raw recording as an open DNG 1.4 file, uncompressed, with EXIF. Values are clipped to 0..1 above black.
Status writeDng(const std::filesystem::path& path, const Mosaic& sensor, const DngOptions& options);

}  // namespace refero::io
