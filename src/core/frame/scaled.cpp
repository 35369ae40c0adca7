// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/scaled.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <vector>

namespace refero {
namespace {

// What a pixel of the result covers along one side: whole pixels but for the first and the last.
struct Cover {
    int first = 0, last = 0;
    float firstWeight = 0, lastWeight = 0;  // the last one's only where it is another

    float weight(int i) const { return i == first ? firstWeight : i == last ? lastWeight : 1.0f; }
};

std::vector<Cover> coversOf(int from, int to) {
    std::vector<Cover> out(static_cast<std::size_t>(to));
    const double step = static_cast<double>(from) / to;
    for (int i = 0; i < to; ++i) {
        Cover& c = out[static_cast<std::size_t>(i)];
        const double begin = i * step, end = i + 1 == to ? from : (i + 1) * step;
        c.first = static_cast<int>(begin);
        c.last = std::max(c.first, static_cast<int>(std::ceil(end)) - 1);
        c.firstWeight = static_cast<float>(std::min(end, c.first + 1.0) - begin);
        c.lastWeight = static_cast<float>(end - c.last);
    }
    return out;
}

void alongRow(const std::vector<Cover>& covers, const float* sums, float share, float* to) {
    for (const Cover& c : covers) {
        const float* s = sums + 3 * static_cast<std::ptrdiff_t>(c.first);
        float r = c.firstWeight * s[0], g = c.firstWeight * s[1], b = c.firstWeight * s[2];
        for (int x = c.first + 1; x < c.last; ++x) {
            s += 3;
            r += s[0];
            g += s[1];
            b += s[2];
        }
        if (c.last > c.first) {
            s += 3;
            r += c.lastWeight * s[0];
            g += c.lastWeight * s[1];
            b += c.lastWeight * s[2];
        }
        to[0] = r * share;
        to[1] = g * share;
        to[2] = b * share;
        to += 3;
    }
}

}  // namespace

LinearImage scaledByArea(int width, int height, const RowSource& rows, int toWidth, int toHeight) {
    const int w = std::clamp(toWidth, 1, width), h = std::clamp(toHeight, 1, height);
    const auto across = coversOf(width, w), down = coversOf(height, h);
    const auto share = static_cast<float>((double(w) / width) * (double(h) / height));
    const std::size_t values = 3 * static_cast<std::size_t>(width);
    LinearImage out(w, h);
    tbb::parallel_for(tbb::blocked_range<int>(0, h, 16), [&](const tbb::blocked_range<int>& range) {
        std::vector<float> room(values), sums(values);
        // A row that two pixels share is asked for once.
        const float* row = nullptr;
        int at = -1;
        for (int y = range.begin(); y < range.end(); ++y) {
            const Cover& c = down[static_cast<std::size_t>(y)];
            std::fill(sums.begin(), sums.end(), 0.0f);
            for (int i = c.first; i <= c.last; ++i) {
                if (i != at) row = rows(i, room.data());
                at = i;
                const float weight = c.weight(i);
                for (std::size_t k = 0; k < values; ++k) sums[k] += weight * row[k];
            }
            alongRow(across, sums.data(), share, out.row(y));
        }
    });
    return out;
}

LinearImage scaledByArea(const LinearImage& image, int toWidth, int toHeight) {
    if (image.empty()) return {};
    return scaledByArea(
        image.width(), image.height(), [&](int y, float*) { return image.row(y); }, toWidth, toHeight);
}

}  // namespace refero
