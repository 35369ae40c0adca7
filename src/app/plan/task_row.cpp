// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/task_row.h"

#include <QEvent>
#include <QPainter>

#include "app/look/button.h"
#include "app/look/sided.h"
#include "app/look/tokens.h"

namespace refero {
namespace {

constexpr int kLeft = 44, kPad = 6, kBox = 16;

}  // namespace

TaskRow::TaskRow(const plan::Task& task, QWidget* parent)
    : QAbstractButton(parent),
      what_(QString::fromStdString(task.what)),
      why_(QString::fromStdString(task.why)) {
    setObjectName(QStringLiteral("task-") + QString::fromStdString(task.id));
    setCheckable(true);
    setText(what_);
    setAccessibleName(what_);
    setAccessibleDescription(why_);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Minimum);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

int TaskRow::lay(int width, QPainter* painter) const {
    const auto& c = look::palette();
    const int wide = std::max(80, width - kLeft - 16);
    int y = kPad;
    const auto put = [&](const QString& text, const QFont& font, const QColor& ink) {
        const QRect box =
            QFontMetrics(font).boundingRect(QRect(kLeft, y, wide, 2000), Qt::TextWordWrap, text);
        if (painter) {
            painter->setFont(font);
            painter->setPen(ink);
            painter->drawText(look::Sided(*painter, QRect(0, 0, width, 1),
                                          layoutDirection())(QRect(kLeft, y, wide, box.height() + 2)),
                              Qt::TextWordWrap, text);
        }
        y += box.height();
    };
    put(what_, look::font(look::Size::body, QFont::Medium), isChecked() ? c.quiet : c.text);
    y += 2;
    put(why_, look::font(look::Size::small), c.quiet);
    return y + kPad;
}

int TaskRow::heightForWidth(int width) const {
    return lay(width, nullptr);
}

bool TaskRow::event(QEvent* event) {
    if (event->type() == QEvent::HoverEnter || event->type() == QEvent::HoverLeave ||
        event->type() == QEvent::Enter || event->type() == QEvent::Leave)
        update();
    return QAbstractButton::event(event);
}

void TaskRow::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const auto& c = look::palette();
    if (underMouse()) p.fillRect(rect(), c.panel);
    lay(width(), &p);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF box =
        QRectF(look::Sided(p, rect(), layoutDirection())(QRect(16, kPad, kBox, kBox))).translated(0.5, 0.5);
    p.setPen(QPen(isChecked() ? c.quiet : c.text, 1.5));
    p.setBrush(isChecked() ? c.raised : QColor(Qt::transparent));
    p.drawRoundedRect(box, look::kRadius, look::kRadius);
    if (isChecked()) {
        p.setPen(QPen(c.text, 2));
        p.drawPolyline(QPolygonF{box.topLeft() + QPointF(3.5, 8.5), box.topLeft() + QPointF(7, 12),
                                 box.topLeft() + QPointF(12.5, 4.5)});
    }
    if (hasFocus()) look::paintFocusRing(p, rect());
}

}  // namespace refero
