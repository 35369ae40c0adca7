// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/shoot_state.h"

#include <algorithm>

#include "core/plan/change.h"
#include "core/read/checks.h"
#include "core/say/say.h"
#include "io/correction_file.h"
#include "io/curve_file.h"
#include "io/reading_file.h"
#include "workflow/pairing.h"

namespace refero::workflow {
namespace {

using studio::Contents;
using studio::SetupId;
using studio::ShootId;

template <class R>
const R* latestOf(const Contents& contents, SetupId setup) {
    const R* found = nullptr;
    for (const auto& [id, r] : contents.all<R>())
        if (r.setup == setup) found = &r;  // ids rise with time
    return found;
}

// What is neutral in a subject's frame: marked by hand, or a grey card that was seen.
std::optional<SubjectLight> subjectIn(const studio::Frame& f) {
    if (f.role != studio::FrameRole::subject) return {};
    if (f.greyGreen > 0)
        return SubjectLight{
            f.path, {f.greyRed, f.greyGreen, f.greyBlue}, true, say("what was marked as grey")};
    if (f.greyCard && f.whiteGreen > 0)
        return SubjectLight{
            f.path, {f.whiteRed, f.whiteGreen, f.whiteBlue}, false, say("what looks like a grey card")};
    return {};
}

OwnColour ownColour(const studio::KnownRecord& k) {
    return {k.id,
            {k.label,
             k.path,
             {k.red, k.green, k.blue},
             {k.deviationRed, k.deviationGreen, k.deviationBlue},
             static_cast<std::size_t>(std::max<std::int64_t>(0, k.pixels)),
             {k.lightness, k.a, k.b, white::d50}},
            k.counts};
}

}  // namespace

const studio::ReadingRecord* readingOf(const Contents& contents, SetupId setup) {
    return latestOf<studio::ReadingRecord>(contents, setup);
}

const studio::CorrectionRecord* correctionOf(const Contents& contents, SetupId setup) {
    return latestOf<studio::CorrectionRecord>(contents, setup);
}

Limits limitsOf(const plan::Shoot& shoot) {
    return limitsFrom(shoot.limits, shoot.limitChanges).value_or(Limits{});
}

ShootState::Subjects ShootState::subjects(const Contents& contents, ShootId shoot) {
    Subjects out;
    for (const auto& [id, f] : contents.all<studio::Frame>())
        if (f.shoot == shoot && f.setup != 0)
            if (auto light = subjectIn(f)) out[f.setup].push_back(*std::move(light));
    return out;
}

const Reading* ShootState::reading(const Contents& contents, const studio::ReadingRecord& record) {
    const auto* setup = contents.find<plan::Setup>(record.setup);
    const auto* shoot = setup ? contents.find<plan::Shoot>(setup->shoot) : nullptr;
    return shoot ? reading(record, *shoot, subjects(contents, shoot->id)) : nullptr;
}

const Reading* ShootState::reading(const studio::ReadingRecord& record, const plan::Shoot& shoot,
                                   const Subjects& seen) {
    auto& kept = readings_[record.id];
    const auto found = seen.find(record.setup);
    const std::vector<SubjectLight> subjects =
        found == seen.end() ? std::vector<SubjectLight>() : found->second;
    std::string judgedBy = shoot.limits + ": " + shoot.limitChanges;
    for (const SubjectLight& s : subjects) {
        judgedBy.append("; ").append(s.path);
        for (const double v : s.rgb) judgedBy.append(" ").append(std::to_string(v));
    }
    const bool same = kept.text == record.document;
    if (!same || kept.limits != judgedBy) {
        std::optional<Reading> document = std::move(kept.document);
        if (!same) {
            auto parsed = io::parseReading(record.document, "The reading");
            document = parsed ? std::optional(*std::move(parsed)) : std::nullopt;
        }
        if (document) {
            document->subjects = subjects;
            document->checks = judged(*document, limitsOf(shoot));
            document->verdict = worst(document->checks);
            document->limits = shoot.limits;
        }
        kept = {record.document, std::move(judgedBy), std::move(document), {}};
    }
    return kept.document ? &*kept.document : nullptr;
}

void ShootState::know(const studio::ReadingRecord& record, Reading reading) {
    // It is judged when it is asked for.
    readings_[record.id] = {record.document, {}, std::move(reading), {}};
}

void ShootState::know(const studio::CorrectionRecord& record, Correction correction) {
    corrections_[record.id] = {record.document, {}, std::move(correction), {}};
}

plan::Day ShootState::day(const Contents& contents, ShootId shoot, std::optional<plan::Moment> now) {
    const auto* record = contents.find<plan::Shoot>(shoot);
    const Subjects seen = subjects(contents, shoot);
    return studio::dayOf(contents, shoot, sky_, now, [&](const studio::ReadingRecord& r) {
        const Reading* judged = record ? reading(r, *record, seen) : nullptr;
        return judged && judged->verdict != Verdict::reshoot;
    });
}

const Correction* ShootState::correction(const studio::CorrectionRecord& record) {
    auto& kept = corrections_[record.id];
    if (kept.text != record.document) {
        auto parsed = io::parseCorrection(record.document, "The correction");
        kept = {record.document, {}, parsed ? std::optional(*std::move(parsed)) : std::nullopt, {}};
    }
    return kept.document ? &*kept.document : nullptr;
}

// Stale is what went out before the correction was changed; of records without a fingerprint its id tells.
void ShootState::addHandovers(Setup& setup, const Contents& contents, const studio::CorrectionRecord* now) {
    std::string current;
    for (const auto& [id, h] : contents.all<studio::HandoverRecord>()) {
        if (h.setup != setup.id) continue;
        if (now && setup.correction && current.empty()) {
            auto& kept = corrections_[now->id];
            if (kept.fingerprint.empty()) kept.fingerprint = io::fingerprint(*setup.correction);
            current = kept.fingerprint;
        }
        HandedOver out{id,       h.made, h.receiver,          h.format,        h.path,
                       h.engine, h.note, h.largestDifference, h.meanDifference};
        out.stale = !now || (h.fingerprint.empty() ? h.correction != now->id : h.fingerprint != current);
        setup.handover.reset();
        if (!out.stale) {
            setup.handover.emplace();
            setup.handover->path = h.path;
            if (const auto named = encodingByName(h.encoding)) setup.handover->encoding = *named;
            setup.handover->proof = {h.engine,
                                     h.engine.empty() ? std::size_t{0} : static_cast<std::size_t>(h.colours),
                                     h.largestDifference, h.meanDifference};
        }
        setup.handedOver.insert(setup.handedOver.begin(), std::move(out));
    }
}

std::shared_ptr<const Correction> ShootState::snapshot(const studio::SnapshotRecord& record) {
    auto& kept = snapshots_[record.id];
    if (!kept) {
        auto parsed = io::parseCorrection(record.document, "The snapshot");
        if (parsed) kept = std::make_shared<const Correction>(*std::move(parsed));
    }
    return kept;
}

std::vector<Setup> ShootState::setups(const Contents& contents, const plan::Day& day) {
    const plan::Naming naming{day.kit, day.places};
    const auto states = plan::due(day);
    const Subjects seen = subjects(contents, day.shoot.id);
    std::vector<Setup> out;
    std::map<SetupId, std::size_t> at;
    std::map<SetupId, studio::FrameId> readFrom;  // chart frame of the reading, by setup
    for (std::size_t i = 0; i < day.setups.size(); ++i) {
        const plan::Setup& s = day.setups[i];
        Setup view;
        view.id = s.id;
        const auto named = [&](auto id, plan::Aspect aspect) {
            return id ? naming.value(s.conditions, aspect) : std::string();
        };
        view.place = named(s.conditions.place, plan::Aspect::place);
        view.light = s.label.empty() ? named(s.conditions.lamp, plan::Aspect::lamp) : s.label;
        view.body = named(s.conditions.body, plan::Aspect::body);
        view.lens = named(s.conditions.lens, plan::Aspect::lens);
        view.plan = states[i];
        if (const auto* r = readingOf(contents, s.id)) {
            if (const Reading* parsed = reading(*r, day.shoot, seen)) view.reading = *parsed;
            readFrom[s.id] = r->frame;
        }
        if (const auto* c = correctionOf(contents, s.id)) {
            if (const Correction* parsed = correction(*c)) view.correction = *parsed;
        }
        addHandovers(view, contents, correctionOf(contents, s.id));
        for (const auto& [id, kept] : contents.all<studio::SnapshotRecord>())
            if (kept.setup == s.id)
                if (const auto c = snapshot(kept)) view.snapshots.push_back({id, kept.label, c});
        for (const auto& [id, k] : contents.all<studio::KnownRecord>())
            if (k.setup == s.id) view.colours.push_back(ownColour(k));
        at[s.id] = out.size();
        out.push_back(std::move(view));
    }
    for (Setup& view : out)
        if (const auto led = following(view, leaderOf(view, out)); led && !led->upToDate)
            view.leaderChanged = led->why;
    for (const auto& [id, f] : contents.all<studio::Frame>()) {
        const auto row = at.find(f.setup);
        if (f.shoot != day.shoot.id || row == at.end()) continue;
        Setup& s = out[row->second];
        if (f.role == studio::FrameRole::chart) {
            // The one that was read, where one was; else the latest.
            const auto read = readFrom.find(f.setup);
            if (read == readFrom.end() || read->second == id || s.chartFrame.empty()) s.chartFrame = f.path;
            s.pictures.insert(s.pictures.begin(), {f.path, true});
        } else {
            s.pictures.push_back({f.path});
        }
    }
    return out;
}

}  // namespace refero::workflow
