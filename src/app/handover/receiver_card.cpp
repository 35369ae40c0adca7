// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handover/receiver_card.h"

#include <QPainter>

#include "app/look/button.h"
#include "app/look/sided.h"
#include "app/look/text.h"
#include "app/look/tokens.h"

namespace refero {
namespace {

constexpr int kPadding = 12;

}  // namespace

ReceiverCard::ReceiverCard(std::optional<Receiver> receiver, QWidget* parent)
    : QAbstractButton(parent), receiver_(receiver) {
    const ReceiverInfo& i = info(receiver);
    setObjectName(QLatin1String(i.object));
    setText(refero::title(receiver));
    setAccessibleName(refero::title(receiver));
    setAccessibleDescription(told(i.why));
    setToolTip(told(i.why));
    setCheckable(true);
    setAutoExclusive(true);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

QSize ReceiverCard::sizeHint() const {
    const int title = QFontMetrics(look::font(look::Size::title, QFont::DemiBold)).height();
    const int words = QFontMetrics(look::font(look::Size::small)).height();
    return {168, 2 * kPadding + title + 4 + words};
}

void ReceiverCard::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const auto& c = look::palette();
    const QRectF r = QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5);
    p.setPen(Qt::NoPen);
    p.setBrush(isChecked() ? c.raised : c.panel);
    p.drawRoundedRect(r, look::kRadius, look::kRadius);
    // Chosen: a lighter ground and a bar, as everywhere.
    const look::Sided sided(p, rect(), layoutDirection());
    if (isChecked())
        p.fillRect(sided(QRect(hasFocus() ? 7 : 0, kPadding, 3, height() - 2 * kPadding)), c.loud);
    const QRect inner = sided(rect().adjusted(kPadding + 2, kPadding, -kPadding, -kPadding));
    p.setFont(look::font(look::Size::title, QFont::DemiBold));
    p.setPen(isEnabled() ? (isChecked() ? c.loud : c.text) : c.quiet);
    const int title = p.fontMetrics().height();
    p.drawText(inner, Qt::AlignLeft | Qt::AlignTop,
               p.fontMetrics().elidedText(text(), Qt::ElideRight, inner.width()));
    p.setFont(look::font(look::Size::small));
    p.setPen(c.quiet);
    p.drawText(inner.adjusted(0, title + 4, 0, 0), Qt::AlignLeft | Qt::AlignTop,
               p.fontMetrics().elidedText(told(info(receiver_).gets), Qt::ElideRight, inner.width()));
    if (hasFocus()) look::paintFocusRing(p, QRectF(rect()).adjusted(2, 2, -2, -2));
}

}  // namespace refero
