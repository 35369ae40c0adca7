// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <unistd.h>

#include <cstddef>
#include <cstdint>
#include <filesystem>
#include <fstream>
#include <string>

namespace refero::fuzz {

/// The bytes as a file of that ending, for readers that take paths.
inline std::filesystem::path onDisk(const std::uint8_t* bytes, std::size_t size, const char* ending) {
    static const std::string base =
        (std::filesystem::temp_directory_path() / ("refero-fuzz-" + std::to_string(::getpid()))).string();
    const std::filesystem::path path = base + ending;
    std::ofstream(path, std::ios::binary)
        .write(reinterpret_cast<const char*>(bytes), static_cast<std::streamsize>(size));
    return path;
}

}  // namespace refero::fuzz
