// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractTableModel>
#include <optional>
#include <vector>

#include "core/plan/schedule.h"
#include "studio/records.h"

namespace refero {

/// One line of the day.
struct DayRow {
    studio::SetupId setup = 0;
    QString label, kit;   ///< "3  Raking light"; body, lens, light
    QString place, time;  ///< "09:00 to 10:30"
    QString chart, why;   ///< what to do or what was done, and the reason
    plan::DueState state = plan::DueState::due;
    bool ownChart = true;            ///< it needs a chart shot of its own
    std::optional<int> start, end;   ///< minutes on the place's clock
    std::optional<int> shot, until;  ///< when its chart was or is to be shot, and how long that holds

    bool operator==(const DayRow&) const = default;
};

std::vector<DayRow> dayRows(const plan::Day& day, const plan::ClearSky& sky);

/// The part of the day that is drawn, whole hours.
struct DayAxis {
    int from = 8 * 60, to = 18 * 60;

    double shareOf(double minutes) const { return (minutes - from) / (to - from); }
    int minutesAt(double share) const;  ///< to five minutes
    bool operator==(const DayAxis&) const = default;
};
DayAxis axisOf(const std::vector<DayRow>& rows);

/// The day's setups in shooting order: who and what, when, and the chart.
class DayModel : public QAbstractTableModel {
    Q_OBJECT
  public:
    enum Column { setup, time, chart, columns };
    enum Role { RowRole = Qt::UserRole + 1, SecondLineRole };

    using QAbstractTableModel::QAbstractTableModel;
    void setRows(std::vector<DayRow> rows);
    const std::vector<DayRow>& rows() const { return rows_; }
    const DayAxis& axis() const { return axis_; }
    int rowOf(studio::SetupId setup) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

  private:
    std::vector<DayRow> rows_;
    DayAxis axis_;
};

}  // namespace refero
