// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/mosaic.h"

#include <tbb/parallel_for.h>

#include <algorithm>

#include "core/frame/orientation.h"

namespace refero {
namespace {

// Of the 3 x 3 sites around, those of a channel; of its own channel the site alone.
void fillFromAround(const Mosaic& m, int x, int y, float* to) {
    float sum[3] = {}, count[3] = {};
    for (int dy = y > 0 ? -1 : 0; dy <= 1 && y + dy < m.height(); ++dy)
        for (int dx = x > 0 ? -1 : 0; dx <= 1 && x + dx < m.width(); ++dx) {
            const int c = m.channel(x + dx, y + dy);
            sum[c] += m.at(x + dx, y + dy);
            count[c] += 1;
        }
    for (int c = 0; c < 3; ++c) to[c] = count[c] > 0 ? sum[c] / count[c] : 0;
    to[m.channel(x, y)] = m.at(x, y);
}

// Green at two sites of every four that touch at their corners.
bool isBayer(const Mosaic::Pattern& p) {
    return (p[0] == 1 && p[3] == 1 && p[1] + p[2] == 2 && p[1] != 1) ||
           (p[1] == 1 && p[2] == 1 && p[0] + p[3] == 2 && p[0] != 1);
}

// The same sums in the same order, for a row within the picture whose sites all have eight around them.
void fillWithin(const Mosaic& m, int y, float* out) {
    const float *above = m.row(y - 1), *here = m.row(y), *below = m.row(y + 1);
    const int green = m.channel(0, y) == 1 ? 0 : 1;  // first column with green
    const int beside = m.channel(1 - green, y);      // the row's other channel
    const int across = 2 - beside;                   // of the rows above and below
    const auto atGreen = [&](int x) {
        float* to = out + 3 * static_cast<std::ptrdiff_t>(x);
        to[1] = here[x];
        to[beside] = (here[x - 1] + here[x + 1]) / 2;
        to[across] = (above[x] + below[x]) / 2;
    };
    const auto atOther = [&](int x) {
        float* to = out + 3 * static_cast<std::ptrdiff_t>(x);
        to[beside] = here[x];
        to[1] = (above[x] + here[x - 1] + here[x + 1] + below[x]) / 4;
        to[across] = (above[x - 1] + above[x + 1] + below[x - 1] + below[x + 1]) / 4;
    };
    const int last = m.width() - 1;
    int x = 1;
    if (green == 0) atOther(x++);
    for (; x + 1 < last; x += 2) {
        atGreen(x);
        atOther(x + 1);
    }
    if (x < last) atGreen(x);
}

}  // namespace

void fillRow(const Mosaic& m, int y, float* to) {
    const bool within = isBayer(m.pattern()) && y > 0 && y + 1 < m.height() && m.width() > 2;
    if (within) fillWithin(m, y, to);
    for (int x = 0; x < m.width(); x += within ? m.width() - 1 : 1)
        fillFromAround(m, x, y, to + 3 * static_cast<std::ptrdiff_t>(x));
}

LinearImage filledIn(const Mosaic& m) {
    LinearImage out(m.width(), m.height());
    tbb::parallel_for(0, m.height(), [&](int y) { fillRow(m, y, out.row(y)); });
    return out;
}

Mosaic sampledThrough(const LinearImage& image, Mosaic::Pattern pattern) {
    Mosaic out(image.width(), image.height(), pattern);
    tbb::parallel_for(0, image.height(), [&](int y) {
        for (int x = 0; x < image.width(); ++x) out.at(x, y) = image.pixel(x, y)[out.channel(x, y)];
    });
    return out;
}

Mosaic oriented(Mosaic m, int orientation) {
    if (orientation < 2 || orientation > 8) return m;
    const Orientation o(orientation, m.width(), m.height());
    const int w = o.turned() ? m.height() : m.width(), h = o.turned() ? m.width() : m.height();
    Mosaic::Pattern pattern = m.pattern();
    for (int i = 0; i < 4 && w > 1 && h > 1; ++i) {
        const auto [x, y] = o.stored(i % 2, i / 2);
        pattern[static_cast<std::size_t>(i)] = static_cast<std::uint8_t>(m.channel(x, y));
    }
    Mosaic out(w, h, pattern);
    tbb::parallel_for(0, h, [&](int y) {
        for (int x = 0; x < w; ++x) {
            const auto [sx, sy] = o.stored(x, y);
            out.at(x, y) = m.at(sx, sy);
        }
    });
    return out;
}

}  // namespace refero
