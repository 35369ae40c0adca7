// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/findings/check_view.h"

#include <QContextMenuEvent>
#include <QMenu>
#include <QPainter>
#include <QResizeEvent>
#include <algorithm>

#include "app/findings/evidence_mark.h"
#include "app/look/button.h"
#include "app/look/sided.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "core/read/checks.h"
#include "core/read/limits.h"

namespace refero {

void paintVerdict(QPainter& painter, const QPointF& at, double r, Verdict verdict) {
    const auto& c = look::palette();
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    if (verdict == Verdict::pass) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(c.text);
        painter.drawEllipse(at, r, r);
    } else if (verdict == Verdict::review) {
        painter.setPen(QPen(c.loud, r * 0.4));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(at, r * 0.8, r * 0.8);
    } else {
        painter.setPen(Qt::NoPen);
        painter.setBrush(c.loud);
        painter.drawRect(QRectF(at.x() - r, at.y() - r, 2 * r, 2 * r));
        painter.setPen(QPen(c.ground, r * 0.35));
        const double k = r * 0.5;
        painter.drawLine(at - QPointF(k, k), at + QPointF(k, k));
        painter.drawLine(at + QPointF(-k, k), at + QPointF(k, -k));
    }
    painter.restore();
}

QString valueText(const Check& c) {
    if (c.id == "encoding") return {};
    const bool share = c.unit == "of clipping" || c.unit == "of pixels" || c.unit == "cast" ||
                       c.unit == "of white" || c.unit == "of its colours";
    const double v = share ? c.value * 100 : c.value;
    const bool counted =
        c.unit == "degrees" || c.unit == "pixels" || c.unit == "patches" || c.unit == "charts";
    const bool fine = c.unit == "CIEDE2000" || c.unit == "stops" || c.unit == "gain";
    const int digits = fine ? 2 : v >= 10 || counted ? 0 : 1;
    const auto named = [&] {
        if (share) return QStringLiteral(" % ") + told(c.unit);
        if (c.unit == "degrees") return QStringLiteral("\u00b0");
        if (v == 1 && c.unit == "patches") return told(" patch");
        if (v == 1 && c.unit == "charts") return told(" chart");
        return QLatin1Char(' ') + told(c.unit);
    };
    return decimalText(v, digits) + named();
}

CheckView::CheckView(const Check& check, QWidget* parent) : QWidget(parent), check_(check) {
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
    const auto text = [](const std::string& s) { return QString::fromStdString(s); };
    const QString verdictText = text(label(check.verdict));
    setAccessibleName(text(check.title) + QStringLiteral(": ") + verdictText);
    setAccessibleDescription(valueText(check_) + QStringLiteral(", ") + text(check.limit) +
                             QStringLiteral(". ") + text(check.reason) + QStringLiteral(" ") +
                             text(check.remedy));
    QString hint = tr("Allowed: %1.").arg(text(check.limit));
    if (check.verdict == Verdict::pass) hint.prepend(text(check.reason) + QLatin1Char('\n'));
    if (!check.evidence.empty()) hint += told(" Shown on the frame.");
    setToolTip(hint);
    // Its menu is to be reached by the keyboard, too.
    if (!check.evidence.empty() || check.verdict != Verdict::pass) setFocusPolicy(Qt::StrongFocus);
}

// Asked several times in each layout, and measuring wrapped text is slow.
int CheckView::heightForWidth(int width) const {
    if (measuredWidth_ != width) {
        measuredWidth_ = width;
        measuredHeight_ = lay(width, nullptr);
    }
    return measuredHeight_;
}

QSize CheckView::sizeHint() const {
    const int wide = testAttribute(Qt::WA_Resized) ? width() : 260;
    return {260, heightForWidth(wide)};
}

void CheckView::setChosen(bool chosen) {
    chosen_ = chosen;
    update();
}

void CheckView::contextMenuEvent(QContextMenuEvent* event) {
    const auto fields = limitFields();
    if (std::none_of(fields.begin(), fields.end(),
                     [&](const LimitField& f) { return f.id == limitIdOf(check_); }))
        return;
    QMenu menu(this);
    QAction* allow = menu.addAction(tr("Allow this value"));
    allow->setEnabled(check_.verdict != Verdict::pass);
    QAction* back = menu.addAction(tr("Back to the limit of the set"));
    const QAction* chosen = menu.exec(event->globalPos());
    if (chosen == allow) emit limitWanted(check_, check_.value);
    if (chosen == back) emit limitWanted(check_, {});
}

void CheckView::enterEvent(QEnterEvent* event) {
    QWidget::enterEvent(event);
    emit pointed(true);
}

void CheckView::leaveEvent(QEvent* event) {
    QWidget::leaveEvent(event);
    if (!hasFocus()) emit pointed(false);
}

void CheckView::focusInEvent(QFocusEvent* event) {
    QWidget::focusInEvent(event);
    emit pointed(true);
}

void CheckView::focusOutEvent(QFocusEvent* event) {
    QWidget::focusOutEvent(event);
    emit pointed(false);
}

void CheckView::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    if (event->oldSize().width() != width()) updateGeometry();
}

void CheckView::paintGauge(QPainter& painter, const QRectF& box) const {
    const auto& c = look::palette();
    const double span = check_.scaleHigh - check_.scaleLow;
    const auto x = [&](double v) {
        return box.left() + std::clamp((v - check_.scaleLow) / span, 0.0, 1.0) * box.width();
    };
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.line);
    painter.drawRoundedRect(QRectF(box.left(), box.center().y() - 1.5, box.width(), 3), 1.5, 1.5);
    painter.setBrush(c.quiet);
    painter.drawRoundedRect(QRectF(x(check_.low), box.center().y() - 1.5, x(check_.high) - x(check_.low), 3),
                            1.5, 1.5);
    const double at = x(check_.value);
    painter.setBrush(c.loud);
    painter.drawRect(QRectF(at - 1.5, box.top(), 3, box.height()));
}

// One pass that measures, and paints where there is a painter.
int CheckView::lay(int width, QPainter* painter) const {
    const auto& c = look::palette();
    const QFont titleFont = look::font(look::Size::body, QFont::DemiBold),
                valueFont = look::figures(look::Size::body), smallFont = look::font(look::Size::small);
    const int left = 24, inner = width - left;
    const QString title = QString::fromStdString(check_.title), value = valueText(check_);
    const bool together = QFontMetrics(titleFont).horizontalAdvance(title) +
                              QFontMetrics(valueFont).horizontalAdvance(value) + 12 <=
                          inner;
    std::optional<look::Sided> sides;
    if (painter) sides.emplace(*painter, QRect(0, 0, width, 1), layoutDirection());
    int y = 6;
    if (painter && check_.verdict != Verdict::pass && !check_.evidence.patches.empty()) {
        // How its patches are marked on the frame.
        painter->setBrush(Qt::NoBrush);
        painter->setPen(QPen(c.text, 1.2));
        painter->drawPath(
            patternIn(QPolygonF(QRectF((*sides)(QRect(2, y + 24, 12, 12)))), markOf(check_.id)));
    }
    if (painter) {
        paintVerdict(*painter, (*sides)(QPointF(8, y + 9)), 5, check_.verdict);
        painter->setPen(c.text);
        painter->setFont(titleFont);
        painter->drawText((*sides)(QRect(left, y, inner, 18)), Qt::AlignLeft | Qt::AlignVCenter, title);
    }
    if (!together) y += 18;
    if (painter) {
        painter->setFont(valueFont);
        painter->setPen(check_.verdict == Verdict::pass ? c.text : c.loud);
        painter->drawText((*sides)(QRect(left, y, inner, 18)),
                          (together ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter, value);
    }
    y += 22;
    if (check_.id != "encoding") {
        if (painter) paintGauge(*painter, (*sides)(QRect(left, y, inner, 10)));
        y += 16;
    }
    const auto paragraph = [&](const std::string& text, const QColor& colour, QFont font) {
        if (text.empty()) return;
        const QString q = QString::fromStdString(text);
        const QRect box = QFontMetrics(font).boundingRect(QRect(0, 0, inner, 1000), Qt::TextWordWrap, q);
        if (painter) {
            painter->setPen(colour);
            painter->setFont(font);
            painter->drawText((*sides)(QRect(left, y, inner, box.height() + 2)), Qt::TextWordWrap, q);
        }
        y += box.height() + 3;
    };
    // What is good is said in full where the pointer rests.
    if (check_.verdict != Verdict::pass) paragraph(check_.reason, c.quiet, smallFont);
    paragraph(check_.remedy, c.text, look::font(look::Size::small, QFont::Medium));
    return y + (check_.verdict == Verdict::pass ? 2 : 8);
}

void CheckView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (chosen_) painter.fillRect(rect(), look::palette().raised);
    lay(width(), &painter);
    if (hasFocus()) look::paintFocusRing(painter, rect());
}

}  // namespace refero
