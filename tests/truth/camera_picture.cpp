// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "truth/camera_picture.h"

#include <algorithm>
#include <cmath>
#include <stdexcept>
#include <tuple>
#include <utility>

#include "core/colour/adaptation.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/fit.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"

namespace refero::test {
namespace {

// An S about mid-grey's signal.
double bent(double signal, double contrast) {
    constexpr double kMid = 0.46;
    return signal < kMid ? kMid * std::pow(signal / kMid, contrast)
                         : 1 - (1 - kMid) * std::pow(std::max(0.0, (1 - signal) / (1 - kMid)), contrast);
}

// Of 8 bits, between the look's ends.
double storedBetween(double black, double white, double signal) {
    return std::round(255 * std::clamp(black + (white - black) * signal, 0.0, 1.0)) / 255;
}

// Linear sRGB to the stored code of 8 bits.
Vector3 pictured(const Vector3& linear, const CameraLook& look) {
    Lab lab = toLab(Xyz::from(xyzD50ToLinear(OutputSpace::linearSrgb).inverse() * linear), white::d50);
    Lch v = toLch(lab);
    v.h += look.turn * std::exp(-std::pow(std::remainder(v.h - look.about, 360.0) / look.width, 2));
    v.C *= look.saturation * (1 - look.fade * std::clamp((v.L - 60) / 40, 0.0, 1.0));
    const Vector3 turned = xyzD50ToLinear(OutputSpace::linearSrgb) * toXyz(toLab(v)).vector();
    return turned.unaryExpr([&](double light) {
        const double signal = encode(Encoding::srgb, std::max(light, 0.0));
        return storedBetween(look.black, look.white, bent(signal, look.contrast));
    });
}

Vector3 filmed(const Vector3& linear, const FilmLook& look) {
    Vector3 signal;
    for (int c = 0; c < 3; ++c)
        signal(c) = bent(encode(Encoding::srgb, std::max(linear(c), 0.0)),
                         look.contrast[static_cast<std::size_t>(c)]);
    const Vector3 luma(0.2126, 0.7152, 0.0722);  // BT.709
    const double y = luma.dot(signal);
    double blue = look.saturation * (signal(2) - y), red = look.saturation * (signal(0) - y);
    const double towards = std::cos(std::atan2(red, blue) - 1.2);
    const double turn = look.turn * towards * towards * (towards > 0 ? 1 : 0.3);
    const double split = look.split * (0.5 - y) * 4 * y * (1 - y);
    std::tie(blue, red) = std::pair(std::cos(turn) * blue - std::sin(turn) * red + split,
                                    std::sin(turn) * blue + std::cos(turn) * red - split);
    const double r = y + red, b = y + blue;
    return Vector3(r, (y - luma.x() * r - luma.z() * b) / luma.y(), b).unaryExpr([&](double v) {
        return storedBetween(look.black, look.white, v);
    });
}

}  // namespace

CameraPicture::CameraPicture(const Chart& chart, const Trial& trial, const CameraLook& look, unsigned seed)
    : raw_(trialReading(chart, trial.body, trial.lamp, 0.002, seed)),
      trial_(trial),
      look_([look](const Vector3& linear) { return pictured(linear, look); }) {
    develop();
}

CameraPicture::CameraPicture(const Chart& chart, const Trial& trial, const FilmLook& look, unsigned seed)
    : raw_(trialReading(chart, trial.body, trial.lamp, 0.002, seed)),
      trial_(trial),
      look_([look](const Vector3& linear) { return filmed(linear, look); }) {
    develop();
}

void CameraPicture::develop() {
    FitOptions maker;
    maker.model = Model::matrix;
    auto own = fit(std::span(&raw_, 1), maker);
    if (!own) throw std::runtime_error(own.error().message);
    own_ = *std::move(own);
}

Reading CameraPicture::reading() const {
    Reading reading = raw_;
    reading.encoding = Encoding::srgb;
    for (PatchReading& p : reading.patches) {
        p.rgb = linear(p.rgb);
        p.clipped = p.rgb.maxCoeff() >= 1 ? 1 : 0;
        p.deviation.setConstant(0.003);
        p.covariance.setZero();
    }
    return reading;
}

Reading CameraPicture::readingOf(const std::vector<Spectrum>& surfaces) const {
    Reading out = reading();
    const Spectrum d50 = *illuminantByName("d50");
    const Matrix3 toD50 = adaptation(Adaptation::cat16, lightXyz(d50), whiteXyz(white::d50));
    for (const Spectrum& s : surfaces) {
        Patch patch;
        patch.id = "S" + std::to_string(out.patches.size());
        patch.labD50 = toLab(Xyz::from(toD50 * reflectedXyz(s, d50).vector()), white::d50);
        PatchReading p = out.patches.front();
        p.id = patch.id;
        p.rgb = linear(trial_.records(s));
        p.clipped = p.rgb.maxCoeff() >= 1 ? 1 : 0;
        out.chart.patches.push_back(std::move(patch));
        out.patches.push_back(std::move(p));
    }
    return out;
}

Vector3 CameraPicture::linear(const Vector3& camera) const {
    const Vector3 stored = look_(xyzD50ToLinear(OutputSpace::linearSrgb) * own_.toXyzD50(camera).vector());
    return stored.unaryExpr([](double v) { return decode(Encoding::srgb, v); });
}

}  // namespace refero::test
