// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/prepare.h"

#include <algorithm>
#include <array>
#include <set>

#include "core/say/say.h"

namespace refero::plan {
namespace {

constexpr std::array<std::string_view, 6> kKinds{"camera", "metering", "chart", "display", "light", "safety"};

// Collects what one day calls for; each part adds its own.
class Preparation {
  public:
    explicit Preparation(const Day& day) : day_(day) {
        for (const Setup& s : day.setups) {
            recordings_.insert(s.conditions.recording);
            if (const Lamp* lamp = day.kit.lamp(s.conditions.lamp)) {
                kinds_.insert(lamp->kind);
                if (std::find(lamps_.begin(), lamps_.end(), lamp) == lamps_.end()) lamps_.push_back(lamp);
            }
            if (s.chart != 0) charts_.insert(s.chart);
        }
    }

    std::vector<Task> all() {
        if (day_.setups.empty()) return {};
        camera();
        metering();
        charts();
        displays();
        lights();
        safety();
        return std::move(tasks_);
    }

  private:
    void add(std::string id, Task::Kind kind, std::string what, std::string why) {
        tasks_.push_back({std::move(id), kind, std::move(what), std::move(why)});
    }
    bool records(Recording r) const { return recordings_.contains(r); }
    bool lit(LightKind k) const { return kinds_.contains(k); }

    void camera() {
        if (records(Recording::raw))
            add("raw", Task::Kind::camera, say("Raw, uncompressed or lossless, 14 bit where the body has it"),
                say("Lossy raw and 12 bit cost shadow steps that a correction then stretches."));
        if (records(Recording::jpeg) || records(Recording::flatVideo))
            add("in-camera", Task::Kind::camera, say("Balance and expose right in the camera"),
                say("JPEG and video leave little room afterwards: what clips or drowns is gone."));
        if (records(Recording::logVideo) || records(Recording::flatVideo))
            add("log", Task::Kind::camera, say("Note the recording profile and its exposure offset"),
                say("A log or flat picture read with the wrong curve bends every colour. Nominal exposure is "
                    "our default; some go over by a fixed offset, which the exposure series has to bear "
                    "out."));
        add("sensitivity", Task::Kind::camera, say("Low sensitivity, manual exposure"),
            say("Noise goes into every patch, and automatic exposure moves between the chart and the "
                "subject."));
        if (lit(LightKind::flash))
            add("flash-balance", Task::Kind::camera, say("No automatic white balance under flash"),
                say("It sees the room before the flash, not the flash."));
        add("balance", Task::Kind::camera, say("Custom balance from a grey that is bright but not clipped"),
            say("Schools differ: a preset for the key light, a kelvin number, custom from grey (our "
                "default), or automatic where only raw follows. Pure white is too near the ceiling: one "
                "clipped channel makes the balance worthless."));
    }

    void metering() {
        add("metering", Task::Kind::metering, say("Meter a mid-grey card or the incident light"),
            say("Reflected metering is fooled: white on white comes out too dark, black on black too "
                "bright."));
    }

    void charts() {
        for (const ChartCopy& c : day_.kit.charts) {
            if (!charts_.empty() && !charts_.contains(c.id)) continue;
            if (c.madeOn.empty()) {
                add("age-" + std::to_string(c.id.number()), Task::Kind::chart,
                    say("Find out how old %1 is", c.label),
                    say("Pigments fade; a copy without a date cannot be trusted for tight work."));
            } else if (const auto over = ageOver(c.madeOn, c.replaceAfterMonths)) {
                add("age-" + std::to_string(c.id.number()), Task::Kind::chart,
                    say("Measure or replace %1", c.label),
                    *over == 1 ? say("It was made on %1 and is a month past its time.", c.madeOn)
                               : say("It was made on %1 and is %2 months past its time.", c.madeOn,
                                     std::to_string(*over)));
            }
        }
        add("chart-care", Task::Kind::chart, say("Chart clean, shut between shots, out of sun and water"),
            say("Never touch the patches: skin oil darkens them for good."));
        add("chart-place", Task::Kind::chart,
            say("In the subject's light, on the key side, facing the camera, the right way up"),
            say("Fingers, shadow and glare off the patches; about a tenth of the frame, away from the "
                "corners."));
    }

    void displays() {
        for (const Checked& c : day_.kit.checked) {
            const auto over = c.checkedOn.empty() ? std::optional(1) : daysOver(c.checkedOn, c.everyDays);
            if (!over) continue;
            add("check-" + std::to_string(c.id.number()), c.display ? Task::Kind::display : Task::Kind::chart,
                say("Check %1", c.label),
                c.checkedOn.empty() ? say("There is no check of it on record.")
                                    : say("Its last check was on %1; every %2 days is yours.", c.checkedOn,
                                          std::to_string(c.everyDays)));
        }
    }

    void lights() {
        for (const Lamp* lamp : lamps_)
            if (lamp->warmUpMinutes > 0)
                add("warm-" + std::to_string(lamp->id.number()), Task::Kind::light,
                    say("Switch %1 on %2 minutes before its chart shot", lamp->label,
                        std::to_string(static_cast<int>(lamp->warmUpMinutes + 0.5))),
                    say("Its colour drifts while it warms up."));
        if (lit(LightKind::daylight) || lit(LightKind::shade) || lit(LightKind::mixed))
            add("daylight", Task::Kind::light,
                say("Shoot the chart again when daylight moves or a cloud comes"),
                say("The plan says how long a clear sky holds; it cannot see clouds."));
    }

    void safety() {
        const auto any = [&](auto what) { return std::any_of(lamps_.begin(), lamps_.end(), what); };
        if (any([](const Lamp* l) { return l->hot; }))
            add("hot", Task::Kind::safety,
                say("Hot lamps: gloves, distance to cloth and paper, time to cool"),
                say("Follow the maker's instructions for lamps and modifiers."));
        if (any([](const Lamp* l) { return l->mains; }))
            add("mains", Task::Kind::safety, say("Mains: add up the load, keep cables dry and taped"),
                say("Temporary wiring is for a licensed electrician, by local rules."));
        if (!lamps_.empty() &&
            any([](const Lamp* l) { return l->kind != LightKind::daylight && l->kind != LightKind::shade; }))
            add("stands", Task::Kind::safety,
                say("Stands sandbagged, nothing overhead without a second hold"),
                say("A lamp that falls is heavy and hot. The house's rigging rules come first."));
        if (lit(LightKind::flash))
            add("flash", Task::Kind::safety, say("Flash: ask about photosensitive people, keep it from eyes"),
                say("No flash close to the eyes of infants or animals. Capacitors hold their charge: leave "
                    "repairs to the maker's service."));
        if (lit(LightKind::daylight))
            add("sun", Task::Kind::safety, say("Never aim a lens or an eye at the sun"),
                say("It burns retinas, sensors and shutters within moments."));
        add("objects", Task::Kind::safety, say("Delicate objects: ask how much light they may get"),
            say("The keeper or conservator decides on level, time and ultraviolet."));
    }

    std::optional<int> daysOver(const std::string& since, int days) const {
        const auto then = dateFrom(since), today = dateFrom(day_.shoot.date);
        if (!then || !today) return {};
        const auto passed = (std::chrono::sys_days(*today) - std::chrono::sys_days(*then)).count();
        return passed > days ? std::optional(static_cast<int>(passed - days)) : std::nullopt;
    }
    std::optional<int> ageOver(const std::string& since, int months) const {
        const auto then = dateFrom(since), today = dateFrom(day_.shoot.date);
        if (!then || !today) return {};
        const auto whole = (today->year() - then->year()).count() * 12 + int(unsigned(today->month())) -
                           int(unsigned(then->month())) - (today->day() < then->day() ? 1 : 0);
        return whole > months ? std::optional(static_cast<int>(whole - months)) : std::nullopt;
    }

    const Day& day_;
    std::set<Recording> recordings_;
    std::set<LightKind> kinds_;
    std::set<ChartCopyId> charts_;
    std::vector<const Lamp*> lamps_;
    std::vector<Task> tasks_;
};

}  // namespace

std::string_view name(Task::Kind kind) {
    return kKinds[static_cast<std::size_t>(kind)];
}

std::vector<Task> preparations(const Day& day) {
    return Preparation(day).all();
}

}  // namespace refero::plan
