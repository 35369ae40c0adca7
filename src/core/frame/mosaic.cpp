// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/mosaic.h"

#include <tbb/parallel_for.h>

#include <algorithm>

#include "core/frame/orientation.h"

namespace refero {

LinearImage filledIn(const Mosaic& m) {
    LinearImage out(m.width(), m.height());
    tbb::parallel_for(0, m.height(), [&](int y) {
        float* to = out.row(y);
        for (int x = 0; x < m.width(); ++x, to += 3) {
            // Of the 3 x 3 sites around, those of a channel; of its own channel the site alone.
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
    });
    return out;
}

Mosaic sampledThrough(const LinearImage& image, Mosaic::Pattern pattern) {
    Mosaic out(image.width(), image.height(), pattern);
    tbb::parallel_for(0, image.height(), [&](int y) {
        for (int x = 0; x < image.width(); ++x) out.at(x, y) = image.pixel(x, y)[out.channel(x, y)];
    });
    return out;
}

Mosaic oriented(const Mosaic& m, int orientation) {
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
