// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/dcp_profile.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>

#include "core/colour/adaptation.h"
#include "core/grade/nearest_matrix.h"
#include "core/say/say.h"

namespace refero::io {
namespace {

// EXIF 2.3, LightSource; the chromaticities of CIE 015.
Result<Chromaticity> whiteOf(int illuminant) {
    switch (illuminant) {
        case 17:
            return white::a;
        case 20:
            return white::d55;
        case 21:
            return white::d65;
        case 22:
            return Chromaticity{0.29902, 0.31485};
        case 23:
            return white::d50;
        default:
            return failure(say("A camera profile's light is A, D50, D55, D65 or D75."));
    }
}

// Above 1 where the light has less blue than red.
double warmth(const Correction& c) {
    return c.gains.z() / c.gains.x();
}

Result<DcpProfile::Light> lightOf(const Correction& c, int illuminant, bool matrixOnly,
                                  std::span<const Vector3> colours) {
    const auto lamp = whiteOf(illuminant);
    if (!lamp) return tl::unexpected(lamp.error());
    const auto forward = nearestMatrix(c, colours);
    if (!forward) return tl::unexpected(forward.error());
    DcpProfile::Light out;
    out.illuminant = illuminant;
    out.forwardMatrix = *forward;
    // White balance on the neutral undone, the forward matrix undone, from that light's white to D50's.
    out.colourMatrix =
        neutralOf(c).asDiagonal() * forward->inverse() * adaptation(Adaptation::bradford, *lamp, white::d50);
    if (!out.colourMatrix.allFinite()) return failure(say("The correction's matrix has no inverse."));
    if (matrixOnly || c.cameraToXyzD50()) return out;
    const Matrix3 toRomm = xyzD50ToRomm(), back = (toRomm * *forward).inverse();
    const Vector3 unbalanced = (c.gains * c.level).cwiseInverse();
    out.map = HueSatMap::of([&](const Vector3& romm) {
        // Saturated corners of ROMM RGB lie outside what any camera records.
        const Vector3 balanced = (back * romm).cwiseMax(0);
        return Vector3(toRomm * c.toXyzD50(balanced.cwiseProduct(unbalanced)).vector());
    });
    return out;
}

}  // namespace

bool isWarmer(const Correction& first, const Correction& second) {
    return warmth(first) > warmth(second);
}

std::vector<std::pair<double, double>> toneCurveOf(const Finish& finish) {
    Finish contrast;
    contrast.contrast = finish.contrast;
    contrast.levels = finish.levels;
    const auto curve = compile(contrast).curve;
    if (!curve) return {{0, 0}, {1, 1}};
    // Evenly over roots of light, where the curve itself is even.
    constexpr int kSteps = 64;
    std::vector<std::pair<double, double>> out;
    for (int i = 0; i <= kSteps; ++i) {
        const double root = static_cast<double>(i) / kSteps;
        out.emplace_back(root * root, std::clamp((*curve)(root * root), 0.0, 1.0));
    }
    out.back() = {1, 1};
    return out;
}

Vector3 neutralOf(const ColourTransform& c) {
    const Vector3 n = c.gains.cwiseInverse();
    return n / n.maxCoeff();
}

Xyz DcpProfile::toXyzD50(const Vector3& cameraRgb, const Vector3& neutral, std::size_t index) const {
    const Light& light = lights[index];
    Vector3 xyz = light.forwardMatrix * cameraRgb.cwiseQuotient(neutral / neutral.maxCoeff());
    if (light.map) {
        static const Matrix3 toRomm = xyzD50ToRomm(), fromRomm = xyzD50ToRomm().inverse();
        // What the map cannot take is cut off, as raw developers do.
        xyz = fromRomm * (*light.map)((toRomm * xyz).cwiseMax(0));
    }
    return Xyz::from(xyz * std::exp2(baselineExposureOffset));
}

Result<DcpProfile> dcpProfileOf(std::span<const Correction* const> corrections, bool matrixOnly,
                                std::span<const Vector3> colours, std::vector<int> illuminants) {
    if (corrections.empty() || corrections.size() > 2)
        return failure(say("A camera profile is for one light or for two."));
    std::vector<const Correction*> all(corrections.begin(), corrections.end());
    for (const Correction* c : all)
        if (c->inputEncoding != Encoding::linear)
            return failure(
                say("A camera profile is for raw files; this correction is for frames encoded as %1. Write "
                    "an ICC profile or a .cube for those.",
                    name(c->inputEncoding)));
    const bool stated = !illuminants.empty();
    if (!stated) illuminants = all.size() == 1 ? std::vector{23} : std::vector{17, 21};
    if (illuminants.size() != all.size())
        return failure(say("State as many lights as there are corrections in the profile."));
    if (all.size() == 2) {
        if (all[0]->body != all[1]->body)
            return failure(
                say("The two corrections are of two bodies: %1 and %2.", all[0]->body, all[1]->body));
        if (illuminants[0] == illuminants[1])
            return failure(say("Both corrections are for the same kind of light."));
        if (std::abs(std::log2(warmth(*all[0]) / warmth(*all[1]))) < 0.1)
            return failure(say("The two corrections' lights are too much alike to go between them."));
        if (isWarmer(*all[1], *all[0])) {
            std::swap(all[0], all[1]);
            if (stated) std::swap(illuminants[0], illuminants[1]);
        }
    }
    DcpProfile p;
    p.name = all.front()->name;
    const Correction& first = *all.front();
    p.camera = !first.uniqueModel.empty() ? first.uniqueModel : first.body.empty() ? "Camera" : first.body;
    for (std::size_t i = 0; i < all.size(); ++i) {
        auto light = lightOf(*all[i], illuminants[i], matrixOnly, colours);
        if (!light) return tl::unexpected(light.error());
        p.lights.push_back(*std::move(light));
    }
    // A profile has one exposure for both.
    const Correction& c = *all.front();
    p.baselineExposureOffset = std::log2(c.level * c.gains.minCoeff());
    return p;
}

}  // namespace refero::io
