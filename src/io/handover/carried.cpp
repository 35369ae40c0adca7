// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/carried.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/render/render.h"
#include "io/handover/handover_format.h"
#include "io/handover/proof.h"

namespace refero::io {
namespace {

Correction exposedBy(const Correction& c, double stops) {
    Correction out = c;
    out.level *= std::exp2(-stops);
    return out;
}

// One profile has one exposure: where the two chart shots were exposed otherwise it holds neither's.
bool exposedOtherwise(const Correction& a, const Correction& b) {
    constexpr double kSameStops = 0.03;
    return std::abs(std::log2(a.level * a.gains.minCoeff() / (b.level * b.gains.minCoeff()))) > kSameStops;
}

// How far what the file holds is from the whole correction, with the finish where it holds that.
void measure(RepresentablePart& out, const Correction& given) {
    Correction whole = given;
    if (out.correction.finish.isNone()) whole.finish = {};
    const Rendering full = compile(whole, out.space);
    std::size_t count = 0;
    for (const Vector3& camera : out.colours) {
        if (out.dcp && !withinProfile(given, camera)) continue;
        const double d = ciede2000(labOfStored(rendered(camera, full), out.space), out.lab(camera));
        out.foreseen.largest = std::max(out.foreseen.largest, std::isfinite(d) ? d : 1e9);
        out.foreseen.mean += d;
        ++count;
    }
    if (count > 0) out.foreseen.mean /= static_cast<double>(count);
}

}  // namespace

// The same correction of what a raw developer has balanced, or without its level: in units of a grey's camera
// RGB, whose strongest channel is 1.
Correction asFed(const Correction& c, bool balanced, bool keepLevel) {
    Correction out = c;
    const double strongest = c.gains.minCoeff();
    if (keepLevel) out.level = 1 / strongest;
    if (!balanced) return out;
    for (PatchResult& p : out.patches) p.rgb = p.rgb.cwiseProduct(c.gains) / strongest;
    out.gains.setOnes();
    out.level *= strongest;
    return out;
}

Lab labOfStored(const Vector3& stored, OutputSpace space) {
    const Vector3 linear = decoded(space, stored);
    return toLab(Xyz::from(xyzD50ToLinear(space).inverse() * linear), white::d50);
}

bool withinProfile(const ColourTransform& c, const Vector3& camera) {
    const Vector3 balanced = camera.cwiseQuotient(neutralOf(c));
    return balanced.maxCoeff() <= 1 && (xyzD50ToRomm() * c.toXyzD50(camera).vector()).minCoeff() >= 0;
}

Lab RepresentablePart::lab(const Vector3& camera) const {
    if (dcp) return toLab(dcp->toXyzD50(camera, neutralOf(correction), dcpLight), white::d50);
    if (!cdl) return labOfStored(rendered(camera, rendering), space);
    return labOfStored(graded(camera.unaryExpr([&](double v) { return inputEncoding.encode(v); }), *cdl),
                       space);
}

Result<RepresentablePart> representablePartOf(const Correction& c, const ExportOptions& o) {
    if (const auto ok = o.validate(); !ok) return tl::unexpected(ok.error());
    RepresentablePart out{exposedBy(c, o.exposureOffsetStops),
                          o.encoding.value_or(naturalInputEncoding(c, o.format)), o.space};
    // A configuration's scene-linear space; the finish is in its views.
    if (o.format == Format::ocio) out.space = OutputSpace::acescg;
    out.videoRange = o.videoRange;
    if (isProfile(o.format)) {
        out.balanced = o.format != Format::dcp && c.inputEncoding == Encoding::linear &&
                       o.input != ProfileInput::asRecorded;
        out.balanced |= o.format != Format::dcp && o.input == ProfileInput::balanced;
        out.keptLevel = o.keepLevel;
        if (!out.keptLevel && o.second && exposedOtherwise(c, *o.second)) {
            out.keptLevel = true;
            lose(
                out,
                "The two chart shots were exposed differently, and a profile has one exposure for both: none "
                "is in it.");
        }
        out.correction = asFed(out.correction, out.balanced, out.keptLevel);
    }
    const Correction given = out.correction;
    if (o.format != Format::csv && o.format != Format::json) out.colours = proofColours(given, out.space);
    if (auto ok = handoverFormat(o.format).hold(out, given, o); !ok) return tl::unexpected(ok.error());
    const bool keepsFinish = !out.correction.finish.isNone() || o.format == Format::ocio;
    if (!c.finish.isNone() && (!keepsFinish || o.format == Format::csv))
        lose(out, "The finish (" + inWords(c.finish) + ") is not in it.");
    out.rendering = compile(out.correction, out.space);
    measure(out, given);
    return out;
}

Result<Foreseen> foresee(const Correction& c, const ExportOptions& o) {
    return representablePartOf(c, o).map(
        [](const RepresentablePart& representable) { return representable.foreseen; });
}

}  // namespace refero::io
