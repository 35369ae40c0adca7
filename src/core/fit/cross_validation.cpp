// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/cross_validation.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <numeric>
#include <random>

#include "core/colour/difference.h"
#include "core/colour/lab.h"

namespace refero {
namespace {

struct Fold {
    std::vector<std::size_t> kept, out;
};

// Patches of one colour are one to take away; each list begins with the first of them.
std::vector<std::vector<std::size_t>> groupsOf(std::span<const Lab> reference) {
    constexpr double kSame = 2;
    std::vector<std::vector<std::size_t>> out;
    for (std::size_t i = 0; i < reference.size(); ++i) {
        const Lab& a = reference[i];
        const auto same = std::find_if(out.begin(), out.end(), [&](const auto& group) {
            const Lab& b = reference[group.front()];
            return std::hypot(a.L - b.L, a.a - b.a, a.b - b.b) < kSame;
        });
        if (same == out.end())
            out.push_back({i});
        else
            same->push_back(i);
    }
    return out;
}

std::vector<Fold> foldsOf(std::span<const Lab> reference, const FoldPlan& plan) {
    const auto groups = groupsOf(reference);
    std::vector<Fold> all;
    std::mt19937 engine(plan.seed);
    std::vector<std::size_t> order(groups.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    for (std::size_t repeat = 0; repeat < plan.repeats; ++repeat) {
        // Fisher and Yates's, since std::shuffle differs from library to library.
        for (std::size_t i = order.size(); i > 1; --i) std::swap(order[i - 1], order[engine() % i]);
        for (std::size_t k = 0; k < plan.folds; ++k) {
            Fold f;
            for (std::size_t i = 0; i < order.size(); ++i) {
                auto& side = i % plan.folds == k ? f.out : f.kept;
                side.insert(side.end(), groups[order[i]].begin(), groups[order[i]].end());
            }
            if (f.out.empty()) continue;
            std::sort(f.kept.begin(), f.kept.end());
            all.push_back(std::move(f));
        }
    }
    return all;
}

}  // namespace

FoldPlan FoldPlan::repeated(std::size_t patches) {
    return patches < 60 ? FoldPlan{8, 4, 1} : FoldPlan{10, 2, 1};
}

LeftOut crossValidated(std::span<const Candidate> candidates, const Samples& s, const TrainingView& whole,
                       const FoldPlan& plan, Effort effort, const std::stop_token& stop) {
    std::vector<Lab> reference;
    for (const Xyz& xyz : s.reference) reference.push_back(s.lab(xyz));
    const bool training =
        std::any_of(candidates.begin(), candidates.end(), [](const Candidate& c) { return c.training; });
    const auto folds = foldsOf(reference, plan);
    // Nothing where a fold's fit failed; each fold fills its own.
    std::vector<LeftOut> byFold(folds.size(), LeftOut(candidates.size()));
    tbb::parallel_for(std::size_t{0}, folds.size(), [&](std::size_t k) {
        auto again = s.balancedBy ? s.balancedBy(folds[k].kept) : std::optional(s);
        // Where no grey is left the balance stays that of all.
        if (!again) again = s;
        const Samples rest = again->only(folds[k].kept);
        const TrainingView view = training ? TrainingView::of(whole.set, rest, &whole) : TrainingView{};
        for (std::size_t c = 0; c < candidates.size(); ++c) {
            if (stop.stop_requested()) return;
            const auto colours = fitted(candidates[c], rest, view, effort);
            if (!colours) continue;
            for (const std::size_t i : folds[k].out)
                byFold[k][c].push_back(ciede2000(reference[i], s.lab(Xyz::from((*colours)(again->rgb[i])))));
        }
    });
    LeftOut out(candidates.size(), std::vector<double>(s.size(), 0));
    for (std::size_t c = 0; c < candidates.size(); ++c)
        for (std::size_t k = 0; k < folds.size() && !out[c].empty(); ++k) {
            if (byFold[k][c].size() != folds[k].out.size()) {
                out[c].clear();
                break;
            }
            for (std::size_t i = 0; i < folds[k].out.size(); ++i)
                out[c][folds[k].out[i]] += byFold[k][c][i] / static_cast<double>(plan.repeats);
        }
    return out;
}

double standardErrorOfDifference(std::span<const double> a, std::span<const double> b) {
    const auto n = static_cast<double>(a.size());
    if (a.size() < 2) return 0;
    double sum = 0, squares = 0;
    for (std::size_t i = 0; i < a.size(); ++i) {
        sum += a[i] - b[i];
        squares += (a[i] - b[i]) * (a[i] - b[i]);
    }
    return std::sqrt(std::max(0.0, squares - sum * sum / n) / (n - 1) / n);
}

}  // namespace refero
