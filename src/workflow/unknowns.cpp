// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/unknowns.h"

#include <algorithm>
#include <array>
#include <functional>
#include <iterator>
#include <set>

#include "core/read/encoding_fit.h"
#include "core/say/say.h"
#include "io/media_path.h"
#include "io/picture_kind.h"
#include "io/raw_file.h"
#include "io/reading_file.h"

namespace refero::workflow {
namespace {

using studio::BodyId;
using studio::Contents;
using studio::SetupId;
using studio::ShootId;

std::size_t framesOf(const Contents& contents, const std::set<SetupId>& setups) {
    std::size_t out = 0;
    for (const auto& [id, f] : contents.all<studio::Frame>()) out += setups.contains(f.setup);
    return out;
}

std::set<SetupId> setupsWith(const Contents& contents, ShootId shoot,
                             const std::function<bool(const plan::Setup&)>& is) {
    std::set<SetupId> out;
    for (const auto& [id, s] : contents.all<plan::Setup>())
        if (s.shoot == shoot && is(s)) out.insert(id);
    return out;
}

// Planned setups have their body; frames speak for the others.
std::optional<Unknown> cameraOf(const Contents& contents, ShootId shoot) {
    std::set<SetupId> setups;
    for (const auto& [id, f] : contents.all<studio::Frame>()) {
        const auto* s = contents.find<plan::Setup>(f.setup);
        if (f.shoot == shoot && s && s->conditions.body == 0) setups.insert(f.setup);
    }
    if (setups.empty()) return {};
    Unknown out{Missing::camera};
    out.frames = framesOf(contents, setups);
    out.setups.assign(setups.begin(), setups.end());
    return out;
}

// One question for each body and each encoding that was assumed for it.
std::vector<Unknown> encodingsOf(const Contents& contents, std::span<const Setup* const> setups) {
    std::vector<Transfer> candidates(kTellableEncodings.begin(), kTellableEncodings.end());
    for (const auto& [id, curve] : contents.all<plan::RecordingCurve>())
        if (const auto t = Transfer::fromLog(curve.curve)) candidates.push_back(*t);
    std::vector<Unknown> out;
    for (const Setup* s : setups) {
        if (!s->reading || s->reading->encodingSource != EncodingSource::assumed) continue;
        const auto* kept = contents.find<plan::Setup>(s->id);
        const BodyId body = kept ? kept->conditions.body : 0;
        auto same = std::find_if(out.begin(), out.end(), [&](const Unknown& u) {
            return u.of == body && u.taken == s->reading->encoding;
        });
        if (same == out.end()) {
            Unknown u{Missing::encoding};
            u.of = body.number();
            u.who = s->body;
            u.taken = s->reading->encoding;
            same = out.insert(out.end(), std::move(u));
        }
        same->setups.push_back(s->id);
        if (same->likely) continue;
        const auto better = betterEncodings(*s->reading, candidates);
        if (!better.empty()) same->likely = better.front().encoding;
    }
    for (Unknown& u : out) u.frames = framesOf(contents, {u.setups.begin(), u.setups.end()});
    return out;
}

std::string labelOf(const plan::Body& b) {
    return b.label();
}
std::string labelOf(const plan::Lens& l) {
    return l.model;
}

template <class R>
std::vector<Unknown> assumedOf(const Contents& contents, ShootId shoot, Missing what, bool R::*assumed,
                               decltype(R::id) plan::Conditions::*part) {
    std::vector<Unknown> out;
    for (const auto& [id, r] : contents.all<R>()) {
        if (!(r.*assumed)) continue;
        const auto used = setupsWith(contents, shoot,
                                     [&, id = id](const plan::Setup& s) { return s.conditions.*part == id; });
        if (used.empty()) continue;
        Unknown u{what};
        u.of = id.number();
        u.who = labelOf(r);
        u.frames = framesOf(contents, used);
        out.push_back(std::move(u));
    }
    return out;
}

}  // namespace

std::string_view name(Missing missing) {
    static constexpr std::array<std::string_view, 4> kNames{"camera", "encoding", "sensor", "focal-length"};
    return kNames[static_cast<std::size_t>(missing)];
}

std::vector<Unknown> unknownsOf(const Contents& contents, ShootId shoot,
                                std::span<const Setup* const> setups) {
    std::vector<Unknown> out;
    if (auto camera = cameraOf(contents, shoot)) out.push_back(*std::move(camera));
    const auto add = [&](std::vector<Unknown> more) {
        std::move(more.begin(), more.end(), std::back_inserter(out));
    };
    add(encodingsOf(contents, setups));
    add(assumedOf(contents, shoot, Missing::sensor, &plan::Body::sensorAssumed, &plan::Conditions::body));
    add(assumedOf(contents, shoot, Missing::focalLength, &plan::Lens::focalLengthAssumed,
                  &plan::Conditions::lens));
    return out;
}

Status answerCamera(studio::Edit& edit, const Contents& contents, const Unknown& unknown,
                    const std::string& who) {
    if (who.empty()) return failure(say("Say which camera it was: one of the kit, or another's name."));
    const auto& bodies = contents.all<plan::Body>();
    const auto known = std::find_if(bodies.begin(), bodies.end(), [&](const auto& b) {
        return b.second.label() == who || b.second.model == who;
    });
    BodyId body = known == bodies.end() ? 0 : known->first;
    if (body == 0) {
        plan::Body fresh;
        fresh.model = who;
        fresh.sensorAssumed = true;
        if (auto ok = plan::validate(fresh); !ok) return ok;
        body = edit.add(fresh);
    }
    for (const SetupId id : unknown.setups) {
        const auto* s = contents.find<plan::Setup>(id);
        if (!s || s->conditions.body != 0) continue;
        plan::Setup setup = *s;
        setup.conditions.body = body;
        edit.put(setup);
    }
    return {};
}

Status answerSensor(studio::Edit& edit, const Unknown& unknown, double widthMm, double heightMm) {
    plan::Body body = edit.latest<plan::Body>(unknown.of);
    body.sensorWidthMm = widthMm;
    body.sensorHeightMm = heightMm;
    body.sensorAssumed = false;
    if (auto ok = plan::validate(body); !ok) return ok;
    edit.put(body);
    return {};
}

Status answerFocalLength(studio::Edit& edit, const Unknown& unknown, double mm) {
    plan::Lens lens = edit.latest<plan::Lens>(unknown.of);
    lens.shortestMm = lens.longestMm = mm;
    lens.focalLengthAssumed = false;
    if (auto ok = plan::validate(lens); !ok) return ok;
    edit.put(lens);
    return {};
}

std::optional<Transfer> statedBefore(const Contents& contents, const plan::Setup& setup) {
    if (setup.conditions.body == 0) return {};
    const auto& records = contents.all<studio::ReadingRecord>();
    // How it records is known of a setup that was planned or read; of any other it says nothing yet.
    const bool known = setup.conditions.lamp != 0 || setup.startMinutes ||
                       std::any_of(records.begin(), records.end(),
                                   [&](const auto& r) { return r.second.setup == setup.id; });
    std::vector<const studio::ReadingRecord*> others;
    for (const auto& [id, record] : records) {
        const auto* other = contents.find<plan::Setup>(record.setup);
        const auto* frame = contents.find<studio::Frame>(record.frame);
        if (!other || !frame || other->id == setup.id || other->shoot != setup.shoot ||
            other->conditions.body != setup.conditions.body ||
            (known && other->conditions.recording != setup.conditions.recording))
            continue;
        // Raw files say what they hold: their readings need not be looked at. Files are looked into last.
        const auto file = io::mediaPath(frame->path).file;
        if (!io::isRendered(io::lowerEnding(file)) && io::isRaw(file)) continue;
        others.push_back(&record);
    }
    std::sort(others.begin(), others.end(), [](const auto* a, const auto* b) { return a->made > b->made; });
    for (const auto* record : others)
        if (const auto reading = io::parseReading(record->document, "the studio");
            reading && reading->encodingSource == EncodingSource::stated)
            return reading->encoding;
    return {};
}

}  // namespace refero::workflow
