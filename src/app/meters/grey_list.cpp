// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/meters/grey_list.h"

#include <QPainter>
#include <algorithm>
#include <array>
#include <cmath>

#include "app/findings/check_view.h"
#include "app/look/tokens.h"
#include "core/colour/encoding.h"

namespace refero {

GreyList::GreyList(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("greyList"));
    setAccessibleName(tr("Greys to balance on"));
    setMinimumSize(220, 150);
    setToolTip(QStringLiteral(
        "Hold Shift and draw over a wall, a paper, a shirt: is this grey grey, and what would it do to the "
        "picture?"));
}

void GreyList::setPicture(const QImage& small) {
    picture_ = small;
    for (Entry& e : entries_) e.picture = balancedOn(e.candidate);
    update();
}

void GreyList::clear() {
    entries_.clear();
    message_.clear();
    update();
}

void GreyList::say(const QString& message) {
    message_ = message;
    update();
}

void GreyList::add(const GreyCandidate& candidate, const QString& name) {
    message_.clear();
    if (entries_.size() == kMost) entries_.erase(entries_.begin());
    entries_.push_back({candidate, name, balancedOn(candidate)});
    QStringList all;
    for (const Entry& e : entries_)
        all << e.name + QStringLiteral(": ") + QString::fromStdString(e.candidate.words);
    setAccessibleDescription(all.join(QStringLiteral(" ")));
    update();
}

// The chart's balance is in the picture already; what remains is where the two part.
QImage GreyList::balancedOn(const GreyCandidate& candidate) const {
    if (picture_.isNull()) return {};
    std::array<std::array<int, 256>, 3> table{};
    for (std::size_t c = 0; c < 3; ++c)
        for (int v = 0; v < 256; ++v) {
            const double linear =
                decode(Encoding::srgb, v / 255.0) * candidate.pictureGains(static_cast<Eigen::Index>(c));
            table[c][static_cast<std::size_t>(v)] =
                static_cast<int>(std::lround(255 * std::clamp(encode(Encoding::srgb, linear), 0.0, 1.0)));
        }
    QImage out = picture_.convertToFormat(QImage::Format_RGB32);
    for (int y = 0; y < out.height(); ++y) {
        auto* line = reinterpret_cast<QRgb*>(out.scanLine(y));
        for (int x = 0; x < out.width(); ++x)
            line[x] = qRgb(table[0][static_cast<std::size_t>(qRed(line[x]))],
                           table[1][static_cast<std::size_t>(qGreen(line[x]))],
                           table[2][static_cast<std::size_t>(qBlue(line[x]))]);
    }
    return out;
}

void GreyList::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const auto& c = look::palette();
    painter.setFont(look::font(look::Size::small));
    if (entries_.empty() || !message_.isEmpty()) {
        painter.setPen(c.quiet);
        painter.drawText(
            rect().adjusted(12, 8, -12, -8), Qt::AlignCenter | Qt::TextWordWrap,
            message_.isEmpty() ? tr("Hold Shift and draw over something that looks grey.") : message_);
        return;
    }
    const double high = (height() - 8.0) / std::max<double>(2, double(entries_.size()));
    for (std::size_t k = 0; k < entries_.size(); ++k) {
        const Entry& e = entries_[k];
        const QRectF row(8, 4 + high * double(k), width() - 16, high - 4);
        const QSizeF size = QSizeF(e.picture.size()).scaled(QSizeF(84, row.height()), Qt::KeepAspectRatio);
        painter.drawImage(QRectF(row.topLeft(), size), e.picture);
        const double left = row.left() + size.width() + 10;
        paintVerdict(painter, {left + 5, row.top() + 9}, 5, e.candidate.verdict);
        painter.setPen(c.text);
        painter.setFont(look::font(look::Size::small, QFont::DemiBold));
        painter.drawText(QRectF(left + 16, row.top(), row.right() - left - 16, 18), Qt::AlignVCenter, e.name);
        painter.setPen(c.quiet);
        painter.setFont(look::font(look::Size::small));
        painter.drawText(QRectF(left, row.top() + 18, row.right() - left, row.height() - 18),
                         Qt::TextWordWrap, QString::fromStdString(e.candidate.words));
    }
}

}  // namespace refero
