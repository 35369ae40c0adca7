// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainter>
#include <QWidget>

#include "app/look/tokens.h"

namespace refero::look {

/// A line across a station, on the panel's ground.
class Strip : public QWidget {
  public:
    using QWidget::QWidget;

  protected:
    void paintEvent(QPaintEvent*) override { QPainter(this).fillRect(rect(), look::palette().panel); }
};

}  // namespace refero::look
