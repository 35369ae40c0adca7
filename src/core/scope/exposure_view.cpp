// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/scope/exposure_view.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/say/say.h"

namespace refero {
namespace {

using Srgb = std::array<std::uint8_t, 3>;

constexpr double kMidGrey = 0.18;
constexpr float kCeiling = 0.995f, kFloor = 0.0005f;
constexpr int kSquare = 4;  // pixels of a pattern's squares

// Bands from light to dark: each begins that many stops above mid-grey.
struct BandFrom {
    double stops;
    std::string_view label;
};
constexpr std::array kBands{
    BandFrom{2, word("more than +2 stops")},    BandFrom{1, word("+1 to +2")},
    BandFrom{1.0 / 3, word("+1/3 to +1")},      BandFrom{-1.0 / 3, word("mid-grey")},
    BandFrom{-1, word("\u22121 to \u22121/3")}, BandFrom{-2, word("\u22122 to \u22121")},
    BandFrom{-3, word("\u22123 to \u22122")},   BandFrom{-4, word("\u22124 to \u22123")},
    BandFrom{-5, word("\u22125 to \u22124")},   BandFrom{-1e9, word("less than \u22125 stops")}};
constexpr std::size_t kMiddle = 3;

Srgb srgbOf(const Lab& lab) {
    static const Matrix3 toRgb = xyzD50ToLinear(OutputSpace::linearSrgb);
    const Vector3 linear = toRgb * toXyz(lab).vector();
    Srgb out{};
    for (std::size_t c = 0; c < 3; ++c)
        out[c] = static_cast<std::uint8_t>(std::lround(
            255 * std::clamp(encode(Encoding::srgb, std::max(0.0, linear(static_cast<Eigen::Index>(c)))), 0.0,
                             1.0)));
    return out;
}

// Even steps of lightness; warm above mid-grey, cold below, by turns stronger and weaker.
Srgb bandColour(std::size_t k) {
    if (k == kMiddle) return srgbOf({54, 0, 0, white::d50});
    const double lightness =
        k < kMiddle ? 94 - 11.0 * static_cast<double>(k) : 46 - 7.0 * static_cast<double>(k - kMiddle - 1);
    const double hue =
        (k < kMiddle ? 70.0 : 280.0 - 16.0 * static_cast<double>(k - kMiddle)) * std::numbers::pi / 180;
    const double chroma = k % 2 ? 34 : 18;
    return srgbOf({lightness, chroma * std::cos(hue), chroma * std::sin(hue), white::d50});
}

constexpr Srgb kChannelColours[8] = {{0, 0, 0},      {255, 70, 50},  {70, 230, 70},  {250, 235, 60},
                                     {90, 120, 255}, {240, 90, 240}, {70, 225, 235}, {255, 255, 255}};
constexpr Srgb kFloorColour{70, 70, 120};

struct Target {
    double percent;
    std::string_view label;
    Srgb srgb;
};

std::vector<Target> targetsOf(ExposureView view) {
    std::vector<Target> out;
    if (view == ExposureView::white96)
        out.push_back({96, word("white, 94 to 98 %"), {255, 214, 120}});
    else
        out.push_back({90, word("white, 88 to 92 %"), {255, 214, 120}});
    out.push_back({-1, word("mid-grey within 1/3 stop"), {120, 190, 160}});
    out.push_back({4, word("black, 2 to 6 %"), {120, 130, 255}});
    return out;
}

struct Block {
    Vector3 mean{0, 0, 0};
    unsigned clipped = 0;  // a bit per channel
    bool floor = true;
};

Block blockAt(const LinearImage& image, int x0, int y0, int factor) {
    Block b;
    const int x1 = std::min(image.width(), x0 + factor), y1 = std::min(image.height(), y0 + factor);
    for (int y = y0; y < y1; ++y)
        for (int x = x0; x < x1; ++x) {
            const float* p = image.pixel(x, y);
            for (int c = 0; c < 3; ++c) {
                b.mean(c) += p[c];
                if (p[c] >= kCeiling) b.clipped |= 1u << c;
            }
            b.floor = b.floor && std::max({p[0], p[1], p[2]}) < kFloor;
        }
    b.mean /= static_cast<double>(x1 - x0) * (y1 - y0);
    return b;
}

double luminance(const Vector3& rgb) {
    return 0.2126 * rgb.x() + 0.7152 * rgb.y() + 0.0722 * rgb.z();
}

// A grey picture, dimmed so that what is painted over it stands out.
Srgb dimmed(double y) {
    const auto v = static_cast<std::uint8_t>(
        std::lround(30 + 110 * std::clamp(encode(Encoding::srgb, std::max(0.0, y)), 0.0, 1.0)));
    return {v, v, v};
}

bool square(int x, int y) {
    return (x / kSquare + y / kSquare) % 2 == 0;
}

class Painter {
  public:
    Painter(const Vector3& gains, const Transfer& encoding, ExposureView view) : gains_(gains), view_(view) {
        for (std::size_t k = 0; k < kBands.size(); ++k) bands_[k] = bandColour(k);
        const Transfer shown = encoding == Transfer(Encoding::linear) ? Transfer(Encoding::srgb) : encoding;
        for (const Target& t : targetsOf(view)) {
            if (t.percent < 0)
                zones_.push_back({0, 0, t.srgb});
            else
                zones_.push_back(
                    {shown.decode(t.percent / 100 - 0.02), shown.decode(t.percent / 100 + 0.02), t.srgb});
        }
    }

    Srgb operator()(const Block& b, int x, int y) const {
        const double level = luminance(b.mean.cwiseProduct(gains_));
        if (view_ == ExposureView::clipping) {
            if (b.clipped) return square(x, y) ? kChannelColours[b.clipped] : Srgb{0, 0, 0};
            return b.floor ? (square(x, y) ? kFloorColour : Srgb{0, 0, 0}) : dimmed(level);
        }
        const double stops = std::log2(std::max(1e-9, level / kMidGrey));
        if (view_ == ExposureView::bands) {
            if (b.clipped) return square(x, y) ? Srgb{255, 255, 255} : Srgb{0, 0, 0};
            std::size_t k = 0;
            while (stops < kBands[k].stops) ++k;
            return bands_[k];
        }
        const double recorded = luminance(b.mean);
        for (const Zone& z : zones_) {
            const bool inside =
                z.high > 0 ? recorded >= z.low && recorded <= z.high : std::abs(stops) <= 1.0 / 3;
            if (inside) return z.srgb;
        }
        return dimmed(level);
    }

  private:
    struct Zone {
        double low, high;  // linear; both 0: mid-grey after levelling
        Srgb srgb;
    };
    Vector3 gains_;
    ExposureView view_;
    std::array<Srgb, kBands.size()> bands_{};
    std::vector<Zone> zones_;
};

}  // namespace

std::vector<ExposureKey> exposureKey(ExposureView view) {
    std::vector<ExposureKey> out;
    switch (view) {
        case ExposureView::bands:
            out.push_back({say("clipped"), {255, 255, 255}, true});
            for (std::size_t k = 0; k < kBands.size(); ++k)
                out.push_back({say(kBands[k].label), bandColour(k)});
            break;
        case ExposureView::clipping:
            for (const auto& [label, bits] : {std::pair{say("all channels clipped"), 7u},
                                              {say("red clipped"), 1u},
                                              {say("green clipped"), 2u},
                                              {say("blue clipped"), 4u}})
                out.push_back({label, kChannelColours[bits], true});
            out.push_back({say("at the floor"), kFloorColour, true});
            break;
        case ExposureView::white90:
        case ExposureView::white96:
            for (const Target& t : targetsOf(view)) out.push_back({say(t.label), t.srgb});
            break;
    }
    return out;
}

ExposurePicture exposurePicture(const LinearImage& image, const Vector3& gains, const Transfer& encoding,
                                ExposureView view, int factor) {
    ExposurePicture out;
    if (image.empty() || factor < 1) return out;
    out.width = (image.width() + factor - 1) / factor;
    out.height = (image.height() + factor - 1) / factor;
    out.bgra.resize(static_cast<std::size_t>(out.width) * static_cast<std::size_t>(out.height) * 4);
    const Painter painter(gains, encoding, view);
    tbb::parallel_for(0, out.height, [&](int y) {
        std::uint8_t* to =
            out.bgra.data() + static_cast<std::size_t>(y) * static_cast<std::size_t>(out.width) * 4;
        for (int x = 0; x < out.width; ++x, to += 4) {
            const Srgb c = painter(blockAt(image, x * factor, y * factor, factor), x, y);
            to[0] = c[2];
            to[1] = c[1];
            to[2] = c[0];
            to[3] = 255;
        }
    });
    return out;
}

}  // namespace refero
