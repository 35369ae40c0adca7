// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the frame view draws on the picture.
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/findings/marks.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/pictures/frame_view.h"
#include "app/pictures/loupe.h"
#include "core/read/measure.h"
#include "core/read/spot.h"

namespace refero {
namespace {

constexpr int kSpotReach = 2;  // pixels around the one pointed at

}  // namespace

QPainterPath FrameView::areaPath(std::size_t patch, double inset) const {
    QPolygonF area;
    for (const Point& p : placement_->area(patch, inset)) area << toView(qt(p));
    QPainterPath path;
    path.addPolygon(area);
    path.closeSubpath();
    return path;
}

void FrameView::paintAreas(QPainter& painter) const {
    const double inset = MeasureOptions{}.inset;
    for (std::size_t i = 0; i < placement_->chart().patches.size(); ++i) {
        const int at = static_cast<int>(i);
        const double width = at == patch_ ? 3 : at == marked_ ? 2.5 : 1;
        if (!placement_->leftOut(i)) {
            doubleLine(painter, areaPath(i, inset), width);
            continue;
        }
        // Struck out once; two strokes are a finding's.
        const Quad q = placement_->area(i, 0.9);
        QPainterPath stroke;
        stroke.moveTo(toView(qt(q[3])));
        stroke.lineTo(toView(qt(q[1])));
        doubleLine(painter, stroke, width + 1);
    }
}

// Each kind in a pattern that no sampling area has; a shadow's edge is broken, other lines are whole.
void FrameView::paintEvidence(QPainter& painter) const {
    for (const MarkedEvidence& e : evidence_) {
        for (const std::size_t i : e.evidence.patches) {
            if (!placement_ || i >= placement_->chart().patches.size()) continue;
            QPolygonF patch;
            for (const Point& corner : placement_->area(i, 0.9)) patch << toView(qt(corner));
            doubleLine(painter, patternIn(patch, e.mark), 2);
        }
        for (const auto& line : e.evidence.lines) {
            QPainterPath path;
            for (std::size_t k = 0; k < line.size(); ++k)
                k ? path.lineTo(toView(qt(line[k]))) : path.moveTo(toView(qt(line[k])));
            doubleLine(painter, path, 2.5, isBroken(e.mark) ? Qt::DashLine : Qt::SolidLine);
        }
    }
}

void FrameView::paintPlaces(QPainter& painter) const {
    painter.setFont(look::figures(look::Size::small, QFont::DemiBold));
    for (std::size_t i = 0; i < places_.size(); ++i) {
        const QRectF box(toView(places_[i].topLeft()), toView(places_[i].bottomRight()));
        QPainterPath path;
        path.addRect(box);
        doubleLine(painter, path, 1.5);
        const QRectF label(box.topLeft() - QPointF(0, 18), QSizeF(20, 18));
        painter.fillRect(label, Qt::black);
        painter.setPen(Qt::white);
        painter.drawText(label, Qt::AlignCenter, QString::number(i + 1));
    }
}

QString FrameView::spotText(const Point& at) const {
    if (!frame_) return {};
    const auto s = spotAt(frame_->image, at, kSpotReach, gains_);
    if (!s) return {};
    return told("linear %1 %2 %3   %4 %5 %6 %   8 bit %7 %8 %9")
               .arg(decimalText(s->linear.x(), 3))
               .arg(decimalText(s->linear.y(), 3))
               .arg(decimalText(s->linear.z(), 3))
               .arg(decimalText(s->percent.x(), 0))
               .arg(decimalText(s->percent.y(), 0))
               .arg(decimalText(s->percent.z(), 0))
               .arg(s->eightBit[0])
               .arg(s->eightBit[1])
               .arg(s->eightBit[2]) +
           told("   %1%2 stops from mid-grey   L*a*b* %3 %4 %5")
               .arg(s->stopsFromMidGrey < 0 ? QStringLiteral("\u2212") : QStringLiteral("+"))
               .arg(decimalText(std::abs(s->stopsFromMidGrey), 1))
               .arg(decimalText(s->labD50.L, 0))
               .arg(decimalText(s->labD50.a, 1))
               .arg(decimalText(s->labD50.b, 1));
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
    paintPins(painter);
    paintKey(painter);
    if (!placement_) {
        // What was seen where no chart is placed yet.
        paintEvidence(painter);
        return paintSpot(painter);
    }
    paintAreas(painter);
    paintEvidence(painter);
    paintPlaces(painter);
    QPainterPath outline;
    QPolygonF polygon;
    for (const Point& p : placement_->corners()) polygon << toView(qt(p));
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
    paintChosen(painter);
    paintSpot(painter);
}

void FrameView::paintChosen(QPainter& painter) const {
    if (!frame_ || !hasFocus() || (selected_ < 0 && patch_ < 0)) return;
    LoupeSubject subject;
    if (selected_ >= 0) {
        subject.place = placement_->corners()[static_cast<std::size_t>(selected_)];
    } else {
        // The whole patch and a little of what is around it.
        const auto patch = static_cast<std::size_t>(patch_);
        subject.place = placement_->centre(patch);
        subject.around = placement_->area(patch, MeasureOptions{}.inset);
        double reach = 0;
        for (const Point& p : placement_->area(patch, 1))
            reach = std::max(reach, (p - subject.place).cwiseAbs().maxCoeff());
        subject.span = static_cast<int>(std::clamp(2.6 * reach, 21.0, 4000.0)) | 1;
    }
    paintLoupe(painter, rect(), frame_->image, gains_, subject, toView(qt(subject.place)));
}

void FrameView::paintKey(QPainter& painter) const {
    if (key_.empty()) return;
    painter.setFont(look::font(look::Size::small));
    const QFontMetrics metrics(painter.font());
    constexpr int kRow = 20, kSwatch = 16;
    int wide = 0;
    for (const ExposureKey& k : key_)
        wide = std::max(wide, metrics.horizontalAdvance(QString::fromStdString(k.label)));
    const QRect box(12, 12, wide + kSwatch + 28, kRow * static_cast<int>(key_.size()) + 8);
    painter.fillRect(box, Qt::black);
    for (std::size_t i = 0; i < key_.size(); ++i) {
        const ExposureKey& k = key_[i];
        const QRect swatch(box.left() + 8, box.top() + 6 + kRow * static_cast<int>(i), kSwatch, kRow - 4);
        painter.fillRect(swatch, QColor(k.srgb[0], k.srgb[1], k.srgb[2]));
        if (k.pattern) {
            const QSize half = swatch.size() / 2;
            painter.fillRect(QRect(swatch.topLeft(), half), Qt::black);
            painter.fillRect(QRect(swatch.center() + QPoint(1, 1), half), Qt::black);
        }
        painter.setPen(Qt::white);
        painter.drawText(QRect(swatch.right() + 8, swatch.top(), wide + 4, swatch.height()), Qt::AlignVCenter,
                         QString::fromStdString(k.label));
    }
}

QString FrameView::describe() const {
    if (!hasPicture()) return tr("No picture yet.");
    if (!placement_) return tr("No chart is outlined.");
    const auto& patches = placement_->chart().patches;
    QStringList out{tr("%1 is outlined, %n patches.", nullptr, static_cast<int>(patches.size()))
                        .arg(QString::fromStdString(placement_->chart().name))};
    for (std::size_t i = 0; i < patches.size(); ++i) {
        QString words = QString::fromStdString(patches[i].id);
        if (placement_->leftOut(i)) words = tr("%1, left out").arg(words);
        for (const MarkedEvidence& e : evidence_)
            if (std::find(e.evidence.patches.begin(), e.evidence.patches.end(), i) !=
                e.evidence.patches.end())
                words = tr("%1, marked by a finding").arg(words);
        out << tr("%1: %2.", "a patch and its value").arg(words, spotText(placement_->centre(i)));
    }
    return out.join(QLatin1Char(' '));
}

}  // namespace refero
