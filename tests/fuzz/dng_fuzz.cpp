// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// A raw file's metadata and, where that makes sense, its sensor.
#include <cmath>
#include <cstdlib>

#include "io/metadata.h"
#include "io/raw_file.h"
#include "on_disk.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* bytes, std::size_t size) {
    const auto path = refero::fuzz::onDisk(bytes, size, ".dng");
    const auto m = refero::io::readMetadata(path);
    if (m.orientation < 1 || m.orientation > 8 || !std::isfinite(m.focalLengthMm) || m.body.size() > 500)
        std::abort();
    (void)refero::io::readSensor(path);
    (void)refero::io::readRawPreview(path);
    return 0;
}
