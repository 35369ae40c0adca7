// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/render/highlights.h"

#include "core/say/say.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_reduce.h>

#include <algorithm>
#include <functional>
#include <string>

namespace refero {
namespace {

// The measuring calls a channel clipped from 0.995 on; it sets in softly before, so that no edge is seen.
constexpr float kFrom = 0.97f, kWholly = 0.995f;

float clippedShare(float recorded) {
    const float t = std::clamp((recorded - kFrom) / (kWholly - kFrom), 0.0f, 1.0f);
    return t * t * (3 - 2 * t);
}

// Balanced channels; each clipped one is brought up to the largest that is whole, or to the largest there is.
void rebuild(std::array<float, 3>& balanced, const std::array<float, 3>& share) {
    float whole = -1;
    for (std::size_t c = 0; c < 3; ++c)
        if (share[c] <= 0) whole = std::max(whole, balanced[c]);
    const float goal = whole > 0 ? whole : std::max({balanced[0], balanced[1], balanced[2]});
    for (std::size_t c = 0; c < 3; ++c)
        if (share[c] > 0) balanced[c] += share[c] * std::max(0.0f, goal - balanced[c]);
}

}  // namespace

std::string_view name(Highlights h) {
    constexpr std::array<std::string_view, 3> names{"cut", "rebuilt", "as-recorded"};
    return names[static_cast<std::size_t>(h)];
}

Result<Highlights> highlightsByName(std::string_view wanted) {
    for (const Highlights h : kHighlights)
        if (name(h) == wanted) return h;
    return failure(say("Highlights are cut, rebuilt or as-recorded, not \"%1\".", wanted));
}

std::size_t treatHighlights(std::span<float> pixels, const Vector3& gains, Highlights highlights) {
    const Eigen::Vector3f g = gains.cast<float>();
    if (highlights == Highlights::asRecorded || !(g.minCoeff() > 0)) return 0;
    const float end = g.minCoeff();
    std::size_t changed = 0;
    for (std::size_t i = 0; i + 2 < pixels.size(); i += 3) {
        float* p = pixels.data() + i;
        if (std::max({p[0], p[1], p[2]}) <= kFrom) continue;
        ++changed;
        const std::array<float, 3> share{clippedShare(p[0]), clippedShare(p[1]), clippedShare(p[2])};
        std::array<float, 3> balanced{p[0] * g[0], p[1] * g[1], p[2] * g[2]};
        if (highlights == Highlights::rebuilt) {
            rebuild(balanced, share);
        } else {
            const float most = std::max({share[0], share[1], share[2]});
            for (float& v : balanced) v += most * (std::min(v, end) - v);
        }
        for (int c = 0; c < 3; ++c) p[c] = balanced[static_cast<std::size_t>(c)] / g[c];
    }
    return changed;
}

double treatHighlights(LinearImage& image, const Vector3& gains, Highlights highlights) {
    const auto values = image.values();
    const std::size_t changed = tbb::parallel_reduce(
        tbb::blocked_range<std::size_t>(0, image.pixels(), 1 << 15), std::size_t{0},
        [&](const auto& range, std::size_t n) {
            return n +
                   treatHighlights(values.subspan(3 * range.begin(), 3 * range.size()), gains, highlights);
        },
        std::plus<>());
    return image.pixels() ? static_cast<double>(changed) / static_cast<double>(image.pixels()) : 0;
}

double cutColours(const LinearImage& image, const Transfer& encoding) {
    const auto low = static_cast<float>(encoding.decode(0.75 / 255));
    const auto high = static_cast<float>(encoding.decode(254.25 / 255));
    const auto values = image.values();
    const std::size_t cut = tbb::parallel_reduce(
        tbb::blocked_range<std::size_t>(0, image.pixels(), 1 << 15), std::size_t{0},
        [&](const auto& range, std::size_t n) {
            for (std::size_t i = range.begin(); i < range.end(); ++i) {
                const float* p = values.data() + 3 * i;
                const auto [least, most] = std::minmax({p[0], p[1], p[2]});
                n += (least <= low && most > low) || (most >= high && least < high);
            }
            return n;
        },
        std::plus<>());
    return image.pixels() ? static_cast<double>(cut) / static_cast<double>(image.pixels()) : 0;
}

}  // namespace refero
