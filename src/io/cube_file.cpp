// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/cube_file.h"

#include <tbb/parallel_for.h>

#include <cstdio>
#include <vector>

#include "core/render/render.h"

namespace refero::io {
namespace {

std::string oneLine(std::string text) {
    for (char& c : text)
        if (c == '\n' || c == '\r' || c == '"') c = ' ';
    return text;
}

}  // namespace

Result<std::string> cubeText(const Correction& c, const CubeOptions& o) {
    if (o.size < 2 || o.size > 129) return failure("A LUT's size must be 2 to 129 points a side; 33 and 65 are usual.");
    const Rendering rendering = compile(c, o.space);
    std::vector<std::string> slices(static_cast<std::size_t>(o.size));
    const auto linear = [&](int i) { return decode(o.encoding, static_cast<double>(i) / (o.size - 1)); };
    tbb::parallel_for(0, o.size, [&](int b) {
        std::string& out = slices[static_cast<std::size_t>(b)];
        char line[96];
        for (int g = 0; g < o.size; ++g) {
            for (int r = 0; r < o.size; ++r) {
                const Vector3 v = rendered({linear(r), linear(g), linear(b)}, rendering);
                out.append(line, static_cast<std::size_t>(
                                     std::snprintf(line, sizeof line, "%.7g %.7g %.7g\n", v.x(), v.y(), v.z())));
            }
        }
    });
    std::string text = "# Made by Refero from " + oneLine(c.chartName) + ", model " + std::string(name(c.model)) + ".\n";
    text += "# Feed it camera RGB as recorded, no white balance, encoded as " + std::string(name(o.encoding)) +
            "; nominal exposure, no offset.\n";
    text += "# It gives " + std::string(info(o.space).label) + " (" + std::string(info(o.space).name) + ").\n";
    text += "TITLE \"" + oneLine(c.name) + "\"\nLUT_3D_SIZE " + std::to_string(o.size) +
            "\nDOMAIN_MIN 0 0 0\nDOMAIN_MAX 1 1 1\n";
    for (const std::string& s : slices) text += s;
    return text;
}

}  // namespace refero::io
