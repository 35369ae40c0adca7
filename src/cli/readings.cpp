// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/readings.h"

#include "io/reading_file.h"

namespace refero::cli {

Result<std::vector<Reading>> readReadings(std::span<const std::string> paths) {
    std::vector<Reading> out;
    for (const std::string& path : paths) {
        auto r = io::readReading(path);
        if (!r) return tl::unexpected(r.error());
        out.push_back(*std::move(r));
    }
    return out;
}

}  // namespace refero::cli
