// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/views/frame_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/look/tokens.h"
#include "core/read/measure.h"

namespace refero {
namespace {

constexpr const char* kCorners[] = {"top left", "top right", "bottom right", "bottom left"};

QPointF qt(const Point& p) {
    return {p.x(), p.y()};
}

// A black and a white line beside each other: one of them shows on every colour.
void doubleLine(QPainter& painter, const QPainterPath& path, double width) {
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(Qt::black, width + 2));
    painter.drawPath(path);
    painter.setPen(QPen(Qt::white, width));
    painter.drawPath(path);
}

}  // namespace

FrameView::FrameView(QWidget* parent) : PictureView(parent) {
    setObjectName(QStringLiteral("frameView"));
    setAccessibleName(QStringLiteral("Chart frame with outline and sampling areas"));
    setMouseTracking(true);
}

void FrameView::setFrame(FramePointer frame, const Vector3& gains) {
    frame_ = std::move(frame);
    gains_ = gains;
}

void FrameView::setPlacement(const Chart& chart, const Quad& corners) {
    const auto map = fitHomography(chart.outline(), corners);
    if (!map) return;
    chart_ = chart;
    corners_ = corners;
    map_ = *map;
    update();
}

void FrameView::clearPlacement() {
    chart_.reset();
    corners_.reset();
    selected_ = -1;
    update();
}

void FrameView::setMarkedPatch(int index) {
    if (marked_ == index) return;
    marked_ = index;
    update();
}

void FrameView::paintAreas(QPainter& painter) const {
    const double inset = MeasureOptions{}.inset;
    for (std::size_t i = 0; i < chart_->patches.size(); ++i) {
        QPolygonF area;
        for (const Point& p : map_(chart_->patches[i].corners(inset))) area << toView(qt(p));
        QPainterPath path;
        path.addPolygon(area);
        path.closeSubpath();
        const bool marked = static_cast<int>(i) == marked_;
        doubleLine(painter, path, marked ? 2.5 : 1);
    }
}

void FrameView::paintOver(QPainter& painter) {
    if (!corners_ || !hasPicture()) return;
    paintAreas(painter);
    QPainterPath outline;
    QPolygonF polygon;
    for (const Point& p : *corners_) polygon << toView(qt(p));
    outline.addPolygon(polygon);
    outline.closeSubpath();
    doubleLine(painter, outline, 1.5);
    for (int i = 0; i < 4; ++i) {
        const QPointF at = polygon[i];
        painter.setPen(QPen(Qt::black, 1.5));
        painter.setBrush(i == selected_ ? Qt::white : Qt::black);
        painter.drawEllipse(at, 7, 7);
        painter.setPen(QPen(Qt::white, 1.5));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(at, 5.5, 5.5);
    }
    if (selected_ >= 0 && hasFocus()) paintLoupe(painter);
}

// The frame's own pixels around the chosen corner, balanced, and lifted so that dark ones can be told apart.
void FrameView::paintLoupe(QPainter& painter) const {
    if (!frame_) return;
    constexpr int kSide = 21, kPixel = 7, kBox = kSide * kPixel;
    const Point corner = (*corners_)[static_cast<std::size_t>(selected_)];
    const int x0 = static_cast<int>(std::floor(corner.x())) - kSide / 2,
              y0 = static_cast<int>(std::floor(corner.y())) - kSide / 2;
    const Eigen::Vector3f gains = gains_.cast<float>();
    const auto balanced = [&](const float* p) {
        return Eigen::Vector3f(p[0] * gains[0], p[1] * gains[1], p[2] * gains[2]);
    };
    float high = 1e-4f;
    const LinearImage& image = frame_->image;
    const auto inside = [&](int x, int y) {
        return x >= 0 && y >= 0 && x < image.width() && y < image.height();
    };
    for (int y = y0; y < y0 + kSide; ++y)
        for (int x = x0; x < x0 + kSide; ++x)
            if (inside(x, y)) high = std::max(high, balanced(image.pixel(x, y)).maxCoeff());
    QImage patch(kSide, kSide, QImage::Format_RGB32);
    for (int y = 0; y < kSide; ++y) {
        for (int x = 0; x < kSide; ++x) {
            QRgb v = qRgb(0, 0, 0);
            if (inside(x0 + x, y0 + y)) {
                const Eigen::Vector3f p = balanced(image.pixel(x0 + x, y0 + y));
                const auto shown = [&](float l) {
                    return static_cast<int>(255 * std::sqrt(std::clamp(l / high, 0.0f, 1.0f)));
                };
                v = qRgb(shown(p[0]), shown(p[1]), shown(p[2]));
            }
            patch.setPixel(x, y, v);
        }
    }
    // In the view's corner that is farthest from the chart's corner.
    const QPointF at = toView(qt(corner));
    const QRectF box(at.x() > width() / 2.0 ? 12 : width() - kBox - 12,
                     at.y() > height() / 2.0 ? 12 : height() - kBox - 36, kBox, kBox);
    painter.setRenderHint(QPainter::SmoothPixmapTransform, false);
    painter.drawImage(box, patch);
    QPainterPath frame;
    frame.addRect(box);
    doubleLine(painter, frame, 1.5);
    const QPointF cross = box.topLeft() + QPointF(corner.x() - x0, corner.y() - y0) * kPixel;
    QPainterPath lines;
    lines.moveTo(cross - QPointF(12, 0));
    lines.lineTo(cross + QPointF(12, 0));
    lines.moveTo(cross - QPointF(0, 12));
    lines.lineTo(cross + QPointF(0, 12));
    doubleLine(painter, lines, 1);
    const QRectF text(box.left(), box.bottom() + 3, kBox, 20);
    painter.fillRect(text, QColor(0, 0, 0, 200));
    painter.setPen(Qt::white);
    painter.setFont(look::figures(look::Size::small));
    painter.drawText(text, Qt::AlignCenter,
                     QStringLiteral("%1, %2 px").arg(corner.x(), 0, 'f', 1).arg(corner.y(), 0, 'f', 1));
}

int FrameView::cornerAt(const QPointF& view) const {
    if (!corners_) return -1;
    for (int i = 0; i < 4; ++i) {
        const QPointF d = toView(qt((*corners_)[static_cast<std::size_t>(i)])) - view;
        if (std::hypot(d.x(), d.y()) < 12) return i;
    }
    return -1;
}

int FrameView::patchAt(const QPointF& frame) const {
    if (!chart_) return -1;
    const Point mm = map_.inverse()(Point(frame.x(), frame.y()));
    for (std::size_t i = 0; i < chart_->patches.size(); ++i) {
        const Point d = (mm - chart_->patches[i].centreMm).cwiseAbs() - chart_->patches[i].sizeMm / 2;
        if (d.maxCoeff() <= 0) return static_cast<int>(i);
    }
    return -1;
}

// A corner that would fold the outline over stays where it is.
bool FrameView::moveCorner(int index, const Point& to) {
    Quad q = *corners_;
    q[static_cast<std::size_t>(index)] = to;
    if (!isProperQuad(q)) return false;
    setPlacement(*chart_, q);
    return true;
}

void FrameView::mousePressEvent(QMouseEvent* event) {
    const int corner = event->button() == Qt::LeftButton ? cornerAt(event->position()) : -1;
    if (corner < 0) return PictureView::mousePressEvent(event);
    setFocus();
    selected_ = corner;
    beforeDrag_ = corners_;
    grip_ = toView(qt((*corners_)[static_cast<std::size_t>(corner)])) - event->position();
    update();
}

void FrameView::mouseMoveEvent(QMouseEvent* event) {
    if (beforeDrag_) {
        const QPointF to = toFrame(event->position() + grip_);
        moveCorner(selected_, {to.x(), to.y()});
        return;
    }
    setCursor(cornerAt(event->position()) >= 0 ? Qt::CrossCursor : Qt::ArrowCursor);
    emit patchPointed(patchAt(toFrame(event->position())));
    PictureView::mouseMoveEvent(event);
}

void FrameView::mouseReleaseEvent(QMouseEvent* event) {
    if (beforeDrag_) {
        const Quad before = *beforeDrag_;
        beforeDrag_.reset();
        if (before != *corners_)
            emit cornersMoved(*corners_,
                              QStringLiteral("Move the %1 corner").arg(QLatin1String(kCorners[selected_])));
        return;
    }
    PictureView::mouseReleaseEvent(event);
}

void FrameView::nudge(double x, double y) {
    if (selected_ < 0 || !corners_) return;
    const Point to = (*corners_)[static_cast<std::size_t>(selected_)] + Point(x, y);
    if (moveCorner(selected_, to))
        emit cornersMoved(*corners_,
                          QStringLiteral("Nudge the %1 corner").arg(QLatin1String(kCorners[selected_])));
}

void FrameView::keyPressEvent(QKeyEvent* event) {
    const double step = event->modifiers() & Qt::ShiftModifier ? 10
                        : event->modifiers() & Qt::AltModifier ? 0.1
                                                               : 1;
    if (corners_ && event->key() >= Qt::Key_1 && event->key() <= Qt::Key_4 &&
        event->modifiers() == Qt::NoModifier) {
        selected_ = event->key() - Qt::Key_1;
        return update();
    }
    switch (event->key()) {
        case Qt::Key_Left:
            return nudge(-step, 0);
        case Qt::Key_Right:
            return nudge(step, 0);
        case Qt::Key_Up:
            return nudge(0, -step);
        case Qt::Key_Down:
            return nudge(0, step);
        case Qt::Key_Escape:
            if (selected_ < 0) break;
            selected_ = -1;
            return update();
        default:
            break;
    }
    PictureView::keyPressEvent(event);
}

// Tab walks the corners once one is chosen, then leaves.
bool FrameView::focusNextPrevChild(bool next) {
    if (corners_ && selected_ >= 0) {
        const int to = selected_ + (next ? 1 : -1);
        if (to >= 0 && to < 4) {
            selected_ = to;
            update();
            return true;
        }
        selected_ = -1;
        update();
    }
    return PictureView::focusNextPrevChild(next);
}

}  // namespace refero
