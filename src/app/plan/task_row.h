// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractButton>

#include "core/plan/prepare.h"

class QPainter;

namespace refero {

/// One preparation: a box to tick, what to do, and why. The whole row is the button.
class TaskRow : public QAbstractButton {
    Q_OBJECT
  public:
    TaskRow(const plan::Task& task, QWidget* parent);
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override { return {300, heightForWidth(300)}; }
    QSize minimumSizeHint() const override { return {200, heightForWidth(width())}; }

  protected:
    void paintEvent(QPaintEvent* event) override;
    bool event(QEvent* event) override;

  private:
    int lay(int width, QPainter* painter) const;
    QString what_, why_;
};

}  // namespace refero
