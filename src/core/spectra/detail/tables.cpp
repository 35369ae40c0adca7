// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/spectra/detail/tables.h"

#include <cstdlib>
#include <sstream>
#include <string>
#include <vector>

#include "core/embedded.h"

namespace refero::detail {
namespace {

std::vector<std::string> cells(const std::string& line) {
    std::vector<std::string> out;
    std::istringstream stream(line);
    for (std::string cell; std::getline(stream, cell, ',');) out.push_back(cell);
    return out;
}

}  // namespace

Spectrum tableColumn(std::string_view file, std::string_view column) {
    std::istringstream stream{std::string(embedded::textOf(embedded::cie(), file))};
    std::size_t at = 0, row = 0;
    Spectrum out;
    for (std::string line; std::getline(stream, line);) {
        if (line.empty() || line.front() == '#') continue;
        const auto fields = cells(line);
        if (at == 0) {
            for (std::size_t i = 1; i < fields.size(); ++i)
                if (fields[i] == column) at = i;
            if (at == 0) std::abort();
            continue;
        }
        if (row >= Spectrum::size || std::stod(fields[0]) != Spectrum::wavelength(row)) std::abort();
        out[row++] = std::stod(fields[at]);
    }
    if (row != Spectrum::size) std::abort();
    return out;
}

}  // namespace refero::detail
