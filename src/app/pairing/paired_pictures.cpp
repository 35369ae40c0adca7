// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pairing/paired_pictures.h"

#include <QPainter>
#include <cmath>

#include "app/look/tokens.h"
#include "app/pictures/display_colour.h"

namespace refero {
namespace {

constexpr int kLongEdge = 2400, kScopeEdge = 1000;

// In the middle of a ground of that shape, and as large as the others.
QImage shaped(const QImage& picture, double aspect, int width) {
    const int height = static_cast<int>(std::lround(width / aspect));
    QImage out(width, height, QImage::Format_RGB32);
    out.fill(look::palette().viewing);
    const double scale = std::min(double(width) / picture.width(), double(height) / picture.height());
    const QSizeF size = QSizeF(picture.size()) * scale;
    QPainter painter(&out);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.drawImage(QRectF(QPointF((width - size.width()) / 2, (height - size.height()) / 2), size),
                      picture);
    return out;
}

Scopes scopesIn(const PairSide& side, const QRectF& region) {
    const QImage srgb = srgbImage(side.frame->quick, side.toSrgb, kScopeEdge);
    const ScopePicture whole{srgb.constBits(), srgb.width(), srgb.height(), srgb.bytesPerLine()};
    const QRect part = QRectF(region.x() * srgb.width(), region.y() * srgb.height(),
                              region.width() * srgb.width(), region.height() * srgb.height())
                           .toAlignedRect() &
                       srgb.rect();
    return scopesOf(part.isEmpty() ? whole : whole.part(part.x(), part.y(), part.width(), part.height()));
}

}  // namespace

PairedPictures paired(const PairSide& leader, const PairSide& follower, const QRectF& region) {
    PairedPictures out;
    QImage one = displayImage(leader.frame->large, leader.toSrgb, kLongEdge),
           other = displayImage(follower.frame->large, follower.toSrgb, kLongEdge);
    out.full = follower.frame->full;
    if (one.size() != other.size()) {
        const double aspect = double(out.full.width()) / out.full.height();
        const int width = std::max(one.width(), other.width());
        one = shaped(one, aspect, width);
        other = shaped(other, aspect, width);
    }
    out.panes = {{leader.title, PictureView::pyramid(one)}, {follower.title, PictureView::pyramid(other)}};
    out.scopes = {scopesIn(leader, region), scopesIn(follower, region)};
    return out;
}

}  // namespace refero
