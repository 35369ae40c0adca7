// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/shoots.h"

#include <ctime>
#include <filesystem>
#include <random>

#include "core/plan/slate.h"
#include "core/say/say.h"
#include "workflow/chart_shot.h"
#include "workflow/kit_lookup.h"
#include "workflow/shoot_state.h"

namespace refero::workflow {
namespace {

using studio::Contents;
using studio::Edit;
using studio::FrameId;
using studio::PlaceId;
using studio::SetupId;
using studio::ShootId;

// Where a setup is that was not planned.
std::string noPlace() {
    return say("No place yet");
}

std::string today() {
    const std::time_t now = std::time(nullptr);
    std::tm local{};
    localtime_r(&now, &local);
    char text[16];
    std::strftime(text, sizeof text, "%Y-%m-%d", &local);
    return text;
}

std::uint64_t drawn() {
    std::random_device device;
    return (std::uint64_t{device()} << 32) | device();
}

plan::Setup lastOf(const Contents& contents, ShootId shoot) {
    plan::Setup s;
    s.shoot = shoot;
    s.position = static_cast<int>(contents.setupsOf(shoot).size());
    return s;
}

}  // namespace

ShootId newShoot(Edit& edit) {
    plan::Shoot shoot;
    shoot.code = plan::shootCode(drawn());
    shoot.date = today();
    shoot.label = say("Shoot of %1", shoot.date);
    return edit.add(shoot);
}

ShootId latestShoot(const Contents& contents) {
    const auto& shoots = contents.all<plan::Shoot>();
    return shoots.empty() ? 0 : shoots.rbegin()->first;
}

PlaceId placeFor(Edit& edit, const Contents& contents, ShootId shoot, const std::string& label) {
    for (const plan::Place& p : contents.placesOf(shoot))
        if (p.label == label) return p.id;
    plan::Place place;
    place.shoot = shoot;
    place.label = label;
    place.position = static_cast<int>(contents.placesOf(shoot).size());
    return edit.add(place);
}

SetupId addSetupForFrame(Edit& edit, const Contents& contents, ShootId shoot, const std::string& path) {
    plan::Setup s = lastOf(contents, shoot);
    s.label = std::filesystem::path(path).stem().string();
    s.conditions.place = placeFor(edit, contents, shoot, noPlace());
    const SetupId id = edit.add(s);
    edit.add(
        frameFor(contents, shoot, id, path, studio::FrameRole::chart, say("Opened as its chart frame.")));
    return id;
}

SetupId addSetupWith(Edit& edit, const Contents& contents, ShootId shoot,
                     const std::vector<FrameId>& frames) {
    const auto* first = frames.empty() ? nullptr : contents.find<studio::Frame>(frames.front());
    if (!first) return 0;
    plan::Setup s = lastOf(contents, shoot);
    s.label = say("Setup %1", std::to_string(s.position + 1));
    s.conditions.place = placeFor(edit, contents, shoot, noPlace());
    s.conditions.body = bodyFor(edit, contents, first->body, first->serial);
    s.conditions.lens = lensFor(edit, contents, first->lens, first->focalLengthMm);
    const SetupId id = edit.add(s);
    for (const FrameId frame : frames)
        if (const auto* known = contents.find<studio::Frame>(frame)) {
            studio::Frame f = *known;
            f.setup = id;
            f.placement = studio::Placement::byHand;
            f.because = say("Its setup was begun with it.");
            f.doubt.clear();
            edit.put(f);
        }
    return id;
}

void nameSetup(Edit& edit, const Contents& contents, SetupId setup, const std::string& place,
               const std::string& light) {
    const auto* known = contents.find<plan::Setup>(setup);
    if (!known) return;
    plan::Setup s = *known;
    s.label = light;
    s.conditions.place = placeFor(edit, contents, s.shoot, place);
    edit.put(s);
    if (const auto* r = readingOf(contents, setup)) {
        studio::ReadingRecord record = *r;
        record.conditions.place = s.conditions.place;
        edit.put(record);
    }
}

}  // namespace refero::workflow
