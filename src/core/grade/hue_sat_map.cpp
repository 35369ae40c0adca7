// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grade/hue_sat_map.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>

#include "core/colour/encoding.h"
#include "core/colour/rgb_space.h"

namespace refero {

Matrix3 xyzD50ToRomm() {
    // ISO 22028-2, table 1; its white is that of D50.
    static const Matrix3 m =
        Matrix3(rgbToXyz({{0.7347, 0.2653}, {0.1596, 0.8404}, {0.0366, 0.0001}, white::d50}).inverse());
    return m;
}

Hsv toHsv(const Vector3& rgb) {
    const double most = rgb.maxCoeff(), gap = most - rgb.minCoeff();
    Hsv out{0, 0, most};
    if (!(gap > 0) || !(most > 0)) return out;
    out.saturation = gap / most;
    if (rgb.x() == most)
        out.hue = (rgb.y() - rgb.z()) / gap;
    else if (rgb.y() == most)
        out.hue = 2 + (rgb.z() - rgb.x()) / gap;
    else
        out.hue = 4 + (rgb.x() - rgb.y()) / gap;
    if (out.hue < 0) out.hue += 6;
    return out;
}

Vector3 fromHsv(const Hsv& c) {
    if (!(c.saturation > 0)) return Vector3::Constant(c.value);
    const double hue = std::fmod(std::fmod(c.hue, 6) + 6, 6);
    const int sixth = std::min(5, static_cast<int>(hue));
    const double within = hue - sixth;
    const double p = c.value * (1 - c.saturation), q = c.value * (1 - c.saturation * within),
                 t = c.value * (1 - c.saturation * (1 - within));
    switch (sixth) {
        case 0:
            return {c.value, t, p};
        case 1:
            return {q, c.value, p};
        case 2:
            return {p, c.value, t};
        case 3:
            return {p, q, c.value};
        case 4:
            return {t, p, c.value};
        default:
            return {c.value, p, q};
    }
}

HueSatMap HueSatMap::of(const std::function<Vector3(const Vector3&)>& moved) {
    std::vector<Entry> entries;
    for (int h = 0; h < kHues; ++h)
        for (int s = 0; s < kSaturations; ++s) {
            // A grey has no hue to turn: its node takes that of the colours beside it, so that what lies
            // between is not drawn towards none.
            const Hsv from{6.0 * h / kHues, std::max(0.25, double(s)) / (kSaturations - 1), 0.5};
            const Hsv to = toHsv(moved(fromHsv(from)).cwiseMax(0));
            double turn = to.hue - from.hue;
            if (turn > 3) turn -= 6;
            if (turn < -3) turn += 6;
            Entry e;
            e.hueShiftDegrees = static_cast<float>(60 * turn);
            e.saturationScale = static_cast<float>(to.saturation / from.saturation);
            // The specification asks for 1 where there is no saturation.
            e.valueScale = s == 0 ? 1 : static_cast<float>(to.value / from.value);
            entries.push_back(e);
        }
    return HueSatMap(kHues, kSaturations, std::move(entries));
}

HueSatMap HueSatMap::towards(const HueSatMap& other, double share) const {
    HueSatMap out = *this;
    const auto part = static_cast<float>(share);
    for (std::size_t i = 0; i < std::min(out.entries_.size(), other.entries_.size()); ++i) {
        Entry& e = out.entries_[i];
        const Entry& o = other.entries_[i];
        e.hueShiftDegrees += part * (o.hueShiftDegrees - e.hueShiftDegrees);
        e.saturationScale += part * (o.saturationScale - e.saturationScale);
        e.valueScale += part * (o.valueScale - e.valueScale);
    }
    return out;
}

Vector3 HueSatMap::operator()(const Vector3& romm) const {
    const Hsv in = toHsv(romm);
    const double h = in.hue * hues_ / 6, s = std::clamp(in.saturation, 0.0, 1.0) * (saturations_ - 1);
    const int h0 = static_cast<int>(h) % hues_, h1 = (h0 + 1) % hues_;
    const int s0 = std::clamp(static_cast<int>(s), 0, std::max(0, saturations_ - 2)),
              s1 = std::min(s0 + 1, saturations_ - 1);
    const double hw = h - std::floor(h), sw = s - s0;
    const double value = srgbValues_ ? encode(Encoding::srgb, in.value) : in.value;
    const double v = std::clamp(value, 0.0, 1.0) * (values_ - 1);
    const int v0 = std::clamp(static_cast<int>(v), 0, std::max(0, values_ - 2)),
              v1 = std::min(v0 + 1, values_ - 1);
    const double vw = v - v0;
    const auto mixed = [&](float Entry::*field) {
        const auto at = [&](int val, int hue, int sat) {
            return double(entries_[static_cast<std::size_t>((val * hues_ + hue) * saturations_ + sat)].*
                          field);
        };
        const auto plane = [&](int val) {
            return (1 - hw) * ((1 - sw) * at(val, h0, s0) + sw * at(val, h0, s1)) +
                   hw * ((1 - sw) * at(val, h1, s0) + sw * at(val, h1, s1));
        };
        return vw > 0 ? (1 - vw) * plane(v0) + vw * plane(v1) : plane(v0);
    };
    const double scaled = value * mixed(&Entry::valueScale);
    return fromHsv({in.hue + mixed(&Entry::hueShiftDegrees) / 60,
                    std::min(1.0, in.saturation * mixed(&Entry::saturationScale)),
                    srgbValues_ ? decode(Encoding::srgb, scaled) : scaled});
}

}  // namespace refero
