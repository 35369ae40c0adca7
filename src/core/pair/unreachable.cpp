// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/unreachable.h"

#include <tbb/parallel_for.h>

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <numeric>
#include <optional>
#include <vector>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/shown_picture.h"
#include "core/fit/correction.h"
#include "core/fit/moves.h"
#include "core/fit/sensitivity.h"
#include "core/spectra/generated_reflectances.h"

namespace refero {
namespace {

Vector3 rooted(const Vector3& v) {
    return v.cwiseMax(0).cwiseSqrt();
}

// Surfaces of known spectrum as a camera gives them, in any linear mix of its channels.
struct Seen {
    std::vector<Spectrum> reflectances;
    std::vector<Vector3> values, errors;

    void add(const Spectrum& reflectance, const Vector3& value, const Vector3& error) {
        reflectances.push_back(reflectance);
        values.push_back(value);
        // What a linear sum cannot tell of a real camera comes on top of the noise.
        errors.push_back((error.array().square() + (0.005 * value.array().abs() + 0.001).square()).sqrt());
    }
};

// Many more than a fit is trained on, so that enough of them look like any one patch.
const std::vector<Spectrum>& manySurfaces() {
    constexpr std::size_t kCount = 8000;
    constexpr unsigned kSeed = 1964;
    static const auto all = generatedReflectances(kCount, kSeed);
    return all;
}

// How far what was seen is from a linear sum of spectra, mean CIEDE2000; of XYZ.
double misfit(const Seen& seen, const EffectiveSensitivity& sensitivity) {
    double sum = 0;
    for (std::size_t i = 0; i < seen.values.size(); ++i)
        sum += ciede2000(toLab(Xyz::from(seen.values[i]), white::d50),
                         toLab(Xyz::from(sensitivity.response(seen.reflectances[i])), white::d50));
    return sum / static_cast<double>(seen.values.size());
}

// Those surfaces in the same mix. A picture, in XYZ, must be near a linear sum of them.
std::optional<std::vector<Vector3>> surfaces(const Seen& seen, bool picture) {
    const auto sensitivity = estimateSensitivity(seen.reflectances, seen.values, seen.errors);
    if (!sensitivity) return {};
    if (picture && !(misfit(seen, *sensitivity) <= kLinearWithin)) return {};
    const auto& all = manySurfaces();
    std::vector<Vector3> out(all.size());
    tbb::parallel_for(std::size_t{0}, all.size(),
                      [&](std::size_t i) { out[i] = sensitivity->response(all[i]); });
    return out;
}

std::optional<std::vector<Vector3>> leadersSurfaces(const Aim& aim, const Reading& leader) {
    if (!aim.view || aim.origin.translationError > 0) return {};
    const Correction& view = *aim.view;
    if (!aim.look) {
        // A scene-linear leader through its correction.
        const Vector3 scale = view.gains * view.level;
        Seen seen;
        for (std::size_t i = 0; i < leader.patches.size(); ++i)
            if (const auto& r = leader.chart.patches[i].reflectance;
                r && aim.colours.contains(leader.patches[i].id))
                seen.add(r->spectrum(), leader.patches[i].rgb.cwiseProduct(scale),
                         leader.patches[i].standardError().cwiseProduct(scale));
        auto out = surfaces(seen, false);
        if (out)
            for (Vector3& v : *out)
                v = view.colours(view.greyCurves ? refero::straightened(v, *view.greyCurves) : v);
        return out;
    }
    // Another chart's colours were translated, and what is between two spectra is lost on the way.
    Seen seen;
    for (const Patch& patch : leader.chart.patches)
        if (const auto at = aim.colours.find(patch.id); at != aim.colours.end() && patch.reflectance)
            seen.add(patch.reflectance->spectrum(), at->second.xyz.vector(), at->second.error);
    return surfaces(seen, true);
}

std::optional<std::vector<Vector3>> followersSurfaces(const Samples& samples, const Matrix3& mix,
                                                      bool picture) {
    Seen seen;
    for (std::size_t i = 0; i < samples.reflectances.size(); ++i)
        if (const auto& r = samples.reflectances[i])
            seen.add(*r, mix * samples.rgb[i], mix.cwiseAbs() * samples.error[i]);
    return surfaces(seen, picture);
}

/// One surface after the other as both see it.
struct Pairs {
    std::vector<Vector3> follower;  ///< roots
    std::vector<Vector3> leader;    ///< roots of XYZ
    const PictureLook* look;

    Lab shown(const Vector3& roots) const {
        const Xyz scene = Xyz::from(fromRoots(roots));
        return toLab(look ? look->shown(scene) : scene, white::d50);
    }
};

// Of the surfaces that look nearest to it for the follower: what a plane through the leader's colours leaves.
double spreadAbout(const Vector3& here, const Pairs& pairs) {
    constexpr std::size_t kNear = 60;
    std::vector<std::size_t> order(pairs.follower.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::vector<double> distances(order.size());
    for (std::size_t i = 0; i < order.size(); ++i) distances[i] = (pairs.follower[i] - here).squaredNorm();
    std::partial_sort(order.begin(), order.begin() + kNear, order.end(),
                      [&](std::size_t a, std::size_t b) { return distances[a] < distances[b]; });
    Eigen::Matrix<double, kNear, 4> places;
    Eigen::Matrix<double, kNear, 3> colours;
    for (std::size_t k = 0; k < kNear; ++k) {
        const auto row = static_cast<Eigen::Index>(k);
        places.row(row) << 1, (pairs.follower[order[k]] - here).transpose();
        colours.row(row) = pairs.leader[order[k]].transpose();
    }
    const Eigen::Matrix<double, 4, 4> power =
        places.transpose() * places + 1e-8 * Eigen::Matrix<double, 4, 4>::Identity();
    const Eigen::Matrix<double, 4, 3> plane = power.ldlt().solve(places.transpose() * colours);
    double sum = 0;
    for (Eigen::Index row = 0; row < places.rows(); ++row)
        sum += ciede2000(pairs.shown(colours.row(row).transpose()),
                         pairs.shown((places.row(row) * plane).transpose()));
    // A plane of four numbers a channel takes its share of the spread along.
    return sum / static_cast<double>(kNear) * std::sqrt(kNear / (kNear - 4.0));
}

}  // namespace

Unreachable unreachableBy(const Aim& aim, const Reading& leader, const Reading& follower,
                          const Samples& samples) {
    if (samples.reflectances.empty()) return {};
    const auto picture = shownPicture(follower.encoding);
    // Display primaries weigh some wavelengths below zero, XYZ hardly does.
    const Matrix3 mix = picture ? picture->rgbToXyzD50 : Matrix3::Identity();
    const auto theirs = leadersSurfaces(aim, leader);
    if (!theirs) return {};
    const auto own = followersSurfaces(samples, mix, picture.has_value());
    if (!own) return {};
    Pairs pairs{{}, {}, aim.look ? &*aim.look : nullptr};
    for (std::size_t i = 0; i < own->size(); ++i) {
        pairs.follower.push_back(rooted((*own)[i]));
        pairs.leader.push_back(toRoots((*theirs)[i]));
    }
    Unreachable out;
    for (std::size_t i = 0; i < samples.size(); ++i)
        if (const std::size_t at = samples.index[i]; at < follower.chart.patches.size())
            out[follower.chart.patches[at].id] = spreadAbout(rooted(mix * samples.rgb[i]), pairs);
    return out;
}

}  // namespace refero
