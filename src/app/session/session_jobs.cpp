// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The part of a session that reads, in the background.
#include <QFileInfo>
#include <algorithm>

#include "app/session/job.h"
#include "app/session/kit_lookup.h"
#include "app/session/session.h"
#include "app/session/session_background.h"
#include "core/read/flat_field.h"
#include "io/chart_file.h"
#include "io/content_hash.h"
#include "io/correction_file.h"
#include "io/curve_file.h"
#include "io/media_path.h"
#include "io/read_frame.h"
#include "io/reading_file.h"

namespace refero {
namespace {

using studio::Edit;

// Another curve is only stated where a person did so; else the file speaks for itself.
std::optional<Transfer> statedIn(const std::optional<Reading>& reading) {
    return reading && reading->encodingSource == "stated" ? std::optional(reading->encoding) : std::nullopt;
}

const studio::Frame* chartFrameOf(const studio::Contents& contents, int setup) {
    const studio::Frame* found = nullptr;
    for (const auto& [id, f] : contents.all<studio::Frame>())
        if (f.setup == setup && f.role == studio::FrameRole::chart) found = &f;
    return found;
}

const studio::Frame* chartFrameAt(const studio::Contents& contents, int setup, const std::string& path) {
    for (const auto& [id, f] : contents.all<studio::Frame>())
        if (f.setup == setup && f.role == studio::FrameRole::chart && f.path == path) return &f;
    return nullptr;
}

Quad laidInTheMiddle(const LinearImage& image, const Chart& chart) {
    const double w = image.width(), h = image.height();
    const double scale = 0.4 * std::min(w / chart.outlineMm.x(), h / chart.outlineMm.y());
    const Point half = chart.outlineMm * scale / 2, middle(w / 2, h / 2);
    return {Point(middle - half), middle + Point(half.x(), -half.y()), Point(middle + half),
            middle + Point(-half.x(), half.y())};
}

}  // namespace

void Session::readNewest(int id) {
    if (const auto* newest = chartFrameOf(studio_->contents(), id))
        readFrame(id, QString::fromStdString(newest->path));
}

// The planned copy's own values count before its design's.
std::vector<Chart> Session::chartsFor(int id) const {
    std::vector<Chart> out = charts_;
    const auto* s = studio_->contents().find<plan::Setup>(id);
    const auto* copy = s ? studio_->contents().find<plan::ChartCopy>(s->chart) : nullptr;
    if (!copy || copy->values.empty()) return out;
    if (const auto own = studio::chartOfCopy(studio_->contents(), s->chart))
        for (Chart& c : out)
            if (c.id == own->id) c = *own;
    return out;
}

std::optional<Transfer> Session::curveFor(int id) const {
    const auto* s = studio_->contents().find<plan::Setup>(id);
    const auto* curve = s ? day_.kit.curve(s->conditions.body, s->conditions.recording) : nullptr;
    if (!curve) return {};
    const auto t = Transfer::fromLog(curve->curve);
    return t ? std::optional(*t) : std::nullopt;
}

void Session::readFrame(int id, const QString& other) {
    const Setup* s = setup(id);
    if (!s) return;
    const QString path = other.isEmpty() ? s->chartFrame : other;
    AtHand& hand = atHand_[id];
    hand.busy = true;
    const int job = hand.job = ++jobs_;
    const std::int64_t step = studio_->done().empty() ? 0 : studio_->done().back().id;
    inBackground(
        [path = path.toStdString(), charts = chartsFor(id), curve = curveFor(id),
         limits = limits()]() -> FrameOutcome {
            auto frame = io::readFrame(path);
            // The kit knows how this body writes what does not say it itself.
            if (frame && curve && frame->encodingSource == io::EncodingSource::assumed)
                frame = io::readFrame(path, curve);
            if (!frame) return {nullptr, tl::unexpected(frame.error())};
            auto shared = std::make_shared<const io::Frame>(*std::move(frame));
            return {shared, io::readAnyChart(*shared, charts, limits),
                    io::contentHash(io::mediaPath(path).file).value_or("")};
        },
        [this, id, job, step](FrameOutcome outcome) {
            if (atHand_[id].job != job) return;
            frameRead(id, step, std::move(outcome));
        });
}

// What the frame says belongs to the step that opened it. Where that was undone meanwhile, nothing is kept.
void Session::frameRead(int id, std::int64_t step, FrameOutcome outcome) {
    AtHand& hand = atHand_[id];
    hand.busy = false;
    hand.frame = outcome.frame;
    hand.error = outcome.reading ? QString() : QString::fromStdString(outcome.reading.error().message);
    if (const auto* s = studio_->contents().find<plan::Setup>(id); s && outcome.frame) {
        Edit edit = studio_->edit("Read the frame of " + s->label);
        plan::Setup known = *s;
        const Reading about = io::aboutFrame(*outcome.frame);
        if (known.conditions.body == 0)
            known.conditions.body = bodyFor(edit, studio_->contents(), about.body);
        if (known.conditions.lens == 0)
            known.conditions.lens = lensFor(edit, studio_->contents(), about.lens, about.focalLength35mm);
        if (known.conditions != s->conditions) edit.put(known);
        if (const auto* f = chartFrameOf(studio_->contents(), id); f && f->sha256.empty()) {
            studio::Frame hashed = *f;
            hashed.sha256 = outcome.sha256;
            edit.put(hashed);
        }
        if (outcome.reading) putReading(edit, id, *outcome.reading);
        if (const Status kept = studio_->amend(edit, step); !kept)
            emit refused(QString::fromStdString(kept.error().message));
    }
    rebuild();
}

// Decodes the chart frame for looking at, where that was not done yet or its encoding has changed since.
void Session::loadFrame(int id) {
    const Setup* s = setup(id);
    if (!s || s->chartFrame.isEmpty() || !s->reading) return;
    AtHand& hand = atHand_[id];
    if (hand.busy || (hand.frame && hand.frame->encoding == s->reading->encoding)) return;
    if (!hand.frame && !hand.error.isEmpty()) return;
    hand.busy = true;
    const int job = hand.job = ++jobs_;
    inBackground([path = s->chartFrame.toStdString(),
                  encoding = s->reading->encoding] { return io::readFrame(path, encoding); },
                 [this, id, job](Result<io::Frame> frame) {
                     AtHand& now = atHand_[id];
                     if (now.job != job) return;
                     now.busy = false;
                     if (frame) now.frame = std::make_shared<const io::Frame>(*std::move(frame));
                     now.error = frame ? QString() : QString::fromStdString(frame.error().message);
                     showAtHand(id);
                 });
}

void Session::putReading(Edit& edit, int id, const Reading& reading) const {
    const studio::Contents& contents = studio_->contents();
    const auto* before = readingOf(contents, id);
    const auto* read = chartFrameAt(contents, id, reading.framePath);
    studio::ReadingRecord record = before ? *before : studio::ReadingRecord{};
    record.setup = id;
    // Of another frame than before: shot at another time, perhaps under other conditions.
    const bool other = before && read && before->frame != read->id;
    if (!before || other || !contents.find<studio::Frame>(record.frame))
        if (const auto* frame = read ? read : chartFrameOf(contents, id)) record.frame = frame->id;
    if (other) edit.removeCorrections(id);
    record.made = plan::isoText(plan::now());
    const plan::Setup& setup = edit.latest<plan::Setup>(id);
    const auto* place = contents.find<plan::Place>(setup.conditions.place);
    if (!before || other)
        record.shotAt = shotAt(reading.taken, place ? place->offsetMinutes : 0).value_or(record.made);
    record.verdict = name(reading.verdict);
    record.document = io::toJson(reading).dump();
    if (!before || other) record.conditions = setup.conditions;
    if (before) return edit.put(record);
    edit.add(record);
}

// A new reading makes the correction that was built from the old one stale: it goes with the old reading,
// undoably.
void Session::replaceReading(int id, const QString& step, const Reading& reading) {
    if (!setup(id)) return;
    Edit edit = studio_->edit(step.toStdString());
    putReading(edit, id, reading);
    edit.removeCorrections(id);
    atHand_[id].error.clear();
    commit(edit);
    select(id);
}

// As it was asked for last, with something changed.
void Session::readAgain(int id, const QString& step, const std::function<void(io::ReadRequest&)>& change) {
    const Setup* s = setup(id);
    if (!s || !s->frame) return;
    io::ReadRequest request{s->frame->path, charts_.front()};
    if (s->reading) request = io::requestOf(*s->reading);
    request.limits = limits();
    change(request);
    inBackground([frame = s->frame, request] { return io::readChartIn(*frame, request); },
                 [this, id, step](const Result<Reading>& r) {
                     if (r) return replaceReading(id, step, *r);
                     refuse(id, QString::fromStdString(r.error().message));
                 });
}

void Session::setCorners(int id, const Quad& corners, const QString& step) {
    readAgain(id, step, [&](io::ReadRequest& request) {
        request.corners = corners;
        request.cornersByHand = true;
    });
}

void Session::setPatches(int id, const std::vector<PatchByHand>& byHand, const QString& step) {
    readAgain(id, step, [&](io::ReadRequest& request) { request.patches = byHand; });
}

void Session::takeOutLight(int id, bool out) {
    readAgain(id, out ? QStringLiteral("Take uneven light out") : QStringLiteral("Leave uneven light in"),
              [&](io::ReadRequest& request) { request.takeOutLight = out; });
}

std::vector<studio::Frame> Session::otherChartFrames(int id) const {
    std::vector<studio::Frame> out;
    const Setup* s = setup(id);
    if (!s || !s->reading) return out;
    for (const auto& [frameId, f] : studio_->contents().all<studio::Frame>())
        if (f.setup == id && f.role == studio::FrameRole::chart && f.path != s->reading->framePath)
            out.push_back(f);
    std::stable_sort(out.begin(), out.end(), [](const auto& a, const auto& b) { return a.taken > b.taken; });
    return out;
}

void Session::averageFrames(int id, bool all) {
    std::vector<std::filesystem::path> paths;
    if (all)
        for (const studio::Frame& f : otherChartFrames(id)) paths.emplace_back(f.path);
    readAgain(id, all ? QStringLiteral("Average the chart frames") : QStringLiteral("Read one frame alone"),
              [&](io::ReadRequest& request) { request.averagedWith = paths; });
}

// Of the lens itself only what the flat field tells at this aperture is kept.
void Session::takeOutFlatField(int id, const QString& path) {
    if (path.isEmpty())
        return readAgain(id, QStringLiteral("Leave the flat field in"),
                         [](io::ReadRequest& request) { request.flatField.clear(); });
    const Setup* s = setup(id);
    if (!s || !s->frame || !s->reading) return;
    struct Outcome {
        Result<Reading> reading;
        double cornerStops = 0, fNumber = 0;
    };
    io::ReadRequest request = io::requestOf(*s->reading);
    request.limits = limits();
    request.flatField = path.toStdString();
    inBackground(
        [frame = s->frame, request]() -> Outcome {
            Outcome out{io::readChartIn(*frame, request)};
            if (!out.reading) return out;
            if (const auto card = io::readFrame(request.flatField, frame->encoding))
                if (const auto field = FlatField::from(card->image)) out.cornerStops = field->cornerStops();
            out.fNumber = io::readMetadata(request.flatField).fNumber;
            return out;
        },
        [this, id, path](const Outcome& outcome) {
            if (!outcome.reading) return refuse(id, QString::fromStdString(outcome.reading.error().message));
            if (!setup(id)) return;
            Edit edit = studio_->edit("Take out the flat field " + QFileInfo(path).fileName().toStdString());
            putReading(edit, id, *outcome.reading);
            edit.removeCorrections(id);
            const studio::Contents& contents = studio_->contents();
            const auto* planned = contents.find<plan::Setup>(id);
            if (const auto* lens = planned ? contents.find<plan::Lens>(planned->conditions.lens) : nullptr) {
                plan::Lens known = *lens;
                known.fallOffStops = std::max(0.0, outcome.cornerStops);
                known.fallOffFNumber = outcome.fNumber;
                edit.put(known);
            }
            atHand_[id].error.clear();
            commit(edit);
        });
}

void Session::compareWith(int id, const QString& path,
                          const std::function<void(const Result<std::vector<ReadingChange>>&)>& done) {
    const Setup* s = setup(id);
    if (!s || !s->reading) return;
    inBackground(
        [path = path.toStdString(), later = *s->reading]() -> Result<std::vector<ReadingChange>> {
            const auto frame = io::readFrame(path, later.encoding);
            if (!frame) return tl::unexpected(frame.error());
            const auto earlier = io::readChartIn(*frame, {path, later.chart});
            if (!earlier) return tl::unexpected(earlier.error());
            return changesBetween(*earlier, later);
        },
        done);
}

void Session::markGrey(studio::Id frame, const Vector3& linear) {
    const auto* found = studio_->contents().find<studio::Frame>(frame);
    if (!found) return;
    studio::Frame f = *found;
    f.greyRed = linear.x();
    f.greyGreen = linear.y();
    f.greyBlue = linear.z();
    const std::string name = QFileInfo(QString::fromStdString(f.path)).fileName().toStdString();
    Edit edit = studio_->edit((linear.isZero() ? "Nothing is grey in " : "Mark a grey in ") + name);
    edit.put(f);
    commit(edit);
}

void Session::setChart(int id, const Chart& chart) {
    const Setup* s = setup(id);
    if (!s || !s->frame || (s->reading && s->reading->chart.id == chart.id)) return;
    const QString step = QStringLiteral("Read as %1").arg(QString::fromStdString(chart.name));
    inBackground(
        [frame = s->frame, chart] {
            io::ReadRequest request{frame->path, chart};
            auto found = io::readChartIn(*frame, request);
            if (found) return found;
            request.corners = laidInTheMiddle(frame->image, chart);
            return io::readChartIn(*frame, request);
        },
        [this, id, step](const Result<Reading>& r) {
            if (r) replaceReading(id, step, *r);
        });
}

Limits Session::limits() const {
    return limitsFrom(day_.shoot.limits, day_.shoot.limitChanges).value_or(Limits{});
}

void Session::allow(const Check& check, std::optional<double> value) {
    const auto fields = limitFields();
    const auto field =
        std::find_if(fields.begin(), fields.end(), [&](const LimitField& f) { return f.id == check.id; });
    const auto set = limitsByName(day_.shoot.limits);
    if (field == fields.end() || !set) return;
    Limits changed = limits();
    changed.*(field->band) = value ? allowing(changed.*(field->band), *value) : (*set).*(field->band);
    plan::Shoot shoot = day_.shoot;
    shoot.limitChanges = changesIn(changed);
    if (shoot.limitChanges == day_.shoot.limitChanges) return;
    Edit edit = studio_->edit((value ? "Allow this value of " : "Back to the set's limit of ") + check.title);
    edit.put(shoot);
    commit(edit);
}

void Session::setEncoding(int id, const Transfer& encoding) {
    const Setup* s = setup(id);
    if (!s || s->busy || s->chartFrame.isEmpty() || statedIn(s->reading) == encoding) return;
    const QString step =
        QStringLiteral("State encoding %1").arg(QString::fromStdString(std::string(encoding.name())));
    AtHand& hand = atHand_[id];
    hand.busy = true;
    const int job = hand.job = ++jobs_;
    showAtHand(id);
    inBackground(
        // Another curve moves no corner.
        [path = s->chartFrame.toStdString(), encoding, reading = s->reading,
         charts = chartsFor(id)]() -> FrameOutcome {
            auto frame = io::readFrame(path, encoding);
            if (!frame) return {nullptr, tl::unexpected(frame.error())};
            auto shared = std::make_shared<const io::Frame>(*std::move(frame));
            if (!reading) return {shared, io::readAnyChart(*shared, charts)};
            return {shared, io::readChartIn(*shared, io::requestOf(*reading))};
        },
        [this, id, job, step](const FrameOutcome& outcome) {
            AtHand& now = atHand_[id];
            if (now.job != job) return;
            now.busy = false;
            if (outcome.frame) now.frame = outcome.frame;
            if (outcome.reading) return replaceReading(id, step, *outcome.reading);
            refuse(id, QString::fromStdString(outcome.reading.error().message));
        });
}

void Session::setEncodingCurve(int id, const QString& path) {
    inBackground([path = path.toStdString()] { return io::readCurve(path); },
                 [this, id](const Result<Transfer>& curve) {
                     if (curve) return setEncoding(id, *curve);
                     refuse(id, QString::fromStdString(curve.error().message));
                 });
}

}  // namespace refero
