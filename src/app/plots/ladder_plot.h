// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>

#include "app/look/described.h"
#include "core/read/ladder.h"

namespace refero {

/// The grey series: how far each channel is, after balance and level, from what each step should be.
class LadderPlot : public QWidget, public look::Described {
    Q_OBJECT
  public:
    explicit LadderPlot(QWidget* parent = nullptr);
    void setLadder(std::vector<LadderStep> steps);
    QString describe() const override;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::vector<LadderStep> steps_;
};

}  // namespace refero
