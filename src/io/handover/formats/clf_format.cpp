// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/formats/clf_format.h"

#include <array>

#include "core/say/say.h"
#include "io/handover/proof.h"
#include "io/handover/transform_chain.h"

namespace refero::io {
namespace {

// Nobody asks for certain sizes of these; a smaller one is written and read in half the time.
constexpr std::array kChainSizes{33, 49, 65};

// The smallest chain that will pass; 0 where it is a matrix and has no grid.
std::pair<OCIO_NAMESPACE::GroupTransformRcPtr, int> smallestChain(const RepresentablePart& representable,
                                                                  const ExportOptions& o) {
    const auto made = [&](int size) {
        return chainOf(representable.correction, representable.inputEncoding, representable.space, size);
    };
    // A matrix has no grid, unless the output mixes channels after it.
    const bool mixes = refero::info(representable.space).systemGamma != 1;
    if (representable.correction.cameraToXyzD50() && !mixes) return {made(2), 0};
    if (o.size) return {made(*o.size), *o.size};
    for (const int size : kChainSizes) {
        auto chain = made(size);
        const auto expected = expectedOf(chain, representable);
        if (size == kChainSizes.back() ||
            (expected && passes(*expected, kClf.info, representable.space, 0.95)))
            return {std::move(chain), size};
    }
    return {made(kChainSizes.front()), kChainSizes.front()};
}

Result<Content> write(const Correction&, const RepresentablePart& part, const ExportOptions& o,
                      const std::filesystem::path&) {
    return clfOf(part, o).map([](Clf clf) { return Content{std::move(clf.text), clf.size, {}}; });
}

Result<Proof> prove(const std::filesystem::path& file, const Correction&, const RepresentablePart& part) {
    return proveTransform(file, part);
}

}  // namespace

Result<Clf> clfOf(const RepresentablePart& representable, const ExportOptions& o) {
    const Correction& c = representable.correction;
    const auto [chain, size] = smallestChain(representable, o);
    return clfText(chain, c.name,
                   {"Made by Refero from " + c.chartName + ", model " + std::string(name(c.model)) + ".",
                    feedSentence(representable, o), givesSentence(representable) + "."})
        .map([size = size](std::string text) {
            return Clf{std::move(text), size};
        });
}

const HandoverFormat kClf{{"clf", word("Common LUT Format (.clf)"), ".clf",
                           word("All of the correction, its finish too; a matrix stays a matrix."), true,
                           true, kProofLimit, kProofMean},
                          &holdAll,
                          &write,
                          &prove};

}  // namespace refero::io
