// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string_view>

/// Files of data/ that are compiled in, so that nothing has to be found at run time.
namespace refero::embedded {

struct File {
    std::string_view name;
    std::string_view text;
};

/// data/cie/*.csv
std::span<const File> cie();
/// data/charts/*.chart.json
std::span<const File> charts();
/// data/demo/*.json
std::span<const File> demo();
/// data/studio/*.sql
std::span<const File> studio();

/// The text of the file called `name`, empty where there is none.
inline std::string_view textOf(std::span<const File> files, std::string_view name) {
    for (const File& file : files)
        if (file.name == name) return file.text;
    return {};
}

}  // namespace refero::embedded
