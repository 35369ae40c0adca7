// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <array>
#include <optional>

#include "app/tables/figure_rows.h"
#include "core/fit/correction.h"

class QComboBox;
class QDoubleSpinBox;
class QGridLayout;
class QTimer;

namespace refero {

namespace look {
class Label;
}

/// Levels by hand: which grey of the chart is to show how much of the signal, and what that does to colours.
class LevelsPage : public QWidget {
    Q_OBJECT
  public:
    explicit LevelsPage(QWidget* parent = nullptr);
    /// Nothing where there is no correction. What is being typed stays.
    void setCorrection(const std::optional<Correction>& correction);

  signals:
    /// While a number changes.
    void trying(const Finish& finish);
    void chosen(const Finish& finish);

  private:
    /// One of the three levels.
    struct Row {
        std::optional<LevelPoint> Levels::*part = nullptr;
        QComboBox* grey = nullptr;
        QDoubleSpinBox* percent = nullptr;
        look::Label* now = nullptr;
    };

    Row addRow(QGridLayout* grid, int at, const QString& name, const char* object,
               std::optional<LevelPoint> Levels::*part);
    void fill();
    void take();
    void choose(const Row& row);
    void showEffects();
    /// What a grey shows of the signal with all of the finish but its levels.
    double percentWithout(double light) const;

    std::array<Row, 3> rows_{};
    FigureRows effects_;
    look::Label* said_;
    QTimer* quiet_;
    std::optional<Correction> correction_;
    Finish finish_;
};

}  // namespace refero
