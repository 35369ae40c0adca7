// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/contents.h"

#include <algorithm>

namespace refero::studio {
namespace {

template <class R>
std::vector<R> ofShoot(const Contents& c, ShootId shoot) {
    std::vector<R> out;
    for (const auto& [id, r] : c.all<R>())
        if (r.shoot == shoot) out.push_back(r);
    std::stable_sort(out.begin(), out.end(), [](const R& a, const R& b) { return a.position < b.position; });
    return out;
}

template <class R>
std::vector<R> values(const Contents& c) {
    std::vector<R> out;
    for (const auto& [id, r] : c.all<R>()) out.push_back(r);
    return out;
}

}  // namespace

std::size_t Contents::size() const {
    std::size_t n = 0;
    forEachKind([&]<class R>() { n += all<R>().size(); });
    return n;
}

AnyId Contents::largestId() const {
    AnyId largest = 0;
    forEachKind([&]<class R>() {
        if (!all<R>().empty()) largest = std::max(largest, all<R>().rbegin()->first.number());
    });
    return largest;
}

std::vector<plan::Setup> Contents::setupsOf(ShootId shoot) const {
    return ofShoot<plan::Setup>(*this, shoot);
}

std::vector<plan::Place> Contents::placesOf(ShootId shoot) const {
    return ofShoot<plan::Place>(*this, shoot);
}

plan::Kit Contents::kit() const {
    plan::Kit kit{values<plan::Body>(*this),       values<plan::Lens>(*this),
                  values<plan::Lamp>(*this),       values<plan::ChartCopy>(*this),
                  values<plan::Checked>(*this),    values<plan::RecordingCurve>(*this),
                  values<plan::ProfileTest>(*this)};
    for (plan::RecordingCurve& c : kit.curves) c.curve.name = c.label;
    return kit;
}

plan::Day dayOf(const Contents& c, ShootId shoot, const plan::ClearSky& sky, std::optional<plan::Moment> now,
                const std::function<bool(const ReadingRecord&)>& usable) {
    plan::Day day;
    if (const auto* s = c.find<plan::Shoot>(shoot)) day.shoot = *s;
    day.kit = c.kit();
    day.places = c.placesOf(shoot);
    day.setups = c.setupsOf(shoot);
    day.now = now;
    const auto ofThis = [&](SetupId setup) {
        const auto* s = c.find<plan::Setup>(setup);
        return s && s->shoot == shoot;
    };
    for (const auto& [id, r] : c.all<ReadingRecord>()) {
        const auto at = plan::momentFrom(r.shotAt);
        if (!ofThis(r.setup) || !at) continue;
        day.shots.push_back({id, r.setup, *at, r.conditions, usable(r)});
        const auto* place = c.find<plan::Place>(r.conditions.place);
        const auto* lamp = c.find<plan::Lamp>(r.conditions.lamp);
        if (!place || !lamp) continue;
        if (const auto t = plan::trust(*at, *place, lamp->kind, day.shoot, sky))
            day.trustedUntil[id] = t->until;
    }
    for (const auto& [id, f] : c.all<Frame>())
        if (f.shoot == shoot && f.role == FrameRole::subject) ++day.subjectFrames[f.setup];
    return day;
}

}  // namespace refero::studio
