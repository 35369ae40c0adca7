// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/meters/evenness_map.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/jobs/job.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/pictures/draw_scaled.h"

namespace refero {
namespace {

constexpr double kLineStops = 0.1;
constexpr int kWide = 320;

// Steps between the lines are told by lightness alone.
QImage mapOf(const ChartLight& light, const Point& outlineMm) {
    const int high = std::max(1, static_cast<int>(std::lround(kWide * outlineMm.y() / outlineMm.x())));
    QImage map(kWide, high, QImage::Format_RGB32);
    std::vector<double> stops(static_cast<std::size_t>(kWide) * static_cast<std::size_t>(high));
    for (int y = 0; y < high; ++y)
        for (int x = 0; x < kWide; ++x)
            stops[static_cast<std::size_t>(y * kWide + x)] =
                light.at({(x + 0.5) / kWide * outlineMm.x(), (y + 0.5) / high * outlineMm.y()});
    const double most = *std::max_element(stops.begin(), stops.end());
    for (int y = 0; y < high; ++y)
        for (int x = 0; x < kWide; ++x) {
            const auto at = [&](int i, int j) {
                return stops[static_cast<std::size_t>(std::min(j, high - 1) * kWide +
                                                      std::min(i, kWide - 1))];
            };
            const auto band = [](double v) { return std::floor(v / kLineStops); };
            const double v = at(x, y);
            const bool line = band(v) != band(at(x + 1, y)) || band(v) != band(at(x, y + 1));
            const int grey = std::clamp(static_cast<int>(205 - 130 * (most - v)), 40, 205);
            map.setPixel(x, y, line ? qRgb(20, 20, 20) : qRgb(grey, grey, grey));
        }
    return map;
}

}  // namespace

EvennessMap::EvennessMap(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("evennessMap"));
    setAccessibleName(tr("Even light"));
    setMinimumSize(220, 150);
    setToolTip(
        told("The light over the chart, told from its greys, its ground and what the colours leave: lighter "
             "is more. A line is a tenth of a stop."));
}

void EvennessMap::setReading(const std::optional<Reading>& reading) {
    light_ = reading ? reading->light : std::nullopt;
    map_ = {};
    ++asked_;
    if (light_) {
        chart_ = reading->chart;
        takenOut_ = reading->lightTakenOut.any();
        runJob(
            this, [light = *light_, outline = chart_.outlineMm] { return mapOf(light, outline); },
            [this, asked = asked_](const QImage& map) {
                if (asked != asked_) return;
                map_ = map;
                update();
            });
    }
    setAccessibleDescription(caption());
    update();
}

QString EvennessMap::caption() const {
    if (!light_) return tr("The greys do not tell");
    const double share = 100 * (1 - std::exp2(-light_->rangeStops));
    QString text = told("%1 stops, %2 %").arg(decimalText(light_->rangeStops, 2)).arg(decimalText(share, 0));
    if (light_->shadow) text += told("; a shadow of %1").arg(decimalText(light_->shadow->stops, 2));
    if (takenOut_) text += told("; taken out");
    return text;
}

void EvennessMap::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    painter.setFont(look::figures(look::Size::small));
    painter.setPen(c.text);
    painter.drawText(QRectF(8, 4, width() - 16, 18), Qt::AlignLeft | Qt::AlignVCenter, caption());
    if (!light_) return;
    const QRectF room(8, 28, width() - 16, height() - 36);
    const QSizeF size =
        QSizeF(chart_.outlineMm.x(), chart_.outlineMm.y()).scaled(room.size(), Qt::KeepAspectRatio);
    const QRectF box(room.center() - QPointF(size.width(), size.height()) / 2, size);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    drawScaled(painter, box, map_);
    const double scale = size.width() / chart_.outlineMm.x();
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(QColor(0, 0, 0, 110), 1));
    for (const Patch& p : chart_.patches)
        painter.drawRect(QRectF(box.left() + (p.centreMm.x() - p.sizeMm.x() / 2) * scale,
                                box.top() + (p.centreMm.y() - p.sizeMm.y() / 2) * scale, p.sizeMm.x() * scale,
                                p.sizeMm.y() * scale));
    if (!light_->shadow) return;
    painter.setClipRect(box);
    const QPointF at(box.left() + light_->shadow->throughMm.x() * scale,
                     box.top() + light_->shadow->throughMm.y() * scale);
    const QPointF along(-light_->shadow->darkerWay.y() * 2000, light_->shadow->darkerWay.x() * 2000);
    painter.setPen(QPen(Qt::black, 4));
    painter.drawLine(at - along, at + along);
    painter.setPen(QPen(Qt::white, 2));
    painter.drawLine(at - along, at + along);
}

}  // namespace refero
