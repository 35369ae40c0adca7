// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>

#include "core/assess/foreign_transform.h"
#include "core/fit/correction.h"
#include "core/result.h"

namespace refero::io {

struct TransformOptions {
    // Of an OpenColorIO configuration; empty: its defaults.
    std::string view, display;
    std::string
        inputSpace;  ///< the colour space that it is fed; empty: our camera's, else its scene-linear one
};

/// Whether a file's ending is one of those.
bool isTransformFile(const std::filesystem::path& path);

/// Somebody's transform, ready to be tried on a reading: `.cube` (curves, grid, both), `.clf`, `.ctf`,
/// `.3dl`,
/// `.spi1d`, `.spi3d`, `.cdl`, `.cc`, `.ccc` and `.ocio` by OpenColorIO; `.icc`, `.icm` (input and device
/// link) by Little CMS; `.dcp` by its specification, with the reading's greys as neutral; a correction or a
/// match of ours (`.json`) with its finish. Errors name what is wrong with the file.
Result<ForeignTransform> readTransform(const std::filesystem::path& path, const Reading& reading,
                                       const TransformOptions& options = {});

/// A correction of ours with its finish, under that name.
ForeignTransform transformOf(Correction correction, const std::string& name);

/// The picture as it is.
ForeignTransform asRecorded(const Reading& reading);

}  // namespace refero::io
