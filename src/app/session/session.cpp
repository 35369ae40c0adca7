// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/session.h"

#include <QFileInfo>
#include <QUndoCommand>
#include <algorithm>

#include "app/session/job.h"
#include "io/chart_file.h"
#include "io/read_frame.h"
#include "io/reading_file.h"

namespace refero {

// A step keeps the setup as it was and as it is; frames are shared, so this is small. An id that did not
// exist before (or does not after) is one without a state.
class SetupCommand : public QUndoCommand {
  public:
    SetupCommand(Session& session, const QString& step, int id, std::optional<Setup> before,
                 std::optional<Setup> after, std::size_t position)
        : QUndoCommand(step),
          session_(session),
          id_(id),
          before_(std::move(before)),
          after_(std::move(after)),
          position_(position) {}

    void undo() override { show(before_); }
    void redo() override { show(after_); }

  private:
    void show(const std::optional<Setup>& state) {
        if (state && session_.find(id_)) return session_.restore(id_, *state);
        auto& all = session_.setups_;
        if (state) {
            all.insert(all.begin() + static_cast<std::ptrdiff_t>(std::min(position_, all.size())), *state);
        } else {
            std::erase_if(all, [&](const Setup& s) { return s.id == id_; });
        }
        emit session_.listChanged();
        if (state && state->busy) session_.startReading(id_);
        if (!state && session_.current_ == id_) session_.select(all.empty() ? 0 : all.front().id);
        if (state) session_.select(id_);
    }

    Session& session_;
    int id_;
    std::optional<Setup> before_, after_;
    std::size_t position_;
};

namespace {

Setup described(Setup s, const Reading& r) {
    if (s.body.isEmpty()) s.body = QString::fromStdString(r.body);
    if (s.lens.isEmpty()) s.lens = QString::fromStdString(r.lens);
    return s;
}

}  // namespace

Session::Session(QObject* parent) : QObject(parent) {}

Setup* Session::find(int id) {
    const auto it = std::find_if(setups_.begin(), setups_.end(), [&](const Setup& s) { return s.id == id; });
    return it == setups_.end() ? nullptr : &*it;
}

const Setup* Session::setup(int id) const {
    return const_cast<Session*>(this)->find(id);
}

void Session::setShoot(const QString& name) {
    shoot_ = name;
    emit listChanged();
}

void Session::select(int id) {
    if (current_ == id) return;
    current_ = id;
    emit currentChanged(id);
}

void Session::restore(int id, const Setup& state) {
    if (Setup* s = find(id)) {
        *s = state;
        emit changed(id);
        select(id);
        if (state.busy) startReading(id);
    }
}

void Session::commit(const QString& step, int id, Setup after) {
    const Setup* before = setup(id);
    undo_.push(new SetupCommand(*this, step, id, before ? std::optional(*before) : std::nullopt,
                                std::move(after), setups_.size()));
}

int Session::addFrame(const QString& path, Setup about) {
    about.id = nextId_++;
    about.chartFrame = path;
    about.pictures.insert(about.pictures.begin(), {path, QStringLiteral("Chart frame")});
    about.busy = true;
    if (about.place.isEmpty()) about.place = QStringLiteral("No place yet");
    if (about.light.isEmpty()) about.light = QFileInfo(path).completeBaseName();
    const int id = about.id;
    const QString step = QStringLiteral("Open %1").arg(QFileInfo(path).fileName());
    undo_.push(new SetupCommand(*this, step, id, {}, std::move(about), setups_.size()));
    return id;
}

void Session::startReading(int id) {
    struct Outcome {
        FramePointer frame;
        Result<Reading> reading;
    };
    const std::string path = setup(id)->chartFrame.toStdString();
    const auto encoding = setup(id)->statedEncoding;
    const auto corners = setup(id)->keptCorners;
    const auto chart = setup(id)->keptChart;
    runJob(
        this,
        [path, encoding, corners, chart]() -> Outcome {
            auto frame = io::readFrame(path, encoding);
            if (!frame) return {nullptr, tl::unexpected(frame.error())};
            auto shared = std::make_shared<const io::Frame>(*std::move(frame));
            if (corners && chart) return {shared, io::readChartIn(*shared, {path, *chart, {}, corners})};
            return {shared, io::readAnyChart(*shared)};
        },
        [this, id](Outcome outcome) {
            Setup* s = find(id);
            if (!s || !s->busy) return;  // taken out or undone meanwhile
            s->busy = false;
            s->frame = outcome.frame;
            if (outcome.frame) *s = described(*s, io::aboutFrame(*outcome.frame));
            if (outcome.reading) {
                s->reading = *std::move(outcome.reading);
            } else {
                s->error = QString::fromStdString(outcome.reading.error().message);
            }
            emit changed(id);
        });
}

void Session::addPicture(int id, const Picture& picture) {
    const Setup* s = setup(id);
    if (!s) return;
    Setup after = *s;
    after.pictures.push_back(picture);
    commit(QStringLiteral("Add picture %1").arg(picture.title), id, std::move(after));
}

void Session::remove(int id) {
    const auto it = std::find_if(setups_.begin(), setups_.end(), [&](const Setup& s) { return s.id == id; });
    if (it == setups_.end()) return;
    const auto position = static_cast<std::size_t>(it - setups_.begin());
    undo_.push(new SetupCommand(*this, QStringLiteral("Take out %1").arg(it->light), id, *it, {}, position));
}

void Session::rename(int id, const QString& place, const QString& light) {
    const Setup* s = setup(id);
    if (!s || (s->place == place && s->light == light)) return;
    Setup after = *s;
    after.place = place;
    after.light = light;
    commit(QStringLiteral("Name setup %1").arg(light), id, std::move(after));
}

// A new reading makes the correction that was built from the old one stale: it goes with the old reading,
// undoably.
void Session::replaceReading(int id, const QString& step, Reading reading) {
    const Setup* s = setup(id);
    if (!s) return;
    Setup after = *s;
    after.reading = std::move(reading);
    after.error.clear();
    after.correction.reset();
    after.handover.reset();
    commit(step, id, std::move(after));
}

void Session::setCorners(int id, const Quad& corners, const QString& step) {
    const Setup* s = setup(id);
    if (!s || !s->frame) return;
    const Chart chart = s->reading ? s->reading->chart : io::shippedCharts().front();
    runJob(
        this,
        [frame = s->frame, chart, corners] {
            return io::readChartIn(*frame, {frame->path, chart, {}, corners});
        },
        [this, id, step](Result<Reading> r) {
            if (r) return replaceReading(id, step, *std::move(r));
            if (Setup* now = find(id)) {
                now->error = QString::fromStdString(r.error().message);
                emit changed(id);
            }
        });
}

void Session::setChart(int id, const Chart& chart) {
    const Setup* s = setup(id);
    if (!s || !s->frame || (s->reading && s->reading->chart.id == chart.id)) return;
    const QString step = QStringLiteral("Read as %1").arg(QString::fromStdString(chart.name));
    runJob(
        this,
        [frame = s->frame, chart] {
            auto found = io::readChartIn(*frame, {frame->path, chart, {}, {}});
            if (found) return found;
            const double w = frame->image.width(), h = frame->image.height();
            const double scale = 0.4 * std::min(w / chart.outlineMm.x(), h / chart.outlineMm.y());
            const Point half = chart.outlineMm * scale / 2, middle(w / 2, h / 2);
            const Quad laid{Point(middle - half), middle + Point(half.x(), -half.y()), Point(middle + half),
                            middle + Point(-half.x(), half.y())};
            return io::readChartIn(*frame, {frame->path, chart, {}, laid});
        },
        [this, id, step](Result<Reading> r) {
            if (r) replaceReading(id, step, *std::move(r));
        });
}

void Session::setEncoding(int id, Encoding encoding) {
    Setup* s = find(id);
    if (!s || (s->frame && s->frame->encoding == encoding &&
               s->frame->encodingSource == io::EncodingSource::stated))
        return;
    Setup after = *s;
    after.busy = true;
    after.statedEncoding = encoding;
    if (s->reading) {  // another curve moves no corner
        after.keptCorners = s->reading->corners;
        after.keptChart = s->reading->chart;
    }
    after.reading.reset();
    after.correction.reset();
    after.handover.reset();
    const auto label = QString::fromUtf8(name(encoding).data(), static_cast<int>(name(encoding).size()));
    commit(QStringLiteral("State encoding %1").arg(label), id, std::move(after));
}

void Session::correct(int id, const FitOptions& options) {
    const Setup* s = setup(id);
    if (!s || !s->reading) return;
    runJob(
        this, [reading = *s->reading, options] { return fit(std::span(&reading, 1), options); },
        [this, id](Result<Correction> c) {
            Setup* now = find(id);
            if (!now) return;
            if (!c) {
                now->error = QString::fromStdString(c.error().message);
                emit changed(id);
                return;
            }
            Setup after = *now;
            c->name = (now->body + QStringLiteral(", ") + now->lens + QStringLiteral(", ") + now->light +
                       QStringLiteral(", ") + now->place)
                          .toStdString();
            after.correction = *std::move(c);
            after.handover.reset();
            after.error.clear();
            commit(QStringLiteral("Build correction for %1").arg(now->light), id, std::move(after));
        });
}

void Session::handOver(int id, const QString& target, const io::ExportOptions& options) {
    const Setup* s = setup(id);
    if (!s || !s->correction) return;
    runJob(
        this,
        [correction = *s->correction, path = target.toStdString(), options] {
            return io::exportCorrection(correction, path, options);
        },
        [this, id](Result<io::Handover> done) {
            Setup* now = find(id);
            if (!now) return;
            // What has left the house is not undone, so this is no step.
            if (done) now->handover = *done;
            emit changed(id);
            emit handedOver(id, done ? QString() : QString::fromStdString(done.error().message));
        });
}

}  // namespace refero
