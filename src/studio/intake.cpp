// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/intake.h"

#include <algorithm>
#include <set>

#include "core/say/say.h"
#include "io/media_path.h"

namespace refero::studio {
namespace {

namespace fs = std::filesystem;

// Clocks of cameras are set to the place's time, unless the file says otherwise.
std::optional<plan::Moment> momentOf(const io::FrameMetadata& m, const plan::Day& day) {
    if (m.taken.size() < 19) return {};
    std::string iso = m.taken.substr(0, 19);
    iso[4] = iso[7] = '-';
    iso[10] = 'T';
    const auto stated = m.offset.empty() ? tl::unexpected(Error{}) : plan::momentFrom(iso + m.offset);
    if (stated) return *stated;
    const auto local = plan::momentFrom(iso + "Z");
    if (!local) return {};
    return *local - std::chrono::minutes(day.places.empty() ? 0 : day.places.front().offsetMinutes);
}

plan::FrameFacts factsOf(const Frame& f) {
    plan::FrameFacts facts{f.id, f.body, f.serial, f.lens, f.focalLengthMm, {}, {}};
    if (const auto taken = plan::momentFrom(f.taken)) facts.taken = *taken;
    if (const auto slate = plan::slateFrom(f.slate)) facts.slate = *slate;
    return facts;
}

void apply(const plan::Sorted& s, Frame& f) {
    f.setup = s.setup;
    f.because = s.reason;
    f.doubt.clear();
    for (const std::string& c : s.contradictions) f.doubt += (f.doubt.empty() ? "" : " ") + c;
}

const Frame* alike(const Contents& contents, const Arrival& a) {
    for (const auto& [id, f] : contents.all<Frame>())
        if (!f.sha256.empty() && f.sha256 == a.sha256) return &f;
    return nullptr;
}

// Clocks that were found wrong before stay so for the rest of the shoot.
int clockOf(const Contents& contents, ShootId shoot, const io::FrameMetadata& m) {
    int seconds = 0;
    for (const auto& [id, f] : contents.all<Frame>())
        if (f.shoot == shoot && f.body == m.body && f.serial == m.serial) seconds = f.clockSeconds;
    return seconds;
}

// What was seen in it of charts and greys.
void shows(const Arrival& a, Frame& f) {
    f.role = a.chart.empty() ? FrameRole::subject : FrameRole::chart;
    f.chart = a.chart;
    f.certainty = a.certainty;
    f.greyCard = a.greyCard;
    f.whiteRed = a.white.x();
    f.whiteGreen = a.white.y();
    f.whiteBlue = a.white.z();
}

Frame frameFrom(const Arrival& a, const Contents& contents, const plan::Day& day) {
    Frame f;
    f.shoot = day.shoot.id;
    f.path = a.path.string();
    f.bytes = a.bytes;
    f.sha256 = a.sha256;
    f.clockSeconds = clockOf(contents, day.shoot.id, a.metadata);
    if (const auto taken = momentOf(a.metadata, day))
        f.taken = plan::isoText(*taken + std::chrono::seconds(f.clockSeconds));
    f.body = a.metadata.body;
    f.serial = a.metadata.serial;
    f.lens = a.metadata.lens;
    f.focalLengthMm = a.metadata.focalLengthMm;
    f.exposureSeconds = a.metadata.exposureSeconds;
    f.fNumber = a.metadata.fNumber;
    f.iso = a.metadata.iso;
    f.balance = a.metadata.whiteBalance;
    f.pictureProfile = a.metadata.pictureProfile;
    f.slate = a.slate;
    shows(a, f);
    f.pictures = a.pictures;
    if (a.cameraWhite) {
        f.cameraRed = a.cameraWhite->x();
        f.cameraBlue = a.cameraWhite->z();
    }
    f.twin = a.twin.string();
    return f;
}

}  // namespace

std::vector<Brought> bringIn(Edit& edit, const Contents& contents, const plan::Day& day,
                             const std::vector<Arrival>& arrivals) {
    std::vector<Brought> out;
    std::vector<Frame> fresh;
    std::set<std::string> now;
    for (const Arrival& a : arrivals) {
        Brought b{a.path};
        b.chart = a.chart;
        std::error_code error;
        if (!a.problem.empty()) {
            b.reason = a.problem;
        } else if (const Frame* known = alike(contents, a)) {
            b.frame = known->id;
            b.setup = known->setup;
            if (fs::exists(io::mediaPath(known->path).file, error)) {
                b.reason = say("It is there already, as %1.", fs::path(known->path).filename().string());
            } else {
                Frame moved = *known;
                moved.path = a.path.string();
                moved.twin = a.twin.string();
                edit.put(moved);
                b.reason = say("It had moved and is found again.");
            }
        } else if (!now.insert(a.sha256).second) {
            b.reason = say("It is the same as another file that came with it.");
        } else {
            Frame f = frameFrom(a, contents, day);
            f.id = b.frame = edit.add(f);
            fresh.push_back(f);
        }
        out.push_back(std::move(b));
    }
    std::vector<plan::FrameFacts> facts;
    for (const Frame& f : fresh) facts.push_back(factsOf(f));
    const auto places = plan::sorted(day, facts);
    for (std::size_t i = 0; i < fresh.size(); ++i) {
        apply(places[i], fresh[i]);
        edit.put(fresh[i]);
        for (Brought& b : out)
            if (b.frame == fresh[i].id)
                b.setup = fresh[i].setup, b.reason = fresh[i].because, b.doubt = fresh[i].doubt;
    }
    return out;
}

void sortAgain(Edit& edit, const Contents& contents, const plan::Day& day,
               const std::vector<FrameId>& frames) {
    std::vector<const Frame*> all;
    std::vector<plan::FrameFacts> facts;
    for (const FrameId id : frames)
        if (const Frame* f = contents.find<Frame>(id); f && f->placement != Placement::byHand) {
            all.push_back(f);
            facts.push_back(factsOf(*f));
        }
    const auto places = plan::sorted(day, facts);
    for (std::size_t i = 0; i < all.size(); ++i) {
        Frame f = *all[i];
        apply(places[i], f);
        if (f.setup != all[i]->setup || f.because != all[i]->because || f.doubt != all[i]->doubt) edit.put(f);
    }
}

void seenSince(Edit& edit, const Contents& contents, const plan::Day& day, FrameId frame,
               const Arrival& seen) {
    const Frame* known = contents.find<Frame>(frame);
    if (!known || seen.chart.empty()) return;
    Frame f = *known;
    shows(seen, f);
    if (f.placement != Placement::byHand) apply(plan::sorted(day, {factsOf(f)}).front(), f);
    edit.put(f);
}

void putByHand(Edit& edit, const Contents& contents, const plan::Day& day, FrameId frame, SetupId setup) {
    const Frame* known = contents.find<Frame>(frame);
    if (!known || known->setup == setup) return;
    Frame f = *known;
    f.setup = setup;
    f.placement = Placement::byHand;
    f.because = setup ? say("Put here by hand.") : say("Taken out of its setup by hand.");
    f.doubt.clear();
    if (const auto* s = contents.find<plan::Setup>(setup))
        for (const std::string& c : plan::contradictions(day, factsOf(f), *s))
            f.doubt += (f.doubt.empty() ? "" : " ") + c;
    edit.put(f);
}

void setClock(Edit& edit, const Contents& contents, const plan::Day& day, FrameId frame, int seconds) {
    const Frame* model = contents.find<Frame>(frame);
    if (!model) return;
    std::vector<FrameId> moved;
    std::vector<plan::FrameFacts> facts;
    std::vector<Frame> changed;
    for (const auto& [id, known] : contents.all<Frame>()) {
        if (known.shoot != model->shoot || known.body != model->body || known.serial != model->serial)
            continue;
        Frame f = known;
        if (const auto taken = plan::momentFrom(f.taken))
            f.taken = plan::isoText(*taken + std::chrono::seconds(seconds - f.clockSeconds));
        f.clockSeconds = seconds;
        changed.push_back(std::move(f));
        facts.push_back(factsOf(changed.back()));
    }
    const auto places = plan::sorted(day, facts);
    for (std::size_t i = 0; i < changed.size(); ++i) {
        if (changed[i].placement != Placement::byHand) apply(places[i], changed[i]);
        edit.put(changed[i]);
    }
}

std::optional<plan::WhiteSeen> whiteSeen(const Frame& f) {
    const auto at = plan::momentFrom(f.taken);
    if (!at || !(std::min({f.whiteRed, f.whiteGreen, f.whiteBlue}) > 0)) return {};
    const bool known = f.exposureSeconds > 0 && f.fNumber > 0 && f.iso > 0;
    return plan::WhiteSeen{*at,
                           {f.whiteRed, f.whiteGreen, f.whiteBlue},
                           known ? f.exposureSeconds * f.iso / (f.fNumber * f.fNumber) : 0};
}

Doubts::Doubts(const Contents& contents, const plan::Day& day) : day_(day) {
    for (const plan::Setup& s : day.setups) setups_[s.id] = &s;
    for (const auto& [id, f] : contents.all<Frame>()) {
        if (f.setup == 0) continue;
        if (const auto white = whiteSeen(f)) seen_[f.setup].push_back(*white);
    }
}

std::string Doubts::of(const Frame& f) const {
    std::string out = f.doubt;
    const auto setup = setups_.find(f.setup);
    const auto taken = f.role == FrameRole::chart || setup == setups_.end() ? tl::unexpected(Error{})
                                                                            : plan::momentFrom(f.taken);
    if (!taken) return out;
    const auto seen = seen_.find(f.setup);
    static const std::vector<plan::WhiteSeen> none;
    for (const std::string& d :
         plan::lightDoubts(day_, *setup->second, *taken, seen == seen_.end() ? none : seen->second))
        out += (out.empty() ? "" : " ") + d;
    return out;
}

}  // namespace refero::studio
