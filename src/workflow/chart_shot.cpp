// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/chart_shot.h"

#include <algorithm>

#include "io/files/content_hash.h"
#include "io/media_path.h"
#include "io/reading_file.h"
#include "studio/charts.h"
#include "workflow/kit_lookup.h"
#include "workflow/shoot_state.h"
#include "workflow/unknowns.h"

namespace refero::workflow {
namespace {

using studio::Contents;
using studio::SetupId;
using studio::ShootId;

const studio::Frame* chartFrameAt(const Contents& contents, SetupId setup, const std::string& path) {
    for (const auto& [id, f] : contents.all<studio::Frame>())
        if (f.setup == setup && f.role == studio::FrameRole::chart && f.path == path) return &f;
    return nullptr;
}

// The zone of the setup's place: what cameras' clocks are set to.
int offsetMinutesOf(const Contents& contents, const plan::Setup* setup) {
    const auto* place = setup ? contents.find<plan::Place>(setup->conditions.place) : nullptr;
    return place ? place->offsetMinutes : 0;
}

std::optional<Transfer> curveOf(const Contents& contents, const plan::Setup& setup) {
    const plan::Kit kit = contents.kit();
    const auto* curve = kit.curve(setup.conditions.body, setup.conditions.recording);
    if (!curve) return {};
    const auto t = Transfer::fromLog(curve->curve);
    return t ? std::optional(*t) : std::nullopt;
}

}  // namespace

ShotContext ShotContext::plain() {
    return {io::shippedCharts(), {}, {}};
}

ShotContext contextOf(const Contents& contents, ShootId shoot, SetupId setup) {
    ShotContext out{studio::chartsOf(contents), {}, {}};
    if (const auto* s = contents.find<plan::Shoot>(shoot)) out.limits = limitsOf(*s);
    const auto* planned = contents.find<plan::Setup>(setup);
    if (!planned) return out;
    out.curve = curveOf(contents, *planned);
    if (!out.curve) out.curve = statedBefore(contents, *planned);
    // What its chart frame was found to show is looked for first: two charts may look alike.
    if (const auto* shown = newestChartFrame(contents, setup))
        std::stable_partition(out.charts.begin(), out.charts.end(),
                              [&](const Chart& c) { return c.id == shown->chart; });
    const auto* copy = contents.find<plan::ChartCopy>(planned->chart);
    if (!copy || copy->values.empty()) return out;
    if (const auto own = studio::chartOfCopy(contents, planned->chart))
        for (Chart& c : out.charts)
            if (c.id == own->id) c = *own;
    return out;
}

ChartShot readShot(const std::filesystem::path& path, const ShotContext& context,
                   const ReadShotOptions& options, const std::stop_token& stop) {
    FrameCache none(0);
    FrameCache& frames = options.frames ? *options.frames : none;
    auto frame = frames.read(path, options.encoding);
    if (frame && !options.encoding && context.curve && (*frame)->encodingSource == EncodingSource::assumed)
        frame = frames.read(path, context.curve);
    if (!frame) return {nullptr, tl::unexpected(frame.error())};
    if (stop.stop_requested()) return {*frame, stoppedEarly()};
    if (options.decoded) options.decoded(*frame);
    ChartShot out{*frame, io::readAnyChart(**frame, context.charts, context.limits, stop)};
    if (options.hash && !stop.stop_requested())
        out.sha256 = io::contentHash(io::mediaPath(path).file).value_or("");
    return out;
}

std::optional<studio::ReadingRecord> keepShot(studio::Edit& edit, const Contents& contents, SetupId setup,
                                              const ChartShot& shot) {
    const auto* s = contents.find<plan::Setup>(setup);
    if (!s || !shot.frame) return {};
    plan::Setup known = *s;
    const Reading about = io::aboutFrame(*shot.frame);
    if (known.conditions.body == 0) known.conditions.body = bodyFor(edit, contents, about.body, about.serial);
    if (known.conditions.lens == 0)
        known.conditions.lens = lensFor(edit, contents, about.lens, shot.frame->metadata.focalLengthMm);
    describeBody(edit, known.conditions.body, *shot.frame);
    // Of a setup that nobody planned, once.
    if (known.conditions.lamp == 0 && !known.startMinutes && !readingOf(contents, setup))
        if (const auto recording = recordingOf(*shot.frame)) known.conditions.recording = *recording;
    if (known.conditions != s->conditions) edit.put(known);
    if (const auto* f = newestChartFrame(contents, setup); f && f->sha256.empty()) {
        studio::Frame hashed = *f;
        hashed.sha256 = shot.sha256;
        edit.put(hashed);
    }
    if (!shot.reading) return {};
    return putReading(edit, contents, setup, *shot.reading);
}

studio::ReadingRecord putReading(studio::Edit& edit, const Contents& contents, SetupId id,
                                 const Reading& reading) {
    const auto* before = readingOf(contents, id);
    const auto* read = chartFrameAt(contents, id, reading.framePath);
    studio::ReadingRecord record = before ? *before : studio::ReadingRecord{};
    record.setup = id;
    // Of another frame than before: shot at another time, perhaps under other conditions.
    const bool other = before && read && before->frame != read->id;
    if (!before || other || !contents.find<studio::Frame>(record.frame))
        if (const auto* frame = read ? read : newestChartFrame(contents, id)) record.frame = frame->id;
    if (other) edit.removeCorrections(id);
    record.made = plan::isoText(plan::now());
    const plan::Setup& setup = edit.latest<plan::Setup>(id);
    if (!before || other) {
        record.shotAt = shotAt(reading.taken, offsetMinutesOf(contents, &setup)).value_or(record.made);
        record.conditions = setup.conditions;
    }
    record.verdict = name(reading.verdict);
    record.document = io::toJson(reading).dump();
    if (before)
        edit.put(record);
    else
        record.id = edit.add(record);
    return record;
}

const studio::Frame* newestChartFrame(const Contents& contents, SetupId setup) {
    const studio::Frame* found = nullptr;
    for (const auto& [id, f] : contents.all<studio::Frame>())
        if (f.setup == setup && f.role == studio::FrameRole::chart) found = &f;
    return found;
}

std::vector<studio::Frame> otherChartFrames(const Contents& contents, SetupId setup,
                                            const std::string& path) {
    std::vector<studio::Frame> out;
    for (const auto& [id, f] : contents.all<studio::Frame>())
        if (f.setup == setup && f.role == studio::FrameRole::chart && f.path != path) out.push_back(f);
    std::stable_sort(out.begin(), out.end(), [](const auto& a, const auto& b) { return a.taken > b.taken; });
    return out;
}

Result<std::vector<ReadingChange>> changesSince(const std::filesystem::path& path, const Reading& later) {
    const auto frame = io::readFrame(path, later.encoding);
    if (!frame) return tl::unexpected(frame.error());
    const auto earlier = io::readChartIn(*frame, {path, later.chart});
    if (!earlier) return tl::unexpected(earlier.error());
    return changesBetween(*earlier, later);
}

Quad laidInTheMiddle(const LinearImage& image, const Chart& chart) {
    const double w = image.width(), h = image.height();
    const double scale = 0.4 * std::min(w / chart.outlineMm.x(), h / chart.outlineMm.y());
    const Point half = chart.outlineMm * scale / 2, middle(w / 2, h / 2);
    return {Point(middle - half), middle + Point(half.x(), -half.y()), Point(middle + half),
            middle + Point(-half.x(), half.y())};
}

studio::Frame frameFor(const Contents& contents, ShootId shoot, SetupId setup,
                       const std::filesystem::path& path, studio::FrameRole role, std::string because) {
    studio::Frame frame;
    frame.shoot = shoot;
    frame.setup = setup;
    frame.role = role;
    frame.path = path.string();
    std::error_code unknown;
    const auto bytes = std::filesystem::file_size(io::mediaPath(path).file, unknown);
    frame.bytes = unknown ? 0 : static_cast<std::int64_t>(bytes);
    frame.placement = studio::Placement::byHand;
    frame.because = std::move(because);
    const io::FrameMetadata said = io::readMetadata(path);
    frame.body = said.body;
    frame.serial = said.serial;
    frame.lens = said.lens;
    frame.focalLengthMm = said.focalLengthMm;
    frame.taken =
        shotAt(said.taken, offsetMinutesOf(contents, contents.find<plan::Setup>(setup))).value_or("");
    return frame;
}

}  // namespace refero::workflow
