// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <map>
#include <optional>

#include "app/look/described.h"
#include "core/chart/chart.h"

namespace refero {

/// A chart as it is defined, in its colours, as large as fits; one patch is marked, and patches may carry a
/// figure. Patches are chosen with the mouse and the arrow keys.
class ChartPicture : public QWidget, public look::Described {
    Q_OBJECT
  public:
    explicit ChartPicture(QWidget* parent = nullptr);
    /// Nothing, with a text in its place.
    void clear(const QString& text);
    void setChart(const Chart& chart);
    const std::optional<Chart>& chart() const { return chart_; }
    /// -1: none.
    void setMarked(int patch);
    int marked() const { return marked_; }
    /// By patch; written into it.
    void setFigures(std::map<std::size_t, QString> figures);
    QString describe() const override;

  signals:
    void patchChosen(int patch);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;

  private:
    QRectF placed(const Patch& patch) const;
    int patchAt(const QPointF& at) const;
    void layOut();
    QPointF origin_;
    double scale_ = 1;
    std::optional<Chart> chart_;
    std::map<std::size_t, QString> figures_;
    QString text_;
    int marked_ = -1;
};

}  // namespace refero
