// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pairing/paired_pictures.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/look/tokens.h"
#include "app/pictures/display_colour.h"
#include "app/pictures/srgb_picture.h"

namespace refero {
namespace {

constexpr int kLongEdge = 2400, kScopeEdge = 1000;

double aspectOf(const QSize& size) {
    return double(size.width()) / size.height();
}

// As large as it goes in the middle of a ground of that shape.
QImage onGround(const QImage& picture, double groundAspect, int width) {
    QImage out(width, static_cast<int>(std::lround(width / groundAspect)), QImage::Format_RGB32);
    out.fill(look::palette().viewing);
    const QRectF place = placeOnGround(aspectOf(picture.size()), groundAspect);
    QPainter painter(&out);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.drawImage(QRectF(place.x() * out.width(), place.y() * out.height(), place.width() * out.width(),
                             place.height() * out.height()),
                      picture);
    return out;
}

QImage displayed(const PairSide& side) {
    const LinearImage& image = side.frame->large;
    return side.through ? forDisplay(srgbPicture(side.through->srgb(image)))
                        : displayImage(image, side.rendering(kShownSpace), kLongEdge);
}

Scopes scopesIn(const PairSide& side, const QRectF& region) {
    const QImage srgb = side.through
                            ? srgbPicture(side.through->srgb(side.frame->quick))
                            : srgbImage(side.frame->quick, side.rendering(OutputSpace::srgb), kScopeEdge);
    const ScopePicture whole{srgb.constBits(), srgb.width(), srgb.height(), srgb.bytesPerLine()};
    const QRect part = QRectF(region.x() * srgb.width(), region.y() * srgb.height(),
                              region.width() * srgb.width(), region.height() * srgb.height())
                           .toAlignedRect() &
                       srgb.rect();
    return scopesOf(part.isEmpty() ? whole : whole.part(part.x(), part.y(), part.width(), part.height()));
}

// A region of the ground as a share of the picture that lies on it.
QRectF within(const QRectF& region, const QRectF& place) {
    if (region.isEmpty()) return {};
    return {(region.x() - place.x()) / place.width(), (region.y() - place.y()) / place.height(),
            region.width() / place.width(), region.height() / place.height()};
}

}  // namespace

QRectF placeOnGround(double aspect, double groundAspect) {
    const double width = std::min(1.0, aspect / groundAspect), height = std::min(1.0, groundAspect / aspect);
    return {(1 - width) / 2, (1 - height) / 2, width, height};
}

PairedPictures paired(const PairSide& leader, const PairSide& follower, const QRectF& region,
                      std::optional<PairSideId> alone) {
    PairedPictures out;
    const double ground = aspectOf(follower.frame->full);
    const QRectF place = placeOnGround(aspectOf(leader.frame->full), ground);
    out.scopes = {scopesIn(leader, within(region, place)), scopesIn(follower, region)};
    if (alone) {
        const PairSide& one = *alone == PairSideId::leader ? leader : follower;
        out.full = one.frame->full;
        out.panes = {{one.title, PictureView::pyramid(displayed(one))}};
        return out;
    }
    QImage first = displayed(leader), second = displayed(follower);
    out.full = follower.frame->full;
    if (first.size() != second.size()) {
        const int width = std::max(first.width(), second.width());
        first = onGround(first, ground, width);
        second = onGround(second, ground, width);
    }
    out.panes = {{leader.title, PictureView::pyramid(first)}, {follower.title, PictureView::pyramid(second)}};
    return out;
}

}  // namespace refero
