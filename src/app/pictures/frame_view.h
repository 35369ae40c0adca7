// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainterPath>
#include <optional>
#include <vector>

#include "app/findings/evidence_mark.h"
#include "app/look/described.h"
#include "app/pictures/picture_view.h"
#include "core/read/placement.h"
#include "core/read/reading.h"
#include "core/scope/exposure_view.h"
#include "workflow/frame_cache.h"

namespace refero {

/// The chart frame with the outline and the sampling areas on it. Corners are dragged, or chosen with 1 to 4
/// (or Tab) and nudged with the arrow keys: a pixel, ten with Shift, a tenth with Alt. A patch is chosen with
/// a click or with Page Up and Page Down, and dragged or nudged in the same way; L leaves it out or counts it
/// again, R puts it back. A loupe shows the pixels around what is chosen. Shift and drag draws a region; what
/// lies under the pointer is written below.
class FrameView : public PictureView, public look::Described {
    Q_OBJECT
  public:
    explicit FrameView(QWidget* parent = nullptr);

    /// `gains` balance the loupe's pixels for the eye.
    void setFrame(workflow::FramePointer frame, const Vector3& gains);
    void setPlacement(const Chart& chart, const Quad& corners, std::vector<PatchByHand> byHand = {});
    void clearPlacement();
    std::optional<Quad> corners() const {
        return placement_ ? std::optional(placement_->corners()) : std::nullopt;
    }
    const std::optional<Placement>& placement() const { return placement_; }
    /// Chooses a patch to be moved or left out, by its place in the chart; -1 for none.
    void choosePatch(int index);
    int chosenPatch() const { return patch_; }
    /// Leaves a patch out, or counts it again.
    void toggleLeftOut(int index);
    /// What the picture's colours stand for; empty where they are its own.
    void setKey(std::vector<ExposureKey> key);
    const std::vector<ExposureKey>& key() const { return key_; }
    /// Marks one patch, by its place in the chart; -1 for none.
    void setMarkedPatch(int index);
    int selectedCorner() const { return selected_; }
    /// What the findings are drawn from, in frame pixels, each kind in a pattern of its own.
    void setEvidence(std::vector<MarkedEvidence> evidence);
    /// All of it in one.
    Evidence evidence() const;
    /// Places that a list tells about, numbered from 1, in frame pixels.
    void setPlaces(std::vector<QRectF> places);
    const std::vector<QRectF>& places() const { return places_; }
    /// Readings that stay; the oldest goes when there are more than eight.
    void pin(const Point& at);
    void clearPins();
    const std::vector<Point>& pins() const { return pins_; }
    /// The reading at a place, in words; empty outside the frame.
    QString spotText(const Point& at) const;
    QString describe() const override;

  signals:
    /// Sent when a drag ends or a nudge is done; `step` names it.
    void cornersMoved(const refero::Quad& corners, const QString& step);
    /// All that is done to single patches now.
    void patchesEdited(const std::vector<refero::PatchByHand>& byHand, const QString& step);
    void patchPointed(int index);

  protected:
    void leaveEvent(QEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void paintOver(QPainter& painter) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;
    bool focusNextPrevChild(bool next) override;

  private:
    int cornerAt(const QPointF& view) const;
    int patchAt(const QPointF& frame) const;
    void paintChosen(QPainter& painter) const;
    void paintKey(QPainter& painter) const;
    void paintAreas(QPainter& painter) const;
    void paintEvidence(QPainter& painter) const;
    void paintPlaces(QPainter& painter) const;
    void paintPins(QPainter& painter) const;
    void paintSpot(QPainter& painter) const;
    QPainterPath areaPath(std::size_t patch, double inset) const;
    bool moveCorner(int index, const Point& to);
    bool dragTo(const QPointF& view);
    void nudge(double x, double y);
    void stepPatch(int by);
    void editPatch(int index, const char* what);

    workflow::FramePointer frame_;
    std::optional<Placement> placement_;
    std::optional<Placement> beforeDrag_;
    Vector3 gains_{1, 1, 1};
    QPointF grip_;
    std::optional<QPointF> pressed_;  ///< where a click on a patch may be going on
    int selected_ = -1;               ///< corner
    int patch_ = -1;                  ///< chosen; never together with a corner
    int marked_ = -1;
    std::vector<ExposureKey> key_;
    std::vector<MarkedEvidence> evidence_;
    std::vector<QRectF> places_;
    std::optional<Point> pointed_;
    std::vector<Point> pins_;
};

}  // namespace refero
