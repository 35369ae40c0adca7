// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/kit.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

#include "core/colour/primaries_text.h"
#include "core/plan/moment.h"

namespace refero::plan {
namespace {

constexpr std::array<std::string_view, 7> kKindNames{"daylight",    "shade", "flash", "tungsten",
                                                     "fluorescent", "led",   "mixed"};

template <class Record>
const Record* withId(const std::vector<Record>& all, Id id) {
    const auto it = std::find_if(all.begin(), all.end(), [&](const Record& r) { return r.id == id; });
    return it == all.end() ? nullptr : &*it;
}

Status within(const char* what, double value, double low, double high, const char* unit) {
    if (value >= low && value <= high) return {};
    char text[200];
    std::snprintf(text, sizeof text, "%s is %g%s%s; it must be %g to %g.", what, value, *unit ? " " : "",
                  unit, low, high);
    return failure(text);
}

Status named(const char* what, const std::string& label) {
    if (label.find_first_not_of(" \t") != std::string::npos) return {};
    return failure(std::string(what) + " needs a name.");
}

Status dated(const char* what, const std::string& date) {
    if (date.empty()) return {};
    const auto d = dateFrom(date);
    return d ? Status() : failure(std::string(what) + ": " + d.error().message);
}

// The first that is wrong.
Status all(std::initializer_list<Status> checks) {
    for (const Status& s : checks)
        if (!s) return s;
    return {};
}

}  // namespace

std::string_view name(LightKind kind) {
    return kKindNames[static_cast<std::size_t>(kind)];
}

Result<LightKind> lightKindByName(std::string_view wanted) {
    for (const LightKind k : kLightKinds)
        if (name(k) == wanted) return k;
    return failure("There is no kind of light called \"" + std::string(wanted) +
                   "\". Known are daylight, shade, flash, tungsten, fluorescent, led and mixed.");
}

bool moves(LightKind kind) {
    return kind == LightKind::daylight || kind == LightKind::shade || kind == LightKind::mixed;
}

std::string Body::label() const {
    if (!nickname.empty()) return nickname;
    if (serial.empty()) return model;
    return model + " " + serial.substr(serial.size() > 4 ? serial.size() - 4 : 0);
}

const Body* Kit::body(Id id) const {
    return withId(bodies, id);
}
const Lens* Kit::lens(Id id) const {
    return withId(lenses, id);
}
const Lamp* Kit::lamp(Id id) const {
    return withId(lamps, id);
}
const ChartCopy* Kit::chart(Id id) const {
    return withId(charts, id);
}

const RecordingCurve* Kit::curve(Id body, Recording recording) const {
    const RecordingCurve* any = nullptr;
    for (const RecordingCurve& c : curves) {
        if (c.recording != recording) continue;
        if (c.body == body && body != 0) return &c;
        if (c.body == 0) any = &c;
    }
    return any;
}

Status validate(const Body& b) {
    return all({named("The body", b.model), within("The sensor's width", b.sensorWidthMm, 1, 200, "mm"),
                within("The sensor's height", b.sensorHeightMm, 1, 200, "mm"),
                within("The sensor's width", b.pixelsWide, 100, 100000, "pixels"),
                within("The sensor's height", b.pixelsHigh, 100, 100000, "pixels")});
}

Status validate(const Lens& l) {
    if (l.longestMm < l.shortestMm) return failure("The lens's longest focal length is below its shortest.");
    return all({named("The lens", l.model),
                within("The lens's shortest focal length", l.shortestMm, 1, 3000, "mm"),
                within("The lens's longest focal length", l.longestMm, 1, 3000, "mm")});
}

Status validate(const Lamp& l) {
    return all({named("The light", l.label), within("The warm-up", l.warmUpMinutes, 0, 240, "minutes")});
}

Status validate(const ChartCopy& c) {
    return all({named("The chart copy", c.label), named("The chart's definition", c.chart),
                within("The chart's scale", c.scale, 0.02, 50, ""),
                within("The chart's life", c.replaceAfterMonths, 1, 600, "months"),
                dated("The chart's date", c.madeOn)});
}

Status validate(const Checked& c) {
    return all({named(c.display ? "The display" : "The instrument", c.label),
                within("The time between checks", c.everyDays, 1, 3660, "days"),
                dated("The date of its check", c.checkedOn)});
}

const ProfileTest* Kit::test(Id body, std::string_view profile) const {
    const ProfileTest* latest = nullptr;
    for (const ProfileTest& t : tests)
        if (t.body == body && t.profile == profile && (!latest || t.testedOn >= latest->testedOn))
            latest = &t;
    return latest;
}

Status validate(const ProfileTest& t) {
    if (t.profile.empty()) return failure("A tested recording profile needs a name.");
    if (!(t.lowStops <= t.highStops && t.lowStops >= -20 && t.highStops <= 20))
        return failure("Usable exposures must rise, from -20 to 20 stops.");
    if (!(std::abs(t.bestStops) <= 20)) return failure("The best exposure must be -20 to 20 stops.");
    return {};
}

Status validate(const RecordingCurve& c) {
    Status gamut;
    if (!c.gamut.empty())
        if (auto p = primariesFrom(c.gamut); !p) gamut = tl::unexpected(p.error());
    return all({named("The curve", c.label), refero::validate(c.curve), gamut});
}

}  // namespace refero::plan
