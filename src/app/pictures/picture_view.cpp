// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pictures/picture_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

#include "app/findings/marks.h"
#include "app/look/button.h"
#include "app/look/tokens.h"
#include "app/pictures/draw_scaled.h"

namespace refero {

PictureView::PictureView(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(200, 140);
    setAttribute(Qt::WA_OpaquePaintEvent);
}

PictureView::Levels PictureView::pyramid(const QImage& image) {
    Levels levels{image};
    while (levels.back().width() > 400 && levels.back().height() > 300)
        levels.push_back(
            levels.back().scaled(levels.back().size() / 2, Qt::IgnoreAspectRatio, Qt::SmoothTransformation));
    return levels;
}

void PictureView::setPicture(Levels levels, QSize fullSize) {
    levels_ = std::move(levels);
    const bool same = fullSize == full_;
    full_ = fullSize;
    if (!same || fitted_) fit();
    update();
}

void PictureView::clearPicture() {
    levels_.clear();
    full_ = {};
    update();
}

double PictureView::fittingScale() const {
    if (full_.isEmpty()) return 1;
    const QSizeF pane = paneSize();
    return std::min(pane.width() / full_.width(), pane.height() / full_.height());
}

void PictureView::fit() {
    scale_ = fittingScale();
    const QSizeF pane = paneSize();
    origin_ = {(pane.width() - full_.width() * scale_) / 2, (pane.height() - full_.height() * scale_) / 2};
    fitted_ = true;
    update();
}

QPointF PictureView::toView(const QPointF& frame) const {
    return origin_ + frame * scale_;
}

QPointF PictureView::toFrame(const QPointF& view) const {
    return (view - origin_) / scale_;
}

void PictureView::drawLevels(QPainter& painter, const Levels& levels, const QRectF& target, double ratio) {
    if (levels.empty()) return;
    std::size_t k = 0;
    while (k + 1 < levels.size() && levels[k + 1].width() >= target.width() * ratio) ++k;
    painter.setRenderHint(QPainter::SmoothPixmapTransform, target.width() < levels[k].width() * 2);
    drawScaled(painter, target, levels[k]);
}

void PictureView::paintPicture(QPainter& painter, const QRectF& target) {
    drawLevels(painter, levels_, target, devicePixelRatioF());
}

void PictureView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), look::palette().viewing);
    if (hasPicture()) paintPicture(painter, {origin_, QSizeF(full_) * scale_});
    painter.setRenderHint(QPainter::Antialiasing);
    paintRegion(painter);
    paintOver(painter);
    if (hasFocus()) look::paintFocusRing(painter, rect());
}

void PictureView::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    if (fitted_) fit();
}

void PictureView::zoomAt(const QPointF& at, double factor) {
    if (!hasPicture()) return;
    const QPointF view = at - paneCorner(at);
    const double wanted = std::clamp(scale_ * factor, fittingScale(), 32.0);
    const QPointF fixed = toFrame(view);
    scale_ = wanted;
    origin_ = view - fixed * scale_;
    fitted_ = scale_ <= fittingScale() * 1.0001;
    if (fitted_) fit();
    update();
}

void PictureView::zoomTo(const QPointF& view, double scale) {
    zoomAt(view, scale / scale_);
}

void PictureView::wheelEvent(QWheelEvent* event) {
    zoomAt(event->position(), std::pow(1.0015, event->angleDelta().y()));
    event->accept();
}

void PictureView::setRegion(const QRectF& region) {
    region_ = region;
    update();
}

void PictureView::paintRegion(QPainter& painter) const {
    if (region_.isEmpty() || !hasPicture()) return;
    QPainterPath path;
    path.addRect(QRectF(toView(region_.topLeft()), toView(region_.bottomRight())));
    doubleLine(painter, path, 1.5);
}

void PictureView::mousePressEvent(QMouseEvent* event) {
    if (regions_ && hasPicture() && event->button() == Qt::LeftButton &&
        event->modifiers() & Qt::ShiftModifier) {
        regionStart_ = toFrame(event->position());
        return setRegion({});
    }
    dragging_ = event->button() == Qt::LeftButton || event->button() == Qt::MiddleButton;
    dragStart_ = event->position();
    originStart_ = origin_;
}

void PictureView::mouseMoveEvent(QMouseEvent* event) {
    if (regionStart_) return setRegion(QRectF(*regionStart_, toFrame(event->position())).normalized());
    if (!dragging_ || fitted_) return;
    origin_ = originStart_ + event->position() - dragStart_;
    update();
}

void PictureView::mouseReleaseEvent(QMouseEvent*) {
    dragging_ = false;
    if (!regionStart_) return;
    regionStart_.reset();
    // A click is no region; it takes the old one away.
    if (region_.width() * scale_ < 3 || region_.height() * scale_ < 3) setRegion({});
    emit regionDrawn(region_);
}

void PictureView::keyPressEvent(QKeyEvent* event) {
    const QPointF middle(paneSize().width() / 2, paneSize().height() / 2);
    switch (event->key()) {
        case Qt::Key_Plus:
        case Qt::Key_Equal:
            zoomAt(middle, 1.25);
            break;
        case Qt::Key_Minus:
            zoomAt(middle, 0.8);
            break;
        case Qt::Key_0:
            fit();
            break;
        default:
            QWidget::keyPressEvent(event);
    }
}

}  // namespace refero
