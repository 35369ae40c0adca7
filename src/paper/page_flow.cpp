// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/page_flow.h"

#include <QPageLayout>
#include <cmath>
#include <string_view>

#include "core/say/say.h"
#include "io/files/safe_write.h"

namespace refero::paper {
namespace {

int flags(const PageFlow::Type& type) {
    return (type.anywhere ? Qt::TextWrapAnywhere : Qt::TextWordWrap) |
           (type.figures ? Qt::AlignRight : Qt::AlignLeft);
}

}  // namespace

PageFlow::PageFlow(const QString& title) : writer_(&pdf_) {
    pdf_.open(QIODevice::WriteOnly);
    writer_.setResolution(kDotsPerInch);
    writer_.setPageLayout(
        QPageLayout(QPageSize(QPageSize::A4), QPageLayout::Portrait, QMarginsF(0, 0, 0, 0)));
    writer_.setTitle(title);
    writer_.setCreator(QStringLiteral("Refero"));
    painter_.begin(&writer_);
}

void PageFlow::newPage() {
    printFoot();
    writer_.newPage();
    ++page_;
    y_ = kTop;
}

bool PageFlow::need(double mm) {
    if (y_ + mm <= kBottom) return false;
    newPage();
    return true;
}

void PageFlow::setFoot(const QString& text) {
    foot_ = text;
}

void PageFlow::printFoot() {
    if (foot_.isEmpty()) return;
    const Type words{7.5, QFont::Normal, 110}, number{7.5, QFont::Normal, 110, true};
    text(kLeft, kBottom + 5, kRight - kLeft - 20, foot_, words);
    text(kRight - 20, kBottom + 5, 20, QString::number(page_), number);
}

Status PageFlow::write(const std::filesystem::path& target) {
    printFoot();
    if (!painter_.end()) return failure(say("%1 could not be laid out.", target.filename().string()));
    const QByteArray& bytes = pdf_.data();
    return io::writeFile(target, std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size())));
}

QFont PageFlow::font(const Type& type) const {
    QFont f(type.figures ? QStringLiteral("Refero Figures") : QStringLiteral("Inter"));
    f.setPixelSize(static_cast<int>(std::lround(type.points / 72 * kDotsPerInch)));
    f.setWeight(type.weight);
    f.setHintingPreference(QFont::PreferNoHinting);
    return f;
}

QRectF PageFlow::rectangle(double x, double y, double width, double height) const {
    return {dots(x), dots(y), dots(width), dots(height)};
}

double PageFlow::heightOf(const QString& text, double width, const Type& type) const {
    const QFontMetricsF metrics(font(type));
    return metrics.boundingRect(QRectF(0, 0, dots(width), 1e6), flags(type), text).height() * 25.4 /
           kDotsPerInch;
}

double PageFlow::text(double x, double y, double width, const QString& text, const Type& type) {
    const double height = heightOf(text, width, type);
    painter_.setFont(font(type));
    painter_.setPen(QColor(type.grey, type.grey, type.grey));
    painter_.drawText(rectangle(x, y, width, height + 1), flags(type), text);
    return height;
}

void PageFlow::line(double x1, double y1, double x2, double y2, double width, int grey) {
    painter_.setPen(QPen(QColor(grey, grey, grey), dots(width)));
    painter_.drawLine(QPointF(dots(x1), dots(y1)), QPointF(dots(x2), dots(y2)));
}

void PageFlow::box(double x, double y, double side) {
    painter_.setPen(QPen(Qt::black, dots(0.3)));
    painter_.setBrush(Qt::NoBrush);
    painter_.drawRect(rectangle(x, y, side, side));
}

void PageFlow::fill(double x, double y, double width, double height, const QColor& colour) {
    painter_.fillRect(rectangle(x, y, width, height), colour);
}

void PageFlow::image(double x, double y, double width, double height, const QImage& image) {
    painter_.drawImage(rectangle(x, y, width, height), image);
}

void PageFlow::outline(const QPolygonF& corners, double width, int grey) {
    QPolygonF scaled;
    for (const QPointF& p : corners) scaled << QPointF(dots(p.x()), dots(p.y()));
    painter_.setPen(QPen(QColor(grey, grey, grey), dots(width)));
    painter_.setBrush(Qt::NoBrush);
    painter_.drawPolygon(scaled);
}

}  // namespace refero::paper
