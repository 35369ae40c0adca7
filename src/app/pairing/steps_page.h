// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/tables/figure_rows.h"
#include "core/pair/match.h"

class QCheckBox;

namespace refero {

class RowTable;

/// The steps of a match, what is left after each, and which of them are taken.
class StepsPage : public QWidget {
    Q_OBJECT
  public:
    explicit StepsPage(QWidget* parent);

    void show(const Match& match);
    void clear();
    void setCompact(bool compact);
    /// The steps up to the chosen row, without those held back.
    StepSet shown() const;
    /// "as it is", "after Contrast", "matched".
    QString shownInWords() const;

    const StepSet& held() const { return held_; }
    void setHeld(const StepSet& held) { held_ = held; }
    bool skin() const;
    void setSkin(bool on);

  signals:
    /// Another row: the cameras are to be seen after that step.
    void stepChosen();
    /// A step is held back or taken, or skin counts otherwise: there is another match.
    void choicesChanged();

  private:
    int chosenRow() const;

    FigureRows rows_;
    RowTable* list_;
    QCheckBox* skin_;
    StepSet held_{};
};

}  // namespace refero
