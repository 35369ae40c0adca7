// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/cube_file.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <span>

#include "core/assess/tolerance.h"
#include "core/colour/tetrahedra.h"
#include "core/grade/exposure_marks.h"
#include "core/render/render.h"
#include "core/say/say.h"
#include "io/handover/grid_polish.h"
#include "words/pair_words.h"
#include "words/terms_words.h"

namespace refero::io {
namespace {

std::string oneLine(std::string text) {
    for (char& c : text)
        if (c == '\n' || c == '\r' || c == '"') c = ' ';
    return text;
}

// The shaper: straight between these points of the root of what is fed.
constexpr int kShaperPoints = 16384;
double shaperPoint(int i) {
    return encode(Encoding::gamma22, static_cast<double>(i) / (kShaperPoints - 1));
}
double shaped(double fed) {
    const double at = std::clamp(fed / kShaperTop, 0.0, 1.0) * (kShaperPoints - 1);
    const int i = std::min(static_cast<int>(at), kShaperPoints - 2);
    return shaperPoint(i) + (at - i) * (shaperPoint(i + 1) - shaperPoint(i));
}

std::string feedLine(const CubeOptions& o) {
    std::string out = "# Feed it camera RGB as recorded, no white balance, encoded as " +
                      std::string(name(o.encoding)) +
                      (o.videoRange ? ", in video range; " : ", in full range; ");
    if (o.exposureOffsetStops == 0) return out + "nominal exposure, no offset.\n";
    char stops[80];
    std::snprintf(stops, sizeof stops, "exposed %+.2f stops against the chart shot.\n",
                  o.exposureOffsetStops);
    return out + stops;
}

// What the person at the camera exposes by.
std::string marksLine(const Correction& c, const CubeOptions& o) {
    std::string out;
    for (const ExposureMark& m : exposureMarks(c, o.encoding, o.exposureOffsetStops, o.videoRange)) {
        const bool first = out.empty();
        out += first ? "# It fits where " : ", ";
        out += oneLine(words::name(m)) + (first ? " lies at " : " at ") + words::place(m);
    }
    return out.empty() ? out : out + ".\n";
}

// How far it may be exposed otherwise, and whose it is.
std::string holdsLine(const Correction& c) {
    std::string out = "# " + oneLine(words::sentence(exposureTolerance(c))) + "\n";
    if (!c.pool.empty()) out += "# " + oneLine(words::poolSentence(c)) + "\n";
    return out;
}

// Of a match: between which bodies, and where it holds.
std::string towards(const Provenance& c) {
    if (c.aim.kind == AimKind::reference) return {};
    return "# It makes " + oneLine(c.body.empty() ? "this camera" : c.body) + " look like " +
           oneLine(words::aim(c.aim)) + ", in the light and at the exposure of its chart shot.\n";
}

std::string heading(const Correction& c, const CubeOptions& o) {
    return "# Made by Refero from " + oneLine(c.chartName) + ", model " + std::string(name(c.model)) + ".\n" +
           feedLine(o) + "# It gives " + std::string(info(o.space).label) + " (" +
           std::string(info(o.space).name) + ", " + (o.videoRange ? "video" : "full") +
           " range): " + std::string(info(o.space).viewing) + ".\n" + marksLine(c, o) + holdsLine(c) +
           towards(c);
}

}  // namespace

Result<Cube> Cube::sampled(const ColourTransform& c, const CubeOptions& o) {
    if (o.size < 2 || o.size > 129)
        return failure(say("A LUT's size must be 2 to 129 points a side; 33 and 65 are usual."));
    const int n = o.size;
    const Rendering rendering = compile(c, o.space);
    const auto truth = [&](std::span<float> places) {
        for (float& v : places) {
            const double fed = o.videoRange ? fromVideoRange(double(v)) : double(v);
            v = static_cast<float>(
                o.encoding.decode(o.shaper ? kShaperTop * decode(Encoding::gamma22, fed) : fed));
        }
        render(places, places, rendering);
        if (o.videoRange)
            for (float& v : places) v = static_cast<float>(toVideoRange(double(v)));
    };
    Cube cube;
    cube.options_ = o;
    const auto plane = static_cast<std::size_t>(n * n);
    cube.grid_.resize(static_cast<std::size_t>(n) * plane);
    tbb::parallel_for(0, n, [&](int b) {
        Eigen::Vector3f* out = cube.grid_.data() + static_cast<std::size_t>(b) * plane;
        const std::span<float> values(out->data(), 3 * plane);
        const auto place = [&](int i) { return static_cast<float>(i) / static_cast<float>(n - 1); };
        for (int g = 0; g < n; ++g)
            for (int r = 0; r < n; ++r) *out++ = {place(r), place(g), place(b)};
        truth(values);
    });
    (info(o.space).unbounded ? polish : polishShown)(cube.grid_, n, truth);
    return cube;
}

Vector3 Cube::at(const Vector3& encoded) const {
    const Vector3 within = options_.shaper ? Vector3(encoded.unaryExpr(&shaped)) : encoded;
    return inTetrahedra(options_.size, within,
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
    std::string all = heading(c, options_);
    all += "# Finish: " + (c.finish.isNone() ? "none" : inWords(c.finish)) + ".\n";
    char line[96];
    if (options_.shaper) {  // this form has no title
        std::snprintf(line, sizeof line, "LUT_1D_SIZE %d\nLUT_1D_INPUT_RANGE 0 %g\n", kShaperPoints,
                      kShaperTop);
        all += line;
        all += "LUT_3D_SIZE " + std::to_string(n) + "\nLUT_3D_INPUT_RANGE 0 1\n";
        for (int i = 0; i < kShaperPoints; ++i) {
            const double v = shaperPoint(i);
            std::snprintf(line, sizeof line, "%.7f %.7f %.7f\n", v, v, v);
            all += line;
        }
    } else {
        all += "TITLE \"" + oneLine(c.name) + "\"\nLUT_3D_SIZE " + std::to_string(n) +
               "\nDOMAIN_MIN 0 0 0\nDOMAIN_MAX 1 1 1\n";
    }
    for (const std::string& s : slices) all += s;
    return all;
}

std::string curvesText(const Correction& c, const CubeOptions& o) {
    constexpr int kPoints = 4096;
    std::string all =
        heading(c, o) + "# Balance, level and greys only: a curve a channel moves no colours.\n";
    all += "TITLE \"" + oneLine(c.name) + "\"\nLUT_1D_SIZE " + std::to_string(kPoints) +
           "\nDOMAIN_MIN 0 0 0\nDOMAIN_MAX 1 1 1\n";
    char line[96];
    for (int i = 0; i < kPoints; ++i) {
        const double fed = static_cast<double>(i) / (kPoints - 1);
        const double light = o.encoding.decode(o.videoRange ? fromVideoRange(fed) : fed);
        Vector3 v = c.straightened(Vector3::Constant(light));
        if (c.look) v = straightened(v, c.look->curves);
        v = encoded(o.space, v);
        if (o.videoRange) v = v.unaryExpr([](double full) { return toVideoRange(full); });
        std::snprintf(line, sizeof line, "%.7f %.7f %.7f\n", v.x(), v.y(), v.z());
        all += line;
    }
    return all;
}

}  // namespace refero::io
