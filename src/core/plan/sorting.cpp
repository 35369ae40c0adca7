// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/sorting.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

#include "core/plan/schedule.h"
#include "core/say/say.h"

namespace refero::plan {
namespace {

constexpr auto kNoTime = std::chrono::minutes(-1);

const Setup* setupOf(const Day& day, SetupId id) {
    const auto it =
        std::find_if(day.setups.begin(), day.setups.end(), [&](const Setup& s) { return s.id == id; });
    return it == day.setups.end() ? nullptr : &*it;
}

// The body that took it; 0 where the kit does not tell.
BodyId bodyOf(const Kit& kit, const FrameFacts& f) {
    BodyId found = 0;
    for (const Body& b : kit.bodies) {
        if (!f.serial.empty() && b.serial == f.serial) return b.id;
        if (f.body.empty() || b.model != f.body) continue;
        // A serial number that is another's speaks against it, and of two of a model either may be meant.
        if (!f.serial.empty() && !b.serial.empty()) continue;
        if (found != 0) return 0;
        found = b.id;
    }
    return found;
}

bool lensFits(const Kit& kit, const FrameFacts& f, const Setup& s) {
    const Lens* lens = kit.lens(s.conditions.lens);
    if (!lens || (f.lens.empty() && f.focalLengthMm <= 0)) return true;
    if (!f.lens.empty() && f.lens == lens->model) return true;
    const bool inRange = f.focalLengthMm > 0 && f.focalLengthMm >= lens->shortestMm * 0.98 &&
                         f.focalLengthMm <= lens->longestMm * 1.02;
    const bool known =
        std::any_of(kit.lenses.begin(), kit.lenses.end(), [&](const Lens& l) { return l.model == f.lens; });
    return !known && inRange;
}

bool bodyFits(const Kit& kit, const FrameFacts& f, const Setup& s) {
    if (f.body.empty() && f.serial.empty()) return true;
    const BodyId body = bodyOf(kit, f);
    if (body != 0) return body == s.conditions.body;
    const Body* planned = kit.body(s.conditions.body);
    if (!planned) return true;
    const bool another =
        !f.serial.empty() && !planned->serial.empty();  // it would have been found by its number
    return planned->model == f.body && !another;
}

// Minutes outside the setup's planned time; 0 inside, kNoTime where it has none or the frame has none.
std::chrono::minutes outside(const Day& day, const FrameFacts& f, const Setup& s) {
    const auto from = beginning(day, s);
    if (!f.taken || !from) return kNoTime;
    const auto to = ending(day, s).value_or(*from);
    if (*f.taken < *from) return std::chrono::ceil<std::chrono::minutes>(*from - *f.taken);
    if (*f.taken > to) return std::chrono::ceil<std::chrono::minutes>(*f.taken - to);
    return std::chrono::minutes(0);
}

std::string named(const std::vector<const Setup*>& setups) {
    std::vector<std::string> labels;
    for (std::size_t i = 0; i < setups.size() && i < 3; ++i) labels.push_back(setups[i]->label);
    return listed(labels, setups.size());
}

// A slate that a body has shown last.
struct Shown {
    SetupId setup = 0;
    Moment at{};
};

class Sorter {
  public:
    Sorter(const Day& day, const SortingOptions& options) : day_(day), around_(options.minutesAround) {}

    Sorted sort(const FrameFacts& f) {
        Sorted s{f.frame};
        if (f.slate) return bySlate(f, std::move(s));
        if (const Shown* shown = shownBefore(f)) {
            s.setup = shown->setup;
            s.reason = say("Taken %1 after the slate of %2.", apart(*f.taken - shown->at),
                           setupOf(day_, s.setup)->label);
            return s;
        }
        return byFile(f, std::move(s));
    }

  private:
    static std::string apart(std::chrono::seconds seconds) {
        const auto minutes = std::chrono::round<std::chrono::minutes>(seconds).count();
        return minutes < 1 ? say("%1 s", std::to_string(seconds.count()))
                           : say("%1 min", std::to_string(minutes));
    }

    // Bodies that the kit does not know are told apart by what their files say.
    std::string who(const FrameFacts& f) const {
        const BodyId body = bodyOf(day_.kit, f);
        return body ? "#" + std::to_string(body.number()) : f.body + "/" + f.serial;
    }

    Sorted bySlate(const FrameFacts& f, Sorted s) {
        const Setup* setup = f.slate->shoot == day_.shoot.code ? setupOf(day_, f.slate->setup) : nullptr;
        if (!setup) {
            s.reason = say("It shows a slate of another shoot, or of a setup that is not there any more.");
            return s;
        }
        s.setup = setup->id;
        s.reason = say("It shows the slate of %1.", setup->label);
        if (f.taken) shown_[who(f)] = {setup->id, *f.taken};
        return s;
    }

    const Shown* shownBefore(const FrameFacts& f) const {
        const auto it = shown_.find(who(f));
        if (it == shown_.end() || !f.taken) return nullptr;
        const Setup* s = setupOf(day_, it->second.setup);
        const auto end = ending(day_, *s);
        const bool past = end && *f.taken > *end + around_;
        return lensFits(day_.kit, f, *s) && !past ? &it->second : nullptr;
    }

    Sorted byFile(const FrameFacts& f, Sorted s) const {
        std::vector<const Setup*> fitting;
        for (const Setup& setup : day_.setups)
            if (bodyFits(day_.kit, f, setup) && lensFits(day_.kit, f, setup)) fitting.push_back(&setup);
        if (fitting.empty()) {
            s.reason = say("No setup has this body and lens.");
            return s;
        }
        const std::vector<const Setup*> all = fitting;
        std::erase_if(fitting, [&](const Setup* x) {
            const auto late = outside(day_, f, *x);
            return late != kNoTime && late > around_;
        });
        if (fitting.empty()) {
            s.reason =
                say("Its body and lens are those of %1, but it was taken at another time.", named(all));
            return s;
        }
        // Inside a planned time is better than near it.
        if (fitting.size() > 1) {
            std::vector<const Setup*> inside;
            for (const Setup* x : fitting)
                if (outside(day_, f, *x) == std::chrono::minutes(0)) inside.push_back(x);
            if (!inside.empty()) fitting = inside;
        }
        if (fitting.size() > 1) {
            s.reason = say("It could be of %1; nothing in the file tells which.", named(fitting));
            return s;
        }
        s.setup = fitting.front()->id;
        s.reason = all.size() == 1
                       ? say("The only setup with this body and lens.")
                       : say("Of the setups with this body and lens, it was taken in this one's time.");
        return s;
    }

    const Day& day_;
    std::chrono::minutes around_;
    std::map<std::string, Shown> shown_;
};

}  // namespace

std::vector<std::string> contradictions(const Day& day, const FrameFacts& f, const Setup& s,
                                        const SortingOptions& options) {
    std::vector<std::string> out;
    if (!bodyFits(day.kit, f, s)) {
        const Body* planned = day.kit.body(s.conditions.body);
        const std::string own = f.body + (f.serial.empty() ? "" : " " + f.serial);
        out.push_back(planned ? say("Its body, %1, is not the setup's, %2.", own, planned->label())
                              : say("Its body, %1, is not the setup's.", own));
    }
    if (!lensFits(day.kit, f, s)) {
        const Lens* planned = day.kit.lens(s.conditions.lens);
        out.push_back(say("Its lens, %1, is not the setup's, %2.",
                          f.lens.empty() ? std::to_string(std::lround(f.focalLengthMm)) + " mm" : f.lens,
                          planned->model));
    }
    const auto late = outside(day, f, s);
    if (late != kNoTime && late.count() > options.minutesAround)
        out.push_back(say("It was taken %1 minutes outside the setup's time.", std::to_string(late.count())));
    return out;
}

std::vector<Sorted> sorted(const Day& day, const std::vector<FrameFacts>& frames,
                           const SortingOptions& options) {
    // Slates speak for what comes after them, so frames are taken in the order of their times.
    std::vector<std::size_t> order(frames.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
        return frames[a].taken.value_or(Moment{}) < frames[b].taken.value_or(Moment{});
    });
    std::vector<Sorted> out(frames.size());
    Sorter sorter(day, options);
    for (const std::size_t i : order) {
        out[i] = sorter.sort(frames[i]);
        if (const Setup* s = setupOf(day, out[i].setup))
            out[i].contradictions = contradictions(day, frames[i], *s, options);
    }
    return out;
}

}  // namespace refero::plan
