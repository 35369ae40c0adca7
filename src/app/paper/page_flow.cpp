// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/paper/page_flow.h"

#include <QPageLayout>
#include <cmath>

#include "app/look/tokens.h"

namespace refero::paper {

PageFlow::PageFlow(const QString& file, const QString& title) : writer_(file) {
    writer_.setResolution(kDotsPerInch);
    writer_.setPageLayout(
        QPageLayout(QPageSize(QPageSize::A4), QPageLayout::Portrait, QMarginsF(0, 0, 0, 0)));
    writer_.setTitle(title);
    writer_.setCreator(QStringLiteral("Refero"));
    painter_.begin(&writer_);
}

void PageFlow::newPage() {
    writer_.newPage();
    y_ = kTop;
}

void PageFlow::need(double mm) {
    if (y_ + mm > kBottom) newPage();
}

QFont PageFlow::font(const Type& type) const {
    QFont f = look::font(look::Size::body, type.weight);
    f.setPixelSize(static_cast<int>(std::lround(type.points / 72 * kDotsPerInch)));
    return f;
}

double PageFlow::heightOf(const QString& text, double width, const Type& type) const {
    const QFontMetricsF metrics(font(type));
    return metrics.boundingRect(QRectF(0, 0, dots(width), 1e6), Qt::TextWordWrap, text).height() * 25.4 /
           kDotsPerInch;
}

double PageFlow::text(double x, double y, double width, const QString& text, const Type& type) {
    const double height = heightOf(text, width, type);
    painter_.setFont(font(type));
    painter_.setPen(QColor(type.grey, type.grey, type.grey));
    painter_.drawText(QRectF(dots(x), dots(y), dots(width), dots(height + 1)), Qt::TextWordWrap, text);
    return height;
}

void PageFlow::line(double x1, double y1, double x2, double y2, double width, int grey) {
    painter_.setPen(QPen(QColor(grey, grey, grey), dots(width)));
    painter_.drawLine(QPointF(dots(x1), dots(y1)), QPointF(dots(x2), dots(y2)));
}

void PageFlow::box(double x, double y, double side) {
    painter_.setPen(QPen(Qt::black, dots(0.3)));
    painter_.setBrush(Qt::NoBrush);
    painter_.drawRect(QRectF(dots(x), dots(y), dots(side), dots(side)));
}

void PageFlow::fill(double x, double y, double width, double height) {
    painter_.fillRect(QRectF(dots(x), dots(y), dots(width), dots(height)), Qt::black);
}

}  // namespace refero::paper
