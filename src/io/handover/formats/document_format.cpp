// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/say/say.h"
#include "io/correction_file.h"
#include "io/handover/handover_format.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

bool sameMoves(const Correction& a, const Correction& b) {
    const auto &one = a.colours.lattice(), &two = b.colours.lattice();
    return (one && two ? *one == *two : !one && !two) && a.greyCurves == b.greyCurves && a.look == b.look &&
           a.aim == b.aim;
}

// Our own document is its own format: reading it back must give the same numbers.
Result<Proof> prove(const fs::path& file, const Correction& c, const RepresentablePart&) {
    const auto again = readCorrection(file);
    if (!again) return tl::unexpected(again.error());
    const auto& theirs = again->colours.base().coefficients();
    const auto& ours = c.colours.base().coefficients();
    if (theirs.cols() != ours.cols() || (theirs - ours).norm() > 1e-9 ||
        (again->gains * again->level - c.gains * c.level).norm() > 1e-9 || !sameMoves(*again, c) ||
        again->finish != c.finish)
        return failure(say("The document does not read back as it was written."));
    return Proof{"Refero", 0, 0, 0};
}

Result<Content> write(const Correction& whole, const RepresentablePart&, const ExportOptions&,
                      const fs::path&) {
    return Content::plain(prettyJson(toJson(whole)));
}

}  // namespace

const HandoverFormat kDocument{
    {"json", word("Refero document (.json)"), ".json",
     word("The correction as it is, with all of its figures."), false, false, 0, 0},
    &holdAll,
    &write,
    &prove};

}  // namespace refero::io
