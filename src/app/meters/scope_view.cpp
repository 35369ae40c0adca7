// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/meters/scope_view.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/pictures/draw_scaled.h"
#include "core/say/say.h"
#include "core/scope/scope_figures.h"

namespace refero {
namespace {

constexpr std::uint64_t kFew = 500;
constexpr double kVectorReach = 0.5;  // of Cb and Cr, at the rim

// Traces glow: few pixels already show, many do not burn out.
int glow(std::uint32_t count, double most) {
    return count ? static_cast<int>(std::clamp(60 + 195 * std::sqrt(count / most), 0.0, 255.0)) : 0;
}

double high(const std::vector<std::uint32_t>& counts) {
    return std::max(1.0, 0.5 * *std::max_element(counts.begin(), counts.end()));
}

}  // namespace

ScopeView::ScopeView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("scopeView"));
    setMinimumSize(220, 150);
    setKind(Kind::waveform);
}

void ScopeView::setKind(Kind kind) {
    kind_ = kind;
    constexpr const char* names[] = {word("Histogram"), word("Waveform"), word("Parade"),
                                     word("Vectorscope")};
    constexpr const char* hints[] = {
        word("How many pixels there are of each level, dark at the left."),
        word("Brightness (Y') of each part of the picture, left to right as in the picture."),
        word("Red, green and blue beside each other: where greys stand at one height in all three, there is "
             "no cast."),
        word("Hue by direction, saturation by distance: greys sit in the middle, a patch of the chart in its "
             "box, skin of every depth along the line.")};
    setAccessibleName(told(names[static_cast<int>(kind)]));
    setToolTip(told(hints[static_cast<int>(kind)]));
    rebuild();
}

void ScopeView::setScopes(Scopes scopes) {
    scopes_ = std::move(scopes);
    empty_ = false;
    rebuild();
}

void ScopeView::setTargets(std::vector<ScopeTarget> targets) {
    targets_ = std::move(targets);
    update();
}

void ScopeView::setLinks(std::vector<Link> links) {
    links_ = std::move(links);
    update();
}

void ScopeView::clear() {
    empty_ = true;
    update();
}

void ScopeView::rebuild() {
    update();
    if (empty_ || kind_ == Kind::histogram) return;
    if (kind_ == Kind::vectorscope) {
        image_ = QImage(Scopes::kSide, Scopes::kSide, QImage::Format_RGB32);
        const double most = high(scopes_.vectorscope);
        for (int y = 0; y < Scopes::kSide; ++y) {
            auto* line = reinterpret_cast<QRgb*>(image_.scanLine(y));
            for (int x = 0; x < Scopes::kSide; ++x) {
                const int v =
                    glow(scopes_.vectorscope[static_cast<std::size_t>(y * Scopes::kSide + x)], most);
                line[x] = qRgb(v, v, v);
            }
        }
        return;
    }
    const int panes = kind_ == Kind::parade ? 3 : 1;
    image_ = QImage(Scopes::kColumns * panes, Scopes::kLevels, QImage::Format_RGB32);
    for (int pane = 0; pane < panes; ++pane) {
        const auto& counts =
            kind_ == Kind::parade ? scopes_.parade[static_cast<std::size_t>(pane)] : scopes_.lumaWaveform;
        const double most = high(counts);
        const QColor tone = kind_ == Kind::parade ? look::channel(pane) : QColor(Qt::white);
        for (int level = 0; level < Scopes::kLevels; ++level) {
            auto* line = reinterpret_cast<QRgb*>(image_.scanLine(Scopes::kLevels - 1 - level)) +
                         pane * Scopes::kColumns;
            for (int x = 0; x < Scopes::kColumns; ++x) {
                const int v = glow(counts[Scopes::waveformAt(x, level)], most);
                line[x] = qRgb(tone.red() * v / 255, tone.green() * v / 255, tone.blue() * v / 255);
            }
        }
    }
}

void ScopeView::paintHistogram(QPainter& painter, const QRectF& box) const {
    double most = 1;
    for (const auto& c : scopes_.channels)
        // The ends hold everything that is clipped and would flatten the rest.
        most = std::max(most, double(*std::max_element(c.begin() + 1, c.end() - 1)));
    const Qt::PenStyle dashes[] = {Qt::SolidLine, Qt::DashLine, Qt::DotLine};
    painter.setBrush(Qt::NoBrush);
    for (int k = 0; k < 3; ++k) {
        QPolygonF line;
        for (int i = 0; i < Scopes::kLevels; ++i) {
            const double v =
                scopes_.channels[static_cast<std::size_t>(k)][static_cast<std::size_t>(i)] / most;
            line << QPointF(box.left() + box.width() * i / 255.0,
                            box.bottom() - box.height() * std::min(1.0, std::sqrt(v)));
        }
        painter.setPen(QPen(look::channel(k), 1.3, dashes[k]));
        painter.drawPolyline(line);
    }
}

void ScopeView::paintLevels(QPainter& painter, const QRectF& box) const {
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    drawScaled(painter, box, image_);
    painter.setFont(look::figures(look::Size::small));
    for (const int percent : {0, 25, 50, 75, 100}) {
        const double y = box.bottom() - box.height() * percent / 100;
        painter.setPen(QPen(look::palette().line, 1));
        painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y));
        painter.setPen(look::palette().quiet);
        painter.drawText(QRectF(0, y - 9, box.left() - 6, 18), Qt::AlignRight | Qt::AlignVCenter,
                         QString::number(percent));
    }
}

// A chart's patches are a few points, which would be lost as single pixels.
void ScopeView::paintFew(QPainter& painter, const QRectF& box) const {
    std::uint64_t all = 0;
    for (const std::uint32_t n : scopes_.vectorscope) all += n;
    if (all > kFew) return;
    painter.setPen(Qt::NoPen);
    painter.setBrush(Qt::white);
    for (int y = 0; y < Scopes::kSide; ++y)
        for (int x = 0; x < Scopes::kSide; ++x)
            if (scopes_.vectorscope[static_cast<std::size_t>(y * Scopes::kSide + x)])
                painter.drawEllipse(box.topLeft() + QPointF(x + 0.5, y + 0.5) * box.width() / Scopes::kSide,
                                    2, 2);
}

void ScopeView::paintVectors(QPainter& painter, const QRectF& box) const {
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    QPainterPath disc;
    disc.addEllipse(box);
    painter.fillPath(disc, Qt::black);
    painter.setClipPath(disc);
    drawScaled(painter, box, image_);
    painter.setClipping(false);
    paintFew(painter, box);
    const QPointF middle = box.center();
    const double unit = box.width() / 2 / kVectorReach;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(look::palette().line, 1));
    painter.drawEllipse(middle, box.width() / 2, box.height() / 2);
    painter.drawLine(QPointF(box.left(), middle.y()), QPointF(box.right(), middle.y()));
    painter.drawLine(QPointF(middle.x(), box.top()), QPointF(middle.x(), box.bottom()));
    const double skin = kSkinLineDegrees * std::numbers::pi / 180;
    painter.setPen(QPen(look::palette().quiet, 1, Qt::DashLine));
    painter.drawLine(middle, middle + QPointF(std::cos(skin), -std::sin(skin)) * box.width() / 2);
    for (const Link& link : links_) {
        const QPointF from = middle + QPointF(link.from.cb, -link.from.cr) * unit,
                      to = middle + QPointF(link.to.cb, -link.to.cr) * unit;
        painter.setPen(QPen(Qt::white, 1));
        painter.drawLine(from, to);
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(from, 4, 4);
        painter.setBrush(Qt::white);
        painter.drawEllipse(to, 2, 2);
        painter.setBrush(Qt::NoBrush);
    }
    painter.setFont(look::figures(look::Size::small));
    for (const ScopeTarget& t : targets_) {
        const QPointF at = middle + QPointF(t.cb, -t.cr) * unit;
        painter.setPen(QPen(look::palette().text, 1));
        painter.drawRect(QRectF(at - QPointF(5, 5), QSizeF(10, 10)));
        painter.drawText(at + QPointF(8, 4), QString::fromStdString(t.id));
    }
}

void ScopeView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF room(kind_ == Kind::vectorscope ? 8 : 40, 10,
                      width() - (kind_ == Kind::vectorscope ? 16 : 48), height() - 20);
    if (empty_) {
        painter.setPen(look::palette().quiet);
        painter.setFont(look::font(look::Size::small));
        painter.drawText(room, Qt::AlignCenter, tr("No picture"));
        return;
    }
    painter.fillRect(kind_ == Kind::vectorscope ? QRectF() : room, Qt::black);
    switch (kind_) {
        case Kind::histogram:
            return paintHistogram(painter, room);
        case Kind::waveform:
        case Kind::parade:
            return paintLevels(painter, room);
        case Kind::vectorscope: {
            const double side = std::min(room.width(), room.height());
            const QRectF box(room.center() - QPointF(side, side) / 2, QSizeF(side, side));
            return paintVectors(painter, box);
        }
    }
}

QString ScopeView::describe() const {
    const auto figures = empty_ ? std::nullopt : scopeFigures(scopes_);
    if (!figures) return tr("Nothing to show.");
    QStringList out;
    const QString names[] = {tr("Red"), tr("Green"), tr("Blue")};
    for (std::size_t c = 0; c < 3; ++c) {
        const ChannelFigures& f = figures->channels[c];
        out << tr("%1: median %2 %, from %3 to %4 %, %5 % of the pixels at the top, %6 % at the bottom.",
                  "of a channel")
                   .arg(names[c])
                   .arg(decimalText(f.median, 0))
                   .arg(decimalText(f.low, 0))
                   .arg(decimalText(f.high, 0))
                   .arg(decimalText(100 * f.atTop, 1))
                   .arg(decimalText(100 * f.atBottom, 1));
    }
    if (kind_ == Kind::vectorscope)
        out << tr("The middle of all colours is at %1 % of the reach, towards %2 degrees.")
                   .arg(decimalText(100 * std::hypot(figures->cb, figures->cr) / kVectorReach, 1))
                   .arg(decimalText(std::atan2(figures->cr, figures->cb) * 180 / std::numbers::pi, 0));
    return out.join(QLatin1Char(' '));
}

}  // namespace refero
