// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/fit.h"

#include <algorithm>
#include <map>
#include <mutex>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/colour/shown_picture.h"
#include "core/fit/certainty.h"
#include "core/fit/choice.h"
#include "core/fit/moves.h"
#include "core/say/say.h"
#include "core/spectra/illuminant.h"

namespace refero {
namespace {

// The training colours under a light take a moment to make and never change.
const TrainingSet& trainingUnder(const std::string& light) {
    static std::mutex mutex;
    static std::map<std::string, TrainingSet> all;
    const std::lock_guard lock(mutex);
    const auto at = all.find(light);
    return at != all.end() ? at->second
                           : all.emplace(light, TrainingSet(*illuminantByName(light))).first->second;
}

void describe(Correction& c, const Reading& r, std::span<const Reading> readings) {
    c.chartId = r.chart.id;
    c.chartName = r.chart.name;
    c.body = r.body;
    c.uniqueModel = r.uniqueModel;
    c.serial = r.serial;
    c.lens = r.lens;
    c.description = r.description;
    c.taken = r.taken;
    c.inputEncoding = r.encoding;
    c.lightTakenOut = r.lightTakenOut;
    c.builtBy = thisProgram();
    for (const Reading& each : readings) c.readings.push_back(each.framePath);
    // EXIF writes a day with colons, which no file's name can have; ISO 8601 does not.
    std::string day = r.taken.substr(0, 10);
    std::replace(day.begin(), day.end(), ':', '-');
    for (const std::string& part : {r.body, r.lens, r.description, day})
        if (!part.empty()) c.name += (c.name.empty() ? "" : ", ") + part;
    if (c.name.empty()) c.name = say("Correction from %1", r.chart.name);
}

std::vector<PatchResult> patchResults(const Correction& c, const PreparedChart& chart,
                                      const std::vector<double>& leftOut, const AmplifiedNoise& noise,
                                      std::size_t known) {
    const Matrix3 balanceOnly = rgbToXyzD50(primaries::bt709) * (c.gains * c.level).asDiagonal();
    // Two pictures are compared as they are; what is no picture yet is balanced at least.
    const auto shown = c.aim.kind == AimKind::reading ? shownPicture(c.inputEncoding) : std::nullopt;
    std::vector<PatchResult> out;
    for (std::size_t i = 0; i < chart.reading.patches.size(); ++i) {
        PatchResult p;
        p.id = chart.reading.patches[i].id;
        p.role = chart.reading.chart.patches[i].role;
        p.known = i >= chart.reading.patches.size() - known;
        p.rgb = chart.reading.patches[i].rgb;
        p.reference = chart.samples.lab(chart.reference[i]);
        p.before = toLab(shown ? shown->xyzD50(p.rgb) : Xyz::from(balanceOnly * p.rgb), white::d50);
        p.after = c.toLab(p.rgb);
        p.differenceBefore = ciede2000(p.reference, p.before);
        p.differenceAfter = ciede2000(p.reference, p.after);
        const auto& index = chart.samples.index;
        const auto at = std::find(index.begin(), index.end(), i);
        p.used = at != index.end();
        if (p.used) {
            const auto sample = static_cast<std::size_t>(at - index.begin());
            if (!leftOut.empty()) p.leftOut = leftOut[sample];
            p.chromaNoise = noise.patches[sample].chroma;
            p.weight = chart.samples.weights[sample];
        }
        out.push_back(p);
    }
    return out;
}

Spread over(const std::vector<PatchResult>& patches, double PatchResult::*figure) {
    std::vector<double> values;
    for (const PatchResult& p : patches)
        if (p.used) values.push_back(p.*figure);
    return spread(std::move(values));
}

// What is left of coloured patches that the fit did not see. A grey that is left out takes the balance along,
// which an unseen colour does not.
std::vector<double> ofColours(const std::vector<PatchResult>& patches) {
    constexpr std::size_t kEnough = 8;
    std::vector<double> colours, all;
    for (const PatchResult& p : patches) {
        if (!p.used) continue;
        all.push_back(p.leftOut);
        if (p.role != Role::neutral) colours.push_back(p.leftOut);
    }
    return colours.size() >= kEnough ? colours : all;
}

// What the best smooth estimator leaves of the training colours, when it knows them and reads without noise.
std::optional<double> irreducibleError(const TrainingView& view, const Samples& s) {
    if (view.rgb.empty()) return {};
    const auto best = fitRootPolynomial(3, view.rgb, view.set->reference(), view.set->metrics());
    if (!best) return {};
    double sum = 0;
    for (std::size_t i = 0; i < view.rgb.size(); ++i)
        sum += ciede2000(s.lab(view.set->reference()[i]), s.lab(Xyz::from((*best)(view.rgb[i]))));
    return sum / static_cast<double>(view.rgb.size());
}

}  // namespace

std::string thisProgram() {
    return "Refero " REFERO_VERSION;
}

Status FitOptions::validate() const {
    if (!(maxClipped >= 0 && maxClipped <= 1)) return failure(say("maxClipped must be 0 to 1."));
    if (!(chartTolerance >= 0 && chartTolerance <= 10))
        return failure(say("The chart's tolerance must be 0 to 10 CIEDE2000."));
    if (auto ok = finish.validate(); !ok) return ok;
    const auto light = illuminantByName(referenceLight);
    if (!light) return tl::unexpected(light.error());
    return {};
}

Result<Correction> fit(std::span<const Reading> readings, const FitOptions& options) {
    if (auto ok = options.validate(); !ok) return tl::unexpected(ok.error());
    PreparationOptions preparation{options.intent,  options.referenceLight, options.maxClipped,
                                   options.weights, options.greyCurves,     options.known,
                                   options.aim};
    std::vector<Reading> mended;
    std::vector<Treatment> treatments;
    if (!options.asShot)
        for (const Reading& r : readings) {
            TreatedReading t =
                treated(r, options.aim ? TreatmentTarget::picture : TreatmentTarget::reference);
            mended.push_back(std::move(t.reading));
            for (Treatment& each : t.treatments) {
                each.reading = mended.size() - 1;
                treatments.push_back(std::move(each));
            }
        }
    const auto chart = prepared(options.asShot ? readings : std::span<const Reading>(mended), preparation);
    if (!chart) return tl::unexpected(chart.error());
    if (options.greyCurves == CurveUse::always && !chart->curves)
        return failure(
            say("The greys tell no curve: four usable ones at least are needed, and each must follow from "
                "the others. Leave the curves to be used where they help."));
    // Resamples are treated as the chart was.
    preparation.greyCurves = chart->curves ? CurveUse::always : CurveUse::never;
    const bool encoded = chart->reading.encoding != Encoding::linear;
    if (options.model == Model::polynomial && !encoded)
        return failure(
            say("A polynomial changes with exposure, so it is for encoded frames only; this one is linear. "
                "Use a root polynomial, which does the same at every exposure."));
    const Samples& s = chart->samples;
    const bool spectral = !s.reflectances.empty();
    const TrainingSet* training = options.aim ? options.aim->training.get()
                                  : spectral  ? &trainingUnder(options.referenceLight)
                                              : nullptr;
    const TrainingView view = spectral && training ? TrainingView::of(training, s) : TrainingView{};
    // A picture's look belongs to one exposure, so that what follows it may, too.
    const bool towardsPicture = options.aim && options.aim->look;
    const auto candidates = options.like
                                ? std::vector<Candidate>{{options.like->model, options.like->objective,
                                                          options.like->training, options.like->forLook}}
                                : candidatesFor(options.model, options.objective, s.size(),
                                                spectral && !view.rgb.empty(), encoded || towardsPicture);
    auto choice = chosen(candidates, s, view, options.stop);
    if (!choice) return tl::unexpected(choice.error());
    const Candidate& taken = choice->chosen;

    Correction c;
    describe(c, chart->reading, readings);
    c.treatments = std::move(treatments);
    c.asShot = options.asShot;
    c.intent = options.intent;
    c.weights = options.weights;
    c.limits = options.limits;
    c.finish = options.finish;
    if (c.intent == Intent::pleasing && c.finish.isNone()) c.finish = *finishByName("rounded");
    c.greyCurves = chart->curves;
    c.referenceLight = options.referenceLight;
    c.gains = chart->gains;
    c.level = chart->level;
    c.model = taken.model;
    c.objective = taken.objective;
    c.training = taken.training;
    c.forLook = taken.forLook;
    c.colours = std::move(choice->colours);
    if (options.aim) {
        c.aim = options.aim->origin;
        c.look = options.aim->look;
    }
    if (taken.model == Model::hueSectors) {
        // Told only where the lattice holds just them: a move that folded was weakened.
        const HueSectors sectors = fittedSectors(c.colours.base(), s);
        if (*c.colours.lattice() == ColourLattice::sampled(moveOf(sectors))) c.sectors = sectors;
    }
    c.considered = std::move(choice->contenders);

    std::vector<double> leftOut;
    if (taken.model != Model::balance)
        leftOut = crossValidated(std::span(&taken, 1), s, view, FoldPlan::leaveOneOut(s.size()),
                                 Effort::trial, options.stop)
                      .front();
    if (options.stop.stop_requested()) return stoppedEarly();
    const AmplifiedNoise noise = noiseAmplificationOf(c.colours, s);
    c.noise = noise.price;
    c.patches = patchResults(c, *chart, leftOut, noise, options.known.size());
    c.summary.used = s.size();
    c.summary.before = over(c.patches, &PatchResult::differenceBefore);
    c.summary.after = over(c.patches, &PatchResult::differenceAfter);
    c.summary.crossValidated = leftOut.empty() ? c.summary.after : over(c.patches, &PatchResult::leftOut);
    c.summary.expectedError = trimmedMean(ofColours(c.patches));
    c.summary.repeatedFolds = c.considered.front().expected;
    c.summary.irreducibleError = irreducibleError(view, s);
    c.summary.message = std::move(choice->reason);
    if (taken.model == Model::lattice && !c.colours.lattice())
        c.summary.message +=
            say(" No move foretells one patch from the others, so it is a root polynomial alone.");
    // Towards another camera it is the same chart that both saw.
    const double tolerance = options.aim ? 0 : options.chartTolerance;
    if (options.resamples > 0)
        c.certainty =
            certaintyOf(taken, *chart, preparation, view, {options.resamples, tolerance, 1, options.stop});
    if (options.stop.stop_requested()) return stoppedEarly();
    return c;
}

}  // namespace refero
