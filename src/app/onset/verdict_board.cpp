// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/onset/verdict_board.h"

#include <QPainter>

#include "app/findings/check_view.h"
#include "app/look/tokens.h"

namespace refero {

VerdictBoard::VerdictBoard(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("verdictBoard"));
    setMinimumSize(360, 240);
}

void VerdictBoard::show(const Reading& reading) {
    verdict_ = reading.verdict;
    const auto word = label(reading.verdict);
    headline_ = QString::fromUtf8(word.data(), static_cast<qsizetype>(word.size()));
    // The worst finding is what has to be seen to.
    const Check* worst = nullptr;
    for (const Check& c : reading.checks)
        if (c.verdict == reading.verdict && c.verdict != Verdict::pass && !worst) worst = &c;
    text_ = worst ? QString::fromStdString(worst->title) + QStringLiteral(". ") +
                        QString::fromStdString(worst->remedy)
                  : QStringLiteral("The chart shot can be used.");
    setAccessibleName(headline_ + QStringLiteral(". ") + text_);
    update();
}

void VerdictBoard::say(const QString& headline, const QString& text) {
    verdict_.reset();
    headline_ = headline;
    text_ = text;
    setAccessibleName(headline_ + QStringLiteral(". ") + text_);
    update();
}

void VerdictBoard::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    p.fillRect(rect(), c.ground);
    QFont large = look::font(look::Size::distant, QFont::DemiBold);
    // A narrow window gets what fits.
    const double room = width() - 96 - (verdict_ ? 1.0 * large.pixelSize() : 0);
    const double wide = QFontMetricsF(large).horizontalAdvance(headline_);
    if (wide > room) large.setPixelSize(std::max(24, static_cast<int>(large.pixelSize() * room / wide)));
    const QFontMetricsF m(large);
    const double top = std::max(24.0, height() * 0.40 - m.height());
    double x = 48;
    if (verdict_) {
        const double radius = m.capHeight() / 2;
        paintVerdict(p, {x + radius, top + m.ascent() - radius}, radius, *verdict_);
        x += 2 * radius + 0.35 * large.pixelSize();
    }
    p.setFont(large);
    p.setPen(c.loud);
    p.drawText(QPointF(x, top + m.ascent()), headline_);
    p.setFont(look::font(look::Size::huge, QFont::Medium));
    p.setPen(c.text);
    p.drawText(QRectF(48, top + m.height() + 12, width() - 96, height() - top - m.height() - 12),
               Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, text_);
}

}  // namespace refero
