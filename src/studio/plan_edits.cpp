// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/plan_edits.h"

#include "core/say/say.h"

#include <algorithm>
#include <type_traits>

namespace refero::studio {
namespace {

void renumber(Edit& edit, const std::vector<plan::Setup>& inOrder) {
    int position = 0;
    for (plan::Setup s : inOrder) {
        if (s.position != position) {
            s.position = position;
            edit.put(s);
        }
        ++position;
    }
}

// Names the next of a row: "Shelf" gives "Shelf 2", "Shelf 2" gives "Shelf 3".
std::string nextLabel(const Contents& contents, ShootId shoot, const std::string& label) {
    const std::size_t end = label.find_last_not_of("0123456789");
    const bool numbered =
        end != std::string::npos && end + 1 < label.size() && label[end] == ' ' && label.size() - end < 6;
    const std::string stem = numbered ? label.substr(0, end) : label;
    int n = numbered ? std::stoi(label.substr(end + 1)) : 1;
    const auto all = contents.setupsOf(shoot);
    std::string next;
    do {
        next = stem + " " + std::to_string(++n);
    } while (std::any_of(all.begin(), all.end(), [&](const plan::Setup& s) { return s.label == next; }));
    return next;
}

plan::Setup alike(const Contents& contents, const plan::Setup& model) {
    plan::Setup s = model;
    s.label = nextLabel(contents, model.shoot, model.label);
    s.note.clear();
    s.startMinutes = model.endMinutes;
    s.endMinutes.reset();
    if (model.startMinutes && model.endMinutes)
        s.endMinutes = std::min(24 * 60 - 1, 2 * *model.endMinutes - *model.startMinutes);
    return s;
}

bool names(const plan::Conditions& c, BodyId id) {
    return c.body == id;
}
bool names(const plan::Conditions& c, LensId id) {
    return c.lens == id;
}
bool names(const plan::Conditions& c, plan::LampId id) {
    return c.lamp == id;
}
bool names(const plan::Conditions& c, PlaceId id) {
    return c.place == id;
}
template <plan::Kind kind>
bool names(const plan::Conditions&, plan::Id<kind>) {
    return false;
}

// Beside its conditions, a setup names its chart and its shoot.
bool names(const plan::Setup& s, ChartCopyId id) {
    return s.chart == id;
}
bool names(const plan::Setup& s, ShootId id) {
    return s.shoot == id;
}
template <plan::Kind kind>
bool names(const plan::Setup& s, plan::Id<kind> id) {
    return names(s.conditions, id);
}

}  // namespace

SetupId addSetup(Edit& edit, const Contents& contents, ShootId shoot) {
    const auto all = contents.setupsOf(shoot);
    if (!all.empty()) return duplicateSetup(edit, contents, all.back().id);
    plan::Setup s;
    s.shoot = shoot;
    s.label = say("Setup 1");
    const auto places = contents.placesOf(shoot);
    if (!places.empty()) s.conditions.place = places.front().id;
    // Where there is only one of a kind in the kit, it is meant.
    const plan::Kit kit = contents.kit();
    if (kit.bodies.size() == 1) s.conditions.body = kit.bodies.front().id;
    if (kit.lenses.size() == 1) s.conditions.lens = kit.lenses.front().id;
    if (kit.lamps.size() == 1) s.conditions.lamp = kit.lamps.front().id;
    if (kit.charts.size() == 1) s.chart = kit.charts.front().id;
    return edit.add(s);
}

SetupId duplicateSetup(Edit& edit, const Contents& contents, SetupId model) {
    const auto* known = contents.find<plan::Setup>(model);
    if (!known) return 0;
    auto all = contents.setupsOf(known->shoot);
    const auto at = std::find_if(all.begin(), all.end(), [&](const auto& s) { return s.id == model; });
    plan::Setup s = alike(contents, *known);
    s.position = static_cast<int>(at - all.begin()) + 1;
    s.id = edit.add(s);
    all.insert(at + 1, s);
    renumber(edit, all);
    return s.id;
}

void moveSetup(Edit& edit, const Contents& contents, SetupId setup, int to) {
    const auto* known = contents.find<plan::Setup>(setup);
    if (!known) return;
    auto all = contents.setupsOf(known->shoot);
    std::erase_if(all, [&](const auto& s) { return s.id == setup; });
    all.insert(all.begin() + std::clamp(to, 0, static_cast<int>(all.size())), *known);
    renumber(edit, all);
}

void restateConditions(Edit& edit, const Contents& contents, SetupId setup) {
    const auto* s = contents.find<plan::Setup>(setup);
    if (!s) return;
    for (const auto& [id, r] : contents.all<ReadingRecord>()) {
        if (r.setup != setup || r.conditions == s->conditions) continue;
        ReadingRecord restated = r;
        restated.conditions = s->conditions;
        edit.put(restated);
    }
}

void toggleTick(Edit& edit, const Contents& contents, ShootId shoot, const std::string& task,
                const std::string& at) {
    for (const auto& [id, t] : contents.all<Tick>())
        if (t.shoot == shoot && t.task == task) return edit.remove<Tick>(id);
    edit.add(Tick{0, shoot, task, at});
}

template <class R>
std::vector<std::string> usersOf(const Contents& contents, decltype(R::id) id) {
    std::vector<SetupId> setups;
    for (const auto& [setup, s] : contents.all<plan::Setup>())
        if (names(s, id)) setups.push_back(setup);
    for (const auto& [reading, r] : contents.all<ReadingRecord>())
        if (names(r.conditions, id)) setups.push_back(r.setup);
    if constexpr (std::is_same_v<R, ChartDesign>) {
        std::vector<std::string> copies;
        if (const auto* design = contents.find<ChartDesign>(id))
            for (const auto& [copy, c] : contents.all<plan::ChartCopy>())
                if (c.chart == design->chart) copies.push_back(c.label);
        return copies;
    }
    std::sort(setups.begin(), setups.end());
    setups.erase(std::unique(setups.begin(), setups.end()), setups.end());
    std::vector<std::string> out;
    for (const SetupId setup : setups)
        if (const auto* s = contents.find<plan::Setup>(setup)) out.push_back(s->label);
    return out;
}

template <class R>
Status removeUnused(Edit& edit, const Contents& contents, decltype(R::id) id) {
    const auto users = usersOf<R>(contents, id);
    if (users.empty()) {
        edit.remove<R>(id);
        return {};
    }
    return failure(say("It is in use: %1. Choose another there, or take them out, first.",
                       listed({users.front()}, users.size())));
}

#define REFERO_OF_KIT(R)                                                            \
    template std::vector<std::string> usersOf<R>(const Contents&, decltype(R::id)); \
    template Status removeUnused<R>(Edit&, const Contents&, decltype(R::id));
REFERO_OF_KIT(plan::Body)
REFERO_OF_KIT(plan::Lens)
REFERO_OF_KIT(plan::Lamp)
REFERO_OF_KIT(plan::ChartCopy)
REFERO_OF_KIT(plan::Checked)
REFERO_OF_KIT(plan::RecordingCurve)
REFERO_OF_KIT(ChartDesign)
REFERO_OF_KIT(plan::Place)
REFERO_OF_KIT(plan::Shoot)
#undef REFERO_OF_KIT

}  // namespace refero::studio
