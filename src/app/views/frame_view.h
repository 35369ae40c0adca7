// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainterPath>
#include <optional>
#include <vector>

#include "app/session/setup.h"
#include "app/views/picture_view.h"
#include "core/chart/chart.h"
#include "core/frame/geometry.h"
#include "core/read/reading.h"

namespace refero {

/// The chart frame with the outline and the sampling areas on it. Corners are dragged, or chosen with 1 to 4
/// (or Tab) and nudged with the arrow keys: a pixel, ten with Shift, a tenth with Alt. A loupe shows the
/// pixels around the corner. Shift and drag draws a region; what lies under the pointer is written below.
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
    /// What the findings are drawn from, in frame pixels; the patches are marked by crossing lines.
    void setEvidence(const Evidence& evidence);
    const Evidence& evidence() const { return evidence_; }
    /// In frame pixels; empty for none.
    void setRegion(const QRectF& region);
    const QRectF& region() const { return region_; }
    /// Readings that stay; the oldest goes when there are more than eight.
    void pin(const Point& at);
    void clearPins();
    const std::vector<Point>& pins() const { return pins_; }
    /// The reading at a place, in words; empty outside the frame.
    QString spotText(const Point& at) const;

  signals:
    /// Sent when a drag ends or a nudge is done; `step` names it.
    void cornersMoved(const refero::Quad& corners, const QString& step);
    void patchPointed(int index);
    void regionDrawn(const QRectF& frame);

  protected:
    void leaveEvent(QEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
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
    void paintEvidence(QPainter& painter) const;
    void paintRegion(QPainter& painter) const;
    void paintPins(QPainter& painter) const;
    void paintSpot(QPainter& painter) const;
    QPainterPath areaPath(std::size_t patch, double inset) const;
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
    Evidence evidence_;
    QRectF region_;
    std::optional<QPointF> regionStart_;
    std::optional<Point> pointed_;
    std::vector<Point> pins_;
};

}  // namespace refero
