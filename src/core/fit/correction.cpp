// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/correction.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

#include "core/colour/lab.h"

namespace refero {
namespace {
constexpr std::array<std::string_view, 2> kModels{"balance", "matrix"};
constexpr std::array<std::string_view, 3> kIntents{"colorimetric", "neutrals", "skin"};
}  // namespace

std::string_view name(Model model) {
    return kModels[static_cast<std::size_t>(model)];
}

std::string_view name(Intent intent) {
    return kIntents[static_cast<std::size_t>(intent)];
}

Result<Intent> intentByName(std::string_view wanted) {
    const auto it = std::find(kIntents.begin(), kIntents.end(), wanted);
    if (it == kIntents.end())
        return failure("There is no intent called \"" + std::string(wanted) +
                       "\". Known are colorimetric, neutrals and skin.");
    return static_cast<Intent>(it - kIntents.begin());
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

Lab Correction::toLab(const Vector3& cameraRgb) const {
    return refero::toLab(Xyz::from(cameraToXyzD50() * cameraRgb), white::d50);
}

}  // namespace refero
