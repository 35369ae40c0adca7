// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/kit_lookup.h"

#include "core/colour/shown_picture.h"
#include "core/plan/moment.h"
#include "io/clip.h"
#include "io/media_path.h"

namespace refero::workflow {
namespace {

studio::LensId lensOf(const studio::Contents& contents, const std::string& model) {
    for (const auto& [id, r] : contents.all<plan::Lens>())
        if (r.model == model) return id;
    return 0;
}

}  // namespace

studio::BodyId bodyFor(studio::Edit& edit, const studio::Contents& contents, const std::string& model,
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
    body.sensorAssumed = true;
    return edit.add(body);
}

studio::LensId lensFor(studio::Edit& edit, const studio::Contents& contents, const std::string& model,
                       double focalLengthMm) {
    if (model.empty()) return 0;
    if (const auto known = lensOf(contents, model)) return known;
    plan::Lens lens;
    lens.model = model;
    if (focalLengthMm > 0)
        lens.shortestMm = lens.longestMm = focalLengthMm;
    else
        lens.focalLengthAssumed = true;
    return edit.add(lens);
}

void describeBody(studio::Edit& edit, studio::BodyId id, const io::Frame& frame) {
    if (id == 0) return;
    plan::Body body = edit.latest<plan::Body>(id);
    const plan::Body blank;
    const bool described = body.pixelsWide != blank.pixelsWide || body.pixelsHigh != blank.pixelsHigh ||
                           body.sensorWidthMm != blank.sensorWidthMm ||
                           body.sensorHeightMm != blank.sensorHeightMm || body.motion;
    // Of one that is described the sensor may still be open.
    if (described && !body.sensorAssumed) return;
    const io::FrameMetadata& m = frame.metadata;
    const bool clip = io::isClip(io::mediaPath(frame.path).file);
    if (!described && clip) {
        body.motion = true;
        body.pixelsWide = frame.image.width();
        body.pixelsHigh = frame.image.height();
    } else if (!described && m.pixelsWide > 0) {
        body.pixelsWide = m.pixelsWide;
        body.pixelsHigh = m.pixelsHigh;
    }
    if (m.sensorWidthMm > 0) {
        body.sensorWidthMm = m.sensorWidthMm;
        body.sensorHeightMm = m.sensorHeightMm;
        body.sensorAssumed = false;
    }
    if (plan::validate(body)) edit.put(body);
}

std::optional<plan::Recording> recordingOf(const io::Frame& frame) {
    using plan::Recording;
    const std::filesystem::path file = io::mediaPath(frame.path).file;
    if (frame.sensor) return Recording::raw;
    const bool log = frame.encoding.logCurve() || frame.encoding == Transfer(Encoding::acescct) ||
                     frame.encoding == Transfer(Encoding::cineon);
    if (log) return Recording::logVideo;
    if (io::isClip(file)) return Recording::flatVideo;
    if (shownPicture(frame.encoding)) return Recording::jpeg;
    return {};
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
