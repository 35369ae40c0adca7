// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/say/say.h"
#include "io/handover/dcp_profile.h"
#include "io/handover/handover_format.h"
#include "io/handover/proof.h"

namespace refero::io {
namespace {

Status hold(RepresentablePart& out, const Correction& given, const ExportOptions& o) {
    if (auto ok = holdProfile(out, given, o); !ok) return ok;
    std::vector<const Correction*> all{&given};
    std::optional<Correction> second;
    if (o.second) {
        second = asFed(*o.second, false, out.keptLevel);
        all.push_back(&*second);
    }
    auto profile = dcpProfileOf(all, o.shape == ProfileShape::matrix, out.colours, o.illuminants);
    if (!profile) return tl::unexpected(profile.error());
    out.dcp = *std::move(profile);
    out.dcpLight = o.second && isWarmer(*o.second, given) ? 1 : 0;
    if (out.dcp->lights[out.dcpLight].map)
        lose(
            out,
            say("What bends colours becomes a map of hue and saturation, which does not tell levels apart."));
    lose(out, say("The balance is the raw developer's own: pick a grey of the chart with it."));
    if (o.finishCurve) {
        out.dcp->toneCurve = toneCurveOf(given.finish);
        lose(out, say("Of the finish its contrast is the base tone curve, which each raw developer applies "
                      "in its own way; the figures are without it."));
    }
    return {};
}

Result<Content> write(const Correction&, const RepresentablePart& part, const ExportOptions&,
                      const std::filesystem::path&) {
    return dcpFile(*part.dcp).map(&Content::plain);
}

Result<Proof> prove(const std::filesystem::path& file, const Correction&, const RepresentablePart& part) {
    return proveDcp(file, part);
}

}  // namespace

const HandoverFormat kDcp{
    {"dcp", word("Camera profile (.dcp)"), ".dcp",
     word("Matrices and a map of hue and saturation for raw developers, by the DNG specification."), false,
     false, 0.1, 0.1},
    &hold,
    &write,
    &prove};

}  // namespace refero::io
