// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>

#include "core/read/ladder.h"

namespace refero {

/// The grey series: how far each channel is, after balance and level, from what each step should be.
class LadderPlot : public QWidget {
    Q_OBJECT
  public:
    explicit LadderPlot(QWidget* parent = nullptr);
    void setLadder(std::vector<LadderStep> steps);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::vector<LadderStep> steps_;
};

}  // namespace refero
