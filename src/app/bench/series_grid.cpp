// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/series_grid.h"

#include <QContextMenuEvent>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "app/look/button.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/pictures/display_colour.h"
#include "app/pictures/draw_scaled.h"
#include "words/series_words.h"

namespace refero {
namespace {

constexpr int kNames = 104, kHead = 22, kGap = 4, kStripHeight = 8, kRangeHeight = 14, kRight = 8;
constexpr double kSameColumn = 0.17;  // stops: half a third

}  // namespace

SeriesGrid::SeriesGrid(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("seriesGrid"));
    setAccessibleName(tr("Recording profiles by exposure"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(260, 110);
}

void SeriesGrid::setSeries(std::shared_ptr<const Series> series, const Chart& chart) {
    const bool first = !series_;
    series_ = std::move(series);
    strip_ = stripPatches(chart);
    columns_.clear();
    for (const SeriesProfile& p : series_->profiles)
        for (const SeriesStep& s : p.steps)
            if (columnOf(s.stops) < 0) columns_.push_back(s.stops);
    std::sort(columns_.begin(), columns_.end());
    const auto there = [&](const SeriesCell& c) {
        return c.profile < series_->profiles.size() && c.step < series_->profiles[c.profile].steps.size();
    };
    if (first || !there(chosen_) || !there(against_)) {
        against_ = {0, series_->profiles[0].base};
        chosen_ = {0, 0};
    }
    updateGeometry();
    describe();
    update();
}

void SeriesGrid::clear() {
    series_.reset();
    columns_.clear();
    pictures_.clear();
    update();
}

void SeriesGrid::setPictures(std::vector<std::vector<QImage>> pictures) {
    pictures_ = std::move(pictures);
    update();
    emit picturesChanged();
}

QImage SeriesGrid::forPaper(std::vector<std::vector<QImage>> srgbPictures) {
    pictures_.swap(srgbPictures);
    paper_ = true;
    QImage out(size() * 2, QImage::Format_RGB32);
    out.setDevicePixelRatio(2);
    render(&out);
    paper_ = false;
    pictures_.swap(srgbPictures);
    return out;
}

void SeriesGrid::choose(const SeriesCell& cell, bool against) {
    (against ? against_ : chosen_) = cell;
    describe();
    update();
    emit chosenChanged();
}

int SeriesGrid::columnOf(double stops) const {
    for (std::size_t i = 0; i < columns_.size(); ++i)
        if (std::abs(columns_[i] - stops) < kSameColumn) return static_cast<int>(i);
    return -1;
}

int SeriesGrid::columnWidth() const {
    const int n = std::max<int>(1, static_cast<int>(columns_.size()));
    return std::clamp((width() - kNames - kRight) / n, 28, 190);
}

int SeriesGrid::rowHeight() const {
    const int wanted = columnWidth() * 3 / 4 + 3 * kStripHeight + kRangeHeight + 2 * kGap;
    const int rows = std::max<int>(1, series_ ? static_cast<int>(series_->profiles.size()) : 1);
    return std::clamp((height() - kHead) / rows, 3 * kStripHeight + kRangeHeight + 30, std::max(wanted, 80));
}

QRect SeriesGrid::cellRect(const SeriesCell& cell) const {
    if (!series_) return {};
    const int column = columnOf(series_->profiles[cell.profile].steps[cell.step].stops);
    return {kNames + column * columnWidth(), kHead + static_cast<int>(cell.profile) * rowHeight(),
            columnWidth() - kGap, rowHeight() - kRangeHeight - kGap};
}

QSize SeriesGrid::sizeHint() const {
    const int rows = series_ ? static_cast<int>(series_->profiles.size()) : 1;
    return {640, kHead + rows * 150};
}

std::optional<SeriesCell> SeriesGrid::cellAt(const QPoint& at) const {
    if (series_)
        for (std::size_t p = 0; p < series_->profiles.size(); ++p)
            for (std::size_t s = 0; s < series_->profiles[p].steps.size(); ++s)
                if (cellRect({p, s}).contains(at)) return SeriesCell{p, s};
    return {};
}

// Between the middles of the columns, in even stops.
double SeriesGrid::xOf(double stops) const {
    const auto middle = [&](std::size_t i) {
        return kNames + (double(i) + 0.5) * columnWidth() - kGap / 2.0;
    };
    if (columns_.size() < 2) return middle(0);
    std::size_t i = 1;
    while (i + 1 < columns_.size() && columns_[i] < stops) ++i;
    const double from = columns_[i - 1], to = columns_[i];
    return middle(i - 1) + (middle(i) - middle(i - 1)) * (stops - from) / (to - from);
}

QString SeriesGrid::said(const SeriesCell& cell) const {
    const SeriesProfile& p = series_->profiles[cell.profile];
    const SeriesStep& s = p.steps[cell.step];
    QString out = tr("%1 at %2: level only %3, drift %4")
                      .arg(text(p.name), text(words::exposure(s.stops)))
                      .arg(decimalText(s.levelOnly, 2))
                      .arg(decimalText(s.drift.mean, 2));
    if (s.corrected)
        out += tr(", corrected %1, chroma noise %2")
                   .arg(decimalText(*s.corrected, 2))
                   .arg(decimalText(s.chromaNoise, 1));
    if (s.clipped > 0) out += tr(", %1 % of the patches clipped").arg(decimalText(100 * s.clipped, 0));
    return out;
}

void SeriesGrid::describe() {
    if (!series_) return setAccessibleDescription({});
    setAccessibleDescription(tr("%1. Held against %2.").arg(said(chosen_), said(against_)));
}

void SeriesGrid::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    painter.fillRect(rect(), c.ground);
    if (!series_) return;
    painter.setFont(look::figures(look::Size::small));
    for (std::size_t i = 0; i < columns_.size(); ++i) {
        painter.setPen(std::abs(columns_[i]) < kSameColumn ? c.loud : c.quiet);
        painter.drawText(QRect(kNames + static_cast<int>(i) * columnWidth(), 0, columnWidth() - kGap, kHead),
                         Qt::AlignCenter, text(words::exposure(columns_[i])));
    }
    for (std::size_t p = 0; p < series_->profiles.size(); ++p) paintRow(painter, p);
    if (hasFocus()) look::paintFocusRing(painter, QRectF(rect()).adjusted(1, 1, -1, -1));
}

void SeriesGrid::paintRow(QPainter& painter, std::size_t profile) const {
    const auto& c = look::palette();
    const SeriesProfile& p = series_->profiles[profile];
    const QRect names(4, kHead + static_cast<int>(profile) * rowHeight(), kNames - 10,
                      rowHeight() - kRangeHeight);
    painter.setPen(c.text);
    painter.setFont(look::font(look::Size::small, QFont::DemiBold));
    painter.drawText(names, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, text(p.name));
    for (std::size_t s = 0; s < p.steps.size(); ++s) paintCell(painter, {profile, s});
    paintRange(painter, profile);
}

void SeriesGrid::paintCell(QPainter& painter, const SeriesCell& cell) const {
    const auto& c = look::palette();
    const SeriesProfile& p = series_->profiles[cell.profile];
    const SeriesStep& s = p.steps[cell.step];
    const QRect box = cellRect(cell);
    const QRect picture = box.adjusted(0, 0, 0, -kStripHeight * static_cast<int>(strip_.size()));
    painter.fillRect(picture, c.viewing);
    if (cell.profile < pictures_.size() && cell.step < pictures_[cell.profile].size()) {
        const QImage& image = pictures_[cell.profile][cell.step];
        if (!image.isNull()) {
            QSizeF size = QSizeF(image.size()).scaled(picture.size(), Qt::KeepAspectRatio);
            QRectF target(QPointF(0, 0), size);
            target.moveCenter(QRectF(picture).center());
            painter.setRenderHint(QPainter::SmoothPixmapTransform);
            drawScaled(painter, target, image);
        }
    }
    // The base at the left, this step at the right: where they meet, a drift shows.
    const auto colour = [&](const Lab& lab) { return paper_ ? srgbColour(lab) : displayColour(lab); };
    for (std::size_t k = 0; k < strip_.size(); ++k) {
        const QRect line(box.left(), picture.bottom() + 1 + static_cast<int>(k) * kStripHeight, box.width(),
                         kStripHeight);
        painter.fillRect(line.adjusted(0, 0, -line.width() / 2, 0), colour(p.baseStep().levelled[strip_[k]]));
        painter.fillRect(line.adjusted(line.width() / 2, 0, 0, 0), colour(s.levelled[strip_[k]]));
    }
    const bool one = cell == chosen_, other = cell == against_;
    if (!one && !other) return;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(c.loud, 2, one ? Qt::SolidLine : Qt::DashLine));
    painter.drawRect(QRectF(box).adjusted(1, 1, -1, -1));
    painter.setFont(look::font(look::Size::small, QFont::DemiBold));
    const QString letter = one && other ? tr("A B", "the cells that are compared") : one ? tr("A") : tr("B");
    const QRectF label(box.left() + 3, box.top() + 3, painter.fontMetrics().horizontalAdvance(letter) + 8,
                       16);
    painter.fillRect(label, c.loud);
    painter.setPen(c.ground);
    painter.drawText(label, Qt::AlignCenter, letter);
}

// What can be used, as a bar with its ends; the best exposure as a mark on it.
void SeriesGrid::paintRange(QPainter& painter, std::size_t profile) const {
    const auto& c = look::palette();
    const SeriesProfile& p = series_->profiles[profile];
    if (p.steps.size() < 2) return;
    const double y = kHead + double(profile + 1) * rowHeight() - kRangeHeight + 3;
    const double from = xOf(p.usableLow), to = xOf(p.usableHigh);
    painter.setPen(QPen(c.text, 2));
    painter.drawLine(QPointF(from, y), QPointF(to, y));
    // An end that was reached is a stroke, one that was not goes on.
    if (p.lowEnd != RangeEnd::notReached) painter.drawLine(QPointF(from, y - 4), QPointF(from, y + 4));
    if (p.highEnd != RangeEnd::notReached) painter.drawLine(QPointF(to, y - 4), QPointF(to, y + 4));
    const double best = xOf(p.bestOffset);
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.loud);
    painter.drawPolygon(QPolygonF{{best, y - 1}, {best - 4, y + 6}, {best + 4, y + 6}});
}

void SeriesGrid::mousePressEvent(QMouseEvent* event) {
    setFocus();
    const auto cell = cellAt(event->pos());
    if (cell && event->button() == Qt::LeftButton) choose(*cell, event->modifiers() & Qt::ShiftModifier);
}

void SeriesGrid::keyPressEvent(QKeyEvent* event) {
    if (!series_) return QWidget::keyPressEvent(event);
    const bool against = event->modifiers() & Qt::ShiftModifier;
    SeriesCell cell = against ? against_ : chosen_;
    const auto steps = [&](std::size_t profile) { return series_->profiles[profile].steps.size(); };
    switch (event->key()) {
        case Qt::Key_Left:
            if (cell.step > 0) --cell.step;
            break;
        case Qt::Key_Right:
            cell.step = std::min(cell.step + 1, steps(cell.profile) - 1);
            break;
        case Qt::Key_Up:
            if (cell.profile > 0) --cell.profile;
            break;
        case Qt::Key_Down:
            cell.profile = std::min(cell.profile + 1, series_->profiles.size() - 1);
            break;
        default:
            return QWidget::keyPressEvent(event);
    }
    cell.step = std::min(cell.step, steps(cell.profile) - 1);
    choose(cell, against);
}

void SeriesGrid::contextMenuEvent(QContextMenuEvent* event) {
    const auto cell =
        event->reason() == QContextMenuEvent::Keyboard ? std::optional(chosen_) : cellAt(event->pos());
    if (!series_ || !cell) return;
    QMenu menu(this);
    const QAction* normal = menu.addAction(tr("This is the normal exposure"));
    const QAction* profile = menu.addAction(tr("Name its recording profile"));
    const QAction* filter = menu.addAction(tr("Neutral density before its lens"));
    const QAction* wanted = menu.exec(event->globalPos());
    if (wanted == normal) emit normalWanted(*cell);
    if (wanted == profile) emit profileWanted(*cell);
    if (wanted == filter) emit filterWanted(*cell);
}

bool SeriesGrid::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        if (const auto cell = cellAt(help->pos())) QToolTip::showText(help->globalPos(), said(*cell), this);
        return true;
    }
    return QWidget::event(event);
}

}  // namespace refero
