// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <fstream>
#include <sstream>
#include <string>
#include <vector>

namespace refero::test {

/// Rows of tests/data/NAME; comments and the heading are left out.
inline std::vector<std::vector<std::string>> textsOf(const std::string& name) {
    std::ifstream in(std::string(REFERO_TEST_DATA) + "/" + name);
    std::vector<std::vector<std::string>> rows;
    bool heading = true;
    for (std::string line; std::getline(in, line);) {
        if (line.empty() || line[0] == '#') continue;
        if (heading) {
            heading = false;
            continue;
        }
        std::vector<std::string> row;
        std::istringstream cells(line);
        for (std::string cell; std::getline(cells, cell, ',');) row.push_back(cell);
        rows.push_back(std::move(row));
    }
    return rows;
}

/// The same as numbers.
inline std::vector<std::vector<double>> numbersOf(const std::string& name) {
    std::vector<std::vector<double>> rows;
    for (const auto& cells : textsOf(name)) {
        rows.emplace_back();
        for (const std::string& cell : cells) rows.back().push_back(std::stod(cell));
    }
    return rows;
}

}  // namespace refero::test
