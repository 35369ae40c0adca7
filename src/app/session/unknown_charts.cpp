// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/unknown_charts.h"

#include <QFileInfo>
#include <utility>

#include "app/session/reading_actions.h"
#include "app/session/session.h"
#include "io/clip.h"
#include "io/frame_file.h"
#include "io/media_path.h"
#include "studio/intake.h"
#include "words/chart_words.h"
#include "workflow/chart_learning.h"
#include "workflow/shoots.h"

namespace refero {
namespace {

using studio::Edit;
using studio::Frame;
using studio::FrameId;
using studio::SetupId;

constexpr int kLookingEdge = 1400;  // patches of a small chart are seen from here on

// Stills of the shoot in which no chart was found.
std::deque<FrameId> withoutChart(const Session& session) {
    std::deque<FrameId> out;
    for (const auto& [id, f] : session.contents().all<Frame>())
        if (f.shoot == session.shootId() && f.chart.empty() && f.role == studio::FrameRole::subject &&
            f.pictures == 1 && !io::isClip(io::mediaPath(f.path).file))
            out.push_back(id);
    return out;
}

// "4 x 6 patches", or nothing; any thread.
QString layoutIn(const std::string& path, const std::stop_token& stop) {
    const auto frame = io::readForLooking(path, kLookingEdge);
    if (!frame) return {};
    const auto layouts = workflow::layoutsIn(*frame, stop);
    if (!layouts) return {};
    return text(words::patchesOf(layouts->front().fields));
}

}  // namespace

UnknownCharts::UnknownCharts(Session& session) : QObject(&session), session_(session) {
    connect(&session, &Session::studioChanged, this, [this] {
        ++run_;
        open_.clear();
        seen_.reset();
        again_ = {};
        emit changed();
    });
}

UnknownCharts::~UnknownCharts() = default;

void UnknownCharts::look() {
    ++run_;
    seen_.reset();
    open_.clear();
    bool known = false;
    for (const auto& [id, f] : session_.contents().all<Frame>())
        known |= f.shoot == session_.shootId() && !f.chart.empty();
    if (!known) open_ = withoutChart(session_);
    emit changed();
    next();
}

void UnknownCharts::dismiss() {
    seen_.reset();
    emit changed();
    next();
}

void UnknownCharts::next() {
    if (open_.empty() || seen_) return;
    const FrameId id = open_.front();
    open_.pop_front();
    const auto* f = session_.contents().find<Frame>(id);
    if (!f) return next();
    session_.background([path = f->path](const std::stop_token& stop) { return layoutIn(path, stop); },
                        [this, id, run = run_](const QString& layout) {
                            if (run != run_) return;
                            if (!layout.isEmpty() && session_.contents().find<Frame>(id)) {
                                seen_ = Seen{id, layout};
                                emit changed();
                            }
                            next();
                        },
                        Urgency::later);
}

void UnknownCharts::take() {
    if (!seen_) return;
    const FrameId id = std::exchange(seen_, std::nullopt)->frame;
    const auto* f = session_.contents().find<Frame>(id);
    if (!f) return emit changed();
    SetupId setup = f->setup;
    const QString name = QFileInfo(text(f->path)).fileName();
    const Status kept = session_.perform(tr("%1 shows a chart").arg(name), [&](Edit& edit) -> Status {
        if (setup == 0)
            setup = workflow::addSetupWith(edit, session_.contents(), session_.shootFor(edit), {id});
        Frame chart = edit.latest<Frame>(id);
        chart.role = studio::FrameRole::chart;
        edit.put(chart);
        return {};
    });
    emit changed();
    if (!kept) return emit session_.refused(text(kept.error().message));
    session_.select(setup);
    session_.reading().readNewest(setup);
}

void UnknownCharts::lookAgainFor(const Chart& chart) {
    ++run_;
    seen_.reset();
    open_ = withoutChart(session_);
    again_ = {!open_.empty(), 0, static_cast<int>(open_.size()), 0};
    step_ = session_.studio()->done().empty() ? 0 : session_.studio()->done().back().id;
    emit changed();
    nextAgain(chart);
}

void UnknownCharts::stopLookingAgain() {
    ++run_;
    open_.clear();
    again_.open = false;
    emit changed();
}

void UnknownCharts::nextAgain(const Chart& chart) {
    if (open_.empty()) return stopLookingAgain();
    const FrameId id = open_.front();
    open_.pop_front();
    const auto* f = session_.contents().find<Frame>(id);
    if (!f) return nextAgain(chart);
    session_.background(
        [path = f->path, chart] {
            return studio::lookAt({{path}}, {{chart}, {}});
        },
        [this, id, chart, run = run_](const studio::Arrival& arrival) {
            if (run != run_) return;
            ++again_.done;
            if (!arrival.chart.empty()) keep(id, arrival);
            emit changed();
            nextAgain(chart);
        },
        Urgency::later);
}

void UnknownCharts::keep(FrameId id, const studio::Arrival& arrival) {
    Edit edit = session_.studio()->edit(tr("A chart that was learned is in it").toStdString());
    studio::seenSince(edit, session_.contents(), session_.day(), id, arrival);
    if (edit.changes().empty()) return;
    if (const Status kept = session_.studio()->amend(edit, step_); !kept) {
        emit session_.refused(text(kept.error().message));
        return;
    }
    ++again_.found;
    session_.undo().refresh();
    session_.rebuild();
}

}  // namespace refero
