// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/setup_builder.h"

#include <QFileInfo>
#include <algorithm>

#include "core/plan/change.h"
#include "core/read/checks.h"
#include "io/correction_file.h"
#include "io/curve_file.h"
#include "io/reading_file.h"

namespace refero {
namespace {

using studio::Contents;
using studio::Id;

QString text(const std::string& s) {
    return QString::fromStdString(s);
}

template <class R>
const R* latestOf(const Contents& contents, Id setup) {
    const R* found = nullptr;
    for (const auto& [id, r] : contents.all<R>())
        if (r.setup == setup) found = &r;  // ids rise with time
    return found;
}

// What is neutral in the subject's frames of a setup: marked by hand, or a grey card that was seen.
std::vector<SubjectLight> subjectsOf(const Contents& contents, Id setup) {
    std::vector<SubjectLight> out;
    for (const auto& [id, f] : contents.all<studio::Frame>()) {
        if (f.setup != setup || f.role != studio::FrameRole::subject) continue;
        if (f.greyGreen > 0)
            out.push_back({f.path, {f.greyRed, f.greyGreen, f.greyBlue}, true, "what was marked as grey"});
        else if (f.greyCard && f.whiteGreen > 0)
            out.push_back(
                {f.path, {f.whiteRed, f.whiteGreen, f.whiteBlue}, false, "what looks like a grey card"});
    }
    return out;
}

OwnColour ownColour(const studio::KnownRecord& k) {
    return {static_cast<int>(k.id),
            {k.label,
             k.path,
             {k.red, k.green, k.blue},
             {k.deviationRed, k.deviationGreen, k.deviationBlue},
             static_cast<std::size_t>(std::max<std::int64_t>(0, k.pixels)),
             {k.lightness, k.a, k.b, white::d50}},
            k.counts};
}

}  // namespace

const studio::ReadingRecord* readingOf(const Contents& contents, Id setup) {
    return latestOf<studio::ReadingRecord>(contents, setup);
}

const studio::CorrectionRecord* correctionOf(const Contents& contents, Id setup) {
    return latestOf<studio::CorrectionRecord>(contents, setup);
}

// Judged by what the shoot asks for now, whatever it was judged by when it was read.
const Reading* SetupBuilder::reading(const studio::ReadingRecord& record, const plan::Shoot& shoot,
                                     const std::vector<SubjectLight>& subjects) {
    auto& kept = readings_[record.id];
    std::string limits = shoot.limits + ": " + shoot.limitChanges;
    for (const SubjectLight& s : subjects) {
        limits.append("; ").append(s.path);
        for (const double v : s.rgb) limits.append(" ").append(std::to_string(v));
    }
    if (kept.text != record.document || kept.limits != limits) {
        auto parsed = io::parseReading(record.document, "The reading");
        if (parsed) {
            parsed->subjects = subjects;
            parsed->checks = judged(*parsed, limitsFrom(shoot.limits, shoot.limitChanges).value_or(Limits{}));
            parsed->verdict = worst(parsed->checks);
            parsed->limits = shoot.limits;
        }
        kept = {record.document, limits, parsed ? std::optional(*std::move(parsed)) : std::nullopt, {}};
    }
    return kept.document ? &*kept.document : nullptr;
}

const Correction* SetupBuilder::correction(const studio::CorrectionRecord& record) {
    auto& kept = corrections_[record.id];
    if (kept.text != record.document) {
        auto parsed = io::parseCorrection(record.document, "The correction");
        kept = {record.document, {}, parsed ? std::optional(*std::move(parsed)) : std::nullopt, {}};
    }
    return kept.document ? &*kept.document : nullptr;
}

// Stale is what went out before the correction was changed; of records without a fingerprint its id tells.
void SetupBuilder::addHandovers(Setup& setup, const Contents& contents, const studio::CorrectionRecord* now) {
    std::string current;
    for (const auto& [id, h] : contents.all<studio::HandoverRecord>()) {
        if (h.setup != setup.id) continue;
        if (now && setup.correction && current.empty()) {
            auto& kept = corrections_[now->id];
            if (kept.fingerprint.empty()) kept.fingerprint = io::fingerprint(*setup.correction);
            current = kept.fingerprint;
        }
        HandedOver out{static_cast<int>(id), text(h.made), text(h.receiver),    text(h.format),  text(h.path),
                       text(h.engine),       text(h.note), h.largestDifference, h.meanDifference};
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

std::shared_ptr<const Correction> SetupBuilder::snapshot(const studio::SnapshotRecord& record) {
    auto& kept = snapshots_[record.id];
    if (!kept) {
        auto parsed = io::parseCorrection(record.document, "The snapshot");
        if (parsed) kept = std::make_shared<const Correction>(*std::move(parsed));
    }
    return kept;
}

std::vector<Setup> SetupBuilder::build(const Contents& contents, const plan::Day& day) {
    const plan::Naming naming{day.kit, day.places};
    const auto states = plan::due(day);
    std::vector<Setup> out;
    std::map<Id, std::size_t> at;
    std::map<Id, Id> readFrom;  // chart frame of the reading, by setup
    for (std::size_t i = 0; i < day.setups.size(); ++i) {
        const plan::Setup& s = day.setups[i];
        Setup view;
        view.id = static_cast<int>(s.id);
        const auto named = [&](Id id, plan::Aspect aspect) {
            return id ? text(naming.value(s.conditions, aspect)) : QString();
        };
        view.place = named(s.conditions.place, plan::Aspect::place);
        view.light = s.label.empty() ? named(s.conditions.lamp, plan::Aspect::lamp) : text(s.label);
        view.body = named(s.conditions.body, plan::Aspect::body);
        view.lens = named(s.conditions.lens, plan::Aspect::lens);
        view.plan = states[i];
        if (const auto* r = readingOf(contents, s.id)) {
            if (const Reading* parsed = reading(*r, day.shoot, subjectsOf(contents, s.id)))
                view.reading = *parsed;
            readFrom[s.id] = r->frame;
        }
        if (const auto* c = correctionOf(contents, s.id)) {
            if (const Correction* parsed = correction(*c)) view.correction = *parsed;
        }
        addHandovers(view, contents, correctionOf(contents, s.id));
        for (const auto& [id, kept] : contents.all<studio::SnapshotRecord>())
            if (kept.setup == s.id)
                if (const auto c = snapshot(kept))
                    view.snapshots.push_back({static_cast<int>(id), text(kept.label), c});
        for (const auto& [id, k] : contents.all<studio::KnownRecord>())
            if (k.setup == s.id) view.colours.push_back(ownColour(k));
        at[s.id] = out.size();
        out.push_back(std::move(view));
    }
    for (const auto& [id, f] : contents.all<studio::Frame>()) {
        const auto row = at.find(f.setup);
        if (f.shoot != day.shoot.id || row == at.end()) continue;
        Setup& s = out[row->second];
        const QString path = text(f.path);
        if (f.role == studio::FrameRole::chart) {
            // The one that was read, where one was; else the latest.
            const auto read = readFrom.find(f.setup);
            if (read == readFrom.end() || read->second == id || s.chartFrame.isEmpty()) s.chartFrame = path;
            s.pictures.insert(s.pictures.begin(), {path, QStringLiteral("Chart frame")});
        } else {
            s.pictures.push_back({path, QFileInfo(path).fileName()});
        }
    }
    return out;
}

}  // namespace refero
