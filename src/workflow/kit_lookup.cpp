// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/kit_lookup.h"

#include "core/plan/moment.h"

namespace refero::workflow {
namespace {

template <class R>
studio::Id byModel(const studio::Contents& contents, const std::string& model) {
    for (const auto& [id, r] : contents.all<R>())
        if (r.model == model) return id;
    return 0;
}

}  // namespace

studio::Id bodyFor(studio::Edit& edit, const studio::Contents& contents, const std::string& model) {
    if (model.empty()) return 0;
    if (const auto known = byModel<plan::Body>(contents, model)) return known;
    plan::Body body;
    body.model = model;
    return edit.add(body);
}

studio::Id lensFor(studio::Edit& edit, const studio::Contents& contents, const std::string& model,
                   double focalLengthMm) {
    if (model.empty()) return 0;
    if (const auto known = byModel<plan::Lens>(contents, model)) return known;
    plan::Lens lens;
    lens.model = model;
    if (focalLengthMm > 0) lens.shortestMm = lens.longestMm = focalLengthMm;
    return edit.add(lens);
}

std::optional<std::string> shotAt(const std::string& exif, int offsetMinutes) {
    if (exif.size() < 19) return {};
    std::string iso = exif.substr(0, 19) + "Z";
    iso[4] = iso[7] = '-';
    iso[10] = 'T';
    const auto moment = plan::momentFrom(iso);
    return moment ? std::optional(plan::isoText(*moment - std::chrono::minutes(offsetMinutes)))
                  : std::nullopt;
}

}  // namespace refero::workflow
