// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/charts/chart_picture.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>

#include "app/look/button.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/pictures/display_colour.h"

namespace refero {

ChartPicture::ChartPicture(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("chartPicture"));
    setAccessibleName(tr("The chart"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(240, 180);
}

void ChartPicture::clear(const QString& text) {
    chart_.reset();
    figures_.clear();
    text_ = text;
    marked_ = -1;
    update();
}

void ChartPicture::setChart(const Chart& chart) {
    if (!chart_ || chart_->id != chart.id || chart_->patches.size() != chart.patches.size()) marked_ = -1;
    chart_ = chart;
    update();
}

void ChartPicture::setMarked(int patch) {
    if (marked_ == patch) return;
    marked_ = patch;
    update();
}

void ChartPicture::setFigures(std::map<std::size_t, QString> figures) {
    figures_ = std::move(figures);
    update();
}

void ChartPicture::layOut() {
    constexpr double kMargin = 24;
    const double w = std::max(1.0, chart_->outlineMm.x()), h = std::max(1.0, chart_->outlineMm.y());
    scale_ = std::min((width() - 2 * kMargin) / w, (height() - 2 * kMargin) / h);
    origin_ = {(width() - w * scale_) / 2, (height() - h * scale_) / 2};
}

QRectF ChartPicture::placed(const Patch& p) const {
    const Point corner = p.centreMm - p.sizeMm / 2;
    return {origin_.x() + corner.x() * scale_, origin_.y() + corner.y() * scale_, p.sizeMm.x() * scale_,
            p.sizeMm.y() * scale_};
}

void ChartPicture::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const auto& c = look::palette();
    p.fillRect(rect(), c.viewing);
    if (!chart_) {
        p.setPen(c.text);
        p.setFont(look::font(look::Size::title));
        p.drawText(rect().adjusted(40, 40, -40, -40), Qt::AlignCenter | Qt::TextWordWrap, text_);
        return;
    }
    layOut();
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(QRectF(origin_, QSizeF(chart_->outlineMm.x(), chart_->outlineMm.y()) * scale_),
               displayColour(chart_->surroundLabD50));
    p.setFont(look::figures(look::Size::small));
    for (std::size_t i = 0; i < chart_->patches.size(); ++i) {
        const Patch& patch = chart_->patches[i];
        const QRectF box = placed(patch);
        p.fillRect(box, displayColour(patch.labD50));
        const auto figure = figures_.find(i);
        if (figure != figures_.end() && box.height() > 14) {
            p.setPen(patch.labD50.L > 55 ? Qt::black : Qt::white);
            p.drawText(box, Qt::AlignCenter, figure->second);
        }
        if (static_cast<int>(i) == marked_) {
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(Qt::black, 5));
            p.drawRect(box);
            p.setPen(QPen(Qt::white, 2.5));
            p.drawRect(box);
        }
    }
    if (hasFocus()) look::paintFocusRing(p, rect());
}

int ChartPicture::patchAt(const QPointF& at) const {
    if (!chart_) return -1;
    for (std::size_t i = 0; i < chart_->patches.size(); ++i)
        if (placed(chart_->patches[i]).contains(at)) return static_cast<int>(i);
    return -1;
}

void ChartPicture::mousePressEvent(QMouseEvent* event) {
    if (const int i = patchAt(event->position()); i >= 0) {
        setMarked(i);
        emit patchChosen(i);
    }
}

void ChartPicture::keyPressEvent(QKeyEvent* event) {
    const int n = chart_ ? static_cast<int>(chart_->patches.size()) : 0;
    const int by = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
    if (n == 0 || by == 0) return QWidget::keyPressEvent(event);
    setMarked(std::clamp(marked_ + by, 0, n - 1));
    emit patchChosen(marked_);
}

bool ChartPicture::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        if (const int i = patchAt(help->pos()); i >= 0) {
            const Patch& p = chart_->patches[static_cast<std::size_t>(i)];
            QToolTip::showText(
                help->globalPos(),
                QStringLiteral("%1 %2, %3\nL* %4  a* %5  b* %6 (D50)")
                    .arg(QString::fromStdString(p.id), QString::fromStdString(p.name), told(name(p.role)))
                    .arg(decimalText(p.labD50.L, 1))
                    .arg(decimalText(p.labD50.a, 1))
                    .arg(decimalText(p.labD50.b, 1)),
                this);
        }
        return true;
    }
    return QWidget::event(event);
}

QString ChartPicture::describe() const {
    if (!chart_) return text_;
    QStringList out{tr("%1, %n patches.", nullptr, static_cast<int>(chart_->patches.size()))
                        .arg(QString::fromStdString(chart_->name))};
    for (const auto& [patch, figure] : figures_)
        if (patch < chart_->patches.size())
            out << tr("%1: %2.", "a patch and its figure")
                       .arg(QString::fromStdString(chart_->patches[patch].id), figure);
    if (marked_ >= 0 && marked_ < static_cast<int>(chart_->patches.size()))
        out << tr("%1 is chosen.")
                   .arg(QString::fromStdString(chart_->patches[static_cast<std::size_t>(marked_)].id));
    return out.join(QLatin1Char(' '));
}

}  // namespace refero
