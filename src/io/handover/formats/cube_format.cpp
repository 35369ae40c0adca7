// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <array>

#include "core/render/render.h"
#include "core/say/say.h"
#include "io/handover/cube_file.h"
#include "io/handover/handover_format.h"
#include "io/handover/proof.h"

namespace refero::io {
namespace {

// More than 65 points a side only where somebody asks: many programs take no more.
constexpr std::array kSizes{33, 65};

// The smallest LUT that will pass, by our own interpolation; the largest where none will, so that the proof
// says so.
Result<Cube> smallestCube(const RepresentablePart& representable, const ExportOptions& o) {
    const auto sampled = [&](int size) {
        return Cube::sampled(representable.correction,
                             {size, representable.inputEncoding, representable.space, o.shaper, o.videoRange,
                              o.exposureOffsetStops});
    };
    // In linear light no size is enough for a display's curve; trying them all would only take time.
    const bool hopeless = !o.shaper && representable.inputEncoding == Encoding::linear &&
                          refero::info(o.space).encoding != Encoding::linear;
    if (o.size || hopeless) return sampled(o.size.value_or(kSizes.front()));
    for (const int size : kSizes) {
        auto cube = sampled(size);
        if (!cube || size == kSizes.back() ||
            passes(expectedOf(*cube, representable), kCube.info, representable.space, 0.95))
            return cube;
    }
    return failure(say("No size was tried."));
}

// Camera RGB a channel at a time, taken as the output's own red, green and blue.
Correction channelsAlone(const Correction& c, OutputSpace space) {
    Correction out = c;
    out.model = Model::balance;
    out.colours = Colours(RootPolynomial(Matrix3(xyzD50ToLinear(space).inverse())));
    out.sectors.reset();
    out.finish = {};
    return out;
}

Status holdChannels(RepresentablePart& part, const Correction& given, const ExportOptions& o) {
    part.correction = channelsAlone(given, o.space);
    lose(part,
         say("Colours stay the camera's: a curve a channel can only balance, level and straighten greys."));
    return {};
}

Result<Content> writeCube(const Correction&, const RepresentablePart& part, const ExportOptions& o,
                          const std::filesystem::path&) {
    return smallestCube(part, o).map([&](const Cube& cube) {
        return Content{cube.text(part.correction), cube.options().size, {}};
    });
}

Result<Content> writeCurves(const Correction&, const RepresentablePart& part, const ExportOptions& o,
                            const std::filesystem::path&) {
    return Content::plain(curvesText(
        part.correction, {0, part.inputEncoding, part.space, false, o.videoRange, o.exposureOffsetStops}));
}

Result<Proof> prove(const std::filesystem::path& file, const Correction&, const RepresentablePart& part) {
    return proveTransform(file, part);
}

}  // namespace

const HandoverFormat kCube{{"cube", word("3D LUT (.cube)"), ".cube",
                            word("All of the correction, its finish too, between grid points."), true, true,
                            kProofLimit, kProofMean},
                           &holdAll,
                           &writeCube,
                           &prove};
const HandoverFormat kCube1d{
    {"cube-1d", word("1D LUT (.cube)"), ".cube",
     word("Balance, level and the curves of the greys; a curve a channel cannot move colours."), true, true,
     0.1, 0.1},
    &holdChannels,
    &writeCurves,
    &prove};

}  // namespace refero::io
