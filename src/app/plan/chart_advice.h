// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "core/plan/due.h"
#include "core/plan/framing.h"

class QVBoxLayout;

namespace refero {
namespace look {
class Label;
}
class FramingView;

/// Which chart for this framing: how the chosen copy sits in the frame, what would be better, and a button
/// that does it.
class ChartAdvice : public QWidget {
    Q_OBJECT
  public:
    explicit ChartAdvice(QWidget* parent = nullptr);
    void show(const plan::Setup& setup, const plan::Day& day, const std::vector<Chart>& charts);

  signals:
    void copyWanted(qint64 copy);
    void distanceWanted(double metres);

  private:
    void showFigures(const plan::Advice& advice);
    void offer(const plan::Recommendation& all, const plan::Setup& setup, const plan::Kit& kit);
    void clearOffers();

    FramingView* view_;
    look::Label *figures_, *message_;
    QVBoxLayout* offers_;
};

}  // namespace refero
