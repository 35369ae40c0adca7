// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/choice.h"

#include "core/say/figure.h"
#include "core/say/say.h"

#include <algorithm>
#include <cstdio>
#include <numeric>

namespace refero {
namespace {

constexpr double kNoisy = 1.25;
// Standard errors of the comparison. Many are made, so that one is soon passed by chance.
constexpr double kBetter = 2, kFarBetter = 3;

double mean(const std::vector<double>& v) {
    return std::accumulate(v.begin(), v.end(), 0.0) / static_cast<double>(v.size());
}

// What does best over many cameras and lights comes first (docs/measured.md).
int preference(const Candidate& c) {
    switch (c.model) {
        case Model::rootPolynomial:
            return c.training ? 0 : 3;
        case Model::matrix:
            return c.objective == Objective::leastSquares ? 1 : 2;
        case Model::rootPolynomial3:
            return c.training ? 4 : 5;
        case Model::lattice:
            // Of frames with a look, for which alone it is tried, it is mostly the best.
            return c.forLook ? -1 : c.training ? 6 : 7;
        case Model::polynomial:
            return 8;
        case Model::hueSectors:
            return 9;
        case Model::balance:
            break;
    }
    return 10;
}

// Whether it takes the incumbent's place: what bends more than the incumbent, or is noisier by much, has to
// be better by more.
bool better(const Contender& a, const std::vector<double>& leftOutA, const Contender& incumbent,
            const std::vector<double>& leftOut) {
    const double error = standardErrorOfDifference(leftOutA, leftOut);
    const bool dearer = a.model > incumbent.model || a.chromaGain > kNoisy * incumbent.chromaGain;
    return incumbent.expected - a.expected > (dearer ? kFarBetter : kBetter) * error;
}

std::string label(Model model) {
    switch (model) {
        case Model::balance:
            return say("balance alone");
        case Model::matrix:
            return say("matrix");
        case Model::rootPolynomial:
            return say("root polynomial 2");
        case Model::rootPolynomial3:
            return say("root polynomial 3");
        case Model::polynomial:
            return say("polynomial");
        case Model::lattice:
            return say("lattice");
        case Model::hueSectors:
            return say("hue sectors");
    }
    return {};
}

std::string figure(double v) {
    return refero::figure("%.2f", v);
}

// The best of each model that was not taken, best first.
std::vector<const Contender*> runnersUp(const std::vector<Contender>& all) {
    std::vector<const Contender*> out;
    for (const Contender& c : all) {
        if (!c.against.empty() || c.model == all.front().model) continue;
        const auto same = std::find_if(out.begin(), out.end(),
                                       [&](const Contender* other) { return other->model == c.model; });
        if (same == out.end())
            out.push_back(&c);
        else if (c.expected < (*same)->expected)
            *same = &c;
    }
    std::sort(out.begin(), out.end(), [](auto* a, auto* b) { return a->expected < b->expected; });
    return out;
}

std::string sentence(const std::vector<Contender>& all) {
    const Contender& c = all.front();
    std::string out = label(c.model);
    out[0] = static_cast<char>(std::toupper(out[0]));
    if (c.forLook) out += say(" for looks");
    out += say(": %1 in trials on patches left out", figure(c.expected));
    const auto others = runnersUp(all);
    for (std::size_t i = 0; i < std::min<std::size_t>(others.size(), 3); ++i)
        out += (i ? ", " : " (") + label(others[i]->model) + ": " + figure(others[i]->expected);
    if (!others.empty()) out += ")";
    return out + ".";
}

}  // namespace

Result<Choice> chosen(std::span<const Candidate> candidates, const Samples& s, const TrainingView& view,
                      const std::stop_token& stop) {
    if (candidates.empty())
        return failure(
            say("No model that this chart can carry is fitted by that objective. Leave the objective open, "
                "or use a matrix."));
    std::vector<Candidate> order(candidates.begin(), candidates.end());
    std::sort(order.begin(), order.end(),
              [](const Candidate& a, const Candidate& b) { return preference(a) < preference(b); });
    const LeftOut leftOut = crossValidated(order, s, view, FoldPlan::repeated(s.size()), Effort::trial, stop);
    if (stop.stop_requested()) return stoppedEarly();
    std::vector<Contender> all;
    std::optional<std::size_t> best;
    std::optional<Colours> colours;
    std::string why;
    for (std::size_t i = 0; i < order.size(); ++i) {
        Contender c{order[i].model, order[i].objective, order[i].training, order[i].forLook, 0, 1, {}};
        if (stop.stop_requested()) return stoppedEarly();
        auto whole = fitted(order[i], s, view);
        if (!whole) {
            c.against = whole.error().message;
        } else if (leftOut[i].empty()) {
            c.against = say("Too few patches are left where some are taken away.");
        } else {
            c.expected = mean(leftOut[i]);
            c.chromaGain = noiseAmplificationOf(*whole, s).price.chromaGain;
        }
        if (!c.against.empty() && why.empty()) why = c.against;
        all.push_back(c);
        if (c.against.empty() && (!best || better(c, leftOut[i], all[*best], leftOut[*best]))) {
            best = i;
            colours = *std::move(whole);
        }
    }
    if (!best) return failure(why);
    std::rotate(all.begin(), all.begin() + static_cast<std::ptrdiff_t>(*best),
                all.begin() + static_cast<std::ptrdiff_t>(*best) + 1);
    // Those that cannot be taken come last.
    std::stable_sort(all.begin() + 1, all.end(), [](const Contender& a, const Contender& b) {
        return std::pair(!a.against.empty(), a.expected) < std::pair(!b.against.empty(), b.expected);
    });
    std::string reason = sentence(all);
    return Choice{order[*best], *std::move(colours), std::move(all), std::move(reason)};
}

}  // namespace refero
