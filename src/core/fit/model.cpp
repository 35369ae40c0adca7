// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/model.h"

#include <algorithm>
#include <array>

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

}  // namespace refero
