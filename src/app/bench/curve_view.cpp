// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/curve_view.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/plots/plot.h"
#include "core/colour/log_curve.h"

namespace refero {

CurveView::CurveView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("curveView"));
    setAccessibleName(tr("Characteristic curve"));
    setMinimumSize(220, 150);
    setToolTip(
        tr("Each mark is a grey of a shot: what is stored of it (per cent of the whole range) against its "
           "light, in stops from mid-grey at the normal exposure. Rings have clipped. The line is the curve "
           "that the recording states, laid over them."));
}

void CurveView::clear() {
    points_.clear();
    update();
}

void CurveView::setProfile(const SeriesProfile& profile, const Transfer& stated) {
    points_ = profile.curve;
    fit_ = profile.stated;
    stated_ = stated;
    QString said = tr("%n greys", nullptr, static_cast<int>(points_.size()));
    if (fit_)
        said = tr("%1; %2 fits with an offset of %3 stops")
                   .arg(said, text(fit_->curve))
                   .arg(decimalText(fit_->offset, 2));
    setAccessibleDescription(said);
    update();
}

void CurveView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    painter.setPen(c.text);
    painter.setFont(look::font(look::Size::small, QFont::DemiBold));
    painter.drawText(QRectF(0, 2, width(), 18), Qt::AlignLeft | Qt::AlignVCenter, tr("Characteristic curve"));
    if (points_.empty()) return;
    const double low = std::floor(points_.front().stops), high = std::ceil(points_.back().stops);
    const PlotArea plot{QRectF(40, 26, width() - 52, height() - 62), low, std::max(high, low + 1), 0, 100};
    QList<double> xs;
    const double tick = high - low > 8 ? 4 : 2;
    for (double x = std::ceil(low / tick) * tick; x <= high; x += tick) xs << x;
    plot.paintGrid(painter, xs, {0, 25, 50, 75, 100}, tr("stops from mid-grey"), tr("stored, %"));
    const auto white = nominalWhite(stated_);
    if (fit_ && white) {
        QPolygonF line;
        for (double s = low; s <= high; s += 0.1)
            line << plot.at(
                s, std::clamp(100 * stated_.encode(*white * kMidGrey * std::exp2(s + fit_->offset)), 0.0,
                              100.0));
        painter.setPen(QPen(c.quiet, 1.5));
        painter.drawPolyline(line);
    }
    for (const CurvePoint& p : points_) {
        const QPointF at = plot.at(p.stops, std::clamp(100 * p.code.sum() / 3, 0.0, 100.0));
        painter.setPen(p.clipped ? QPen(c.text, 1) : Qt::NoPen);
        painter.setBrush(p.clipped ? Qt::NoBrush : QBrush(c.loud));
        painter.drawEllipse(at, 2.5, 2.5);
    }
}

}  // namespace refero
