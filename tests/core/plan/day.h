// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/due.h"

namespace refero::plan {

/// Two bodies of one model (1, 2), two lenses (1, 2), an LED (1), another LED (2), a tungsten lamp (3) and
/// daylight (4), two places (1, 2).
inline Day plainDay(Policy policy) {
    Day d;
    d.shoot = {1, "K7Q2", "Tiles", "", "2026-05-14", policy};
    d.kit.bodies = {{1, "Heron", "11110001", ""}, {2, "Heron", "11110002", "Second"}};
    d.kit.lenses = {{1, "60 mm", "", 60, 60}, {2, "24-70 mm", "", 24, 70}};
    d.kit.lamps = {{1, "LED panel", LightKind::led},
                   {2, "LED tube", LightKind::led},
                   {3, "Kiln bulbs", LightKind::tungsten},
                   {4, "North window", LightKind::shade}};
    d.places = {{1, 1, "Library", {}, {}, 120}, {2, 1, "Kiln room", {}, {}, 120}};
    return d;
}

inline Conditions plainConditions() {
    Conditions c;
    c.body = 1;
    c.lens = 1;
    c.lamp = 1;
    c.place = 1;
    c.powerPercent = 60;
    return c;
}

inline Setup plainSetup(SetupId id, const Conditions& conditions) {
    Setup s;
    s.id = id;
    s.shoot = 1;
    s.label = "Setup " + std::to_string(id.number());
    s.conditions = conditions;
    s.position = static_cast<int>(id);
    return s;
}

inline Moment at(const char* clock) {
    return *momentFrom(std::string("2026-05-14T") + clock + ":00Z");
}

inline ChartShot shotOf(const Setup& s, const char* clock, bool usable = true) {
    return {100 + s.id.number(), s.id, at(clock), s.conditions, usable};
}

}  // namespace refero::plan
