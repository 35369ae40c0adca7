// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QRectF>
#include <QWidget>
#include <optional>
#include <vector>

namespace refero {

/// A picture that can be zoomed (wheel, + and -, 0 fits) and moved (drag). Coordinates are those of the full
/// frame, of which the image may be a smaller copy. Subclasses draw on top. Where it is allowed, Shift and
/// drag draws a region.
class PictureView : public QWidget {
    Q_OBJECT
  public:
    explicit PictureView(QWidget* parent = nullptr);

    /// A picture and ever smaller copies of it, so that painting costs the same at every zoom.
    using Levels = std::vector<QImage>;
    /// Slow: for worker threads.
    static Levels pyramid(const QImage& image);

    /// `fullSize` is the frame's; the first level may be smaller. The zoom is kept where the size stays.
    void setPicture(Levels levels, QSize fullSize);
    void clearPicture();
    bool hasPicture() const { return !levels_.empty(); }

    QPointF toView(const QPointF& frame) const;
    QPointF toFrame(const QPointF& view) const;
    double scale() const { return scale_; }

    void allowRegions() { regions_ = true; }
    /// In frame pixels; empty for none.
    void setRegion(const QRectF& region);
    const QRectF& region() const { return region_; }

  public slots:
    void fit();

  signals:
    /// Empty where a click took the old one away.
    void regionDrawn(const QRectF& frame);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

    virtual void paintOver(QPainter&) {}
    /// Paints the picture itself; `target` is where the whole frame lies.
    virtual void paintPicture(QPainter& painter, const QRectF& target);
    /// Where several pictures share the view and its zoom: the size of one's part, and the corner of the part
    /// that a place lies in.
    virtual QSizeF paneSize() const { return size(); }
    virtual QPointF paneCorner(const QPointF& /*view*/) const { return {}; }
    static void drawLevels(QPainter& painter, const Levels& levels, const QRectF& target, double ratio);
    QSize fullSize() const { return full_; }

    /// That many view pixels a frame pixel, with the point under `view` kept in place.
    void zoomTo(const QPointF& view, double scale);
    bool drawingRegion() const { return regionStart_.has_value(); }

  private:
    void zoomAt(const QPointF& view, double factor);
    void paintRegion(QPainter& painter) const;
    double fittingScale() const;

    Levels levels_;
    QSize full_;
    double scale_ = 1;
    QPointF origin_;  // view position of the frame's corner
    bool fitted_ = true;
    QPointF dragStart_, originStart_;
    bool dragging_ = false;
    bool regions_ = false;
    QRectF region_;
    std::optional<QPointF> regionStart_;
};

}  // namespace refero
