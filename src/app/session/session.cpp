// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/session.h"

#include <QDate>
#include <QFileInfo>
#include <QRandomGenerator>
#include <QTimer>
#include <algorithm>
#include <utility>

#include "app/session/kit_lookup.h"
#include "core/plan/slip.h"
#include "studio/plan_edits.h"

namespace refero {
namespace {

using studio::Edit;
using studio::Id;

// What is due changes with the clock; nothing on the screen is finer than a minute.
constexpr int kMinuteMs = 60'000;

}  // namespace

Session::Session(QObject* parent) : QObject(parent), minute_(new QTimer(this)), queue_(new FrameQueue(this)) {
    connect(queue_, &FrameQueue::finished, this, &Session::framesFinished);
    connect(minute_, &QTimer::timeout, this, &Session::minutePassed);
    minute_->start(kMinuteMs);
    connect(&history_, &History::moved, this, &Session::rebuild);
    connect(&history_, &History::refused, this, &Session::refused);
}

Session::~Session() = default;

void Session::use(std::unique_ptr<studio::Studio> studio) {
    studio_ = std::move(studio);
    ++studios_;
    giving_ = nullptr;
    reportedWith_.clear();
    queue_->cancel();
    if (std::exchange(intake_, nullptr)) emit intakeFinished(0, {});
    atHand_.clear();
    setups_.clear();
    // The latest shoot is the one at hand.
    const auto& shoots = studio_->contents().all<plan::Shoot>();
    shoot_ = shoots.empty() ? 0 : shoots.rbegin()->first;
    history_.follow(studio_.get());
    rebuild();
}

const Setup* Session::setup(int id) const {
    const auto it = std::find_if(setups_.begin(), setups_.end(), [&](const Setup& s) { return s.id == id; });
    return it == setups_.end() ? nullptr : &*it;
}

QString Session::shoot() const {
    const auto* shoot = studio_ ? studio_->contents().find<plan::Shoot>(shoot_) : nullptr;
    return shoot ? QString::fromStdString(shoot->label) : QString();
}

plan::CallSheet Session::callSheet() const {
    return plan::callSheet(day_, builder_.sky());
}

void Session::openShoot(Id shoot) {
    if (shoot == shoot_ || !studio_->contents().find<plan::Shoot>(shoot)) return;
    if (intake_)
        return emit refused(QStringLiteral("Frames are still coming into this shoot; stop that first."));
    shoot_ = shoot;
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

void Session::select(int id) {
    if (current_ == id) return;
    current_ = id;
    loadFrame(id);
    emit currentChanged(id);
}

int Session::correctedBy(int id) const {
    const Setup* s = setup(id);
    const bool served = s && !s->reading && s->plan.state == plan::DueState::done;
    return served && setup(static_cast<int>(s->plan.shotOf)) ? static_cast<int>(s->plan.shotOf) : id;
}

void Session::putAtHand(Setup& s) {
    if (const auto& c = s.correction)
        atHand_[s.id].choices = {c->finish, c->intent != Intent::pleasing, c->limits};
    const auto it = atHand_.find(s.id);
    if (it == atHand_.end()) return;
    s.frame = it->second.frame;
    s.error = it->second.error;
    s.busy = it->second.busy;
}

// The studio has changed: show what it holds now, and say which setups are others than before.
void Session::rebuild() {
    const auto& shoots = studio_->contents().all<plan::Shoot>();
    if (!shoots.contains(shoot_)) shoot_ = shoots.empty() ? 0 : shoots.rbegin()->first;
    const auto ids = [](const std::vector<Setup>& all) {
        std::vector<std::pair<int, QString>> out;
        for (const Setup& s : all) out.emplace_back(s.id, s.place);
        return out;
    };
    const auto before = ids(setups_);
    day_ = studio::dayOf(studio_->contents(), shoot_, builder_.sky(), clock_());
    charts_ = studio::chartsOf(studio_->contents());
    setups_ = builder_.build(studio_->contents(), day_);
    for (Setup& s : setups_) putAtHand(s);
    if (ids(setups_) != before) emit listChanged();
    if (!setup(current_)) {
        const int old = current_;
        current_ = setups_.empty() ? 0 : setups_.back().id;
        if (current_ != old) emit currentChanged(current_);
    }
    std::vector<int> now;
    for (const Setup& s : setups_) now.push_back(s.id);
    for (const int id : now) {
        const Setup* shown = setup(id);
        if (!shown) continue;
        const Setup& s = *shown;
        const AtHand& hand = atHand_[s.id];
        const bool unread = !s.chartFrame.isEmpty() && !s.reading && !hand.frame && hand.error.isEmpty();
        if (unread && !hand.busy) readFrame(s.id);
    }
    loadFrame(current_);
    for (Setup& s : setups_) putAtHand(s);
    for (const int id : now) emit changed(id);
    emit planChanged();
}

bool Session::commit(const Edit& edit) {
    const Status kept = studio_->commit(edit);
    if (!kept) emit refused(QString::fromStdString(kept.error().message));
    if (kept) rebuild();
    history_.refresh();
    return kept.has_value();
}

void Session::showAtHand(int id) {
    for (Setup& s : setups_)
        if (s.id == id) putAtHand(s);
    emit changed(id);
}

void Session::refuse(int id, const QString& message) {
    atHand_[id].error = message;
    showAtHand(id);
}

Id Session::shootFor(Edit& edit) const {
    return shoot_ != 0 ? shoot_ : newShoot(edit);
}

Id Session::newShoot(Edit& edit) const {
    plan::Shoot shoot;
    shoot.code = plan::shootCode(QRandomGenerator::global()->generate64());
    shoot.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
    shoot.label = "Shoot of " + shoot.date;
    return edit.add(shoot);
}

Id Session::placeFor(Edit& edit, Id shoot, const QString& label) const {
    for (const plan::Place& p : studio_->contents().placesOf(shoot))
        if (p.label == label.toStdString()) return p.id;
    plan::Place place;
    place.shoot = shoot;
    place.label = label.toStdString();
    place.position = static_cast<int>(studio_->contents().placesOf(shoot).size());
    return edit.add(place);
}

studio::Frame Session::frameOf(int setup, const QString& path, studio::FrameRole role,
                               const char* because) const {
    studio::Frame frame;
    frame.shoot = shoot_;
    frame.setup = setup;
    frame.role = role;
    frame.path = path.toStdString();
    frame.bytes = QFileInfo(path).size();
    frame.because = because;
    const io::FrameMetadata said = io::readMetadata(frame.path);
    frame.body = said.body;
    frame.serial = said.serial;
    frame.lens = said.lens;
    frame.focalLengthMm = said.focalLengthMm;
    const auto* s = studio_->contents().find<plan::Setup>(setup);
    const auto* place = s ? studio_->contents().find<plan::Place>(s->conditions.place) : nullptr;
    frame.taken = shotAt(said.taken, place ? place->offsetMinutes : 0).value_or("");
    return frame;
}

int Session::addFrame(const QString& path) {
    const QFileInfo file(path);
    Edit edit = studio_->edit(QStringLiteral("Open %1").arg(file.fileName()).toStdString());
    plan::Setup s;
    s.shoot = shootFor(edit);
    s.label = file.completeBaseName().toStdString();
    s.conditions.place = placeFor(edit, s.shoot, QStringLiteral("No place yet"));
    s.position = static_cast<int>(studio_->contents().setupsOf(s.shoot).size());
    const int id = static_cast<int>(edit.add(s));
    studio::Frame frame = frameOf(id, path, studio::FrameRole::chart, "Opened as its chart frame.");
    frame.shoot = s.shoot;
    edit.add(frame);
    if (!commit(edit)) return 0;
    select(id);
    return id;
}

void Session::moveSetup(int id, int to) {
    const Setup* s = setup(id);
    if (!s) return;
    const Status kept = perform(QStringLiteral("Move %1").arg(s->light), [&](Edit& edit) -> Status {
        studio::moveSetup(edit, studio_->contents(), id, to);
        return {};
    });
    if (!kept) emit refused(QString::fromStdString(kept.error().message));
}

void Session::addChartFrame(int id, const QString& path) {
    const Setup* s = setup(id);
    if (!s) return;
    atHand_.erase(id);
    Edit edit = studio_->edit(
        QStringLiteral("Chart frame of %1: %2").arg(s->light, QFileInfo(path).fileName()).toStdString());
    edit.add(frameOf(id, path, studio::FrameRole::chart, "Opened as its chart frame."));
    commit(edit);
    select(id);
}

void Session::bringIn(int id, const QString& path, studio::FrameRole role) {
    const auto* s = studio_->contents().find<plan::Setup>(id);
    if (!s) return;
    Edit edit =
        studio_->edit(QStringLiteral("Frame %1 came in").arg(QFileInfo(path).fileName()).toStdString());
    edit.add(frameOf(id, path, role, "It came in for this setup."));
    if (const Status kept = studio_->record(edit); !kept)
        return emit refused(QString::fromStdString(kept.error().message));
    rebuild();
}

void Session::addPicture(int id, const QString& path) {
    const auto* s = studio_->contents().find<plan::Setup>(id);
    if (!s) return;
    Edit edit = studio_->edit(QStringLiteral("Add picture %1").arg(QFileInfo(path).fileName()).toStdString());
    edit.add(frameOf(id, path, studio::FrameRole::subject, "Added to this setup by hand."));
    commit(edit);
    select(id);
}

void Session::remove(int id) {
    const Setup* s = setup(id);
    if (!s) return;
    Edit edit = studio_->edit(QStringLiteral("Take out %1").arg(s->light).toStdString());
    edit.removeSetup(id);
    commit(edit);
}

void Session::rename(int id, const QString& place, const QString& light) {
    const Setup* shown = setup(id);
    if (!shown || (shown->place == place && shown->light == light)) return;
    Edit edit = studio_->edit(QStringLiteral("Name setup %1").arg(light).toStdString());
    plan::Setup s = *studio_->contents().find<plan::Setup>(id);
    s.label = light.toStdString();
    s.conditions.place = placeFor(edit, s.shoot, place);
    edit.put(s);
    // A name that is given later tells nothing of a move: the chart was shot here.
    if (const auto* r = readingOf(studio_->contents(), id)) {
        studio::ReadingRecord record = *r;
        record.conditions.place = s.conditions.place;
        edit.put(record);
    }
    commit(edit);
}

}  // namespace refero
