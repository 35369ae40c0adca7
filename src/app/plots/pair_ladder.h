// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

namespace refero {

/// The greys of two cameras in one ladder: how light each step is shown against what it is, and its tint.
class PairLadder : public QWidget {
    Q_OBJECT
  public:
    struct Step {
        double reference = 0;             ///< L* of the chart
        double leader = 0, follower = 0;  ///< L* as shown
        double tint = 0;                  ///< C*ab between the two
    };

    explicit PairLadder(QWidget* parent = nullptr);
    void setSteps(std::vector<Step> steps, const QString& leader, const QString& follower);
    const std::vector<Step>& steps() const { return steps_; }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::vector<Step> steps_;
    QString leader_, follower_;
};

}  // namespace refero
