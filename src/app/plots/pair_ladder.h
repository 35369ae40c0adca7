// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

#include "core/pair/steps.h"

namespace refero {

/// The greys of two cameras in one ladder: how light each step is shown against what it is, and its tint.
class PairLadder : public QWidget {
    Q_OBJECT
  public:
    explicit PairLadder(QWidget* parent = nullptr);
    void setSteps(std::vector<GreyPair> steps, const QString& leader, const QString& follower);
    const std::vector<GreyPair>& steps() const { return steps_; }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::vector<GreyPair> steps_;
    QString leader_, follower_;
};

}  // namespace refero
