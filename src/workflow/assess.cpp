// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/assess.h"

#include "core/fit/fit.h"
#include "core/say/say.h"

namespace refero::workflow {

Result<Assessed> assess(const std::filesystem::path& path, std::span<const Reading> readings,
                        const StatedTerms& stated, const std::stop_token& stop) {
    if (readings.empty()) return failure(say("An assessment needs a reading."));
    const Reading& first = readings.front();
    auto transform = !path.empty()  ? io::readTransform(path, first, stated.transform)
                     : stated.gamut ? byDataSheet(first.encoding, *stated.gamut)
                                    : Result<ForeignTransform>(io::asRecorded(first));
    if (!transform) return tl::unexpected(transform.error());
    return assess(*std::move(transform), readings, stated, stop);
}

Result<Assessed> assess(ForeignTransform transform, std::span<const Reading> readings,
                        const StatedTerms& stated, const std::stop_token& stop) {
    if (readings.empty()) return failure(say("An assessment needs a reading."));
    const Reading& first = readings.front();
    FitOptions o;
    o.model = Model::rootPolynomial;  // plain and quick, and bends nothing over
    o.stop = stop;
    const auto own = fit(std::span(&first, 1), o);
    const TransformTerms terms = termsFor(transform, first, stated.feed, stated.space, stated.balance);
    auto assessment = assessed(transform, readings, terms, own ? &*own : nullptr, stop);
    if (!assessment) return tl::unexpected(assessment.error());
    return Assessed{std::move(transform), *std::move(assessment)};
}

}  // namespace refero::workflow
