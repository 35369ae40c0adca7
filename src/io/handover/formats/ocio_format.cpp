// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/say/say.h"
#include "io/handover/formats/clf_format.h"
#include "io/handover/handover_format.h"
#include "io/handover/ocio_config.h"
#include "io/handover/proof.h"
#include "io/handover/transform_chain.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

// Its scene-linear space; the finish is in its views.
Status hold(RepresentablePart& part, const Correction&, const ExportOptions&) {
    part.correction.finish = {};
    return {};
}

// The configuration and the transforms that it reads, which stand beside it under its name.
Result<Content> write(const Correction& c, const RepresentablePart& representable, const ExportOptions& o,
                      const fs::path& target) {
    const fs::path camera = fs::path(target).replace_extension(".clf"),
                   finish = fs::path(target).replace_extension(".finish.clf");
    auto clf = clfOf(representable, o);
    if (!clf) return tl::unexpected(clf.error());
    Content out{{}, clf->size, {{camera, std::move(clf->text)}}};
    if (!c.finish.isNone()) {
        auto view = clfText(viewOf(c.finish, OutputSpace::acescg, OutputSpace::srgb), "Finish of " + c.name,
                            {"ACEScg to sRGB with the finish: " + inWords(c.finish) + "."});
        if (!view) return tl::unexpected(view.error());
        out.beside.emplace_back(finish, *std::move(view));
    }
    auto text =
        ocioConfig(c, representable.inputEncoding, camera.filename().string(), finish.filename().string());
    if (!text) return tl::unexpected(text.error());
    out.bytes = *std::move(text);
    return out;
}

Result<Proof> prove(const fs::path& file, const Correction& whole, const RepresentablePart& part) {
    return proveConfig(file, part, whole.finish);
}

}  // namespace

const HandoverFormat kOcio{{"ocio", word("OpenColorIO configuration"), ".ocio",
                            word("A colour space for compositing, with its CLF file beside it."), true, false,
                            kProofLimit, kProofMean},
                           &hold,
                           &write,
                           &prove};

}  // namespace refero::io
