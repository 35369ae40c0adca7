// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string>

#include "core/fit/correction.h"

namespace refero {

/// How far one light is from another, as one camera records white: `mired` warmer, and `tint`, the natural
/// logarithm by which green is stronger beside red and blue.
struct LightApart {
    double mired = 0, tint = 0;
};
/// Linear camera RGB above 0.
LightApart lightApart(const Vector3& whiteFrom, const Vector3& whiteTo);

/// Lights so near share a correction's colours: 20 mired is what a filter of the weakest kind does, a tint of
/// 0.12 a sixth of a stop of green (common practice).
inline constexpr double kSameLightMired = 20, kSameLightTint = 0.12;
bool sameKindOfLight(const LightApart& apart);

/// A correction that can be lent. Of those with a loan of their own, with an aim that is not the reference,
/// or for another body, serial number or encoding, nothing is ever lent.
struct Lender {
    const Correction* correction = nullptr;
    std::string lightKind{};  ///< as the plan names it; empty where nobody said
};

/// A light without a chart shot.
struct Borrower {
    std::string body, serial, lens;
    Transfer encoding;
    std::string lightKind{};
    std::optional<Vector3> grey{};         ///< linear camera RGB of something neutral in this light
    std::optional<double> reflectance{};   ///< of it, 0.02 to 1, where that is known: brings the level
    std::optional<Vector3> cameraWhite{};  ///< linear camera RGB of white, as the camera balanced
};

/// The best loan: colours of the same body in the same kind of light, else of a mix of two lights between
/// which this one lies (by mired, as `grey` or the camera's balance tell), else of the nearest light. Balance
/// comes from the grey, else from the lender where the plan says that the light is the same kind, else from
/// the camera. It has no patches and no figures: nothing proves it. Errors: no body is named, none of its
/// corrections can be lent, nothing tells the light of a linear frame.
Result<Correction> lent(std::span<const Lender> lenders, const Borrower& borrower);

/// Another setup's correction, as the plan's rules lend it: nothing is changed but its name and figures.
Correction lentByPlan(const Correction& lender);

/// Mean CIEDE2000 between what two corrections of one body make of the first one's patches, both balanced and
/// levelled as the first is; nothing where it has no usable patches.
std::optional<double> differenceBetween(const Correction& one, const Correction& other);

}  // namespace refero
