// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <fstream>
#include <map>
#include <sstream>
#include <string>
#include <vector>

namespace refero::test {

/// Debian's colord-data keeps the CIE's tables as CGATS files. Returns each set as wavelength -> value.
inline std::vector<std::map<int, double>> cgatsTable(const std::string& file) {
    std::ifstream in("/usr/share/colord/" + file);
    std::vector<std::map<int, double>> sets;
    double start = 0, end = 0;
    bool data = false;
    for (std::string line; std::getline(in, line);) {
        std::istringstream words(line);
        std::string first;
        words >> first;
        if (first == "SPECTRAL_START_NM") words >> start;
        if (first == "SPECTRAL_END_NM") words >> end;
        if (first == "END_DATA") break;
        if (data && !first.empty()) {
            std::vector<double> values;
            if (first.find_first_not_of("0123456789.-eE") == std::string::npos)
                values.push_back(std::stod(first));
            for (double v; words >> v;) values.push_back(v);
            std::map<int, double> set;
            // Illuminant A's file says 830 but holds 531 values in steps of 1 nm.
            const double step = std::round((end - start) / (static_cast<double>(values.size()) - 1));
            for (std::size_t i = 0; i < values.size(); ++i)
                set[static_cast<int>(std::lround(start + step * double(i)))] = values[i];
            sets.push_back(set);
        }
        if (first == "BEGIN_DATA") data = true;
    }
    return sets;
}

}  // namespace refero::test
