// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pictures/loupe.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/findings/marks.h"
#include "app/look/text.h"
#include "app/look/tokens.h"

namespace refero {

void paintLoupe(QPainter& painter, const QRect& view, const LinearImage& image, const Vector3& gains,
                const LoupeSubject& subject, const QPointF& seenAt) {
    constexpr int kBox = 147;
    const Point& place = subject.place;
    const int span = std::max(3, subject.span);
    const double scale = static_cast<double>(kBox) / span;
    const int x0 = static_cast<int>(std::floor(place.x())) - span / 2,
              y0 = static_cast<int>(std::floor(place.y())) - span / 2;
    const Eigen::Vector3f factors = gains.cast<float>();
    // More pixels than the box has: every so many of them.
    const int step = std::max(1, span / kBox), side = (span + step - 1) / step;
    const auto balanced = [&](int i, int j) -> std::optional<Eigen::Vector3f> {
        const int x = x0 + i * step, y = y0 + j * step;
        if (x < 0 || y < 0 || x >= image.width() || y >= image.height()) return {};
        return Eigen::Vector3f(Eigen::Map<const Eigen::Vector3f>(image.pixel(x, y)).cwiseProduct(factors));
    };
    float high = 1e-4f;
    for (int j = 0; j < side; ++j)
        for (int i = 0; i < side; ++i)
            if (const auto p = balanced(i, j)) high = std::max(high, p->maxCoeff());
    QImage patch(side, side, QImage::Format_RGB32);
    for (int j = 0; j < side; ++j)
        for (int i = 0; i < side; ++i) {
            const auto p = balanced(i, j).value_or(Eigen::Vector3f::Zero());
            const auto shown = [&](float l) {
                return static_cast<int>(255 * std::sqrt(std::clamp(l / high, 0.0f, 1.0f)));
            };
            patch.setPixel(i, j, qRgb(shown(p[0]), shown(p[1]), shown(p[2])));
        }
    // Above what is written at the view's foot.
    const QRectF box(seenAt.x() > view.width() / 2.0 ? 12 : view.width() - kBox - 12,
                     seenAt.y() > view.height() / 2.0 ? 12 : view.height() - kBox - 54, kBox, kBox);
    painter.setRenderHint(QPainter::SmoothPixmapTransform, false);
    painter.drawImage(box, patch);
    QPainterPath frame;
    frame.addRect(box);
    doubleLine(painter, frame, 1.5);
    const auto toBox = [&](const Point& p) {
        return box.topLeft() + QPointF(p.x() - x0, p.y() - y0) * scale;
    };
    painter.save();
    painter.setClipRect(box);
    QPainterPath lines;
    const QPointF cross = toBox(place);
    lines.moveTo(cross - QPointF(12, 0));
    lines.lineTo(cross + QPointF(12, 0));
    lines.moveTo(cross - QPointF(0, 12));
    lines.lineTo(cross + QPointF(0, 12));
    if (subject.around) {
        QPolygonF area;
        for (const Point& p : *subject.around) area << toBox(p);
        lines.addPolygon(area);
        lines.closeSubpath();
    }
    doubleLine(painter, lines, 1);
    painter.restore();
    const QRectF text(box.left(), box.bottom() + 3, kBox, 20);
    painter.fillRect(text, QColor(0, 0, 0, 200));
    painter.setPen(Qt::white);
    painter.setFont(look::figures(look::Size::small));
    painter.drawText(
        text, Qt::AlignCenter,
        QStringLiteral("%1, %2 px").arg(decimalText(place.x(), 0)).arg(decimalText(place.y(), 0)));
}

}  // namespace refero
