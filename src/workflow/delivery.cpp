// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/delivery.h"

#include <filesystem>

#include "core/say/say.h"
#include "io/batch/targets.h"
#include "io/correction_file.h"
#include "io/files/safe_write.h"
#include "workflow/shoot_state.h"

namespace refero::workflow {
namespace {

namespace fs = std::filesystem;
using studio::Contents;
using studio::CorrectionId;
using studio::HandoverId;
using studio::HandoverRecord;
using studio::SetupId;

const Setup* setupOf(const std::vector<Setup>& setups, SetupId id) {
    for (const Setup& s : setups)
        if (s.id == id) return &s;
    return nullptr;
}

// The job's document with its corrections in it, under a name that is free; its path.
Result<std::string> jobWritten(const std::string& folder, const std::string& receiver, io::BatchJob job,
                               const std::map<std::string, std::string>& documents) {
    for (const auto& [key, document] : documents) {
        auto c = io::parseCorrection(document, "The correction");
        if (!c) return tl::unexpected(c.error());
        job.corrections.emplace(key, *std::move(c));
    }
    if (auto ok = job.validate(); !ok) return tl::unexpected(ok.error());
    std::string lower = receiver;
    for (char& c : lower)
        if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
    const std::string stem = folder + "/Frames for " + lower;
    std::string path;
    std::error_code unknown;
    for (int n = 1; path.empty() || fs::exists(path, unknown); ++n)
        path = stem + (n > 1 ? " " + std::to_string(n) : "") + ".refero-job.json";
    if (auto ok = io::writeFile(path, io::batchJobText(job)); !ok) return tl::unexpected(ok.error());
    return path;
}

const std::string kQuickKey = "quick-";

// The twin of the chart shot that a correction was built from.
std::optional<QuickSource> quickSource(const Contents& contents, CorrectionId correction) {
    const auto* c = contents.find<studio::CorrectionRecord>(correction);
    const auto* reading = c ? contents.find<studio::ReadingRecord>(c->reading) : nullptr;
    const auto* frame = reading ? contents.find<studio::Frame>(reading->frame) : nullptr;
    if (!frame || frame->twin.empty()) return {};
    return QuickSource{frame->twin, reading->document, c->document};
}

// Where the camera's own chart shot is of no use, the frames go out once, thoroughly.
void addQuick(FrameJob& frames) {
    for (const auto& [key, source] : frames.quick) {
        auto c = quickCorrection(source);
        if (c) {
            frames.job.corrections.emplace(kQuickKey + key, *std::move(c));
            continue;
        }
        for (io::BatchFrame& f : frames.job.frames)
            if (f.correction == key) f.quick.reset();
    }
}

// What is looked at as a plate: a frame of the setup that its own correction serves, else its chart's.
std::string subjectOf(const Contents& contents, const plan::Day& day, const Setup& setup) {
    for (const studio::FrameToRender& f : framesFor(contents, day, setup.id, FramesWish{}).frames)
        if (contents.all<studio::CorrectionRecord>().at(f.correction).setup == setup.id)
            return contents.all<studio::Frame>().at(f.frame).path;
    return setup.reading ? setup.reading->framePath : std::string();
}

}  // namespace

studio::FramesToRender framesFor(const Contents& contents, const plan::Day& day, SetupId setup,
                                 const FramesWish& wish) {
    studio::FramesWanted wanted;
    wanted.setup = wish.which == FramesWish::Which::setup ? setup : 0;
    if (wish.which == FramesWish::Which::these) wanted.these = wish.these;
    wanted.by = wish.by;
    return studio::framesToRender(contents, day, wanted);
}

FrameJob frameJob(const Contents& contents, const plan::Day& day, const std::vector<Setup>& setups,
                  SetupId setup, const Delivery& delivery, const std::string& folder) {
    FrameJob out;
    if (!delivery.frames) return out;
    out.job.folder = folder;
    out.job.name = delivery.frames->name;
    out.job.output = delivery.frames->output;
    out.job.collisions = delivery.collisions;
    std::map<studio::CorrectionId, std::optional<QuickSource>> quick;  // by correction
    for (const studio::FrameToRender& f : framesFor(contents, day, setup, *delivery.frames).frames) {
        const std::string key = std::to_string(f.correction.number());
        out.documents.try_emplace(key, contents.all<studio::CorrectionRecord>().at(f.correction).document);
        const studio::Frame& frame = contents.all<studio::Frame>().at(f.frame);
        io::BatchFrame one{frame.path, key};
        if (out.job.output.kind == "jpg" && !frame.twin.empty()) {
            const auto known = quick.try_emplace(f.correction);
            if (known.second) known.first->second = quickSource(contents, f.correction);
            if (const auto& source = known.first->second) {
                out.quick.try_emplace(key, *source);
                one.quick = io::QuickPicture{frame.twin, kQuickKey + key};
            }
        }
        if (f.coverage != plan::Coverage::valid) one.because = f.reason;
        if (const Setup* s = setupOf(setups, frame.setup))
            one.fields = {{"setup", s->light},
                          {"light", s->light},
                          {"place", s->place},
                          {"body", s->body},
                          {"date", frame.taken.substr(0, 10)}};
        out.job.frames.push_back(std::move(one));
    }
    return out;
}

std::vector<std::string> conflicts(const Delivery& delivery, const Correction& correction,
                                   const FrameJob& frames, const std::string& folder) {
    std::vector<std::string> out;
    for (const DeliveryItem& item : itemsOf(delivery, correction))
        for (std::string& name : filesThere(item, folder)) out.push_back(std::move(name));
    for (std::string& name : io::conflicts(frames.job)) out.push_back(std::move(name));
    return out;
}

DeliveryRun::DeliveryRun(const Contents& contents, const plan::Day& day, const std::vector<Setup>& setups,
                         const Setup& setup, Delivery delivery, std::string folder, Print print,
                         std::shared_ptr<const io::Frame> frame)
    : setup_(setup.id),
      delivery_(std::move(delivery)),
      folder_(std::move(folder)),
      items_(itemsOf(delivery_, *setup.correction)),
      frames_(frameJob(contents, day, setups, setup.id, delivery_, folder_)),
      content_(contentOf(contents, day, setup)) {
    content_.print = std::move(print);
    content_.frame = std::move(frame);
    if (!delivery_.check) return;
    content_.plate = *delivery_.check;
    content_.plateFrame = subjectOf(contents, day, setup);
}

Result<std::optional<HandedItem>> DeliveryRun::make() {
    const DeliveryItem& item = items_[next_];
    const auto place = placeFor(item, folder_, delivery_.collisions);
    if (!place) return std::nullopt;
    if (item.kind == DeliveryItem::Kind::report) makePicture(content_);
    return makeItem(item, *place, content_).map([](HandedItem h) { return std::optional(std::move(h)); });
}

std::optional<HandoverRecord> DeliveryRun::advance(const Result<std::optional<HandedItem>>& made) {
    const DeliveryItem::Kind kind = items_[next_++].kind;
    if (!made || !*made) return {};
    HandoverRecord r = (*made)->record;
    if (r.format == name(io::Format::ocio)) content_.configuration = r.path;
    content_.files.push_back({fs::path(r.path).filename().string(), r.format, proofInWords(r), r.sha256,
                              static_cast<std::uintmax_t>(r.bytes)});
    r.receiver = delivery_.receiver;
    reportNext_ = kind == DeliveryItem::Kind::report;
    return r;
}

void DeliveryRun::kept(HandoverId record) {
    if (std::exchange(reportNext_, false)) report_ = record;
}

Result<HandoverRecord> DeliveryRun::writeJob() {
    HandoverRecord r;
    r.receiver = delivery_.receiver;
    r.format = kFrames;
    r.encoding = std::string(info(frames_.job.output.space).name);
    r.note = say("0 of %1 frames", std::to_string(frames_.job.frames.size()));
    addQuick(frames_);
    return jobWritten(folder_, delivery_.receiver, std::move(frames_.job), frames_.documents)
        .map([&](const std::string& path) {
            r.path = path;
            r.fingerprint = io::fingerprint(content_.correction);
            return r;
        });
}

Result<HandoverId> recordHandover(studio::Studio& studio, SetupId setup, HandoverRecord record) {
    const auto* now = correctionOf(studio.contents(), setup);
    record.setup = setup;
    record.correction = now ? now->id : 0;
    record.made = plan::isoText(plan::now());
    studio::Edit edit = studio.edit(say("Hand over %1", fs::path(record.path).filename().string()));
    const HandoverId added = edit.add(std::move(record));
    // What has left the house is not undone, so this is no step.
    if (auto kept = studio.record(edit); !kept) return tl::unexpected(kept.error());
    return added;
}

Result<DeliverySummary> deliver(studio::Studio& studio, DeliveryRun run, const std::stop_token& stop,
                                const std::function<void(std::size_t, std::size_t)>& told) {
    DeliverySummary out;
    const auto keep = [&](HandoverRecord record) -> Result<HandoverId> {
        auto id = recordHandover(studio, run.setup(), record);
        if (id) out.records.push_back(std::move(record));
        return id;
    };
    while (!run.itemsDone()) {
        if (stop.stop_requested()) return stoppedEarly();
        if (told) told(run.next(), run.items());
        const auto made = run.make();
        if (!made) out.problems.push_back(made.error().message);
        out.left += made && !*made;
        if (auto record = run.advance(made)) {
            const auto id = keep(*std::move(record));
            if (!id) return tl::unexpected(id.error());
            run.kept(*id);
        }
    }
    if (!run.hasFrames()) return out;
    auto job = run.writeJob();
    if (!job) {
        out.problems.push_back(job.error().message);
        return out;
    }
    out.job = job->path;
    if (const auto id = keep(*std::move(job)); !id) return tl::unexpected(id.error());
    return out;
}

}  // namespace refero::workflow
