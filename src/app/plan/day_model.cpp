// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/day_model.h"

#include <algorithm>
#include <cmath>

#include "app/look/text.h"
#include "app/plan/setup_fields.h"
#include "core/plan/change.h"

namespace refero {
namespace {

int offsetOf(const plan::Day& day, plan::PlaceId place) {
    for (const plan::Place& p : day.places)
        if (p.id == place) return p.offsetMinutes;
    return 0;
}

// Minutes since the day's midnight on a place's clock.
std::optional<int> onDay(const plan::Day& day, plan::Moment at, plan::PlaceId place) {
    const auto date = plan::dateFrom(day.shoot.date);
    if (!date) return {};
    const auto since =
        std::chrono::floor<std::chrono::minutes>(at - plan::Moment(std::chrono::sys_days(*date)));
    const auto minutes = since.count() + offsetOf(day, place);
    return minutes < 0 || minutes > 24 * 60 ? std::nullopt : std::optional(static_cast<int>(minutes));
}

QString kitOf(const plan::Setup& s, const plan::Naming& naming, const plan::Kit& kit) {
    const plan::Conditions& c = s.conditions;
    QStringList parts;
    const auto add = [&](bool stated, plan::Aspect a) {
        if (stated) parts << text(naming.value(c, a));
    };
    // The light first: the ledger beside it says body and lens.
    add(c.lamp != 0, plan::Aspect::lamp);
    const plan::Lamp* lamp = kit.lamp(c.lamp);
    add(lamp && !plan::moves(lamp->kind), plan::Aspect::power);
    add(!c.modifier.empty(), plan::Aspect::modifier);
    add(c.body != 0, plan::Aspect::body);
    add(c.lens != 0, plan::Aspect::lens);
    return parts.isEmpty() ? DayModel::tr("Body, lens and light not stated")
                           : parts.join(QStringLiteral(", "));
}

// What to do, or what was done.
QString chartLine(const plan::Due& due, const plan::PlannedShot& planned, const plan::ChartCopy* copy) {
    switch (due.state) {
        case plan::DueState::missing:
            return DayModel::tr("Chart shot missing");
        case plan::DueState::stale:
            return DayModel::tr("Out of date: shoot the chart again");
        case plan::DueState::done:
            return due.shotOf == due.setup ? DayModel::tr("Chart shot") : DayModel::tr("No chart of its own");
        case plan::DueState::due:
            break;
    }
    if (!planned.needed) return DayModel::tr("No chart of its own");
    return copy ? DayModel::tr("Shoot %1").arg(text(copy->label)) : DayModel::tr("Shoot the chart");
}

}  // namespace

std::vector<DayRow> dayRows(const plan::Day& day, const plan::ClearSky& sky) {
    const plan::Naming naming{day.kit, day.places};
    const auto states = plan::due(day);
    const auto planned = plan::schedule(day, sky);
    std::vector<DayRow> out;
    for (std::size_t i = 0; i < day.setups.size(); ++i) {
        const plan::Setup& s = day.setups[i];
        DayRow r;
        r.setup = s.id;
        r.label = QStringLiteral("%1  %2").arg(i + 1).arg(text(s.label));
        r.kit = kitOf(s, naming, day.kit);
        r.place = text(naming.value(s.conditions, plan::Aspect::place));
        r.start = s.startMinutes;
        r.end = s.endMinutes;
        if (r.start)
            r.time =
                r.end ? told("%1 to %2").arg(clockText(*r.start), clockText(*r.end)) : clockText(*r.start);
        r.state = states[i].state;
        r.ownChart = planned[i].needed;
        r.chart = chartLine(states[i], planned[i], day.kit.chart(s.chart));
        r.why = text(states[i].state == plan::DueState::due ? planned[i].reason : states[i].reason);
        const auto shot = std::find_if(day.shots.begin(), day.shots.end(),
                                       [&](const plan::ChartShot& c) { return c.id == states[i].shot; });
        if (shot != day.shots.end() && shot->setup == s.id) {
            r.shot = onDay(day, shot->at, s.conditions.place);
            if (const auto t = day.trustedUntil.find(shot->id); t != day.trustedUntil.end())
                r.until = onDay(day, t->second, s.conditions.place);
        } else if (r.ownChart && states[i].state == plan::DueState::due && planned[i].at) {
            r.shot = onDay(day, *planned[i].at, s.conditions.place);
            if (planned[i].until) r.until = onDay(day, *planned[i].until, s.conditions.place);
        }
        out.push_back(std::move(r));
    }
    return out;
}

int DayAxis::minutesAt(double share) const {
    const double minutes = from + share * (to - from);
    return static_cast<int>(std::clamp(std::round(minutes / 5) * 5, 0.0, 24 * 60 - 5.0));
}

DayAxis axisOf(const std::vector<DayRow>& rows) {
    int first = 24 * 60, last = 0;
    for (const DayRow& r : rows)
        for (const auto& m : {r.start, r.end, r.shot})
            if (m) first = std::min(first, *m), last = std::max(last, *m);
    if (first > last) return {};
    DayAxis a{first / 60 * 60, (last + 59) / 60 * 60};
    // A short day is not stretched to look like a long one.
    while (a.to - a.from < 4 * 60) {
        a.from = std::max(0, a.from - 60);
        a.to = std::min(24 * 60, a.to + 60);
    }
    return a;
}

void DayModel::setRows(std::vector<DayRow> rows) {
    const DayAxis axis = axisOf(rows);
    const auto same = [&] {
        if (rows.size() != rows_.size()) return false;
        for (std::size_t i = 0; i < rows.size(); ++i)
            if (rows[i].setup != rows_[i].setup) return false;
        return true;
    };
    if (!same()) {
        beginResetModel();
        rows_ = std::move(rows);
        axis_ = axis;
        endResetModel();
        return;
    }
    if (rows == rows_ && axis == axis_) return;
    rows_ = std::move(rows);
    axis_ = axis;
    if (!rows_.empty()) emit dataChanged(index(0, 0), index(rowCount() - 1, columns - 1));
    emit headerDataChanged(Qt::Horizontal, 0, columns - 1);
}

int DayModel::rowOf(studio::SetupId id) const {
    for (std::size_t i = 0; i < rows_.size(); ++i)
        if (rows_[i].setup == id) return static_cast<int>(i);
    return -1;
}

int DayModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(rows_.size());
}

int DayModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : columns;
}

QVariant DayModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const DayRow& r = rows_[static_cast<std::size_t>(index.row())];
    const bool first = role == Qt::DisplayRole, second = role == SecondLineRole;
    if (first || second) {
        switch (index.column()) {
            case setup:
                return first ? r.label : r.kit;
            case time:
                return first ? r.time : QString();
            default:
                return first ? r.chart : r.why;
        }
    }
    if (role == Qt::ToolTipRole)
        return index.column() == chart ? r.why : r.place + QStringLiteral(": ") + r.kit;
    if (role == Qt::AccessibleTextRole)
        return r.label + QStringLiteral(", ") + r.kit + QStringLiteral(", ") + r.time + QStringLiteral(": ") +
               r.chart + QStringLiteral(". ") + r.why;
    return {};
}

QVariant DayModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    if (role == Qt::TextAlignmentRole) return int(Qt::AlignLeft | Qt::AlignVCenter);
    if (role != Qt::DisplayRole) return {};
    static const char* const names[] = {word("Setup"), word("Time"), word("Chart")};
    return told(names[section]);
}

}  // namespace refero
