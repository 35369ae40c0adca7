// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "app/session/setup.h"
#include "app/views/picture_view.h"
#include "core/chart/chart.h"
#include "core/frame/geometry.h"

namespace refero {

/// The chart frame with the outline and the sampling areas on it. Corners are dragged, or chosen with 1 to 4
/// (or Tab) and nudged with the arrow keys: a pixel, ten with Shift, a tenth with Alt. A loupe shows the
/// pixels around the corner.
class FrameView : public PictureView {
    Q_OBJECT
  public:
    explicit FrameView(QWidget* parent = nullptr);

    /// `gains` balance the loupe's pixels for the eye.
    void setFrame(FramePointer frame, const Vector3& gains);
    void setPlacement(const Chart& chart, const Quad& corners);
    void clearPlacement();
    const std::optional<Quad>& corners() const { return corners_; }
    /// Marks one patch, by its place in the chart; -1 for none.
    void setMarkedPatch(int index);
    int selectedCorner() const { return selected_; }

  signals:
    /// Sent when a drag ends or a nudge is done; `step` names it.
    void cornersMoved(const refero::Quad& corners, const QString& step);
    void patchPointed(int index);

  protected:
    void paintOver(QPainter& painter) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool focusNextPrevChild(bool next) override;

  private:
    int cornerAt(const QPointF& view) const;
    int patchAt(const QPointF& frame) const;
    void paintLoupe(QPainter& painter) const;
    void paintAreas(QPainter& painter) const;
    bool moveCorner(int index, const Point& to);
    void nudge(double x, double y);

    FramePointer frame_;
    std::optional<Chart> chart_;
    std::optional<Quad> corners_;
    std::optional<Quad> beforeDrag_;
    Homography map_;
    Vector3 gains_{1, 1, 1};
    QPointF grip_;
    int selected_ = -1, marked_ = -1;
    bool nudging_ = false;
};

}  // namespace refero
