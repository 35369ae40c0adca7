// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/cube_file.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <cstdio>

#include "core/colour/tetrahedra.h"
#include "core/render/render.h"

namespace refero::io {
namespace {

std::string oneLine(std::string text) {
    for (char& c : text)
        if (c == '\n' || c == '\r' || c == '"') c = ' ';
    return text;
}

}  // namespace

Result<Cube> Cube::sampled(const Correction& c, const CubeOptions& o) {
    if (o.size < 2 || o.size > 129)
        return failure("A LUT's size must be 2 to 129 points a side; 33 and 65 are usual.");
    const int n = o.size;
    const Rendering rendering = compile(c, o.space);
    std::vector<double> linear(static_cast<std::size_t>(n));
    for (int i = 0; i < n; ++i)
        linear[static_cast<std::size_t>(i)] = o.encoding.decode(static_cast<double>(i) / (n - 1));
    Cube cube;
    cube.options_ = o;
    cube.grid_.resize(static_cast<std::size_t>(n) * static_cast<std::size_t>(n * n));
    tbb::parallel_for(std::size_t{0}, static_cast<std::size_t>(n), [&](std::size_t b) {
        auto* out = cube.grid_.data() + b * static_cast<std::size_t>(n * n);
        for (const double g : linear)
            for (const double r : linear) *out++ = rendered({r, g, linear[b]}, rendering).cast<float>();
    });
    return cube;
}

Vector3 Cube::at(const Vector3& encoded) const {
    return inTetrahedra(options_.size, encoded,
                        [&](std::size_t at) { return Vector3(grid_[at].cast<double>()); });
}

std::string Cube::text(const Correction& c) const {
    const int n = options_.size;
    std::vector<std::string> slices(static_cast<std::size_t>(n));
    tbb::parallel_for(std::size_t{0}, slices.size(), [&](std::size_t b) {
        std::string& out = slices[b];
        char line[96];
        const auto plane = static_cast<std::size_t>(n * n);
        for (std::size_t i = plane * b; i < plane * (b + 1); ++i)
            out.append(line, static_cast<std::size_t>(
                                 std::snprintf(line, sizeof line, "%.6f %.6f %.6f\n", double(grid_[i].x()),
                                               double(grid_[i].y()), double(grid_[i].z()))));
    });
    std::string all =
        "# Made by Refero from " + oneLine(c.chartName) + ", model " + std::string(name(c.model)) + ".\n";
    all += "# Feed it camera RGB as recorded, no white balance, encoded as " +
           std::string(name(options_.encoding)) + "; nominal exposure, no offset.\n";
    all += "# It gives " + std::string(info(options_.space).label) + " (" +
           std::string(info(options_.space).name) + ").\n";
    all += "# Finish: " + (c.finish.isNone() ? "none" : inWords(c.finish)) + ".\n";
    all += "TITLE \"" + oneLine(c.name) + "\"\nLUT_3D_SIZE " + std::to_string(n) +
           "\nDOMAIN_MIN 0 0 0\nDOMAIN_MAX 1 1 1\n";
    for (const std::string& s : slices) all += s;
    return all;
}

}  // namespace refero::io
