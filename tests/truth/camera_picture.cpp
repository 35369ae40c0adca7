// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "truth/camera_picture.h"

#include <algorithm>
#include <cmath>
#include <stdexcept>

#include "core/colour/adaptation.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/fit.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"

namespace refero::test {
namespace {

// Linear sRGB to the stored code of 8 bits.
Vector3 pictured(const Vector3& linear, const CameraLook& look) {
    Lab lab = toLab(Xyz::from(xyzD50ToLinear(OutputSpace::linearSrgb).inverse() * linear), white::d50);
    Lch v = toLch(lab);
    v.h += look.turn * std::exp(-std::pow(std::remainder(v.h - look.about, 360.0) / look.width, 2));
    v.C *= look.saturation * (1 - look.fade * std::clamp((v.L - 60) / 40, 0.0, 1.0));
    const Vector3 turned = xyzD50ToLinear(OutputSpace::linearSrgb) * toXyz(toLab(v)).vector();
    return turned.unaryExpr([&](double light) {
        const double e = encode(Encoding::srgb, std::max(light, 0.0));
        // An S about mid-grey's signal.
        constexpr double kMid = 0.46;
        const double s = e < kMid
                             ? kMid * std::pow(e / kMid, look.contrast)
                             : 1 - (1 - kMid) * std::pow(std::max(0.0, (1 - e) / (1 - kMid)), look.contrast);
        const double out = look.black + (look.white - look.black) * s;
        return std::round(255 * std::clamp(out, 0.0, 1.0)) / 255;
    });
}

}  // namespace

CameraPicture::CameraPicture(const Chart& chart, const Trial& trial, const CameraLook& look, unsigned seed)
    : raw_(trialReading(chart, trial.body, trial.lamp, 0.002, seed)), trial_(trial), look_(look) {
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
    const Vector3 stored =
        pictured(xyzD50ToLinear(OutputSpace::linearSrgb) * own_.toXyzD50(camera).vector(), look_);
    return stored.unaryExpr([](double v) { return decode(Encoding::srgb, v); });
}

}  // namespace refero::test
