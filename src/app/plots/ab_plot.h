// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>

#include "app/look/described.h"
#include "core/fit/correction.h"

namespace refero {

/// The a*b* plane: a ring where each patch belongs, an arrow from where balance alone put it to where the
/// correction does.
class AbPlot : public QWidget, public look::Described {
    Q_OBJECT
  public:
    explicit AbPlot(QWidget* parent = nullptr);
    void setCorrection(const std::optional<Correction>& correction);
    void setMarkedPatch(const QString& id);
    QString describe() const override;

  signals:
    void patchPointed(const QString& id);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;

  private:
    struct PlotArea area() const;

    std::optional<Correction> correction_;
    QString marked_;
};

}  // namespace refero
