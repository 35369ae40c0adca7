// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/kit_lookup.h"

#include "core/plan/moment.h"

namespace refero::workflow {
namespace {

studio::Id lensOf(const studio::Contents& contents, const std::string& model) {
    for (const auto& [id, r] : contents.all<plan::Lens>())
        if (r.model == model) return id;
    return 0;
}

}  // namespace

studio::Id bodyFor(studio::Edit& edit, const studio::Contents& contents, const std::string& model,
                   const std::string& serial) {
    if (model.empty()) return 0;
    const plan::Body* unnumbered = nullptr;
    const plan::Body* any = nullptr;
    for (const auto& [id, b] : contents.all<plan::Body>()) {
        if (b.model != model) continue;
        if (!serial.empty() && b.serial == serial) return id;
        if (b.serial.empty() && !unnumbered) unnumbered = &b;
        if (!any) any = &b;
    }
    if (serial.empty() && any) return any->id;
    if (unnumbered) {
        // Now its number is known.
        plan::Body body = *unnumbered;
        body.serial = serial;
        edit.put(body);
        return body.id;
    }
    plan::Body body;
    body.model = model;
    body.serial = serial;
    return edit.add(body);
}

studio::Id lensFor(studio::Edit& edit, const studio::Contents& contents, const std::string& model,
                   double focalLengthMm) {
    if (model.empty()) return 0;
    if (const auto known = lensOf(contents, model)) return known;
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
