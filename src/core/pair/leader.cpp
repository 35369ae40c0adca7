// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/leader.h"

#include <algorithm>
#include <cmath>

#include "core/colour/rgb_space.h"
#include "core/colour/shown_picture.h"
#include "core/fit/fit.h"
#include "core/fit/training.h"
#include "core/pair/picture_look_of.h"
#include "core/pair/view.h"
#include "core/read/balance.h"
#include "core/read/treatment.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr std::size_t kFewestGreys = 4, kFewestPatches = 8;

// The picture's look needs greys enough to tell its contrast.
Result<PictureLook> lookOf(const Reading& reading) {
    const std::size_t greys = usableNeutrals(reading).size();
    if (greys < kFewestGreys)
        return failure(
            say("Only %1 greys of %2 can be used (the others are clipped, covered or missing), and four are "
                "needed to tell the picture's contrast. Expose the leading camera less, or shoot a chart "
                "with more greys.",
                std::to_string(greys), reading.framePath));
    return *pictureLookOf(reading, *shownReading(reading));
}

Status fits(const Correction& c, const Reading& reading) {
    if (!(c.inputEncoding == reading.encoding))
        return failure(
            say("The leading camera's correction is for %1, its reading is %2. Give the correction that "
                "belongs to %3.",
                c.inputEncoding.name(), reading.encoding.name(), reading.framePath));
    if (!c.body.empty() && !reading.body.empty() && c.body != reading.body)
        return failure(
            say("The leading camera's correction is of %1, its reading of %2. Give the correction that "
                "belongs to %3.",
                c.body, reading.body, reading.framePath));
    return {};
}

// What a scene-linear leader makes of the training surfaces, by the sensitivities that its chart tells.
std::shared_ptr<const TrainingSet> trainingThrough(const Reading& reading, const Correction& through) {
    std::vector<Spectrum> reflectances;
    std::vector<Vector3> rgb, errors;
    const Vector3 scale = through.gains * through.level;
    for (std::size_t i = 0; i < reading.patches.size(); ++i) {
        const auto& reflectance = reading.chart.patches[i].reflectance;
        if (!reflectance || reading.patches[i].leftOut) continue;
        reflectances.push_back(reflectance->spectrum());
        rgb.push_back(reading.patches[i].rgb.cwiseProduct(scale));
        const Vector3 error = reading.patches[i].standardError().cwiseProduct(scale);
        errors.push_back((error.array().square() + (0.003 * rgb.back().array() + 0.0005).square()).sqrt());
    }
    const auto seen = estimateSensitivity(reflectances, rgb, errors);
    if (!seen) return nullptr;
    std::vector<Xyz> out;
    for (const Vector3& v : TrainingSet::surfacesSeenBy(*seen))
        out.push_back(
            Xyz::from(through.colours(through.greyCurves ? straightened(v, *through.greyCurves) : v)));
    return std::make_shared<const TrainingSet>(std::move(out));
}

// A reading of the reference values themselves: what stands for a chart when it is translated to another.
Reading readingOfReference(const Chart& chart, const Reading& like) {
    Reading out = like;
    const Matrix3 toRomm = rgbToXyzD50(primaries::romm).inverse();
    out.encoding = Encoding::linear;
    for (std::size_t i = 0; i < out.patches.size(); ++i) {
        PatchReading p;
        p.id = chart.patches[i].id;
        p.rgb = toRomm * referenceXyzD50(chart.patches[i]).vector();
        p.deviation.setConstant(1e-4);
        p.pixels = 1000;
        p.leftOut = like.patches[i].leftOut;
        out.patches[i] = std::move(p);
    }
    return out;
}

// What the aim would look like on a chart that it was not shot with.
Status translate(Aim& aim, const Reading& reading, const Chart& other, const LeaderOptions& options) {
    FitOptions fitOptions;
    fitOptions.asShot = true;
    fitOptions.greyCurves = CurveUse::never;
    fitOptions.aim = std::make_shared<const Aim>(aim);
    fitOptions.stop = options.stop;
    const Reading reference = readingOfReference(reading.chart, reading);
    const auto through = fit(std::span(&reference, 1), fitOptions);
    if (!through) return tl::unexpected(through.error());
    const Matrix3 toRomm = rgbToXyzD50(primaries::romm).inverse();
    const double error = std::max(through->summary.expectedError, 1e-3);
    std::map<std::string, AimColour> colours;
    for (const Patch& patch : other.patches) {
        const Xyz xyz = referenceXyzD50(patch);
        // One CIEDE2000 is about 0.02 of a colour's light at mid-grey.
        const Vector3 doubt = Vector3::Constant(0.02 * error * std::sqrt(std::max(xyz.y, 0.01)));
        colours[patch.id] = {Xyz::from(through->colours(through->straightened(toRomm * xyz.vector()))),
                             doubt};
    }
    aim.colours = std::move(colours);
    aim.origin.translationError = error;
    return {};
}

bool sameChart(const Chart& a, const Chart& b) {
    return a.id == b.id && a.patches.size() == b.patches.size();
}

}  // namespace

bool showsItself(const Reading& reading) {
    return shownPicture(reading.encoding).has_value();
}

Result<Aim> aimOf(const Leader& leader, const Chart& follower, const LeaderOptions& options) {
    const Reading& given = leader.reading;
    if (!given.found || given.patches.size() != given.chart.patches.size())
        return failure(say("The reading of %1 holds no chart; read the frame again.", given.framePath));
    const Reading reading = options.asShot ? given : treated(given, TreatmentTarget::picture).reading;
    Aim aim;
    aim.origin = {AimKind::reading,
                  given.framePath,
                  given.body,
                  given.chart.name,
                  given.taken,
                  std::string(given.encoding.name()),
                  "",
                  leader.shownByFile,
                  leader.shownIn,
                  0,
                  "",
                  {}};
    const auto picture = shownPicture(reading.encoding);
    std::optional<Correction> through = leader.through;
    if (picture) {
        if (through)
            return failure(
                say("%1 is a picture that shows itself, so no correction stands between it and the eye. "
                    "Leave the correction out.",
                    given.framePath));
        auto look = lookOf(reading);
        if (!look) return tl::unexpected(look.error());
        aim.look = *std::move(look);
        aim.origin.through = leader.shownBy;
        aim.view = std::make_shared<const Correction>(asShownCorrection(*picture, reading.encoding));
    } else {
        if (!through) {
            FitOptions own;
            own.referenceLight = options.referenceLight;
            own.asShot = options.asShot;
            own.stop = options.stop;
            auto built = fit(std::span(&given, 1), own);
            if (!built) return tl::unexpected(built.error());
            through = *std::move(built);
        }
        if (auto ok = fits(*through, reading); !ok) return tl::unexpected(ok.error());
        aim.look = through->look;
        aim.finish = through->finish;
        aim.origin.through = through->name;
        aim.view = std::make_shared<const Correction>(*through);
    }
    for (std::size_t i = 0; i < reading.patches.size(); ++i) {
        const PatchReading& p = reading.patches[i];
        if (p.leftOut || p.clipped > options.maxClipped) continue;
        if (picture) {
            const Xyz scene = aim.look->undone(picture->xyzD50(p.rgb));
            // In levelled light, which the look's slope takes apart.
            const Vector3 level = (p.rgb.array() > 1e-4)
                                      .select(p.standardError().array() / p.rgb.array().max(1e-4), 0.0)
                                      .matrix();
            aim.colours[p.id] = {scene, level * std::max(scene.y, 0.0)};
        } else {
            const Vector3 scale = through->gains * through->level;
            aim.colours[p.id] = {Xyz::from(through->colours(through->straightened(p.rgb))),
                                 p.standardError().cwiseProduct(scale)};
        }
    }
    if (aim.colours.size() < kFewestPatches)
        return failure(
            say("Only %1 patches of %2 can be used, and eight are needed. Shoot the chart with the leading "
                "camera again.",
                std::to_string(aim.colours.size()), given.framePath));
    if (!picture && !aim.look) aim.training = trainingThrough(reading, *through);
    if (!sameChart(reading.chart, follower)) {
        if (auto ok = translate(aim, reading, follower, options); !ok) return tl::unexpected(ok.error());
        aim.training = nullptr;
    }
    return aim;
}

}  // namespace refero
