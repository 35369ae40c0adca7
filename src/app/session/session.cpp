// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/session.h"

#include <QFileInfo>
#include <QTimer>
#include <algorithm>
#include <utility>

#include "app/session/bench_actions.h"
#include "app/session/correction_actions.h"
#include "app/session/day_actions.h"
#include "app/session/handover_actions.h"
#include "app/session/intake_actions.h"
#include "app/session/pairing_actions.h"
#include "app/session/reading_actions.h"
#include "app/session/unknown_charts.h"
#include "core/say/say.h"
#include "studio/plan_edits.h"
#include "workflow/shoots.h"

namespace refero {
namespace {

using studio::Edit;
using studio::SetupId;
using studio::ShootId;

// What is due changes with the clock; nothing on the screen is finer than a minute.
constexpr int kMinuteMs = 60'000;

std::vector<std::pair<int, std::string>> idsAndPlaces(const std::vector<Setup>& all) {
    std::vector<std::pair<int, std::string>> out;
    for (const Setup& s : all) out.emplace_back(s.id, s.place);
    return out;
}

}  // namespace

Session::Session(QObject* parent)
    : QObject(parent),
      frames_(std::make_shared<workflow::FrameCache>()),
      minute_(new QTimer(this)),
      intake_(new IntakeActions(*this)),
      reading_(new ReadingActions(*this)),
      correction_(new CorrectionActions(*this)),
      pairing_(new PairingActions(*this)),
      bench_(new BenchActions(*this)),
      handover_(new HandoverActions(*this)),
      dayWork_(new DayActions(*this)),
      unknownCharts_(new UnknownCharts(*this)) {
    connect(minute_, &QTimer::timeout, this, &Session::minutePassed);
    minute_->start(kMinuteMs);
    connect(&history_, &History::moved, this, &Session::rebuild);
    connect(&history_, &History::refused, this, &Session::refused);
}

Session::~Session() = default;

void Session::use(std::unique_ptr<studio::Studio> studio) {
    studio_ = std::move(studio);
    ++studios_;
    emit studioChanged();
    atHand_.clear();
    frames_->clear();
    setups_.clear();
    shoot_ = workflow::latestShoot(contents());
    history_.follow(studio_.get());
    rebuild();
    // Its table is made with the first question; that is not to be the window's.
    background([sky = state_.sky()] { return sky.at(90, plan::LightKind::daylight); }, [](plan::Daylight) {},
               Urgency::later);
}

const Setup* Session::setup(studio::SetupId id) const {
    const auto it = std::find_if(setups_.begin(), setups_.end(), [&](const Setup& s) { return s.id == id; });
    return it == setups_.end() ? nullptr : &*it;
}

QString Session::shoot() const {
    const auto* shoot = studio_ ? contents().find<plan::Shoot>(shoot_) : nullptr;
    return shoot ? text(shoot->label) : QString();
}

plan::CallSheet Session::callSheet() const {
    return plan::callSheet(day_, state_.sky());
}

void Session::openShoot(ShootId shoot) {
    if (shoot == shoot_ || !contents().find<plan::Shoot>(shoot)) return;
    if (intake_->running())
        return emit refused(tr("Frames are still coming into this shoot; stop that first."));
    shoot_ = shoot;
    atHand_.clear();
    frames_->clear();
    rebuild();
}

void Session::setClock(std::function<plan::Moment()> clock) {
    clock_ = std::move(clock);
    if (studio_) rebuild();
}

void Session::minutePassed() {
    if (!studio_) return;
    const auto states = [](const plan::Day& day) {
        std::vector<plan::DueState> out;
        for (const plan::Due& d : plan::due(day)) out.push_back(d.state);
        return out;
    };
    plan::Day later = day_;
    later.now = clock_();
    if (states(later) != states(day_)) rebuild();
}

Status Session::perform(const QString& name, const std::function<Status(Edit&)>& fill) {
    Edit edit = studio_->edit(name.toStdString());
    if (Status ok = fill(edit); !ok) return ok;
    if (edit.changes().empty()) return {};
    Status kept = studio_->commit(edit);
    if (kept) rebuild();
    history_.refresh();
    return kept;
}

// The frame of a setup that is not looked at is on loan no more; it stays in the cache while there is room.
void Session::select(studio::SetupId id) {
    if (current_ == id) return;
    if (const auto before = atHand_.find(current_); before != atHand_.end()) {
        before->second.frame.reset();
        for (Setup& s : setups_)
            if (s.id == current_) putAtHand(s);
    }
    current_ = id;
    reading_->loadFrame(id);
    emit currentChanged(id);
}

SetupId Session::correctedBy(studio::SetupId id) const {
    const Setup* s = setup(id);
    const bool served = s && !s->reading && s->plan.state == plan::DueState::done;
    const SetupId by = served ? s->plan.shotOf : id;
    return setup(by) ? by : id;
}

void Session::putAtHand(Setup& s) {
    const SetupId id = s.id;
    if (s.correction) atHand_[id].choices = workflow::CorrectionChoices::of(*s.correction);
    const auto it = atHand_.find(id);
    if (it == atHand_.end()) return;
    s.frame = it->second.frame;
    s.error = it->second.error;
    s.busy = it->second.busy;
}

void Session::rebuild() {
    if (!contents().find<plan::Shoot>(shoot_)) shoot_ = workflow::latestShoot(contents());
    const auto before = idsAndPlaces(setups_);
    day_ = state_.day(contents(), shoot_, clock_());
    setups_.clear();
    for (workflow::Setup& s : state_.setups(contents(), day_)) setups_.push_back({std::move(s), {}, {}, {}});
    for (Setup& s : setups_) putAtHand(s);
    if (idsAndPlaces(setups_) != before) emit listChanged();
    if (!setup(current_)) {
        const auto old = current_;
        current_ = setups_.empty() ? SetupId{} : setups_.back().id;
        if (current_ != old) emit currentChanged(current_);
    }
    std::vector<SetupId> now;
    for (const Setup& s : setups_) now.push_back(s.id);
    for (const SetupId id : now) reading_->readIfUnread(id);
    reading_->loadFrame(current_);
    for (Setup& s : setups_) putAtHand(s);
    for (const SetupId id : now) emit changed(id);
    emit planChanged();
}

bool Session::commit(const Edit& edit) {
    const Status kept = studio_->commit(edit);
    if (!kept) emit refused(text(kept.error().message));
    if (kept) rebuild();
    history_.refresh();
    return kept.has_value();
}

void Session::record(const Edit& edit) {
    if (const Status kept = studio_->record(edit); !kept) emit refused(text(kept.error().message));
    rebuild();
}

void Session::showAtHand(studio::SetupId id) {
    for (Setup& s : setups_)
        if (s.id == id) putAtHand(s);
    emit changed(id);
}

void Session::refuse(studio::SetupId id, const QString& message) {
    atHand_[id].error = message;
    showAtHand(id);
}

studio::ShootId Session::shootFor(Edit& edit) const {
    return shoot_ != 0 ? shoot_ : workflow::newShoot(edit);
}

SetupId Session::addFrame(const QString& path) {
    Edit edit = studio_->edit(tr("Open %1").arg(QFileInfo(path).fileName()).toStdString());
    const SetupId id = workflow::addSetupForFrame(edit, contents(), shootFor(edit), path.toStdString());
    if (!commit(edit)) return 0;
    select(id);
    return id;
}

void Session::moveSetup(studio::SetupId id, int to) {
    const Setup* s = setup(id);
    if (!s) return;
    const Status kept = perform(tr("Move %1").arg(text(s->light)), [&](Edit& edit) -> Status {
        studio::moveSetup(edit, contents(), id, to);
        return {};
    });
    if (!kept) emit refused(text(kept.error().message));
}

void Session::remove(studio::SetupId id) {
    const Setup* s = setup(id);
    if (!s) return;
    Edit edit = studio_->edit(say("Take out %1", s->light));
    edit.removeSetup(id);
    commit(edit);
}

void Session::rename(studio::SetupId id, const QString& place, const QString& light) {
    const Setup* shown = setup(id);
    if (!shown || (text(shown->place) == place && text(shown->light) == light)) return;
    Edit edit = studio_->edit(say("Name setup %1", light.toStdString()));
    workflow::nameSetup(edit, contents(), id, place.toStdString(), light.toStdString());
    commit(edit);
}

}  // namespace refero
