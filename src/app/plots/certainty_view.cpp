// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plots/certainty_view.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/plots/plot.h"

namespace refero {
namespace {

constexpr double kLow = 0.1, kHigh = 40;  // CIEDE2000 at the ends of the scale
constexpr int kNames = 96, kHead = 24, kFoot = 20, kRight = 12;
constexpr int kBefore = 0, kAfter = 1, kUnseen = 2;  // markers: square, circle, triangle

QString sure(const CertaintyView::Mark& m) {
    const QString value = decimalText(m.value, 2);
    return m.interval ? CertaintyView::tr("%1 (%2 to %3)")
                            .arg(value, decimalText(m.interval->low, 2), decimalText(m.interval->high, 2))
                      : value;
}

}  // namespace

CertaintyView::CertaintyView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("certaintyView"));
    setAccessibleName(tr("Figures and how sure they are"));
    setMinimumSize(260, 150);
    setToolTip(
        told("CIEDE2000. The bars hold the truth in 95 of 100 cases, allowing for the reading's noise and "
             "for how far this copy of the chart may be from its definition. Where bars overlap, one figure "
             "is not surely better than the other."));
}

void CertaintyView::setCorrection(const std::optional<Correction>& correction) {
    rows_.clear();
    if (correction) {
        const FitSummary& s = correction->summary;
        const auto& sure = correction->certainty;
        const auto row = [&](const char* name, double Spread::*figure, Interval SpreadInterval::*interval) {
            const auto mark = [&](const Spread& spread, SpreadInterval Certainty::*which) {
                return Mark{spread.*figure, sure ? std::optional((*sure).*which.*interval) : std::nullopt};
            };
            rows_.push_back({told(name), mark(s.before, &Certainty::before), mark(s.after, &Certainty::after),
                             mark(s.crossValidated, &Certainty::crossValidated)});
        };
        row(word("Mean"), &Spread::mean, &SpreadInterval::mean);
        row(word("Median"), &Spread::median, &SpreadInterval::median);
        row("95 %", &Spread::percentile95, &SpreadInterval::percentile95);
        row(word("Largest"), &Spread::max, &SpreadInterval::max);
        for (const GroupFigures& g : byGroup(*correction)) {
            QString name = QString::fromStdString(g.name);
            name[0] = name[0].toUpper();
            rows_.push_back({QStringLiteral("%1 (%2)").arg(name).arg(g.count),
                             {g.before, {}},
                             {g.after, {}},
                             {g.leftOut, {}}});
        }
    }
    QStringList said;
    for (const Row& r : rows_)
        said << told("%1: before %2, after %3, unseen %4")
                    .arg(r.name, ::refero::sure(r.before), ::refero::sure(r.after), ::refero::sure(r.unseen));
    setAccessibleDescription(said.join(QStringLiteral("; ")));
    update();
}

double CertaintyView::xOf(double difference) const {
    const double share = std::log(std::clamp(difference, kLow, kHigh) / kLow) / std::log(kHigh / kLow);
    return kNames + share * (width() - kNames - kRight);
}

void CertaintyView::paintMark(QPainter& painter, const Mark& mark, int shape, double y) const {
    const auto& c = look::palette();
    const QColor colour = shape == kBefore ? c.quiet : c.loud;
    if (mark.interval) {
        painter.setPen(QPen(colour, 1.5));
        const double low = xOf(mark.interval->low), high = xOf(mark.interval->high);
        painter.drawLine(QPointF(low, y), QPointF(high, y));
        for (const double x : {low, high}) painter.drawLine(QPointF(x, y - 3), QPointF(x, y + 3));
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(colour);
    paintMarker(painter, {xOf(mark.value), y}, shape, 3.5);
}

void CertaintyView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    painter.setFont(look::font(look::Size::small));
    double x = kNames;
    const char* legend[] = {word("balance alone"), word("corrected"), word("unseen")};
    for (int k = 0; k < 3; ++k) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(k == kBefore ? c.quiet : c.loud);
        paintMarker(painter, {x + 5, 11}, k, 3.5);
        painter.setPen(c.quiet);
        const QString text = told(legend[k]);
        painter.drawText(QRectF(x + 13, 2, 100, 18), Qt::AlignLeft | Qt::AlignVCenter, text);
        x += 13 + painter.fontMetrics().horizontalAdvance(text) + 14;
    }
    const double bottom = height() - kFoot;
    painter.setFont(look::figures(look::Size::small));
    for (const double tick : {0.1, 0.3, 1.0, 3.0, 10.0, 30.0}) {
        painter.setPen(QPen(c.line, 1));
        painter.drawLine(QPointF(xOf(tick), kHead), QPointF(xOf(tick), bottom));
        painter.setPen(c.quiet);
        painter.drawText(QRectF(xOf(tick) - 20, bottom + 2, 40, 16), Qt::AlignCenter, shortNumber(tick, 2));
    }
    if (rows_.empty()) return;
    const double step = (bottom - kHead) / static_cast<double>(rows_.size());
    painter.setFont(look::font(look::Size::small));
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        const double y = kHead + (static_cast<double>(i) + 0.5) * step;
        painter.setPen(c.text);
        painter.drawText(QRectF(0, y - 9, kNames - 8, 18), Qt::AlignRight | Qt::AlignVCenter, rows_[i].name);
        // Apart from each other, so that bars that overlap can be told.
        const double apart = std::min(6.0, step / 4);
        paintMark(painter, rows_[i].before, kBefore, y - apart);
        paintMark(painter, rows_[i].after, kAfter, y);
        if (rows_[i].unseen.value > 0) paintMark(painter, rows_[i].unseen, kUnseen, y + apart);
    }
}

}  // namespace refero
