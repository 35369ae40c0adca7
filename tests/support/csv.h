// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <fstream>
#include <sstream>
#include <string>
#include <vector>

namespace refero::test {

/// Rows of numbers of tests/data/NAME; comments and the heading are left out.
inline std::vector<std::vector<double>> numbersOf(const std::string& name) {
    std::ifstream in(std::string(REFERO_TEST_DATA) + "/" + name);
    std::vector<std::vector<double>> rows;
    bool heading = true;
    for (std::string line; std::getline(in, line);) {
        if (line.empty() || line[0] == '#') continue;
        if (heading) {
            heading = false;
            continue;
        }
        std::vector<double> row;
        std::istringstream cells(line);
        for (std::string cell; std::getline(cells, cell, ',');) row.push_back(std::stod(cell));
        rows.push_back(std::move(row));
    }
    return rows;
}

}  // namespace refero::test
