// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>

#include "app/look/described.h"
#include "core/plan/framing.h"

namespace refero {

/// How a chart sits in the frame: drawn to scale, with the ring beyond which lenses darken.
class FramingView : public QWidget, public look::Described {
    Q_OBJECT
  public:
    explicit FramingView(QWidget* parent = nullptr);
    /// Nothing where it cannot be worked out.
    void show(const std::optional<plan::Framing>& framing, double frameAspect);
    QString describe() const override;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::optional<plan::Framing> framing_;
    double aspect_ = 1.5;
};

}  // namespace refero
