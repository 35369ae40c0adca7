// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/frame/image.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <atomic>
#include <cmath>
#include <optional>
#include <vector>

namespace refero {
namespace {

constexpr float kLargest = 65504.0f;  // of a half float

// Decoding by table where stored values lie in 0..1: exact at 16 bit, and linear interpolation in between.
class DecodeTable {
  public:
    explicit DecodeTable(const Transfer& encoding) : encoding_(encoding), table_(65537) {
        for (std::size_t i = 0; i < table_.size(); ++i)
            table_[i] = static_cast<float>(encoding.decode(static_cast<double>(i) / 65535));
    }
    float operator()(float stored) const {
        if (!(stored >= 0 && stored <= 1)) return static_cast<float>(encoding_.decode(stored));
        const float at = stored * 65535;
        const auto i = static_cast<std::size_t>(at);
        const float f = at - static_cast<float>(i);
        return table_[i] + f * (table_[i + 1] - table_[i]);
    }

  private:
    Transfer encoding_;
    std::vector<float> table_;
};

float finite(float v, std::size_t& replaced) {
    if (std::isfinite(v) && std::abs(v) <= kLargest) return v;
    if (std::isfinite(v)) return std::copysign(kLargest, v);
    ++replaced;
    return std::isnan(v) ? 0 : std::copysign(kLargest, v);
}

}  // namespace

LinearImage toLinear(EncodedImage&& stored, const Transfer& encoding, std::size_t* replaced) {
    LinearImage out(stored.width(), stored.height());
    std::optional<DecodeTable> table;
    if (encoding != Encoding::linear) table.emplace(encoding);
    std::atomic<std::size_t> bad{0};
    tbb::parallel_for(
        tbb::blocked_range<int>(0, stored.height(), 32), [&](const tbb::blocked_range<int>& rows) {
            std::size_t mine = 0;
            for (int y = rows.begin(); y < rows.end(); ++y) {
                const float* in = stored.row(y);
                float* to = out.row(y);
                for (std::ptrdiff_t i = 0; i < 3 * static_cast<std::ptrdiff_t>(stored.width()); ++i) {
                    const float v = finite(in[i], mine);
                    to[i] = table ? finite((*table)(v), mine) : v;
                }
            }
            bad += mine;
        });
    if (replaced) *replaced = bad;
    return out;
}

LinearImage shrunk(const LinearImage& image, int wanted, int everyRow) {
    if (image.empty()) return {};
    // Of a very long and narrow picture a line is left.
    const int factor = std::clamp(wanted, 1, std::min(image.width(), image.height()));
    const int w = image.width() / factor, h = image.height() / factor;
    LinearImage out(w, h);
    const int step = std::clamp(everyRow, 1, factor);
    const float weight = 1.0f / static_cast<float>(factor * ((factor + step - 1) / step));
    tbb::parallel_for(tbb::blocked_range<int>(0, h, 16), [&](const tbb::blocked_range<int>& rows) {
        std::vector<float> sums(3 * static_cast<std::size_t>(image.width()));
        const auto used = 3 * static_cast<std::size_t>(w) * static_cast<std::size_t>(factor);
        for (int y = rows.begin(); y < rows.end(); ++y) {
            std::fill(sums.begin(), sums.end(), 0.0f);
            for (int k = 0; k < factor; k += step) {
                const float* in = image.row(y * factor + k);
                for (std::size_t i = 0; i < used; ++i) sums[i] += in[i];
            }
            float* to = out.row(y);
            for (int x = 0; x < w; ++x) {
                const float* s = sums.data() + 3 * static_cast<std::ptrdiff_t>(x) * factor;
                float r = 0, g = 0, b = 0;
                for (int k = 0; k < factor; ++k, s += 3) {
                    r += s[0];
                    g += s[1];
                    b += s[2];
                }
                to[3 * x] = r * weight;
                to[3 * x + 1] = g * weight;
                to[3 * x + 2] = b * weight;
            }
        }
    });
    return out;
}

}  // namespace refero
