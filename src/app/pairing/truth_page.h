// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/session/setup.h"
#include "app/tables/figure_rows.h"
#include "core/pair/match.h"

namespace refero {

namespace look {
class Label;
}

/// Which of two cameras is nearer to the reference values, hue by hue, where that is certain; and which near
/// colours each of them merges.
class TruthPage : public QWidget {
    Q_OBJECT
  public:
    explicit TruthPage(QWidget* parent);
    /// Both setups must have a reading; `match` may be null.
    void show(const Setup& leader, const Setup& follower, const Match* match);
    void clear();

  private:
    FigureRows rows_;
    look::Label* merged_;
};

}  // namespace refero
