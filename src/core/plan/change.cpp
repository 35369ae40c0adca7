// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/change.h"

#include "core/say/figure.h"
#include "core/say/say.h"

#include <algorithm>
#include <cstdio>

namespace refero::plan {
namespace {

constexpr std::array<std::string_view, 7> kNames{word("body"),     word("lens"),     word("light"),
                                                 word("power"),    word("modifier"), word("place"),
                                                 word("recording")};

bool differs(const Conditions& a, const Conditions& b, Aspect aspect) {
    switch (aspect) {
        case Aspect::body:
            return a.body != b.body;
        case Aspect::lens:
            return a.lens != b.lens;
        case Aspect::lamp:
            return a.lamp != b.lamp;
        case Aspect::power:
            return a.powerPercent != b.powerPercent;
        case Aspect::modifier:
            return a.modifier != b.modifier;
        case Aspect::place:
            return a.place != b.place;
        case Aspect::recording:
            return a.recording != b.recording;
    }
    return false;
}

}  // namespace

std::string_view name(Aspect aspect) {
    return kNames[static_cast<std::size_t>(aspect)];
}

bool counts(Policy policy, Aspect aspect) {
    switch (policy) {
        case Policy::strict:
            return true;
        case Policy::usual:
            return aspect == Aspect::body || aspect == Aspect::lens || aspect == Aspect::lamp ||
                   aspect == Aspect::place;
        case Policy::runAndGun:
            return aspect == Aspect::body || aspect == Aspect::lamp;
    }
    return true;
}

std::vector<Aspect> changes(const Conditions& before, const Conditions& after) {
    std::vector<Aspect> out;
    for (const Aspect a : kAspects)
        if (differs(before, after, a)) out.push_back(a);
    return out;
}

std::vector<Aspect> changes(const Conditions& before, const Conditions& after, Policy policy) {
    std::vector<Aspect> out = changes(before, after);
    std::erase_if(out, [&](Aspect a) { return !counts(policy, a); });
    return out;
}

std::string Naming::value(const Conditions& c, Aspect aspect) const {
    switch (aspect) {
        case Aspect::body:
            return kit.body(c.body) ? kit.body(c.body)->label() : say("no body");
        case Aspect::lens:
            return kit.lens(c.lens) ? kit.lens(c.lens)->model : say("no lens");
        case Aspect::lamp:
            return kit.lamp(c.lamp) ? kit.lamp(c.lamp)->label : say("no light");
        case Aspect::power:
            return figure("%g %%", c.powerPercent);
        case Aspect::modifier:
            return c.modifier.empty() ? say("bare") : c.modifier;
        case Aspect::place: {
            const auto it =
                std::find_if(places.begin(), places.end(), [&](const Place& p) { return p.id == c.place; });
            return it == places.end() ? say("no place") : it->label;
        }
        case Aspect::recording: {
            std::string words(name(c.recording));
            std::replace(words.begin(), words.end(), '-', ' ');
            return words;
        }
    }
    return {};
}

std::string described(const std::vector<Aspect>& aspects, const Conditions& before, const Conditions& after,
                      const Naming& naming) {
    std::string out;
    for (const Aspect a : aspects) {
        if (!out.empty()) out += ", ";
        out += say("%1 %2 to %3", say(name(a)), naming.value(before, a), naming.value(after, a));
    }
    return out;
}

}  // namespace refero::plan
