// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/call_sheet.h"

#include <cstdio>

#include "core/plan/slate.h"
#include "core/say/figure.h"
#include "core/say/say.h"

namespace refero::plan {
namespace {

std::string clock(int minutes) {
    char text[16];
    std::snprintf(text, sizeof text, "%02d:%02d", minutes / 60, minutes % 60);
    return text;
}

std::string timeOf(const Setup& s) {
    if (!s.startMinutes) return {};
    const std::string start = clock(*s.startMinutes);
    return s.endMinutes ? say("%1 to %2", start, clock(*s.endMinutes)) : start;
}

std::string cameraOf(const Setup& s, const Naming& naming, const Kit& kit) {
    std::string out =
        naming.value(s.conditions, Aspect::body) + ", " + naming.value(s.conditions, Aspect::lens);
    const Lens* lens = kit.lens(s.conditions.lens);
    if (lens && lens->zooms() && s.focalLengthMm > 0) out = sayf("%s at %g mm", out.c_str(), s.focalLengthMm);
    return out + ", " + naming.value(s.conditions, Aspect::recording);
}

std::string lightOf(const Setup& s, const Naming& naming, const Kit& kit) {
    std::string out = naming.value(s.conditions, Aspect::lamp);
    const Lamp* lamp = kit.lamp(s.conditions.lamp);
    if (lamp && lamp->kind != LightKind::daylight && lamp->kind != LightKind::shade)
        out += ", " + naming.value(s.conditions, Aspect::power);
    if (!s.conditions.modifier.empty()) out += ", " + s.conditions.modifier;
    return out;
}

int offsetOf(const Day& day, PlaceId place) {
    for (const Place& p : day.places)
        if (p.id == place) return p.offsetMinutes;
    return 0;
}

}  // namespace

std::string described(Policy policy) {
    switch (policy) {
        case Policy::strict:
            return say(
                "A change of body, lens, light, power, modifier, place or recording calls for a new chart "
                "shot.");
        case Policy::usual:
            return say("A change of body, lens, light or place calls for a new chart shot.");
        case Policy::runAndGun:
            return say("A change of body or light calls for a new chart shot.");
    }
    return {};
}

CallSheet callSheet(const Day& day, const ClearSky& sky) {
    const Naming naming{day.kit, day.places};
    CallSheet sheet;
    sheet.title = day.shoot.label;
    for (const std::string& part : {day.shoot.client, day.shoot.date, described(day.shoot.policy)})
        if (!part.empty()) sheet.subtitle += (sheet.subtitle.empty() ? "" : " - ") + part;
    const auto planned = schedule(day, sky);
    for (std::size_t i = 0; i < day.setups.size(); ++i) {
        const Setup& s = day.setups[i];
        const PlannedShot& p = planned[i];
        CallLine line{s.id, static_cast<int>(i) + 1, timeOf(s)};
        line.place = naming.value(s.conditions, Aspect::place);
        line.label = s.label;
        line.camera = cameraOf(s, naming, day.kit);
        line.light = lightOf(s, naming, day.kit);
        line.shootChart = p.needed;
        line.why = p.reason;
        const ChartCopy* copy = day.kit.chart(s.chart);
        line.chart = !p.needed ? say("No chart of its own")
                     : copy    ? say("Shoot %1", copy->label)
                               : say("Shoot the chart");
        const auto end = ending(day, s);
        if (p.until && end && *p.until < *end)
            line.chart += say(", and again by %1", clockText(*p.until, offsetOf(day, s.conditions.place)));
        line.slate = slateText({day.shoot.code, s.id});
        sheet.lines.push_back(std::move(line));
    }
    sheet.tasks = preparations(day);
    return sheet;
}

}  // namespace refero::plan
