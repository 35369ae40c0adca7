// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>

#include "core/frame/mosaic.h"
#include "core/result.h"

namespace refero::io {

/// Whether the file is a camera's raw recording, from its content.
bool isRaw(const std::filesystem::path& path);

/// The sensor's own values, upright: black taken off, 1.0 where the channel clips, the active area alone; no
/// balance, no brightening, nothing filled in. Behind a border of an odd width one more row or column is left
/// out. An error for damaged files and for mosaics that are not Bayer's.
Result<Mosaic> readSensor(const std::filesystem::path& path);

}  // namespace refero::io
