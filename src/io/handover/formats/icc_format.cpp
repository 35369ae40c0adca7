// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grade/nearest_matrix.h"
#include "core/say/say.h"
#include "io/handover/handover_format.h"
#include "io/handover/proof.h"
#include "io/icc/icc_file.h"

namespace refero::io {
namespace {

// A raw developer's list shows the description: what it is to be fed stands there.
Correction named(const RepresentablePart& r) {
    Correction out = r.correction;
    out.name += r.balanced ? " (for balanced input)" : " (for input as recorded)";
    return out;
}

template <IccVersion version>
Result<Content> write(const Correction&, const RepresentablePart& part, const ExportOptions& o,
                      const std::filesystem::path&) {
    return iccProfile(named(part), part.inputEncoding, version, o.shape == ProfileShape::table)
        .map(&Content::plain);
}

Result<Proof> prove(const std::filesystem::path& file, const Correction&, const RepresentablePart& part) {
    return proveIcc(file, part);
}

}  // namespace

Status holdProfile(RepresentablePart& part, const Correction& given, const ExportOptions& o) {
    if (!given.cameraToXyzD50() && o.shape == ProfileShape::matrix) {
        const auto matrix = nearestMatrix(given, part.colours);
        if (!matrix) return tl::unexpected(matrix.error());
        part.correction = withMatrix(given, *matrix);
        lose(part, say("Only the nearest matrix is in it: a matrix cannot bend a hue."));
    }
    part.correction.finish = {};
    return {};
}

const HandoverFormat kIcc4{{"icc", word("Input profile, ICC 4"), ".icc",
                            word("True colours for a raw developer or an editor."), true, false, 0.5, 0.2},
                           &holdProfile,
                           &write<IccVersion::four>,
                           &prove};
const HandoverFormat kIcc2{{"icc-v2", word("Input profile, ICC 2"), ".icc",
                            word("The same for programs that read version 2 only."), true, false, 0.5, 0.2},
                           &holdProfile,
                           &write<IccVersion::two>,
                           &prove};

}  // namespace refero::io
