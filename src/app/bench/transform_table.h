// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/session/bench_actions.h"
#include "app/tables/figure_rows.h"
#include "app/tables/row_table.h"

namespace refero {

/// Transforms of others, a row each with what matters most; a click on a heading sorts by it.
class TransformTable : public RowTable {
    Q_OBJECT
  public:
    explicit TransformTable(QWidget* parent);
    /// Those of them; the chosen one stays chosen.
    void show(const std::vector<BenchActions::Trial>& trials);
    void setCompact(bool compact);
    /// By its id; the first where it is not there.
    void choose(const QString& id);
    /// Id of the chosen one; nothing while there is none.
    std::optional<QString> chosen() const;

  signals:
    void chosenChanged();

  private:
    void fill();

    FigureRows rows_;
    std::vector<BenchActions::Trial> trials_;
    int sorted_ = 2;
};

}  // namespace refero
