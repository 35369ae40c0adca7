// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/reading_actions.h"

#include <QFileInfo>
#include <QTimer>
#include <algorithm>

#include "app/session/session.h"
#include "app/session/unknown_charts.h"
#include "core/read/flat_field.h"
#include "core/say/say.h"
#include "io/curve_file.h"
#include "io/raw_file.h"
#include "studio/charts.h"
#include "words/camera_words.h"
#include "workflow/camera_facts.h"
#include "workflow/shoot_state.h"

namespace refero {

using studio::Edit;
using workflow::ChartShot;

ReadingActions::ReadingActions(Session& session) : QObject(&session), session_(session) {}

std::vector<Chart> ReadingActions::charts() const {
    return studio::chartsOf(session_.contents());
}

workflow::ShotContext ReadingActions::contextOf(studio::SetupId id) const {
    return workflow::contextOf(session_.contents(), session_.shootId(), id);
}

Limits ReadingActions::limits() const {
    return workflow::limitsOf(session_.day().shoot);
}

void ReadingActions::allow(const Check& check, std::optional<double> value) {
    const auto fields = limitFields();
    const auto field = std::find_if(fields.begin(), fields.end(),
                                    [&](const LimitField& f) { return f.id == limitIdOf(check); });
    plan::Shoot shoot = session_.day().shoot;
    const auto set = limitsByName(shoot.limits);
    if (field == fields.end() || !set) return;
    Limits changed = limits();
    changed.*(field->band) = value ? allowing(changed.*(field->band), *value) : (*set).*(field->band);
    const std::string before = std::exchange(shoot.limitChanges, changesIn(changed));
    if (shoot.limitChanges == before) return;
    Edit edit = session_.studio()->edit(value ? say("Allow this value of %1", check.title)
                                              : say("Back to the set's limit of %1", check.title));
    edit.put(shoot);
    session_.commit(edit);
}

void ReadingActions::addChartFrame(studio::SetupId id, const QString& path) {
    const Setup* s = session_.setup(id);
    if (!s) return;
    session_.forgetHand(id);
    Edit edit = session_.studio()->edit(
        say("Chart frame of %1: %2", s->light, QFileInfo(path).fileName().toStdString()));
    edit.add(workflow::frameFor(session_.contents(), session_.shootId(), id, path.toStdString(),
                                studio::FrameRole::chart, say("Opened as its chart frame.")));
    session_.commit(edit);
    session_.select(id);
}

void ReadingActions::readNewest(studio::SetupId id) {
    if (const auto* newest = workflow::newestChartFrame(session_.contents(), id)) readFrame(id, newest->path);
}

void ReadingActions::readIfUnread(studio::SetupId id) {
    const Setup* s = session_.setup(id);
    if (!s || s->chartFrame.empty() || s->reading) return;
    const Session::AtHand& hand = session_.hand(id);
    if (hand.busy || hand.frame || !hand.error.isEmpty()) return;
    readFrame(id, s->chartFrame);
}

void ReadingActions::readFrame(studio::SetupId id, const std::string& path) {
    if (!session_.setup(id)) return;
    Session::AtHand& hand = session_.hand(id);
    hand.busy = true;
    const int job = hand.job = ++jobs_;
    const auto& done = session_.studio()->done();
    const std::int64_t step = done.empty() ? 0 : done.back().id;
    // It can be looked at while it is searched.
    const auto decoded = [this, id, job](const FramePointer& frame) {
        QMetaObject::invokeMethod(
            this,
            [this, id, job, frame] {
                Session::AtHand& now = session_.hand(id);
                if (now.job != job || !now.busy || id != session_.currentId()) return;
                now.frame = frame;
                session_.showAtHand(id);
            },
            Qt::QueuedConnection);
    };
    session_.background(
        [path, decoded, context = contextOf(id),
         frames = session_.sharedFrames()](const std::stop_token& stop) {
            workflow::ReadShotOptions options;
            options.hash = true;
            options.frames = frames.get();
            options.decoded = decoded;
            return workflow::readShot(path, context, options, stop);
        },
        [this, id, job, step](const ChartShot& shot) {
            if (session_.hand(id).job == job) frameRead(id, step, shot);
        },
        id == session_.currentId() ? Urgency::now : Urgency::later);
}

// What the frame says belongs to the step that opened it. Where that was undone meanwhile, nothing is kept.
void ReadingActions::frameRead(studio::SetupId id, std::int64_t step, const ChartShot& shot) {
    Session::AtHand& hand = session_.hand(id);
    hand.busy = false;
    // Of a setup that is not looked at the cache alone keeps it.
    hand.frame = id == session_.currentId() || !shot.reading ? shot.frame : nullptr;
    hand.error = shot.reading ? QString() : text(shot.reading.error().message);
    if (const auto* s = session_.contents().find<plan::Setup>(id)) {
        Edit edit = session_.studio()->edit(say("Read the frame of %1", s->label));
        if (const auto kept = workflow::keepShot(edit, session_.contents(), id, shot))
            session_.state().know(*kept, *shot.reading);
        if (const Status kept = session_.studio()->amend(edit, step); !kept)
            emit session_.refused(text(kept.error().message));
    }
    // In an event of its own: between keeping and showing the person is heard.
    QTimer::singleShot(1, Qt::PreciseTimer, this, [this] { session_.rebuild(); });
}

void ReadingActions::loadFrame(studio::SetupId id) {
    const Setup* s = session_.setup(id);
    if (!s || s->chartFrame.empty() || !s->reading) return;
    Session::AtHand& hand = session_.hand(id);
    if (hand.busy || (hand.frame && hand.frame->encoding == s->reading->encoding)) return;
    if (!hand.frame && !hand.error.isEmpty()) return;
    if (auto kept = session_.frames().find(s->chartFrame, s->reading->encoding)) {
        hand.frame = std::move(kept);
        return session_.showAtHand(id);
    }
    hand.busy = true;
    const int job = hand.job = ++jobs_;
    session_.background([path = s->chartFrame, encoding = s->reading->encoding,
                         frames = session_.sharedFrames()] { return frames->read(path, encoding); },
                        [this, id, job](const Result<FramePointer>& frame) {
                            Session::AtHand& now = session_.hand(id);
                            if (now.job != job) return;
                            now.busy = false;
                            if (frame && id == session_.currentId()) now.frame = *frame;
                            now.error = frame ? QString() : text(frame.error().message);
                            session_.showAtHand(id);
                        },
                        Urgency::now);
}

// A new reading makes the correction that was built from the old one stale: it goes with the old reading,
// undoably.
void ReadingActions::replaceReading(studio::SetupId id, const QString& step, const Reading& reading) {
    if (!session_.setup(id)) return;
    Edit edit = session_.studio()->edit(step.toStdString());
    session_.state().know(workflow::putReading(edit, session_.contents(), id, reading), reading);
    edit.removeCorrections(id);
    session_.hand(id).error.clear();
    session_.commit(edit);
    session_.select(id);
}

// As it was asked for last, with something changed.
void ReadingActions::readAgain(studio::SetupId id, const QString& step,
                               const std::function<void(io::ReadRequest&)>& change) {
    const Setup* s = session_.setup(id);
    if (!s || !s->frame) return;
    io::ReadRequest request{s->frame->path, charts().front()};
    if (s->reading) request = io::requestOf(*s->reading);
    request.limits = limits();
    change(request);
    session_.background([frame = s->frame, request](
                            const std::stop_token& stop) { return io::readChartIn(*frame, request, stop); },
                        [this, id, step](const Result<Reading>& r) {
                            if (r) return replaceReading(id, step, *r);
                            session_.refuse(id, text(r.error().message));
                        },
                        Urgency::now);
}

void ReadingActions::setCorners(studio::SetupId id, const Quad& corners, const QString& step) {
    readAgain(id, step, [&](io::ReadRequest& request) {
        request.corners = corners;
        request.cornersByHand = true;
    });
}

void ReadingActions::setPatches(studio::SetupId id, const std::vector<PatchByHand>& byHand,
                                const QString& step) {
    readAgain(id, step, [&](io::ReadRequest& request) { request.patches = byHand; });
}

void ReadingActions::takeOutLight(studio::SetupId id, bool out) {
    readAgain(id, out ? tr("Take uneven light out") : tr("Leave uneven light in"),
              [&](io::ReadRequest& request) { request.takeOutLight = out; });
}

std::vector<studio::Frame> ReadingActions::otherChartFrames(studio::SetupId id) const {
    const Setup* s = session_.setup(id);
    if (!s || !s->reading) return {};
    return workflow::otherChartFrames(session_.contents(), id, s->reading->framePath);
}

void ReadingActions::averageFrames(studio::SetupId id, bool all) {
    std::vector<std::filesystem::path> paths;
    if (all)
        for (const studio::Frame& f : otherChartFrames(id)) paths.emplace_back(f.path);
    readAgain(id, all ? tr("Average the chart frames") : tr("Read one frame alone"),
              [&](io::ReadRequest& request) { request.averagedWith = paths; });
}

void ReadingActions::adviseCamera(studio::SetupId id,
                                  const std::function<void(const QStringList&, double)>& done) {
    const Setup* s = session_.setup(id);
    if (!s || !s->reading) return;
    const studio::Frame* shot = chartFrameOf(id);
    session_.background(
        [reading = *s->reading,
         facts = workflow::cameraFacts(session_.contents(), id, *s->reading)]() mutable {
            facts.raw = io::readRawFacts(reading.framePath);
            return words::sentences(cameraAdvice(reading, facts));
        },
        [done, kelvin = shot ? shot->dialledKelvin : 0.0](const std::vector<std::string>& sentences) {
            QStringList all;
            for (const std::string& said : sentences) all << text(said);
            done(all, kelvin);
        },
        Urgency::soon);
}

const studio::Frame* ReadingActions::chartFrameOf(studio::SetupId id) const {
    const auto* record = workflow::readingOf(session_.contents(), id);
    return record ? session_.contents().find<studio::Frame>(record->frame) : nullptr;
}

void ReadingActions::setDialled(studio::SetupId id, double kelvin) {
    const studio::Frame* shot = chartFrameOf(id);
    if (!shot || shot->dialledKelvin == kelvin) return;
    if (kelvin != 0 && !(kelvin >= 1500 && kelvin <= 20000))
        return session_.refuse(id, tr("A camera is set to 1500 to 20000 K, not to %1.").arg(kelvin));
    studio::Frame changed = *shot;
    changed.dialledKelvin = kelvin;
    Edit edit = session_.studio()->edit(tr("Say what the camera was set to").toStdString());
    edit.put(changed);
    session_.commit(edit);
}

// Of the lens itself only what the flat field tells at this aperture is kept.
void ReadingActions::takeOutFlatField(studio::SetupId id, const QString& path) {
    if (path.isEmpty())
        return readAgain(id, tr("Leave the flat field in"),
                         [](io::ReadRequest& request) { request.flatField.clear(); });
    const Setup* s = session_.setup(id);
    if (!s || !s->frame || !s->reading) return;
    struct Outcome {
        Result<Reading> reading;
        double cornerStops = 0, fNumber = 0;
    };
    io::ReadRequest request = io::requestOf(*s->reading);
    request.limits = limits();
    request.flatField = path.toStdString();
    session_.background(
        [frame = s->frame, request]() -> Outcome {
            Outcome out{io::readChartIn(*frame, request)};
            if (!out.reading) return out;
            if (const auto card = io::readFrame(request.flatField, frame->encoding))
                if (const auto field = FlatField::from(card->image)) out.cornerStops = field->cornerStops();
            out.fNumber = io::readMetadata(request.flatField).fNumber;
            return out;
        },
        [this, id, path](const Outcome& outcome) {
            if (!outcome.reading) return session_.refuse(id, text(outcome.reading.error().message));
            if (!session_.setup(id)) return;
            const studio::Contents& contents = session_.contents();
            Edit edit = session_.studio()->edit(
                say("Take out the flat field %1", QFileInfo(path).fileName().toStdString()));
            workflow::putReading(edit, contents, id, *outcome.reading);
            edit.removeCorrections(id);
            const auto* planned = contents.find<plan::Setup>(id);
            if (const auto* lens = planned ? contents.find<plan::Lens>(planned->conditions.lens) : nullptr) {
                plan::Lens known = *lens;
                known.fallOffStops = std::max(0.0, outcome.cornerStops);
                known.fallOffFNumber = outcome.fNumber;
                edit.put(known);
            }
            session_.hand(id).error.clear();
            session_.commit(edit);
        });
}

void ReadingActions::compareWith(studio::SetupId id, const QString& path,
                                 const std::function<void(const Result<std::vector<ReadingChange>>&)>& done) {
    const Setup* s = session_.setup(id);
    if (!s || !s->reading) return;
    session_.background(
        [path = path.toStdString(), later = *s->reading] { return workflow::changesSince(path, later); },
        done);
}

void ReadingActions::markGrey(studio::FrameId frame, const Vector3& linear) {
    const auto* found = session_.contents().find<studio::Frame>(frame);
    if (!found) return;
    studio::Frame f = *found;
    f.greyRed = linear.x();
    f.greyGreen = linear.y();
    f.greyBlue = linear.z();
    const std::string name = QFileInfo(text(f.path)).fileName().toStdString();
    Edit edit = session_.studio()->edit(linear.isZero() ? say("Nothing is grey in %1", name)
                                                        : say("Mark a grey in %1", name));
    edit.put(f);
    session_.commit(edit);
}

void ReadingActions::setChart(studio::SetupId id, const Chart& chart) {
    const Setup* s = session_.setup(id);
    if (!s || !s->frame || (s->reading && s->reading->chart.id == chart.id)) return;
    session_.background(
        [frame = s->frame, chart, limits = limits()](const std::stop_token& stop) {
            io::ReadRequest request{frame->path, chart};
            request.limits = limits;
            auto found = io::readChartIn(*frame, request, stop);
            if (found || found.error().kind == ErrorKind::stopped) return found;
            request.corners = workflow::laidInTheMiddle(frame->image, chart);
            return io::readChartIn(*frame, request, stop);
        },
        [this, id, step = tr("Read as %1").arg(text(chart.name))](const Result<Reading>& r) {
            if (r) replaceReading(id, step, *r);
        });
}

void ReadingActions::learnChart(studio::SetupId id, std::shared_ptr<const std::vector<LearnedLayout>> layouts,
                                std::optional<workflow::ChartSource> data,
                                const workflow::LearnRequest& request,
                                const std::function<void(const QString&)>& done) {
    const Setup* s = session_.setup(id);
    if (!s || !s->frame) return;
    struct Learned {
        Result<Chart> chart;
        Result<Reading> reading;
    };
    session_.background(
        [frame = s->frame, layouts = std::move(layouts), data = std::move(data), request,
         limits = limits()](const std::stop_token& stop) -> Learned {
            auto chart = data ? workflow::chartLearned(*frame, *layouts, *data, request)
                              : workflow::layoutLearned(*frame, *layouts, request);
            if (!chart) return {chart, tl::unexpected(chart.error())};
            io::ReadRequest read{frame->path, *chart};
            read.limits = limits;
            auto reading = io::readChartIn(*frame, read, stop);
            return {std::move(chart), std::move(reading)};
        },
        [this, id, done](Learned learned) {
            if (!learned.reading) return done(text(learned.reading.error().message));
            if (!session_.setup(id)) return;
            Chart& chart = *learned.chart;
            chart.id = learned.reading->chart.id = studio::freeChartId(session_.contents(), chart.id);
            Edit edit = session_.studio()->edit(say("Learn the chart %1", chart.name));
            if (const auto added = studio::addChart(edit, session_.contents(), chart); !added)
                return done(text(added.error().message));
            session_.state().know(workflow::putReading(edit, session_.contents(), id, *learned.reading),
                                  *learned.reading);
            session_.hand(id).error.clear();
            if (!session_.commit(edit)) return;
            done({});
            session_.unknownCharts().lookAgainFor(chart);
        },
        Urgency::now);
}

void ReadingActions::setEncoding(studio::SetupId id, const Transfer& encoding) {
    const Setup* s = session_.setup(id);
    // Another curve is only stated where a person did so; else the file speaks for itself.
    const bool same = s && s->reading && s->reading->encodingSource == EncodingSource::stated &&
                      s->reading->encoding == encoding;
    if (!s || s->chartFrame.empty() || same) return;
    if (s->reading) return setEncodings({id}, encoding);
    if (s->busy) return;
    const QString step = tr("State encoding %1").arg(text(std::string(encoding.name())));
    Session::AtHand& hand = session_.hand(id);
    hand.busy = true;
    const int job = hand.job = ++jobs_;
    session_.showAtHand(id);
    session_.background(
        [path = s->chartFrame, encoding, context = contextOf(id),
         frames = session_.sharedFrames()](const std::stop_token& stop) {
            workflow::ReadShotOptions options;
            options.encoding = encoding;
            options.frames = frames.get();
            return workflow::readShot(path, context, options, stop);
        },
        [this, id, job, step](const ChartShot& shot) {
            Session::AtHand& now = session_.hand(id);
            if (now.job != job) return;
            now.busy = false;
            if (shot.frame) now.frame = shot.frame;
            if (shot.reading) return replaceReading(id, step, *shot.reading);
            session_.refuse(id, text(shot.reading.error().message));
        },
        Urgency::now);
}

void ReadingActions::setEncodings(const std::vector<studio::SetupId>& ids, const Transfer& encoding) {
    struct Shot {
        studio::SetupId id = 0;
        int job = 0;
        std::string path;
        io::ReadRequest request;
    };
    std::vector<Shot> shots;
    for (const studio::SetupId id : ids) {
        const Setup* s = session_.setup(id);
        if (!s || !s->reading) continue;
        // A picture that is being loaded gives way; another chart frame than the one that was read does not.
        if (s->busy && s->reading->framePath != s->chartFrame) {
            emit session_.refused(
                tr("The chart frame of %1 is being read; state its encoding when it is there.")
                    .arg(text(s->light)));
            continue;
        }
        Session::AtHand& hand = session_.hand(id);
        hand.busy = true;
        hand.job = ++jobs_;
        // Another curve moves no corner.
        Shot& shot = shots.emplace_back(Shot{id, hand.job, s->chartFrame, io::requestOf(*s->reading)});
        shot.request.limits = limits();
        session_.showAtHand(id);
    }
    if (shots.empty()) return;
    session_.background(
        [shots, encoding, frames = session_.sharedFrames()](const std::stop_token& stop) {
            std::vector<std::pair<Shot, ChartShot>> out;
            for (const Shot& shot : shots) {
                const auto frame = frames->read(shot.path, encoding);
                out.emplace_back(shot, frame ? ChartShot{*frame, io::readChartIn(**frame, shot.request, stop)}
                                             : ChartShot{nullptr, tl::unexpected(frame.error())});
            }
            return out;
        },
        [this, encoding](const std::vector<std::pair<Shot, ChartShot>>& read) {
            Edit edit = session_.studio()->edit(say("State encoding %1", encoding.name()));
            std::vector<std::pair<int, QString>> refusals;
            bool any = false;
            for (const auto& [shot, now] : read) {
                Session::AtHand& hand = session_.hand(shot.id);
                if (hand.job != shot.job || !session_.setup(shot.id)) continue;
                hand.busy = false;
                hand.error.clear();
                if (now.frame) hand.frame = now.frame;
                if (!now.reading) {
                    refusals.emplace_back(shot.id, text(now.reading.error().message));
                    continue;
                }
                session_.state().know(workflow::putReading(edit, session_.contents(), shot.id, *now.reading),
                                      *now.reading);
                edit.removeCorrections(shot.id);
                any = true;
            }
            if (any) session_.commit(edit);
            for (const auto& [id, why] : refusals) session_.refuse(id, why);
        },
        Urgency::now);
}

void ReadingActions::setEncodingCurve(studio::SetupId id, const QString& path) {
    session_.background([path = path.toStdString()] { return io::readCurve(path); },
                        [this, id](const Result<Transfer>& curve) {
                            if (curve) return setEncoding(id, *curve);
                            session_.refuse(id, text(curve.error().message));
                        });
}

}  // namespace refero
