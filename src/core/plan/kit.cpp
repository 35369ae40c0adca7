// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/kit.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

#include "core/colour/primaries_text.h"
#include "core/plan/moment.h"
#include "core/say/figure.h"

namespace refero::plan {
namespace {

constexpr std::array<std::string_view, 7> kKindNames{"daylight",    "shade", "flash", "tungsten",
                                                     "fluorescent", "led",   "mixed"};

template <class Record>
const Record* withId(const std::vector<Record>& all, decltype(Record::id) id) {
    const auto it = std::find_if(all.begin(), all.end(), [&](const Record& r) { return r.id == id; });
    return it == all.end() ? nullptr : &*it;
}

Status within(const std::string& what, double value, double low, double high, const char* unit) {
    if (value >= low && value <= high) return {};
    const std::string is = figure("%g", value) + (*unit ? " " : "") + say(unit);
    return failure(say("%1 is %2; it must be %3 to %4.", what, is, figure("%g", low), figure("%g", high)));
}

Status named(const std::string& what, const std::string& label) {
    if (label.find_first_not_of(" \t") != std::string::npos) return {};
    return failure(say("%1 needs a name.", what));
}

Status dated(const std::string& what, const std::string& date) {
    if (date.empty()) return {};
    const auto d = dateFrom(date);
    return d ? Status() : failure(what + ": " + d.error().message);
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
    return failure(
        say("There is no kind of light called \"%1\". Known are daylight, shade, flash, tungsten, "
            "fluorescent, led and mixed.",
            wanted));
}

bool moves(LightKind kind) {
    return kind == LightKind::daylight || kind == LightKind::shade || kind == LightKind::mixed;
}

std::string Body::label() const {
    if (!nickname.empty()) return nickname;
    if (serial.empty()) return model;
    return model + " " + serial.substr(serial.size() > 4 ? serial.size() - 4 : 0);
}

const Body* Kit::body(BodyId id) const {
    return withId(bodies, id);
}
const Lens* Kit::lens(LensId id) const {
    return withId(lenses, id);
}
const Lamp* Kit::lamp(LampId id) const {
    return withId(lamps, id);
}
const ChartCopy* Kit::chart(ChartCopyId id) const {
    return withId(charts, id);
}

const RecordingCurve* Kit::curve(BodyId body, Recording recording) const {
    const RecordingCurve* any = nullptr;
    for (const RecordingCurve& c : curves) {
        if (c.recording != recording) continue;
        if (c.body == body && body != 0) return &c;
        if (c.body == 0) any = &c;
    }
    return any;
}

Status validate(const Body& b) {
    return all({named(say("The body"), b.model),
                within(say("The sensor's width"), b.sensorWidthMm, 1, 200, "mm"),
                within(say("The sensor's height"), b.sensorHeightMm, 1, 200, "mm"),
                within(say("The sensor's width"), b.pixelsWide, 100, 100000, word("pixels")),
                within(say("The sensor's height"), b.pixelsHigh, 100, 100000, word("pixels"))});
}

Status validate(const Lens& l) {
    if (l.longestMm < l.shortestMm)
        return failure(say("The lens's longest focal length is below its shortest."));
    return all({named(say("The lens"), l.model),
                within(say("The lens's shortest focal length"), l.shortestMm, 1, 3000, "mm"),
                within(say("The lens's longest focal length"), l.longestMm, 1, 3000, "mm")});
}

Status validate(const Lamp& l) {
    return all({named(say("The light"), l.label),
                within(say("The warm-up"), l.warmUpMinutes, 0, 240, word("minutes"))});
}

Status validate(const ChartCopy& c) {
    return all({named(say("The chart copy"), c.label), named(say("The chart's definition"), c.chart),
                within(say("The chart's scale"), c.scale, 0.02, 50, ""),
                within(say("The chart's life"), c.replaceAfterMonths, 1, 600, word("months")),
                dated(say("The chart's date"), c.madeOn)});
}

Status validate(const Checked& c) {
    return all({named(c.display ? say("The display") : say("The instrument"), c.label),
                within(say("The time between checks"), c.everyDays, 1, 3660, word("days")),
                dated(say("The date of its check"), c.checkedOn)});
}

const ProfileTest* Kit::test(BodyId body, std::string_view profile) const {
    const ProfileTest* latest = nullptr;
    for (const ProfileTest& t : tests)
        if (t.body == body && t.profile == profile && (!latest || t.testedOn >= latest->testedOn))
            latest = &t;
    return latest;
}

Status validate(const ProfileTest& t) {
    if (t.profile.empty()) return failure(say("A tested recording profile needs a name."));
    if (!(t.lowStops <= t.highStops && t.lowStops >= -20 && t.highStops <= 20))
        return failure(say("Usable exposures must rise, from -20 to 20 stops."));
    if (!(std::abs(t.bestStops) <= 20)) return failure(say("The best exposure must be -20 to 20 stops."));
    return {};
}

Status validate(const RecordingCurve& c) {
    Status gamut;
    if (!c.gamut.empty())
        if (auto p = primariesFrom(c.gamut); !p) gamut = tl::unexpected(p.error());
    return all({named(say("The curve"), c.label), refero::validate(c.curve), gamut});
}

}  // namespace refero::plan
