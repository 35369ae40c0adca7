// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/fit/correction.h"
#include "core/grade/recipe.h"
#include "core/pair/picture_look_of.h"

namespace refero {

/// The steps of matching one camera to another, in the order of the trade: balance, level, contrast, skin,
/// then each hue.
inline constexpr std::size_t kFirstHueStep = 4, kPairSteps = kFirstHueStep + kRecipeSectors.size();
/// "balance", "level", "contrast", "skin", then the Munsell letters of kRecipeSectors: "R", "YR", ...
std::string_view pairStepId(std::size_t step);
Result<std::size_t> pairStepById(std::string_view id);

/// Which steps are taken.
using StepSet = std::array<bool, kPairSteps>;
StepSet allSteps();
/// All up to and with that one.
StepSet stepsUpTo(std::size_t last);

/// What is left after a step, mean CIEDE2000 against the leader's picture. Groups without patches hold none.
struct StepFigures {
    std::size_t step = 0;
    double mean = 0;  ///< over all used patches
    std::optional<double> neutral, skin;
    std::array<std::optional<double>, kRecipeSectors.size()>
        hues;  ///< of coloured patches by the leader's hue
};

/// A grey of the chart as two cameras show it.
struct GreyPair {
    double reference = 0;             ///< L*
    double leader = 0, follower = 0;  ///< L* as shown
    double tint = 0;                  ///< between the two in a* and b*
};
/// Of the used greys, the lightest first; `patches` as StepwiseMatch::patches gives them.
std::vector<GreyPair> greyPairs(const std::vector<PatchResult>& patches, const Chart& chart);

/// A whole match taken apart into its steps.
class StepwiseMatch {
  public:
    /// `own` is how the follower shows itself; none for scene-linear readings, which are balanced and
    /// levelled before anything is compared.
    StepwiseMatch(Correction whole, std::optional<PictureLook> own);

    /// The patches after those steps: `after` and its difference. After none they are as they were before.
    std::vector<PatchResult> patches(const StepSet& taken) const;
    /// After no step, after the first, after the first two, ...; `held` are never taken.
    std::vector<StepFigures> figures(const StepSet& held) const;
    /// As a correction with its figures. With steps left out its left-out figures are not below what is left
    /// of the patches. Errors: hues next to each other, of which one is moved far and the other not at all,
    /// would fold over.
    Result<Correction> with(const StepSet& taken) const;

  private:
    StepFigures figuresAfter(const StepSet& taken) const;
    std::optional<PictureLook> lookWith(const StepSet& taken) const;
    Vector3 sceneXyz(const Vector3& straight, const StepSet& taken) const;

    Correction whole_;
    std::optional<PictureLook> own_, aims_;
    Matrix3 ownPrimaries_;
};

}  // namespace refero
