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
#include "core/read/spot.h"

namespace refero {
namespace {

constexpr std::size_t kMostPins = 8;
constexpr int kSpotReach = 2;  // pixels around the one pointed at
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

QPainterPath FrameView::areaPath(std::size_t patch, double inset) const {
    QPolygonF area;
    for (const Point& p : map_(chart_->patches[patch].corners(inset))) area << toView(qt(p));
    QPainterPath path;
    path.addPolygon(area);
    path.closeSubpath();
    return path;
}

void FrameView::paintAreas(QPainter& painter) const {
    const double inset = MeasureOptions{}.inset;
    for (std::size_t i = 0; i < chart_->patches.size(); ++i)
        doubleLine(painter, areaPath(i, inset), static_cast<int>(i) == marked_ ? 2.5 : 1);
}

void FrameView::setEvidence(const Evidence& evidence) {
    evidence_ = evidence;
    update();
}

// Patches by both diagonals, which no sampling area has; lines as they are.
void FrameView::paintEvidence(QPainter& painter) const {
    for (const std::size_t i : evidence_.patches) {
        if (i >= chart_->patches.size()) continue;
        const Quad q = map_(chart_->patches[i].corners(0.9));
        QPainterPath cross = areaPath(i, 0.9);
        cross.moveTo(toView(qt(q[0])));
        cross.lineTo(toView(qt(q[2])));
        cross.moveTo(toView(qt(q[1])));
        cross.lineTo(toView(qt(q[3])));
        doubleLine(painter, cross, 2);
    }
    for (const auto& line : evidence_.lines) {
        QPainterPath path;
        for (std::size_t k = 0; k < line.size(); ++k)
            k ? path.lineTo(toView(qt(line[k]))) : path.moveTo(toView(qt(line[k])));
        doubleLine(painter, path, 2.5);
    }
}

void FrameView::setRegion(const QRectF& region) {
    region_ = region;
    update();
}

void FrameView::paintRegion(QPainter& painter) const {
    if (region_.isEmpty()) return;
    QPainterPath path;
    path.addRect(QRectF(toView(region_.topLeft()), toView(region_.bottomRight())));
    doubleLine(painter, path, 1.5);
}

void FrameView::pin(const Point& at) {
    if (pins_.size() == kMostPins) pins_.erase(pins_.begin());
    pins_.push_back(at);
    update();
}

void FrameView::clearPins() {
    pins_.clear();
    update();
}

QString FrameView::spotText(const Point& at) const {
    if (!frame_) return {};
    const auto s = spotAt(frame_->image, at, kSpotReach, gains_);
    if (!s) return {};
    return QStringLiteral("linear %1 %2 %3   %4 %5 %6 %   8 bit %7 %8 %9")
               .arg(s->linear.x(), 0, 'f', 3)
               .arg(s->linear.y(), 0, 'f', 3)
               .arg(s->linear.z(), 0, 'f', 3)
               .arg(s->percent.x(), 0, 'f', 0)
               .arg(s->percent.y(), 0, 'f', 0)
               .arg(s->percent.z(), 0, 'f', 0)
               .arg(s->eightBit[0])
               .arg(s->eightBit[1])
               .arg(s->eightBit[2]) +
           QStringLiteral("   %1%2 stops from mid-grey   L*a*b* %3 %4 %5")
               .arg(s->stopsFromMidGrey < 0 ? QStringLiteral("\u2212") : QStringLiteral("+"))
               .arg(std::abs(s->stopsFromMidGrey), 0, 'f', 1)
               .arg(s->labD50.L, 0, 'f', 0)
               .arg(s->labD50.a, 0, 'f', 1)
               .arg(s->labD50.b, 0, 'f', 1);
}

void FrameView::paintPins(QPainter& painter) const {
    painter.setFont(look::figures(look::Size::small));
    const QFontMetrics metrics(painter.font());
    for (const Point& p : pins_) {
        const auto s = frame_ ? spotAt(frame_->image, p, kSpotReach, gains_) : std::nullopt;
        if (!s) continue;
        const QPointF at = toView(qt(p));
        QPainterPath ring;
        ring.addEllipse(at, 4, 4);
        doubleLine(painter, ring, 1.5);
        const QString text =
            QStringLiteral("%1 %2 %3").arg(s->eightBit[0]).arg(s->eightBit[1]).arg(s->eightBit[2]);
        const QRectF box(at + QPointF(8, -9), QSizeF(metrics.horizontalAdvance(text) + 10, 18));
        painter.fillRect(box, QColor(0, 0, 0, 200));
        painter.setPen(Qt::white);
        painter.drawText(box, Qt::AlignCenter, text);
    }
}

void FrameView::paintSpot(QPainter& painter) const {
    if (!pointed_ || beforeDrag_) return;
    const QString text = spotText(*pointed_);
    if (text.isEmpty()) return;
    painter.setFont(look::figures(look::Size::small));
    const double wide = std::min<double>(width(), QFontMetrics(painter.font()).horizontalAdvance(text) + 16);
    const QRectF box(0, height() - 22, wide, 22);
    painter.fillRect(box, QColor(0, 0, 0, 200));
    painter.setPen(Qt::white);
    painter.drawText(box.adjusted(8, 0, -8, 0), Qt::AlignLeft | Qt::AlignVCenter, text);
}

void FrameView::paintOver(QPainter& painter) {
    if (!hasPicture()) return;
    paintRegion(painter);
    paintPins(painter);
    if (!corners_) return paintSpot(painter);
    paintAreas(painter);
    paintEvidence(painter);
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
    paintSpot(painter);
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
    if (event->button() == Qt::LeftButton && event->modifiers() & Qt::ShiftModifier && hasPicture()) {
        regionStart_ = toFrame(event->position());
        return setRegion({});
    }
    const int corner = event->button() == Qt::LeftButton ? cornerAt(event->position()) : -1;
    if (corner < 0) return PictureView::mousePressEvent(event);
    setFocus();
    selected_ = corner;
    beforeDrag_ = corners_;
    grip_ = toView(qt((*corners_)[static_cast<std::size_t>(corner)])) - event->position();
    update();
}

void FrameView::mouseMoveEvent(QMouseEvent* event) {
    const QPointF here = toFrame(event->position());
    pointed_ = Point(here.x(), here.y());
    update();
    if (regionStart_) return setRegion(QRectF(*regionStart_, here).normalized());
    if (beforeDrag_) {
        const QPointF to = toFrame(event->position() + grip_);
        moveCorner(selected_, {to.x(), to.y()});
        return;
    }
    setCursor(cornerAt(event->position()) >= 0 ? Qt::CrossCursor : Qt::ArrowCursor);
    emit patchPointed(patchAt(toFrame(event->position())));
    PictureView::mouseMoveEvent(event);
}

void FrameView::leaveEvent(QEvent* event) {
    pointed_.reset();
    update();
    PictureView::leaveEvent(event);
}

void FrameView::mouseDoubleClickEvent(QMouseEvent* event) {
    const QPointF here = toFrame(event->position());
    pin({here.x(), here.y()});
}

void FrameView::mouseReleaseEvent(QMouseEvent* event) {
    if (regionStart_) {
        regionStart_.reset();
        // A click is no region; it takes the old one away.
        if (region_.width() * scale() < 3 || region_.height() * scale() < 3) setRegion({});
        emit regionDrawn(region_);
        return;
    }
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
        case Qt::Key_P:
            if (pointed_) pin(*pointed_);
            return;
        case Qt::Key_Delete:
            return clearPins();
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
