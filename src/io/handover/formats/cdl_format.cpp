// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/say/say.h"
#include "io/handover/cdl_file.h"
#include "io/handover/handover_format.h"
#include "io/handover/proof.h"

namespace refero::io {
namespace {

Status hold(RepresentablePart& part, const Correction& given, const ExportOptions& o) {
    auto cdl = cdlFor(given, part.inputEncoding, o.space, part.colours);
    if (!cdl) return tl::unexpected(cdl.error());
    part.cdl = *cdl;
    lose(part, say("Ten numbers cannot mix channels as a matrix does: strong colours stay off most."));
    return {};
}

Result<Content> write(const Correction& whole, const RepresentablePart& part, const ExportOptions& o,
                      const std::filesystem::path&) {
    return cdlFile(*part.cdl, whole.name,
                   whole.name + ". " + feedSentence(part, o) + " " + givesSentence(part) + ".")
        .map(&Content::plain);
}

Result<Proof> prove(const std::filesystem::path& file, const Correction&, const RepresentablePart& part) {
    return proveTransform(file, part);
}

}  // namespace

const HandoverFormat kCdl{
    {"cdl", word("Decision list (ASC CDL)"), ".cdl",
     word("Slope, offset and power of each channel and one saturation: ten numbers for a grading program."),
     true, true, 0.1, 0.1},
    &hold,
    &write,
    &prove};

}  // namespace refero::io
