// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/onset/verdict_board.h"

#include <QPainter>
#include <vector>

#include "app/findings/check_view.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/pictures/draw_scaled.h"
#include "core/read/camera_settings.h"
#include "words/camera_words.h"

namespace refero {
namespace {

constexpr std::size_t kFindings = 2;

// What is judged as the whole is, then what wants a look; the exposure is told in stops already.
std::vector<const Check*> worstOf(const Reading& reading) {
    std::vector<const Check*> out;
    for (const Verdict v : {Verdict::reshoot, Verdict::review})
        for (const Check& c : reading.checks)
            if (c.verdict == v && c.id != "exposure" && !c.remedy.empty() && out.size() < kFindings)
                out.push_back(&c);
    return out;
}

}  // namespace

VerdictBoard::VerdictBoard(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("verdictBoard"));
    setMinimumSize(360, 240);
}

void VerdictBoard::show(const Reading& reading, const QString& setup) {
    verdict_ = reading.verdict;
    setup_ = setup;
    const auto word = label(reading.verdict);
    headline_ = QString::fromUtf8(word.data(), static_cast<qsizetype>(word.size()));
    lines_.clear();
    if (const auto open = exposureChange(reading))
        if (const int thirds = thirdsOf(*open); thirds != 0)
            lines_ << (thirds > 0 ? tr("Open up by %1") : tr("Close down by %1"))
                          .arg(refero::text(words::stopsInThirds(thirds)));
    for (const Check* c : worstOf(reading)) lines_ << refero::text(c->title + ". " + c->remedy);
    if (lines_.isEmpty()) lines_ << tr("The chart shot can be used.");
    told();
}

void VerdictBoard::say(const QString& headline, const QString& said) {
    verdict_.reset();
    headline_ = headline;
    setup_.clear();
    lines_ = {said};
    told();
}

void VerdictBoard::setPicture(const QImage& picture) {
    picture_ = picture;
    update();
}

void VerdictBoard::told() {
    setAccessibleName(setup_.isEmpty()
                          ? tr("%1. %2", "headline, what to do").arg(headline_, text())
                          : tr("%1, %2. %3", "headline, setup, what to do").arg(headline_, setup_, text()));
    update();
}

void VerdictBoard::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    p.fillRect(rect(), c.ground);
    QFont large = look::font(look::Size::distant, QFont::DemiBold);
    // A narrow window gets what fits.
    // The frame at the right, where there is room for both.
    double right = width() - 48;
    if (!picture_.isNull() && width() >= 900) {
        const QSizeF box(0.36 * width(), height() - 96.0);
        const QSizeF size = QSizeF(picture_.size()).scaled(box, Qt::KeepAspectRatio);
        const QRectF place(QPointF(width() - 48 - size.width(), 48), size);
        p.fillRect(place.adjusted(-8, -8, 8, 8), c.viewing);
        p.setRenderHint(QPainter::SmoothPixmapTransform);
        drawScaled(p, place, picture_);
        right = place.left() - 40;
    }
    const double room = right - 48 - (verdict_ ? 1.0 * large.pixelSize() : 0);
    const double wide = QFontMetricsF(large).horizontalAdvance(headline_);
    if (wide > room) large.setPixelSize(std::max(24, static_cast<int>(large.pixelSize() * room / wide)));
    const QFontMetricsF m(large);
    const double top = std::max(24.0, height() * 0.30 - m.height());
    double x = 48;
    if (verdict_) {
        const double radius = m.capHeight() / 2;
        paintVerdict(p, {x + radius, top + m.ascent() - radius}, radius, *verdict_);
        x += 2 * radius + 0.35 * large.pixelSize();
    }
    p.setFont(large);
    p.setPen(c.loud);
    p.drawText(QPointF(x, top + m.ascent()), headline_);
    double y = top + m.height() + 4;
    const auto block = [&](const QString& words, const QFont& font, const QColor& pen, double after) {
        p.setFont(font);
        p.setPen(pen);
        const QRectF below(48, y, right - 48, std::max(0.0, height() - y));
        QRectF taken;
        p.drawText(below, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words, &taken);
        y = taken.bottom() + after;
    };
    if (!setup_.isEmpty()) block(setup_, look::font(look::Size::title), c.quiet, 12);
    for (qsizetype i = 0; i < lines_.size(); ++i)
        block(lines_[i], i == 0 ? look::font(look::Size::huge, QFont::Medium) : look::font(look::Size::title),
              c.text, 14);
}

}  // namespace refero
