// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/correction.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

#include "core/colour/lab.h"
#include "core/say/say.h"

namespace refero {
namespace {
constexpr std::array<std::string_view, kModels.size()> kModelNames{
    "balance", "matrix", "root-polynomial", "root-polynomial-3", "polynomial", "lattice", "hue-sectors"};
constexpr std::array<std::string_view, kIntents.size()> kIntentNames{"colorimetric", "neutrals", "skin",
                                                                     "pleasing"};
}  // namespace

std::string_view name(Model model) {
    return kModelNames[static_cast<std::size_t>(model)];
}

Result<Model> modelByName(std::string_view wanted) {
    const auto it = std::find(kModelNames.begin(), kModelNames.end(), wanted);
    if (it == kModelNames.end())
        return failure(
            say("There is no model called \"%1\". Known are balance, matrix, root-polynomial, "
                "root-polynomial-3, polynomial, lattice and hue-sectors.",
                wanted));
    return static_cast<Model>(it - kModelNames.begin());
}

std::string_view name(Intent intent) {
    return kIntentNames[static_cast<std::size_t>(intent)];
}

std::string_view name(Objective objective) {
    return objective == Objective::ciede2000 ? "ciede2000" : "least-squares";
}

Result<Intent> intentByName(std::string_view wanted) {
    const auto it = std::find(kIntentNames.begin(), kIntentNames.end(), wanted);
    if (it == kIntentNames.end())
        return failure(
            say("There is no intent called \"%1\". Known are colorimetric, neutrals, skin and pleasing.",
                wanted));
    return static_cast<Intent>(it - kIntentNames.begin());
}

Spread spread(std::vector<double> v) {
    if (v.empty()) return {};
    std::sort(v.begin(), v.end());
    const auto quantile = [&](double q) {
        const double at = q * static_cast<double>(v.size() - 1);
        const auto i = static_cast<std::size_t>(at);
        return i + 1 < v.size() ? v[i] + (at - std::floor(at)) * (v[i + 1] - v[i]) : v[i];
    };
    const double sum = std::accumulate(v.begin(), v.end(), 0.0);
    return {sum / static_cast<double>(v.size()), quantile(0.5), quantile(0.95), v.back()};
}

double trimmedMean(std::vector<double> v) {
    if (v.empty()) return 0;
    std::sort(v.begin(), v.end());
    const auto cut = static_cast<std::ptrdiff_t>(v.size() / 5);
    return std::accumulate(v.begin() + cut, v.end() - cut, 0.0) /
           static_cast<double>(static_cast<std::ptrdiff_t>(v.size()) - 2 * cut);
}

Xyz Correction::toXyzD50(const Vector3& cameraRgb) const {
    const Xyz scene = Xyz::from(colours(straightened(cameraRgb)));
    return look ? look->shown(scene) : scene;
}

Vector3 Correction::straightened(const Vector3& cameraRgb) const {
    const Vector3 balanced = cameraRgb.cwiseProduct(gains * level);
    return greyCurves ? refero::straightened(balanced, *greyCurves) : balanced;
}

Lab Correction::toLab(const Vector3& cameraRgb) const {
    return refero::toLab(toXyzD50(cameraRgb), white::d50);
}

std::optional<Matrix3> Correction::cameraToXyzD50() const {
    if (!colours.isMatrix() || greyCurves || look) return {};
    return Matrix3(colours.base().coefficients() * (gains * level).asDiagonal());
}

std::vector<GroupFigures> byGroup(const Correction& c) {
    constexpr double kSaturated = 40;  // C*ab of the reference
    std::vector<GroupFigures> all{{"neutral"}, {"skin"}, {"saturated"}, {"other"}};
    for (const PatchResult& p : c.patches) {
        if (!p.used) continue;
        const std::size_t at = p.role == Role::neutral                     ? 0
                               : p.role == Role::skin                      ? 1
                               : refero::toLch(p.reference).C > kSaturated ? 2
                                                                           : 3;
        GroupFigures& g = all[at];
        ++g.count;
        g.before += p.differenceBefore;
        g.after += p.differenceAfter;
        g.leftOut += p.leftOut;
    }
    std::erase_if(all, [](const GroupFigures& g) { return g.count == 0; });
    for (GroupFigures& g : all)
        for (double* sum : {&g.before, &g.after, &g.leftOut}) *sum /= static_cast<double>(g.count);
    return all;
}

}  // namespace refero
