// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/certainty.h"

#include <tbb/parallel_for.h>

#include <Eigen/Cholesky>
#include <algorithm>
#include <atomic>
#include <cmath>

#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/cross_validation.h"
#include "core/numeric/normal_draws.h"

namespace refero {
namespace {

// CIEDE2000 of each patch.
struct Differences {
    std::vector<double> before, after, crossValidated;
};

std::optional<Differences> differencesOf(const Candidate& c, const Samples& s, const TrainingView& near) {
    const TrainingView view = c.training ? TrainingView::of(near.set, s, &near) : TrainingView{};
    const auto colours = fitted(c, s, view, Effort::trial);
    if (!colours) return {};
    const Colours balance = RootPolynomial(rgbToXyzD50(primaries::bt709));
    Differences d;
    for (std::size_t i = 0; i < s.size(); ++i) {
        const Lab reference = s.lab(s.reference[i]);
        const auto off = [&](const Colours& p) {
            return ciede2000(reference, s.lab(Xyz::from(p(s.rgb[i]))));
        };
        d.before.push_back(off(balance));
        d.after.push_back(off(*colours));
    }
    d.crossValidated = crossValidated(std::span(&c, 1), s, view.rgb.empty() ? near : view, {6, 1, 1})[0];
    if (d.crossValidated.empty()) d.crossValidated = d.after;
    return d;
}

// A step in X, Y and Z whose CIEDE2000 is `tolerance` root mean square, any direction alike.
Xyz moved(const Xyz& reference, double tolerance, numeric::NormalDraws& normal) {
    const Matrix3 metric = xyzMetric(reference);
    // d' M d = 1 for d = L^-T u with |u| = 1.
    const Eigen::LLT<Matrix3> root(metric);
    const Vector3 step = root.matrixU().solve(Vector3(normal.three() * (tolerance / std::sqrt(3.0))));
    return Xyz::from((reference.vector() + step).cwiseMax(0));
}

using Resampled = std::vector<std::vector<double>>;
using Figure = double Spread::*;

template <class One>
SpreadInterval eachFigure(const One& one) {
    return {one(&Spread::mean), one(&Spread::median), one(&Spread::percentile95), one(&Spread::max)};
}

std::pair<double, double> meanAndDeviation(const std::vector<double>& v) {
    const auto n = static_cast<double>(v.size());
    double mean = 0, squares = 0;
    for (const double x : v) mean += x / n;
    for (const double x : v) squares += (x - mean) * (x - mean) / (n - 1);
    return {mean, std::sqrt(squares)};
}

// Noise and tolerance add to a difference about as squares do: once when the chart was read and once more
// with each resample. Where differences are large against that, patch by patch: a square is as much above the
// truth's as the resamples' mean square is above it.
SpreadInterval aroundLarge(const std::vector<double>& own, const Resampled& again) {
    std::vector<double> truth;
    for (std::size_t i = 0; i < own.size(); ++i) {
        double squares = 0;
        for (const auto& d : again) squares += d[i] * d[i] / static_cast<double>(again.size());
        truth.push_back(std::sqrt(std::max(0.0, 2 * own[i] * own[i] - squares)));
    }
    const Spread middle = spread(truth);
    return eachFigure([&](Figure figure) {
        std::vector<double> values;
        for (const auto& d : again) values.push_back(spread(d).*figure);
        const double half = 1.96 * meanAndDeviation(values).second;
        return Interval{std::max(0.0, middle.*figure - half), middle.*figure + half};
    });
}

// Where they are of the size of noise themselves, a patch's own square says too little; the figure's does.
SpreadInterval aroundSmall(const std::vector<double>& own, const Resampled& again) {
    const Spread figures = spread(own);
    return eachFigure([&](Figure figure) {
        std::vector<double> squares;
        for (const auto& d : again) squares.push_back(std::pow(spread(d).*figure, 2));
        const auto [mean, deviation] = meanAndDeviation(squares);
        const double middle = 2 * std::pow(figures.*figure, 2) - mean, half = 1.96 * deviation;
        return Interval{std::sqrt(std::max(0.0, middle - half)), std::sqrt(std::max(0.0, middle + half))};
    });
}

// The chart as another shot of another copy might have it.
Result<PreparedChart> drawn(const PreparedChart& chart, const PreparationOptions& preparation,
                            double tolerance, numeric::NormalDraws& normal) {
    Reading reading = chart.reading;
    std::vector<Xyz> reference = chart.reference;
    for (std::size_t i = 0; i < reading.patches.size(); ++i) {
        reading.patches[i].rgb += reading.patches[i].standardError().cwiseProduct(normal.three());
        reference[i] = moved(reference[i], tolerance, normal);
        // What the greys are balanced to.
        reading.chart.patches[i].labD50 = toLab(reference[i], white::d50);
    }
    return prepared(std::move(reading), std::move(reference), preparation);
}

}  // namespace

std::optional<Certainty> certaintyOf(const Candidate& c, const PreparedChart& chart,
                                     const PreparationOptions& preparation, const TrainingView& view,
                                     const CertaintyOptions& options) {
    const auto own = differencesOf(c, chart.samples, view);
    if (!own || options.resamples < 10) return {};
    std::vector<std::optional<Differences>> all(options.resamples);
    tbb::parallel_for(std::size_t{0}, options.resamples, [&](std::size_t k) {
        if (options.stop.stop_requested()) return;
        numeric::NormalDraws normal(options.seed + 7919 * static_cast<unsigned>(k + 1));
        const auto again = drawn(chart, preparation, options.chartTolerance, normal);
        if (again && again->samples.index == chart.samples.index)
            all[k] = differencesOf(c, again->samples, view);
    });
    if (!std::all_of(all.begin(), all.end(), [](const auto& d) { return d.has_value(); })) return {};
    const auto resampled = [&](std::vector<double> Differences::*which) {
        Resampled out;
        for (const auto& d : all) out.push_back((*d).*which);
        return out;
    };
    return Certainty{options.resamples, options.chartTolerance,
                     aroundLarge(own->before, resampled(&Differences::before)),
                     aroundSmall(own->after, resampled(&Differences::after)),
                     aroundSmall(own->crossValidated, resampled(&Differences::crossValidated))};
}

}  // namespace refero
