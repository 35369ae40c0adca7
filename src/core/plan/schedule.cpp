// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/schedule.h"

#include "core/say/say.h"

#include <algorithm>

namespace refero::plan {
namespace {

const Place* placeOf(const Day& day, PlaceId id) {
    const auto it =
        std::find_if(day.places.begin(), day.places.end(), [&](const Place& p) { return p.id == id; });
    return it == day.places.end() ? nullptr : &*it;
}

std::optional<Moment> onClock(const Day& day, const Setup& s, std::optional<int> minutes) {
    const auto date = dateFrom(day.shoot.date);
    if (!minutes || !date) return {};
    const Place* place = placeOf(day, s.conditions.place);
    return Moment(std::chrono::sys_days(*date)) +
           std::chrono::minutes(*minutes - (place ? place->offsetMinutes : 0));
}

// What changed against the setup before it on the same body.
std::string whyNeeded(const Day& day, std::size_t index) {
    const Setup& s = day.setups[index];
    const Naming naming{day.kit, day.places};
    for (std::size_t i = index; i-- > 0;) {
        const Setup& before = day.setups[i];
        if (before.conditions.body != s.conditions.body) continue;
        const auto changed = changes(before.conditions, s.conditions, day.shoot.policy);
        if (changed.empty()) return say("The light has moved since %1.", before.label);
        return say("Changed since %1: %2.", before.label,
                   described(changed, before.conditions, s.conditions, naming));
    }
    return say("The first setup of %1.", naming.value(s.conditions, Aspect::body));
}

}  // namespace

std::optional<Moment> beginning(const Day& day, const Setup& s) {
    return onClock(day, s, s.startMinutes);
}

std::optional<Moment> ending(const Day& day, const Setup& s) {
    return onClock(day, s, s.endMinutes);
}

std::vector<PlannedShot> schedule(const Day& given, const ClearSky& sky) {
    // Played through in order: each setup that nothing serves gets a shot, and later ones may lean on it.
    Day day = given;
    day.shots.clear();
    day.subjectFrames.clear();
    day.trustedUntil.clear();
    day.now.reset();
    std::vector<PlannedShot> out;
    for (std::size_t i = 0; i < given.setups.size(); ++i) {
        const Setup& s = given.setups[i];
        PlannedShot p{s.id, true, 0, {}, beginning(given, s), {}};
        const Due state = dueOf(day, s);
        if (state.state == DueState::done) {
            p.needed = false;
            p.servedBy = state.shotOf;
            const auto it = std::find_if(given.setups.begin(), given.setups.end(),
                                         [&](const Setup& x) { return x.id == state.shotOf; });
            p.reason = say("Nothing that counts changed: the chart of %1 serves.",
                           it == given.setups.end() ? say("an earlier setup") : it->label);
        } else {
            p.reason = whyNeeded(given, i);
            ChartShot shot{s.id.number(), s.id, p.at.value_or(Moment{}), s.conditions, true};
            const Place* place = placeOf(given, s.conditions.place);
            const Lamp* lamp = given.kit.lamp(s.conditions.lamp);
            if (p.at && place && lamp)
                if (const auto t = trust(*p.at, *place, lamp->kind, given.shoot, sky))
                    p.until = day.trustedUntil[shot.id] = t->until;
            day.shots.push_back(std::move(shot));
        }
        out.push_back(std::move(p));
    }
    return out;
}

}  // namespace refero::plan
