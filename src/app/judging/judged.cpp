// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/judging/judged.h"

#include <algorithm>
#include <array>

#include "app/look/text.h"
#include "app/pictures/display_colour.h"
#include "core/render/feed.h"
#include "core/scope/difference_map.h"
#include "io/read_frame.h"

namespace refero {
namespace {

constexpr int kLongEdge = 2400, kQuickEdge = 1000;

LinearImage shrunkTo(const LinearImage& image, int longEdge) {
    return shrunk(image, (std::max(image.width(), image.height()) + longEdge - 1) / longEdge);
}

// Steps of CIEDE2000 that mean something: not seen, just seen side by side, seen, plain, another colour
// (common practice).
struct Shade {
    double below;
    int grey;
    const char* text;
};
constexpr std::array kShades{Shade{1, 24, "<1"},   Shade{2, 66, "1–2"},    Shade{3, 108, "2–3"},
                             Shade{5, 150, "3–5"}, Shade{10, 200, "5–10"}, Shade{1e9, 255, "10+"}};

QImage shaded(const DifferenceMap& map) {
    QImage out(map.width, map.height, QImage::Format_RGB32);
    const float* from = map.differences.data();
    for (int y = 0; y < map.height; ++y) {
        auto* line = reinterpret_cast<QRgb*>(out.scanLine(y));
        for (int x = 0; x < map.width; ++x, ++from) {
            const auto* shade = kShades.data();
            while (*from >= shade->below) ++shade;
            line[x] = qRgb(shade->grey, shade->grey, shade->grey);
        }
    }
    return out;
}

// Stripes that lean one way where light is clipped, the other way where the space is left, and dots where
// little is left: black and white, so that they show on every colour.
void mark(QImage& picture, const GamutWarning& warning) {
    const int period = std::max(8, picture.width() / 90), half = period / 2;
    const unsigned char* at = warning.marks.data();
    for (int y = 0; y < picture.height(); ++y) {
        auto* line = reinterpret_cast<QRgb*>(picture.scanLine(y));
        for (int x = 0; x < picture.width(); ++x, ++at) {
            switch (*at) {
                case GamutWarning::clipped:
                    line[x] = (x + y) % period < half ? qRgb(0, 0, 0) : qRgb(255, 255, 255);
                    break;
                case GamutWarning::outside:
                    line[x] =
                        (x - y + (1 << 20) * period) % period < half ? qRgb(0, 0, 0) : qRgb(255, 255, 255);
                    break;
                case GamutWarning::nearly:
                    if (x % period < half / 2 && y % period < half / 2) line[x] = qRgb(0, 0, 0);
                    break;
                default:
                    break;
            }
        }
    }
}

QString inWords(const GamutWarning& w, OutputSpace space) {
    const auto share = [](double v) { return decimalText(100 * v, v < 0.1 ? 1 : 0) + QStringLiteral(" %"); };
    return told(" · %1 outside %2 (\\), %3 clipped (/), %4 nearly")
        .arg(share(w.outsideShare), told(info(space).label), share(w.clippedShare), share(w.nearlyShare));
}

Scopes scopesOfPicture(const QImage& srgb) {
    return scopesOf(ScopePicture{srgb.constBits(), srgb.width(), srgb.height(), srgb.bytesPerLine()});
}

CompareView::Pane differencePane(const LinearImage& image, const Contestant& a, const Contestant& b,
                                 bool brief) {
    const DifferenceMap map =
        differenceMap(image, a.compiled(OutputSpace::xyzD50), b.compiled(OutputSpace::xyzD50));
    const auto figure = [](double v) { return decimalText(v, 1); };
    QString title =
        brief ? QStringLiteral("CIEDE2000") : told("CIEDE2000 between %1 and %2").arg(a.title, b.title);
    title +=
        told(": mean %1, 95 % within %2").arg(figure(map.figures.mean), figure(map.figures.percentile95));
    if (!brief) title += told(", largest %1").arg(figure(map.figures.max));
    return {title, PictureView::pyramid(shaded(map))};
}

CompareView::Legend shades() {
    CompareView::Legend out;
    for (const Shade& s : kShades)
        out.emplace_back(QColor(s.grey, s.grey, s.grey), QString::fromUtf8(s.text));
    return out;
}

}  // namespace

Rendering Contestant::compiled(OutputSpace space) const {
    switch (kind) {
        case Kind::balanceAlone:
            return compileBalanceOnly(*correction, space);
        case Kind::asRecorded:
            return compileUntouched(space);
        case Kind::corrected:
            break;
    }
    return compile(*correction, space, finish);
}

Result<std::shared_ptr<const SmallFrame>> smallFrame(const QString& path, const FramePointer& atHand,
                                                     const Transfer& encoding) {
    FramePointer frame = atHand;
    if (!frame || frame->path != path.toStdString()) {
        auto read = io::readFrameAssuming(encoding, path.toStdString());
        if (!read) return tl::unexpected(read.error());
        frame = std::make_shared<const io::Frame>(*std::move(read));
    }
    auto out = std::make_shared<SmallFrame>();
    out->path = path;
    out->encoding = encoding;
    out->full = {frame->image.width(), frame->image.height()};
    out->large = shrunkTo(frame->image, kLongEdge);
    // As it would be handed over: by the light that displays show, or not at all.
    const auto feed = Feed::between(frame->encoding, encoding);
    if (!feed) return failure(path.toStdString() + " " + feed.error().message + ".");
    feed->apply(out->large);
    out->quick = shrunkTo(out->large, kQuickEdge);
    return out;
}

Judged judged(const SmallFrame& frame, const JudgingWish& wish) {
    using Mode = JudgingWish::Mode;
    Judged out;
    if (wish.contestants.empty()) return out;
    const LinearImage& image = wish.quick ? frame.quick : frame.large;
    const Contestant &first = wish.contestants.front(), &last = wish.contestants.back();
    const auto pane = [&](const Contestant& c) {
        QString title = c.title;
        QImage picture = displayImage(image, c.compiled(kShownSpace), kLongEdge);
        if (wish.warnFor && &c == &last) {
            const GamutWarning warning = gamutWarning(image, c.compiled(*wish.warnFor));
            mark(picture, warning);
            title += inWords(warning, *wish.warnFor);
        }
        return CompareView::Pane{title, PictureView::pyramid(picture)};
    };
    if (wish.mode == Mode::difference) {
        out.layout = CompareView::Layout::alone;
        out.panes.push_back(differencePane(image, first, last, false));
        out.legend = shades();
    } else if (wish.mode == Mode::fourUp) {
        out.layout = CompareView::Layout::fourUp;
        for (const Contestant& c : wish.contestants) out.panes.push_back(pane(c));
        // A place that is left shows how far the two that matter are apart.
        if (out.panes.size() < 4) {
            out.panes.push_back(differencePane(image, first, last, true));
            out.legend = shades();
        }
    } else {
        out.layout = wish.mode == Mode::wipe ? CompareView::Layout::wipe : CompareView::Layout::sideBySide;
        out.panes = {pane(first), pane(last)};
    }
    if (!wish.quick)
        for (const Contestant* c : {&first, &last})
            out.scopes.push_back(
                scopesOfPicture(srgbImage(frame.quick, c->compiled(OutputSpace::srgb), kQuickEdge)));
    return out;
}

}  // namespace refero
