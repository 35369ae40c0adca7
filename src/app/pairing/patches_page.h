// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/tables/figure_rows.h"
#include "core/pair/match.h"

namespace refero {

class RowTable;
namespace look {
class Label;
}

/// What a match leaves of each patch and marked colour, and what no match could take away.
class PatchesPage : public QWidget {
    Q_OBJECT
  public:
    explicit PatchesPage(QWidget* parent);

    void show(const Match& match);
    void clear();
    void setCompact(bool compact);
    /// A line about marking colours.
    void say(const QString& text);

  signals:
    /// The chosen one is to count by that factor; 0 lets it count once.
    void weighed(const QString& id, double factor);

  private:
    FigureRows rows_;
    RowTable* list_;
    look::Label* said_;
};

}  // namespace refero
