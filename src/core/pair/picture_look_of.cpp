// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/picture_look_of.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <functional>

#include "core/colour/shown_picture.h"
#include "core/fit/grey_curves.h"
#include "core/read/balance.h"

namespace refero {
namespace {

// What is level somewhere could not be undone.
RootCurve rising(const std::function<double(double)>& rootOfRoot) {
    constexpr float kLeast = 1e-4F;
    std::array<float, RootCurve::kPoints> roots{};
    for (std::size_t i = 1; i < RootCurve::kPoints; ++i) {
        const double root = static_cast<double>(i) * RootCurve::kRange / (RootCurve::kPoints - 1);
        roots[i] = std::max(static_cast<float>(rootOfRoot(root)), roots[i - 1] + kLeast);
    }
    return *RootCurve::of(roots);
}

}  // namespace

std::optional<ShownReading> shownReading(const Reading& reading, const std::optional<Matrix3>& xyzD50ToRgb) {
    const auto picture = shownPicture(reading.encoding);
    if (!picture) return {};
    ShownReading out{{}, xyzD50ToRgb.value_or(picture->rgbToXyzD50.inverse())};
    for (const PatchReading& p : reading.patches)
        out.rgb.push_back(out.xyzD50ToRgb * picture->xyzD50(p.rgb).vector());
    return out;
}

std::optional<PictureLook> pictureLookOf(const Reading& reading, const ShownReading& shown) {
    const std::vector<std::size_t> greys = usableNeutrals(reading);
    if (greys.empty()) return {};
    PictureLook look{shown.xyzD50ToRgb, {}};
    std::vector<Vector3> scene, picture;
    for (const std::size_t i : greys) {
        scene.push_back(look.xyzD50ToRgb * referenceXyzD50(reading.chart.patches[i]).vector());
        picture.push_back(shown.rgb[i]);
    }
    // The level first: curves come back to it where no grey tells them anything.
    Vector3 gain;
    for (int c = 0; c < 3; ++c) {
        double sum = 0, weights = 0;
        for (std::size_t k = 0; k < scene.size(); ++k) {
            const double weight = std::sqrt(std::max(scene[k](c), 1e-4));
            sum += weight * std::log(std::max(picture[k](c), 1e-5) / std::max(scene[k](c), 1e-5));
            weights += weight;
        }
        gain(c) = std::exp(sum / weights);
    }
    for (Vector3& v : scene) v = v.cwiseProduct(gain);
    const auto curves = greyCurves(scene, picture, CurveUse::always);
    for (int c = 0; c < 3; ++c) {
        const double scale = std::sqrt(gain(c));
        const auto at = static_cast<std::size_t>(c);
        look.curves[at] = rising([&](double root) {
            const double levelled = fromRoot(scale * root);
            return toRoot(curves ? (*curves)[at](levelled) : levelled);
        });
    }
    return look;
}

PictureLook scaled(const PictureLook& look, const Vector3& gains) {
    PictureLook out = look;
    for (int c = 0; c < 3; ++c) {
        const auto at = static_cast<std::size_t>(c);
        const double scale = std::sqrt(gains(c));
        out.curves[at] = rising([&](double root) { return scale * toRoot(look.curves[at](fromRoot(root))); });
    }
    return out;
}

Vector3 midGrey(const PictureLook& look) {
    return {look.curves[0](kMidGrey), look.curves[1](kMidGrey), look.curves[2](kMidGrey)};
}

}  // namespace refero
