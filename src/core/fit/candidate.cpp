// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/candidate.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <limits>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/matrix.h"
#include "core/fit/moves.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr std::size_t kFewestPatches = 8;
// The training colours weigh as much as so many patches, from a trial over five bodies and five lights
// (docs/measured.md).
constexpr double kTrainingWeight = 4;
// In darkness a square error counts by Y, not by its square: there the training colours are least certain.
constexpr double kDark = 0.01;
// What a chart's reference is off by as a rule, CIEDE2000: no reading is worth more than that.
constexpr double kTolerance = 0.3;
constexpr double kRidge = 1e-4;  // of roots that 24 colours hardly tell apart

constexpr std::size_t kLatticePatches = 40, kLookPatches = 24, kFieldPatches = 16;

// Of the root polynomial that the model is, or stands on.
int degreeOf(Model model) {
    return model == Model::rootPolynomial || model == Model::lattice ? 2
           : model == Model::rootPolynomial3                         ? 3
                                                                     : 1;
}

ColourMove moveOver(Model model, const RootPolynomial& base, const Samples& s) {
    switch (model) {
        case Model::lattice:
            return smoothMove(base, s);
        case Model::polynomial:
            return polynomialMove(base, s);
        case Model::hueSectors:
            return moveOf(fittedSectors(base, s));
        case Model::balance:
        case Model::matrix:
        case Model::rootPolynomial:
        case Model::rootPolynomial3:
            break;
    }
    return {};
}

// Trials take the move as it was fitted: keeping it costs more than fitting it.
Result<Colours> kept(RootPolynomial base, ColourMove move, Effort effort) {
    if (effort == Effort::trial) return Colours(std::move(base), std::move(move));
    return keptMove(move).map(
        [&](ColourLattice lattice) { return Colours(std::move(base), std::move(lattice)); });
}

Result<Colours> moved(Model model, RootPolynomial base, const Samples& s, Effort effort) {
    ColourMove move = moveOver(model, base, s);
    if (!move) return Colours(std::move(base));
    return kept(std::move(base), std::move(move), effort);
}

// CIEDE2000's metric of steps before the look.
Matrix3 metricAt(const Samples& s, const Xyz& reference) {
    if (!s.look) return xyzMetric(reference);
    const Matrix3 slope = s.look->slope(reference);
    return slope.transpose() * xyzMetric(s.look->shown(reference)) * slope;
}

// CIEDE2000's metric at each patch, less where its reading is uncertain.
std::vector<Matrix3> metricsOf(const Samples& s) {
    static const Matrix3 roughly = rgbToXyzD50(primaries::bt709).cwiseAbs();
    std::vector<Matrix3> out;
    for (std::size_t i = 0; i < s.size(); ++i) {
        const Matrix3 metric = metricAt(s, s.reference[i]);
        const Vector3 error = roughly * s.error[i];
        const double noise = metric.diagonal().dot(error.cwiseAbs2());
        out.push_back(s.weights[i] * metric / (1 + noise / (kTolerance * kTolerance)));
    }
    return out;
}

Result<RootPolynomial> fittedWithTraining(int degree, const Samples& s, const TrainingView& view) {
    std::vector<Vector3> rgb = s.rgb;
    rgb.insert(rgb.end(), view.rgb.begin(), view.rgb.end());
    std::vector<Xyz> reference = s.reference;
    reference.insert(reference.end(), view.set->reference().begin(), view.set->reference().end());
    double all = 0;
    for (const double w : s.weights) all += w;
    const auto patches = static_cast<double>(s.size());
    const double chart = patches / (patches + kTrainingWeight);
    std::vector<double> weights;
    for (std::size_t i = 0; i < rgb.size(); ++i) {
        const double share =
            i < s.size() ? chart * s.weights[i] / all : (1 - chart) / static_cast<double>(view.rgb.size());
        weights.push_back(share / (reference[i].y + kDark));
    }
    return fitRootPolynomial(degree, rgb, reference, weights, kRidge);
}

// The mean CIEDE2000 as its metric about each reference has it: least squares over and over, each colour
// counting by the inverse of what it was off by (Weiszfeld's way to a least sum of distances).
RootPolynomial leastMean(int degree, RootPolynomial start, const Samples& s,
                         const std::vector<Matrix3>& metrics) {
    constexpr double kKnee = 0.3;  // CIEDE2000; below it squares count, so that no colour draws all weight
    constexpr int kRounds = 12;
    for (int round = 0; round < kRounds; ++round) {
        std::vector<Matrix3> now;
        for (std::size_t i = 0; i < s.size(); ++i) {
            const Vector3 off = start(s.rgb[i]) - s.reference[i].vector();
            const double distance = std::sqrt(std::max(0.0, off.dot(metrics[i] * off)));
            now.push_back(metrics[i] / std::max(distance, kKnee));
        }
        auto next = fitRootPolynomial(degree, s.rgb, s.reference, now, kRidge);
        if (!next) break;
        start = *std::move(next);
    }
    return start;
}

Result<RootPolynomial> fittedToChart(const Candidate& c, const Samples& s, Effort effort) {
    // Says in words what a matrix cannot be told from.
    if (const auto spans = leastSquaresMatrix(s.rgb, s.reference, s.weights); !spans)
        return tl::unexpected(spans.error());
    const bool mean = c.objective == Objective::ciede2000;
    if (mean && degreeOf(c.model) == 1 && effort == Effort::full && !s.look)
        return fitMatrix(s.rgb, s.reference, s.weights).map([](const MatrixFit& fit) {
            return RootPolynomial(fit.matrix);
        });
    const auto metrics = metricsOf(s);
    auto out = fitRootPolynomial(degreeOf(c.model), s.rgb, s.reference, metrics, kRidge);
    if (!out || !mean) return out;
    return leastMean(degreeOf(c.model), *std::move(out), s, metrics);
}

Result<RootPolynomial> unchecked(const Candidate& c, const Samples& s, const TrainingView& view,
                                 Effort effort) {
    if (c.model == Model::balance) return RootPolynomial(rgbToXyzD50(primaries::bt709));
    const auto needed =
        std::max(kFewestPatches, static_cast<std::size_t>(RootPolynomial::termCount(degreeOf(c.model))));
    if (s.size() < needed)
        return failure(say("Only %1 patches are usable; a %2 needs %3. Use the balance model.",
                           std::to_string(s.size()), name(c.model), std::to_string(needed)));
    if (!c.training) return fittedToChart(c, s, effort);
    if (view.rgb.empty())
        return failure(say("The chart does not tell what this camera would see of other colours."));
    return fittedWithTraining(degreeOf(c.model), s, view);
}

}  // namespace

std::vector<Candidate> candidatesFor(std::optional<Model> model, std::optional<Objective> objective,
                                     std::size_t patches, bool spectral, bool withLook) {
    const std::vector<Candidate> all{{Model::balance},
                                     {Model::matrix},
                                     {Model::matrix, Objective::ciede2000},
                                     {Model::rootPolynomial},
                                     {Model::rootPolynomial, Objective::ciede2000},
                                     {Model::rootPolynomial, Objective::leastSquares, true},
                                     {Model::rootPolynomial3},
                                     {Model::rootPolynomial3, Objective::leastSquares, true},
                                     {Model::polynomial},
                                     {Model::lattice},
                                     {Model::lattice, Objective::leastSquares, true},
                                     {Model::hueSectors},
                                     {Model::lattice, Objective::leastSquares, false, true}};
    std::vector<Candidate> out;
    for (const Candidate& c : all) {
        if (model && c.model != *model) continue;
        if (objective && c.objective != *objective) continue;
        if (c.training && !spectral) continue;
        const bool asked = model.has_value();
        const bool look = c.model == Model::polynomial || c.model == Model::hueSectors;
        if (c.forLook) {
            if (withLook && (asked || patches >= kFieldPatches)) out.push_back(c);
            continue;
        }
        if (!asked && ((look && (!withLook || patches < kLookPatches)) ||
                       (c.model == Model::lattice && patches < kLatticePatches)))
            continue;
        const auto terms = static_cast<std::size_t>(RootPolynomial::termCount(degreeOf(c.model)));
        if (!asked && c.model != Model::balance && !c.training &&
            patches < std::max(kFewestPatches, 3 * terms))
            continue;
        if (!asked && c.training && patches < kFewestPatches + terms) continue;
        out.push_back(c);
    }
    return out;
}

TrainingView TrainingView::of(const TrainingSet* set, const Samples& s, const TrainingView* near) {
    if (!set || s.reflectances.empty()) return {};
    std::vector<Spectrum> reflectances;
    std::vector<Vector3> rgb, errors;
    for (std::size_t i = 0; i < s.size(); ++i) {
        if (!s.reflectances[i]) continue;
        reflectances.push_back(*s.reflectances[i]);
        rgb.push_back(s.rgb[i]);
        // However quiet a reading is, a chart's own reflectances are hardly better known than this.
        errors.push_back((s.error[i].array().square() + (0.003 * s.rgb[i].array() + 0.0005).square()).sqrt());
    }
    const bool warm = near && !near->rgb.empty();
    auto seen = estimateSensitivity(reflectances, rgb, errors, warm ? &near->sensitivity : nullptr);
    if (!seen) return {};
    auto views = set->seenBy(*seen);
    return {set, std::move(views), *std::move(seen)};
}

namespace {

Vector3 labVector(const Vector3& xyzD50) {
    const Lab lab = toLab(Xyz::from(xyzD50), white::d50);
    return {lab.L, lab.a, lab.b};
}

// 1 at the nearest of the places, little from some 60 steps of L* on.
double nearnessTo(const std::vector<Vector3>& places, const Vector3& here) {
    constexpr double kReach = 25;
    double least = std::numeric_limits<double>::infinity();
    for (const Vector3& place : places) least = std::min(least, (place - here).squaredNorm());
    return std::exp(-least / (2 * kReach * kReach));
}

// A picture that shows itself has primaries of its own, and its maker brought the colours there. Not every
// file is what it says: a matrix of the patches stands below it where the patches are so much likelier with
// it that its six numbers are paid for (Schwarz 1978, The Annals of Statistics 6: half a logarithm of the
// count each).
struct LookOverBase {
    RootPolynomial base;
    LookMove look;
};
Result<LookOverBase> lookOver(const Candidate& c, const Samples& s, const TrainingView& view, Effort effort) {
    std::optional<LookOverBase> shown;
    if (s.shownBy) {
        const RootPolynomial base(*s.shownBy);
        shown = LookOverBase{base, lookMove(base, s)};
    }
    auto matrix = unchecked({Model::matrix, c.objective}, s, view, effort);
    if (!matrix) {
        if (shown) return *std::move(shown);
        return tl::unexpected(matrix.error());
    }
    LookMove look = lookMove(*matrix, s);
    const double price = 6 * 0.5 * std::log(3 * static_cast<double>(s.size()));
    if (shown && shown->look.evidence >= look.evidence - price) return *std::move(shown);
    return LookOverBase{*std::move(matrix), std::move(look)};
}

// What follows from what makers do, and what follows from the patches alone, err in ways of their own: their
// mean is never far from the better one, whatever the look.
Result<Colours> followingLook(const Candidate& c, const Samples& s, const TrainingView& view, Effort effort) {
    auto over = lookOver(c, s, view, effort);
    if (!over) return tl::unexpected(over.error());
    RootPolynomial& base = over->base;
    const ColourMove& look = over->look.move;
    const auto other = fitted({Model::lattice, c.objective}, s, view, Effort::trial);
    if (!other) return kept(std::move(base), look, effort);
    std::vector<Vector3> told;
    for (const Vector3& rgb : s.rgb) told.push_back(labVector(base(rgb)));
    const Matrix3 back = base.coefficients().leftCols<3>().inverse();
    ColourMove mean = [=, other = *other](const Vector3& roots) -> Vector3 {
        const Vector3 xyz = fromRoots(roots), step = look(roots);
        const double share = 0.5 * nearnessTo(told, labVector(xyz));
        if (share < 1e-3) return step;
        return step + share * (toRoots(other((back * xyz).cwiseMax(0))) - roots - step);
    };
    if (effort == Effort::trial) return Colours(std::move(base), std::move(mean));
    // Where patches that were cut contradict each other, what is likely beforehand still holds.
    if (auto lattice = ColourLattice::sampled(mean).unfolded())
        return Colours(std::move(base), *std::move(lattice));
    return kept(std::move(base), look, effort);
}

}  // namespace

Result<Colours> fitted(const Candidate& c, const Samples& s, const TrainingView& view, Effort effort) {
    if (c.forLook) return followingLook(c, s, view, effort);
    auto base = unchecked(c, s, view, effort);
    // A move needs a base that does not fold; what the plainer one leaves, the move takes.
    if (base && c.model == Model::lattice && reversesOrientation(*base, s.rgb))
        base = unchecked({Model::matrix, c.objective}, s, view, effort);
    if (base && effort == Effort::full && reversesOrientation(*base, s.rgb))
        return failure(
            say("The fitted %1 would fold colours over; check that the reading is of the chart it says.",
                name(c.model)));
    return base.and_then([&](RootPolynomial p) { return moved(c.model, std::move(p), s, effort); });
}

bool reversesOrientation(const RootPolynomial& colours, std::span<const Vector3> rgb) {
    const auto wrong = [&](const Vector3& v) { return !(colours.slope(v).determinant() > 1e-4); };
    if (wrong(Vector3::Ones())) return true;
    if (colours.degree() == 1) return false;  // the same everywhere
    for (std::size_t i = 0; i < rgb.size(); ++i)
        for (std::size_t j = i; j < rgb.size(); ++j)
            if (wrong(0.5 * (rgb[i] + rgb[j]))) return true;
    return false;
}

}  // namespace refero
