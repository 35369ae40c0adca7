// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/steps.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/shown_picture.h"
#include "core/fit/moves.h"
#include "core/pair/colour_group.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr std::size_t kBalance = 0, kLevel = 1, kContrast = 2, kSkin = 3;
constexpr std::array<std::string_view, kFirstHueStep> kNames{"balance", "level", "contrast", "skin"};

PictureLook straight(const Matrix3& xyzD50ToRgb) {
    return {xyzD50ToRgb, {}};
}

double luminance(const PictureLook& look, const Vector3& rgb) {
    return (look.xyzD50ToRgb.inverse() * rgb).y();
}

// How much of a colour's own step is taken.
double share(const Lab& colour, const StepSet& taken) {
    const Lch c = toLch(colour);
    double hues = 0;
    for (std::size_t k = 0; k < kRecipeSectors.size(); ++k)
        if (taken[kFirstHueStep + k]) hues += sectorShare(c.h, k);
    const double skin = skinShare(c);
    return skin * (taken[kSkin] ? 1 : 0) + (1 - skin) * hues;
}

bool allColours(const StepSet& taken) {
    return std::all_of(taken.begin() + kSkin, taken.end(), [](bool b) { return b; });
}

struct Mean {
    double sum = 0;
    std::size_t count = 0;
    void add(double v) { sum += v, ++count; }
    std::optional<double> value() const {
        return count ? std::optional(sum / static_cast<double>(count)) : std::nullopt;
    }
};

bool any(const StepSet& taken) {
    return std::any_of(taken.begin(), taken.end(), [](bool b) { return b; });
}

}  // namespace

std::string_view pairStepId(std::size_t step) {
    return step < kFirstHueStep ? kNames[step] : kRecipeSectors[step - kFirstHueStep].letters;
}

Result<std::size_t> pairStepById(std::string_view id) {
    for (std::size_t k = 0; k < kPairSteps; ++k)
        if (pairStepId(k) == id) return k;
    return failure(
        say("There is no step called \"%1\". Known are balance, level, contrast, skin and the hues R, YR, Y, "
            "GY, G, BG, B, PB, P and RP.",
            id));
}

StepSet allSteps() {
    StepSet out;
    out.fill(true);
    return out;
}

StepSet stepsUpTo(std::size_t last) {
    StepSet out{};
    for (std::size_t k = 0; k <= last && k < out.size(); ++k) out[k] = true;
    return out;
}

StepwiseMatch::StepwiseMatch(Correction whole, std::optional<PictureLook> own)
    : whole_(std::move(whole)), own_(std::move(own)), aims_(whole_.look) {
    const auto picture = shownPicture(whole_.inputEncoding);
    ownPrimaries_ = picture ? picture->rgbToXyzD50 : rgbToXyzD50(primaries::bt709);
    if (own_ && !aims_) aims_ = straight(own_->xyzD50ToRgb);
    if (aims_ && !own_) own_ = straight(aims_->xyzD50ToRgb);
}

std::optional<PictureLook> StepwiseMatch::lookWith(const StepSet& taken) const {
    if (taken[kBalance] && taken[kLevel] && taken[kContrast]) return whole_.look;
    if (!own_) return {};
    // One camera's contrast with the other's balance or level, all three told at mid-grey.
    const PictureLook& shape = taken[kContrast] ? *aims_ : *own_;
    const PictureLook& cast = taken[kBalance] ? *aims_ : *own_;
    const PictureLook& level = taken[kLevel] ? *aims_ : *own_;
    const auto ratio = [&](const PictureLook& of) -> Vector3 {
        return midGrey(of) / luminance(of, midGrey(of));
    };
    const double stops = luminance(level, midGrey(level)) / luminance(shape, midGrey(shape));
    return scaled(shape, stops * ratio(cast).cwiseQuotient(ratio(shape)));
}

Vector3 StepwiseMatch::sceneXyz(const Vector3& straight, const StepSet& taken) const {
    const Vector3 full = whole_.colours(straight);
    if (allColours(taken)) return full;
    const Vector3 base = ownPrimaries_ * straight;
    return base + share(toLab(Xyz::from(base), white::d50), taken) * (full - base);
}

std::vector<PatchResult> StepwiseMatch::patches(const StepSet& taken) const {
    std::vector<PatchResult> out = whole_.patches;
    const auto look = lookWith(taken);
    for (PatchResult& p : out) {
        if (any(taken)) {
            const Xyz scene = Xyz::from(sceneXyz(whole_.straightened(p.rgb), taken));
            p.after = toLab(look ? look->shown(scene) : scene, white::d50);
        } else {
            p.after = p.before;
        }
        p.differenceAfter = ciede2000(p.reference, p.after);
    }
    return out;
}

StepFigures StepwiseMatch::figuresAfter(const StepSet& taken) const {
    Mean all;
    std::array<Mean, kColourGroups> groups;
    for (const PatchResult& p : patches(taken)) {
        if (!p.used) continue;
        all.add(p.differenceAfter);
        if (const auto group = colourGroup(p.role, p.reference)) groups[*group].add(p.differenceAfter);
    }
    StepFigures f;
    f.mean = all.value().value_or(0);
    f.neutral = groups[kNeutralGroup].value();
    f.skin = groups[kSkinGroup].value();
    for (std::size_t k = 0; k < f.hues.size(); ++k) f.hues[k] = groups[kFirstHueGroup + k].value();
    return f;
}

std::vector<StepFigures> StepwiseMatch::figures(const StepSet& held) const {
    std::vector<StepFigures> out;
    StepSet taken{};
    for (std::size_t k = 0; k <= kPairSteps; ++k) {
        if (k > 0) taken[k - 1] = !held[k - 1];
        out.push_back(figuresAfter(taken));
        out.back().step = k;
    }
    return out;
}

std::vector<GreyPair> greyPairs(const std::vector<PatchResult>& patches, const Chart& chart) {
    std::vector<GreyPair> out;
    for (const PatchResult& p : patches) {
        const Patch* patch = chart.patch(p.id);
        if (p.role != Role::neutral || !p.used || !patch) continue;
        out.push_back({patch->labD50.L, p.reference.L, p.after.L,
                       std::hypot(p.reference.a - p.after.a, p.reference.b - p.after.b)});
    }
    std::sort(out.begin(), out.end(),
              [](const GreyPair& a, const GreyPair& b) { return a.reference > b.reference; });
    return out;
}

Result<Correction> StepwiseMatch::with(const StepSet& taken) const {
    if (taken == allSteps()) return whole_;
    Correction out = whole_;
    out.look = lookWith(taken);
    if (!allColours(taken)) {
        out.sectors.reset();
        out.model = Model::matrix;
        RootPolynomial base(ownPrimaries_);
        const bool some = std::any_of(taken.begin() + kSkin, taken.end(), [](bool b) { return b; });
        if (some) {
            const Matrix3 back = ownPrimaries_.inverse();
            auto kept = keptMove([this, taken, back](const Vector3& roots) -> Vector3 {
                return toRoots(sceneXyz(back * fromRoots(roots), taken)) - roots;
            });
            if (!kept)
                return failure(
                    say("These steps cannot be held back alone: colours beside them are moved so far that "
                        "hues would change places. Hold back their neighbours, too, or none of them."));
            out.colours = Colours(std::move(base), *std::move(kept));
            out.model = Model::lattice;
        } else {
            out.colours = Colours(std::move(base));
        }
    }
    for (std::size_t k = 0; k < kPairSteps; ++k)
        if (!taken[k]) out.aim.heldBack.emplace_back(pairStepId(k));
    std::vector<double> after, leftOut;
    for (PatchResult& p : out.patches) {
        p.after = out.toLab(p.rgb);
        p.differenceAfter = ciede2000(p.reference, p.after);
        p.leftOut = std::max(p.leftOut, p.differenceAfter);
        if (!p.used) continue;
        after.push_back(p.differenceAfter);
        leftOut.push_back(p.leftOut);
    }
    out.summary.after = spread(after);
    out.summary.crossValidated = spread(leftOut);
    out.summary.expectedError = std::max(out.summary.expectedError, trimmedMean(leftOut));
    out.certainty.reset();
    return out;
}

}  // namespace refero
