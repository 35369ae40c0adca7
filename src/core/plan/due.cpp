// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/due.h"

#include "core/say/say.h"

#include <algorithm>
#include <cstdlib>

namespace refero::plan {
namespace {

constexpr std::array<std::string_view, 4> kStates{"due", "missing", "stale", "done"};
constexpr std::array<std::string_view, 3> kCoverages{"none", "weaker", "valid"};

// One day's rules over one day's facts.
class Rules {
  public:
    explicit Rules(const Day& day) : day_(day), naming_{day.kit, day.places} {}

    const Setup* setup(SetupId id) const {
        const auto it =
            std::find_if(day_.setups.begin(), day_.setups.end(), [&](const Setup& s) { return s.id == id; });
        return it == day_.setups.end() ? nullptr : &*it;
    }

    bool movedOn(const ChartShot& shot, std::optional<Moment> when) const {
        const auto until = day_.trustedUntil.find(shot.id);
        return when && until != day_.trustedUntil.end() && *when > until->second;
    }

    // Another setup's light is the same one only where the plan names its lamp.
    bool serves(const ChartShot& shot, const Setup& s, std::optional<Moment> when) const {
        return shot.usable && changes(shot.conditions, s.conditions, day_.shoot.policy).empty() &&
               !movedOn(shot, when) && (shot.setup == s.id || (s.conditions.lamp != 0 && unbroken(shot, s)));
    }

    // Nothing that counts was changed on this body between the two setups.
    bool unbroken(const ChartShot& shot, const Setup& s) const {
        if (day_.shoot.policy != Policy::strict) return true;
        const auto at = [&](auto id) {
            return std::find_if(day_.setups.begin(), day_.setups.end(),
                                [&](const Setup& x) { return x.id == id; });
        };
        const auto a = at(shot.setup), b = at(s.id);
        if (a == day_.setups.end() || b == day_.setups.end()) return false;
        return std::all_of(std::min(a, b), std::max(a, b), [&](const Setup& between) {
            return between.conditions.body != s.conditions.body ||
                   changes(between.conditions, s.conditions, day_.shoot.policy).empty();
        });
    }

    // The latest usable shot that serves, its own before those of others.
    const ChartShot* best(const Setup& s) const {
        const ChartShot* found = nullptr;
        for (const ChartShot& shot : day_.shots) {
            if (!serves(shot, s, whenNeeded(s))) continue;
            const auto rank = [&](const ChartShot& x) { return std::pair(x.setup == s.id, x.at); };
            if (!found || rank(shot) > rank(*found)) found = &shot;
        }
        return found;
    }

    const ChartShot* ownLatest(const Setup& s) const {
        const ChartShot* found = nullptr;
        for (const ChartShot& shot : day_.shots)
            if (shot.setup == s.id && (!found || shot.at > found->at)) found = &shot;
        return found;
    }

    // A setup needs its chart until it ends; while it goes on, now.
    std::optional<Moment> whenNeeded(const Setup& s) const {
        const auto end = endOf(s);
        if (!day_.now) return end;
        return end ? std::min(*end, *day_.now) : *day_.now;
    }

    std::optional<Moment> endOf(const Setup& s) const {
        if (!s.endMinutes || day_.shoot.date.empty()) return {};
        const auto date = dateFrom(day_.shoot.date);
        if (!date) return {};
        const int offset = offsetOf(s.conditions.place);
        return Moment(std::chrono::sys_days(*date)) + std::chrono::minutes(*s.endMinutes - offset);
    }

    int offsetOf(PlaceId place) const {
        for (const Place& p : day_.places)
            if (p.id == place) return p.offsetMinutes;
        return 0;
    }

    Due of(const Setup& s) const {
        if (const ChartShot* shot = best(s)) {
            if (shot->setup == s.id)
                return {s.id, DueState::done, say("Its chart was shot at %1.", clock(*shot)),
                        {},   shot->id,       s.id};
            const Setup* other = setup(shot->setup);
            const std::string whose = other ? other->label : say("an earlier setup");
            return {s.id,  DueState::done, say("The chart of %1 serves it, shot at %2.", whose, clock(*shot)),
                    whose, shot->id,       shot->setup};
        }
        if (const ChartShot* own = ownLatest(s))
            return {s.id, DueState::stale, whyNot(*own, s), briefly(*own, s), own->id, own->setup};
        const auto frames = day_.subjectFrames.find(s.id);
        if (frames != day_.subjectFrames.end() && frames->second > 0)
            return {s.id,
                    DueState::missing,
                    frames->second == 1
                        ? say("1 frame was shot, but no chart.")
                        : say("%1 frames were shot, but no chart.", std::to_string(frames->second)),
                    {},
                    0,
                    0};
        const auto end = endOf(s);
        if (day_.now && end && *end < *day_.now)
            return {
                s.id,
                DueState::missing,
                say("It ended at %1 without a chart shot.", clockText(*end, offsetOf(s.conditions.place))),
                {},
                0,
                0};
        return {s.id, DueState::due, say("Shoot the chart at the beginning or the end."), {}, 0, 0};
    }

    std::string briefly(const ChartShot& shot, const Setup& s) const {
        const auto changed = changes(shot.conditions, s.conditions, day_.shoot.policy);
        if (!changed.empty()) return described(changed, shot.conditions, s.conditions, naming_);
        if (movedOn(shot, whenNeeded(s))) return say("the light has moved");
        return shot.usable ? say("changed and changed back") : say("judged: shoot again");
    }

    std::string whyNot(const ChartShot& shot, const Setup& s) const {
        const auto changed = changes(shot.conditions, s.conditions, day_.shoot.policy);
        if (!changed.empty())
            return say("Changed since its chart shot at %1: %2.", clock(shot),
                       described(changed, shot.conditions, s.conditions, naming_));
        if (movedOn(shot, whenNeeded(s)))
            return say("The light has moved since its chart shot at %1; it held until %2.", clock(shot),
                       clockText(day_.trustedUntil.at(shot.id), offsetOf(s.conditions.place)));
        if (shot.usable)
            return say("Something was changed and changed back since the chart shot at %1.", clock(shot));
        return say("The chart shot at %1 was judged: shoot again.", clock(shot));
    }

    std::string clock(const ChartShot& shot) const {
        return clockText(shot.at, offsetOf(shot.conditions.place));
    }

    // Lights of which nobody said what they are, are no kind.
    bool sameKind(const Conditions& a, const Conditions& b) const {
        const Lamp *one = day_.kit.lamp(a.lamp), *other = day_.kit.lamp(b.lamp);
        return one && other && one->kind == other->kind;
    }

  private:
    const Day& day_;
    Naming naming_;
};

std::int64_t apart(const ChartShot& shot, std::optional<Moment> taken) {
    return taken ? std::abs((shot.at - *taken).count()) : 0;
}

}  // namespace

std::string_view name(DueState state) {
    return kStates[static_cast<std::size_t>(state)];
}

std::string_view name(Coverage coverage) {
    return kCoverages[static_cast<std::size_t>(coverage)];
}

std::vector<Due> due(const Day& day) {
    const Rules rules(day);
    std::vector<Due> out;
    out.reserve(day.setups.size());
    for (const Setup& s : day.setups) out.push_back(rules.of(s));
    return out;
}

Due dueOf(const Day& day, const Setup& setup) {
    return Rules(day).of(setup);
}

Served served(const Day& day, const std::vector<ReadingId>& correctedShots, SetupId setupId,
              std::optional<Moment> taken) {
    const Rules rules(day);
    const Setup* s = rules.setup(setupId);
    if (!s) return {Coverage::none, 0, say("The frame belongs to no setup.")};
    const ChartShot *valid = nullptr, *weaker = nullptr;
    const auto nearer = [&](const ChartShot& a, const ChartShot* b) {
        return !b || apart(a, taken) < apart(*b, taken);
    };
    for (const ChartShot& shot : day.shots) {
        if (std::find(correctedShots.begin(), correctedShots.end(), shot.id) == correctedShots.end())
            continue;
        if (rules.serves(shot, *s, taken)) {
            if (nearer(shot, valid)) valid = &shot;
        } else if (shot.usable && shot.conditions.body == s->conditions.body &&
                   rules.sameKind(shot.conditions, s->conditions)) {
            if (nearer(shot, weaker)) weaker = &shot;
        }
    }
    if (valid)
        return {Coverage::valid, valid->id, say("Built from the chart shot at %1.", rules.clock(*valid))};
    if (weaker)
        return {Coverage::weaker, weaker->id,
                say("Only the same body and kind of light. %1", rules.whyNot(*weaker, *s))};
    const bool shot = std::any_of(day.shots.begin(), day.shots.end(),
                                  [&](const ChartShot& c) { return rules.serves(c, *s, taken); });
    return {Coverage::none, 0,
            shot ? say("The chart that serves it is not corrected yet.")
                 : say("No correction of this body under this kind of light.")};
}

}  // namespace refero::plan
