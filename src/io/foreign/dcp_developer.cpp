// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/foreign/dcp_developer.h"

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <cmath>

#include "core/colour/adaptation.h"
#include "core/say/say.h"
#include "core/spectra/temperature.h"

namespace refero::io {
namespace {

// EXIF 2.3's light sources by their correlated temperature, as the specification wants them mixed.
double kelvinOf(int illuminant) {
    switch (illuminant) {
        case 17:
        case 3:
            return 2850;
        case 24:
            return 3200;
        case 2:
        case 14:
            return 4150;
        case 23:
        case 13:
            return 5000;
        case 1:
        case 4:
        case 9:
        case 18:
        case 20:
            return 5500;
        case 10:
        case 19:
        case 21:
            return 6500;
        case 11:
        case 22:
            return 7500;
        case 12:
            return 6400;
        case 15:
            return 3525;
        default:
            return 0;
    }
}

Matrix3 mixed(const Matrix3& a, const Matrix3& b, double share) {
    return (1 - share) * a + share * b;
}

// How much of the second light, 0 to 1.
double shareAt(const DcpProfile& p, double kelvin) {
    if (p.lights.size() < 2) return 0;
    const double first = kelvinOf(p.lights[0].illuminant), second = kelvinOf(p.lights[1].illuminant);
    if (!(first > 0) || !(second > 0) || first == second) return 0;
    return std::clamp((1 / kelvin - 1 / first) / (1 / second - 1 / first), 0.0, 1.0);
}

struct Found {
    Chromaticity white = white::d50;
    double kelvin = 5003, share = 0;
    Matrix3 colourMatrix;
};

// The matrix depends on the white that it leads to: a few rounds settle it.
std::optional<Found> whiteFor(const DcpProfile& p, const Vector3& neutral) {
    constexpr int kRounds = 30;
    Found f;
    for (int round = 0; round < kRounds; ++round) {
        f.share = shareAt(p, f.kelvin);
        f.colourMatrix = p.lights.size() < 2
                             ? p.lights[0].colourMatrix
                             : mixed(p.lights[0].colourMatrix, p.lights[1].colourMatrix, f.share);
        if (std::abs(f.colourMatrix.determinant()) < 1e-12) return {};
        const Chromaticity at = chromaticity(Xyz::from(f.colourMatrix.inverse() * neutral));
        if (!(at.y > 0)) return {};
        const bool settled = std::abs(at.x - f.white.x) + std::abs(at.y - f.white.y) < 1e-7;
        f.white = at;
        if (const auto t = colourTemperature(at)) f.kelvin = t->kelvin;
        if (settled) break;
    }
    return f;
}

}  // namespace

Result<DcpDeveloper> DcpDeveloper::of(const DcpProfile& p, const Vector3& neutral) {
    const Vector3 n = neutral / neutral.maxCoeff();
    const auto found = n.minCoeff() > 0 ? whiteFor(p, n) : std::nullopt;
    if (!found) return failure(say("The camera profile's matrices lead to no white for this grey."));
    DcpDeveloper out;
    out.share_ = found->share;
    out.kelvin_ = found->kelvin;
    const bool two = p.lights.size() > 1;
    Matrix3 toXyz;
    if (p.lights[0].forward && (!two || p.lights[1].forward)) {
        toXyz = two ? mixed(p.lights[0].forwardMatrix, p.lights[1].forwardMatrix, found->share)
                    : p.lights[0].forwardMatrix;
    } else {
        // Without one: from the white that was found to D50, scaled so that the neutral is white.
        const Matrix3 back = found->colourMatrix.inverse() * n.asDiagonal();
        const double y = (back * Vector3::Ones()).y();
        if (!(y > 0)) return failure(say("The camera profile's colour matrix makes white black."));
        toXyz = adaptation(Adaptation::bradford, found->white, white::d50) * back / y;
    }
    out.toRomm_ = xyzD50ToRomm() * toXyz;
    if (p.lights[0].map) out.map_ = p.lights[0].map;
    if (two && p.lights[0].map && p.lights[1].map)
        out.map_ = p.lights[0].map->towards(*p.lights[1].map, found->share);
    out.look_ = p.look;
    out.exposure_ = std::exp2(p.baselineExposureOffset);
    out.curve_ = p.toneCurve;
    if (out.curve_.size() < 2 || out.curve_ == std::vector<std::pair<double, double>>{{0, 0}, {1, 1}})
        out.curve_.clear();
    return out;
}

double DcpDeveloper::toned(double light) const {
    if (light <= curve_.front().first) return curve_.front().second;
    const auto above =
        std::find_if(curve_.begin(), curve_.end(), [&](const auto& p) { return p.first >= light; });
    if (above == curve_.end()) return curve_.back().second;
    const auto &b = *above, &a = *std::prev(above);
    return a.second + (b.second - a.second) * (light - a.first) / std::max(b.first - a.first, 1e-12);
}

Xyz DcpDeveloper::developed(const Vector3& balancedRgb) const {
    static const Matrix3 fromRomm = xyzD50ToRomm().inverse();
    Vector3 rgb = toRomm_ * balancedRgb;
    if (map_) rgb = (*map_)(rgb.cwiseMax(0));
    rgb *= exposure_;
    if (look_) rgb = (*look_)(rgb.cwiseMax(0));
    if (!curve_.empty()) {
        int low = 0, high = 0;
        rgb.minCoeff(&low);
        rgb.maxCoeff(&high);
        const double least = rgb[low], most = rgb[high];
        const double to = toned(most), from = toned(least);
        for (int c = 0; c < 3; ++c)
            rgb[c] = most > least ? from + (to - from) * (rgb[c] - least) / (most - least) : to;
    }
    return Xyz::from(fromRomm * rgb);
}

}  // namespace refero::io
