// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/look/label.h"

#include <QEvent>
#include <QPainter>
#include <QStyle>
#include <algorithm>

namespace refero::look {
namespace {

constexpr int kFewestLetters = 8;

}  // namespace

Label::Label(const QString& text, Size size, Tone tone, QFont::Weight weight, QWidget* parent)
    : QLabel(text, parent), tone_(tone) {
    setFont(look::font(size, weight));
    setTextFormat(Qt::PlainText);
    setWordWrap(true);
    recolour();
}

QSize Label::minimumSizeHint() const {
    const QSize own = QLabel::minimumSizeHint();
    return wordWrap() ? QSize(std::min(own.width(), 80), own.height()) : own;
}

int Label::heightForWidth(int width) const {
    constexpr std::size_t kKept = 24;
    Measured now{text(), contentsMargins(), indent(), margin(), wordWrap()};
    if (now != measured_ || heights_.size() >= kKept) heights_.clear();
    measured_ = std::move(now);
    const auto at =
        std::find_if(heights_.begin(), heights_.end(), [&](const auto& h) { return h.first == width; });
    if (at != heights_.end()) return at->second;
    const int height = QLabel::heightForWidth(width);
    heights_.emplace_back(width, height);
    return height;
}

void Label::setSingleLine() {
    singleLine_ = true;
    setWordWrap(false);
    // What is cut must not decide how much room there is.
    setMinimumWidth(1);
    setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
}

void Label::paintEvent(QPaintEvent* event) {
    if (!singleLine_) return QLabel::paintEvent(event);
    QPainter painter(this);
    const QRect room = contentsRect();
    const QString shown = fontMetrics().elidedText(text(), Qt::ElideRight, room.width());
    // The stump of a word says nothing.
    if (shown != text() && shown.size() < kFewestLetters) return;
    style()->drawItemText(&painter, room, static_cast<int>(alignment()), QLabel::palette(), isEnabled(),
                          shown, QPalette::WindowText);
}

// A change of surround brings a new palette; a label's own colours do not follow by themselves.
void Label::changeEvent(QEvent* event) {
    QLabel::changeEvent(event);
    if (event->type() == QEvent::PaletteChange) recolour();
    if (event->type() == QEvent::FontChange || event->type() == QEvent::StyleChange) heights_.clear();
}

void Label::recolour() {
    const auto& c = look::palette();
    QPalette own = QLabel::palette();
    own.setColor(QPalette::WindowText, tone_ == Tone::quiet  ? c.quiet
                                       : tone_ == Tone::loud ? c.loud
                                                             : c.text);
    if (own.color(QPalette::WindowText) != QLabel::palette().color(QPalette::WindowText)) setPalette(own);
}

}  // namespace refero::look
