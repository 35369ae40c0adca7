// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/judging/compare_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "app/look/text.h"
#include "app/look/tokens.h"

namespace refero {
namespace {

constexpr double kMargin = 8, kTitleHeight = 22;

void paintTitle(QPainter& painter, const QRectF& pane, const QString& text, bool right) {
    painter.setFont(look::font(look::Size::small, QFont::Medium));
    const QString shown =
        painter.fontMetrics().elidedText(text, Qt::ElideRight, static_cast<int>(pane.width() - 3 * kMargin));
    const double w = painter.fontMetrics().horizontalAdvance(shown) + 2 * kMargin;
    const QRectF box(right ? pane.right() - w - kMargin : pane.left() + kMargin, pane.top() + kMargin, w,
                     kTitleHeight);
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor(0, 0, 0, 170));
    painter.drawRoundedRect(box, look::kRadius, look::kRadius);
    painter.setPen(Qt::white);
    painter.drawText(box, Qt::AlignCenter, shown);
}

}  // namespace

CompareView::CompareView(QWidget* parent) : PictureView(parent) {
    setObjectName(QStringLiteral("compareView"));
    setAccessibleName(tr("Before and after"));
    setToolTip(tr("Drag the edge to wipe; hold F or the space bar to flick to the picture before."));
    setMouseTracking(true);
}

void CompareView::setPanes(Layout layout, std::vector<Pane> panes, QSize fullSize, Legend legend) {
    const bool other = layout != layout_;
    layout_ = layout;
    panes_ = std::move(panes);
    legend_ = std::move(legend);
    if (panes_.empty()) return clearPicture();
    setPicture(panes_.back().levels, fullSize);
    if (other) fit();
}

QSizeF CompareView::paneSize() const {
    return paneRect(0).size();
}

QRectF CompareView::paneRect(std::size_t pane) const {
    const double w = width(), h = height(), x = static_cast<double>(pane % 2),
                 y = static_cast<double>(pane / 2);
    switch (layout_) {
        case Layout::sideBySide:
            return {x * w / 2, 0, w / 2, h};
        case Layout::fourUp:
            return {x * w / 2, y * h / 2, w / 2, h / 2};
        case Layout::wipe:
        case Layout::checker:
        case Layout::alone:
            break;
    }
    return rect();
}

QPointF CompareView::paneCorner(const QPointF& view) const {
    for (std::size_t k = 0; k < panes_.size(); ++k)
        if (paneRect(k).contains(view)) return paneRect(k).topLeft();
    return {};
}

double CompareView::edge() const {
    return flicked_ ? width() : wipe_ * width();
}

bool CompareView::nearEdge(const QPointF& view) const {
    return layout_ == Layout::wipe && std::abs(view.x() - edge()) < 14;
}

void CompareView::paintPicture(QPainter& painter, const QRectF& target) {
    const auto draw = [&](std::size_t pane, const QRectF& clip, const QPointF& corner) {
        painter.save();
        painter.setClipRect(clip);
        drawLevels(painter, panes_[flicked_ ? 0 : pane].levels, target.translated(corner),
                   devicePixelRatioF());
        painter.restore();
    };
    if (layout_ == Layout::checker && panes_.size() == 2) {
        // Squares of the picture, so that they stay on what they show when it is moved.
        constexpr int kSquares = 8;
        const double side = target.width() / kSquares;
        for (int y = 0; y * side < target.height(); ++y)
            for (int x = 0; x < kSquares; ++x)
                draw(static_cast<std::size_t>((x + y) % 2),
                     QRectF(target.left() + x * side, target.top() + y * side, side, side) & target, {});
        return;
    }
    for (std::size_t k = 0; k < panes_.size(); ++k) {
        QRectF clip = paneRect(k);
        if (layout_ == Layout::wipe) k == 0 ? clip.setRight(edge()) : clip.setLeft(edge());
        draw(k, clip, paneRect(k).topLeft());
    }
}

void CompareView::paintWipe(QPainter& painter) {
    const double x = edge();
    if (!flicked_) {
        painter.setPen(QPen(Qt::black, 3));
        painter.drawLine(QPointF(x, 0), QPointF(x, height()));
        painter.setPen(QPen(Qt::white, 1));
        painter.drawLine(QPointF(x, 0), QPointF(x, height()));
        painter.setBrush(Qt::black);
        painter.setPen(QPen(Qt::white, 1.5));
        painter.drawEllipse(QPointF(x, height() / 2.0), 8, 8);
    }
    if (x > 90) paintTitle(painter, QRectF(rect()), panes_[0].title, false);
    if (x < width() - 90) paintTitle(painter, QRectF(rect()), panes_[1].title, true);
}

void CompareView::paintLegend(QPainter& painter) {
    if (legend_.empty()) return;
    painter.setFont(look::figures(look::Size::small));
    constexpr double kSwatch = 14, kStep = 54;
    // In the last place, whose shades it tells.
    const QRectF box(paneRect(panes_.size() - 1).left() + kMargin, height() - kTitleHeight - kMargin,
                     static_cast<double>(legend_.size()) * kStep + kMargin, kTitleHeight);
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor(0, 0, 0, 170));
    painter.drawRoundedRect(box, look::kRadius, look::kRadius);
    double x = box.left() + kMargin;
    for (const auto& [colour, text] : legend_) {
        const QRectF swatch(x, box.center().y() - kSwatch / 2, kSwatch, kSwatch);
        painter.setPen(QPen(Qt::white, 0.5));
        painter.setBrush(colour);
        painter.drawRect(swatch);
        painter.setPen(Qt::white);
        painter.drawText(QRectF(swatch.right() + 4, box.top(), kStep - kSwatch - 4, box.height()),
                         Qt::AlignLeft | Qt::AlignVCenter, text);
        x += kStep;
    }
}

void CompareView::paintOver(QPainter& painter) {
    if (!hasPicture()) return;
    if (layout_ == Layout::wipe && panes_.size() == 2) return paintWipe(painter);
    if (layout_ == Layout::checker && panes_.size() == 2) {
        paintTitle(painter, QRectF(rect()), panes_[0].title, false);
        if (!flicked_) paintTitle(painter, QRectF(rect()), panes_[1].title, true);
        return;
    }
    for (std::size_t k = 0; k < panes_.size(); ++k)
        paintTitle(painter, paneRect(k), panes_[flicked_ ? 0 : k].title, false);
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.setPen(QPen(look::palette().ground, 2));
    if (layout_ != Layout::alone)
        painter.drawLine(QPointF(width() / 2.0, 0), QPointF(width() / 2.0, height()));
    if (layout_ == Layout::fourUp)
        painter.drawLine(QPointF(0, height() / 2.0), QPointF(width(), height() / 2.0));
    painter.setRenderHint(QPainter::Antialiasing);
    paintLegend(painter);
}

void CompareView::setWipe(double share) {
    wipe_ = std::clamp(share, 0.0, 1.0);
    update();
}

void CompareView::mousePressEvent(QMouseEvent* event) {
    setFocus();
    // A place in one of several pictures would be a place in none of them.
    if (layout_ != Layout::wipe && layout_ != Layout::alone && event->modifiers() & Qt::ShiftModifier) return;
    wiping_ = event->button() == Qt::LeftButton && nearEdge(event->position());
    if (!wiping_) PictureView::mousePressEvent(event);
}

void CompareView::mouseMoveEvent(QMouseEvent* event) {
    if (wiping_) return setWipe(event->position().x() / width());
    setCursor(nearEdge(event->position()) ? Qt::SplitHCursor : Qt::ArrowCursor);
    PictureView::mouseMoveEvent(event);
}

void CompareView::mouseReleaseEvent(QMouseEvent* event) {
    wiping_ = false;
    PictureView::mouseReleaseEvent(event);
}

void CompareView::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
        case Qt::Key_F:
        case Qt::Key_Space:
            flicked_ = true;
            return update();
        case Qt::Key_Left:
            return setWipe(wipe_ - 0.02);
        case Qt::Key_Right:
            return setWipe(wipe_ + 0.02);
        default:
            PictureView::keyPressEvent(event);
    }
}

void CompareView::keyReleaseEvent(QKeyEvent* event) {
    if (event->isAutoRepeat() || (event->key() != Qt::Key_F && event->key() != Qt::Key_Space))
        return PictureView::keyReleaseEvent(event);
    flicked_ = false;
    update();
}

void CompareView::focusOutEvent(QFocusEvent* event) {
    flicked_ = false;
    PictureView::focusOutEvent(event);
}

QString CompareView::describe() const {
    if (panes_.empty()) return tr("No picture yet.");
    QStringList titles;
    for (const Pane& p : panes_) titles << p.title;
    QString out = titles.join(QStringLiteral("; "));
    if (layout_ == Layout::wipe && panes_.size() == 2)
        out = tr("%1 at the left, %2 at the right, the line at %3 % of the width.")
                  .arg(titles[0], titles[1])
                  .arg(decimalText(100 * wipe_, 0));
    for (const auto& [colour, words] : legend_) out += QLatin1Char(' ') + words;
    return out;
}

}  // namespace refero
