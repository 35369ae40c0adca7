// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/series/exposure_steps.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <limits>

#include "core/numeric/statistics.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr double kLeastSignal = 15;     // of the patch's mean over its standard error
constexpr double kFloor = 0.004;        // stops: what the noise of a mean does not tell
constexpr double kHuber = 2;            // standard errors
constexpr double kMostClipped = 0.002;  // share of a patch's pixels
constexpr double kPixelSignal = 2;      // of one pixel over its noise: below, black cuts noise off
constexpr double kTelling = 0.05;       // stops: what errs by more says nothing of a scene
constexpr int kRounds = 6;
const double kInfinite = std::numeric_limits<double>::infinity();

struct Level {
    double log2 = 0, error = 0;  // stops
};

std::optional<Level> levelOf(const PatchReading& p, int channel) {
    const double value = p.rgb[channel], error = p.standardError()[channel];
    if (p.leftOut || p.pixels == 0 || !(value > 0) || p.clippedChannels[channel] > kMostClipped) return {};
    if (value < kLeastSignal * error || value < kPixelSignal * p.deviation[channel]) return {};
    return Level{std::log2(value), std::hypot(error / value / std::log(2.0), kFloor)};
}

// What was seen of the levels, a row a shot; the levels of patches are taken out in closed form.
class ChartLevels {
  public:
    explicit ChartLevels(std::span<const Reading* const> shots)
        : shots_(shots.size()), cells_(3 * shots.front()->patches.size()) {
        seen_.resize(shots_ * cells_);
        for (std::size_t s = 0; s < shots_; ++s)
            for (std::size_t c = 0; c < cells_; ++c)
                seen_[s * cells_ + c] = levelOf(shots[s]->patches[c / 3], static_cast<int>(c % 3));
        weights_.assign(seen_.size(), 0);
        for (std::size_t i = 0; i < seen_.size(); ++i)
            if (seen_[i]) weights_[i] = 1 / (seen_[i]->error * seen_[i]->error);
    }

    ToldSteps solved() {
        Eigen::VectorXd steps = Eigen::VectorXd::Zero(static_cast<Eigen::Index>(shots_));
        Eigen::VectorXd error = steps;
        std::vector<double> weights = weights_;
        for (int round = 0; round < kRounds; ++round) {
            const auto n = static_cast<Eigen::Index>(shots_);
            Eigen::MatrixXd power = Eigen::MatrixXd::Zero(n, n);
            Eigen::VectorXd product = Eigen::VectorXd::Zero(n);
            for (std::size_t c = 0; c < cells_; ++c) take(c, weights, power, product);
            power(0, 0) += 1e12;  // the first shot is at 0
            power.diagonal().array() += 1e-6;
            const Eigen::LDLT<Eigen::MatrixXd> solver(power);
            steps = solver.solve(product);
            error = solver.solve(Eigen::MatrixXd::Identity(n, n)).diagonal().cwiseMax(0).cwiseSqrt();
            weigh(steps, weights);
        }
        return told(steps, error, weights);
    }

  private:
    std::size_t at(std::size_t shot, std::size_t cell) const { return shot * cells_ + cell; }

    void take(std::size_t cell, const std::vector<double>& weights, Eigen::MatrixXd& power,
              Eigen::VectorXd& product) const {
        double sum = 0, mean = 0;
        for (std::size_t s = 0; s < shots_; ++s)
            if (seen_[at(s, cell)]) {
                sum += weights[at(s, cell)];
                mean += weights[at(s, cell)] * seen_[at(s, cell)]->log2;
            }
        if (!(sum > 0)) return;
        mean /= sum;
        for (std::size_t s = 0; s < shots_; ++s) {
            if (!seen_[at(s, cell)]) continue;
            const double w = weights[at(s, cell)];
            const auto i = static_cast<Eigen::Index>(s);
            power(i, i) += w;
            product(i) += w * (seen_[at(s, cell)]->log2 - mean);
            for (std::size_t t = 0; t < shots_; ++t)
                if (seen_[at(t, cell)])
                    power(i, static_cast<Eigen::Index>(t)) -= w * weights[at(t, cell)] / sum;
        }
    }

    // What is left of a cell in a shot, and nothing where it was not seen twice.
    std::optional<double> residual(std::size_t shot, std::size_t cell, const Eigen::VectorXd& steps,
                                   const std::vector<double>& weights) const {
        if (!seen_[at(shot, cell)]) return {};
        double sum = 0, mean = 0;
        int count = 0;
        for (std::size_t s = 0; s < shots_; ++s)
            if (seen_[at(s, cell)]) {
                sum += weights[at(s, cell)];
                mean +=
                    weights[at(s, cell)] * (seen_[at(s, cell)]->log2 - steps(static_cast<Eigen::Index>(s)));
                ++count;
            }
        if (count < 2 || !(sum > 0)) return {};
        return seen_[at(shot, cell)]->log2 - steps(static_cast<Eigen::Index>(shot)) - mean / sum;
    }

    void weigh(const Eigen::VectorXd& steps, std::vector<double>& weights) const {
        const std::vector<double> before = weights;
        for (std::size_t s = 0; s < shots_; ++s)
            for (std::size_t c = 0; c < cells_; ++c)
                if (const auto r = residual(s, c, steps, before)) {
                    const double in = std::abs(*r) / seen_[at(s, c)]->error;
                    weights[at(s, c)] = weights_[at(s, c)] * (in > kHuber ? kHuber / in : 1);
                }
    }

    ToldSteps told(const Eigen::VectorXd& steps, const Eigen::VectorXd& error,
                   const std::vector<double>& weights) const {
        ToldSteps out;
        for (std::size_t s = 0; s < shots_; ++s) {
            const auto i = static_cast<Eigen::Index>(s);
            out.stops.push_back(steps(i) - steps(0));
            out.error.push_back(error(i) > 100 ? kInfinite : error(i));
            std::array<std::vector<double>, 3> left;
            for (std::size_t c = 0; c < cells_; ++c)
                if (const auto r = residual(s, c, steps, weights); r && seen_[at(s, c)]->error < kTelling)
                    left[c % 3].push_back(*r);
            Vector3 colour(0, 0, 0);
            for (std::size_t c = 0; c < 3; ++c)
                colour[static_cast<int>(c)] = left[c].empty() ? 0 : numeric::medianOf(left[c]);
            double sum = 0, count = 0;
            for (std::size_t c = 0; c < 3; ++c)
                for (const double r : left[c]) {
                    sum += std::pow(r - colour[static_cast<int>(c)], 2);
                    ++count;
                }
            out.missed.push_back(count > 0 ? std::sqrt(sum / count) : 0);
        }
        return out;
    }

    std::size_t shots_, cells_;
    std::vector<std::optional<Level>> seen_;
    std::vector<double> weights_;
};

// A grey: what is stored of it, 0..1, and its light in the chart, stops.
struct Grey {
    double code = 0, light = 0;
};

class GreyScales {
  public:
    explicit GreyScales(std::span<const Reading* const> shots) {
        for (const Reading* r : shots) {
            std::vector<Grey> greys;
            for (const std::size_t i : r->neutrals()) {
                const PatchReading& p = r->patches[i];
                const double y = referenceXyzD50(r->chart.patches[i]).y;
                if (levelOf(p, 0) && levelOf(p, 1) && levelOf(p, 2) && y > 0)
                    greys.push_back({storedMean(*r, p.rgb), std::log2(y)});
            }
            std::sort(greys.begin(), greys.end(),
                      [](const Grey& a, const Grey& b) { return a.code < b.code; });
            scales_.push_back(std::move(greys));
        }
    }

    ToldSteps laidOnOneCurve() {
        const std::size_t n = scales_.size();
        ToldSteps out{std::vector<double>(n, 0), std::vector<double>(n, kInfinite),
                      std::vector<double>(n, 0)};
        out.error[0] = 0;
        // From shot to shot along what overlaps most, then each against all others together.
        for (std::size_t joined = 1; joined < n; ++joined) join(out);
        for (int round = 0; round < kRounds; ++round)
            for (std::size_t s = 1; s < n; ++s)
                if (std::isfinite(out.error[s])) settle(s, out);
        return out;
    }

  private:
    static double storedMean(const Reading& r, const Vector3& rgb) {
        double sum = 0;
        for (int c = 0; c < 3; ++c) sum += r.encoding.encode(rgb[c]) / 3;
        return sum;
    }

    // Light that a scale has for a code, by straight lines between its greys; nothing outside.
    static std::optional<double> lightAt(const std::vector<Grey>& scale, double code) {
        const auto above =
            std::find_if(scale.begin(), scale.end(), [&](const Grey& g) { return g.code >= code; });
        if (above == scale.end() || above == scale.begin()) return {};
        const Grey &a = *std::prev(above), &b = *above;
        if (!(b.code > a.code)) return {};
        return a.light + (b.light - a.light) * (code - a.code) / (b.code - a.code);
    }

    // By how many stops `other` got more light than `one`, grey by grey.
    std::vector<double> apart(std::size_t one, std::size_t other) const {
        std::vector<double> out;
        for (const Grey& g : scales_[other])
            if (const auto l = lightAt(scales_[one], g.code)) out.push_back(*l - g.light);
        for (const Grey& g : scales_[one])
            if (const auto l = lightAt(scales_[other], g.code)) out.push_back(g.light - *l);
        return out;
    }

    void join(ToldSteps& out) const {
        std::size_t from = 0, to = 0, most = 0;
        for (std::size_t a = 0; a < scales_.size(); ++a)
            for (std::size_t b = 0; b < scales_.size(); ++b)
                if (std::isfinite(out.error[a]) && !std::isfinite(out.error[b]))
                    if (const std::size_t shared = apart(a, b).size(); shared > most) {
                        most = shared;
                        from = a;
                        to = b;
                    }
        if (most < 2) return;
        out.stops[to] = out.stops[from] + numeric::medianOf(apart(from, to));
        out.error[to] = 0;
    }

    // Of the others' greys about a code, a parabola of light over code (Savitzky and Golay 1964).
    std::optional<double> pooledLightAt(double code, std::size_t without, const ToldSteps& at) const {
        constexpr std::size_t kNear = 7;
        std::vector<Grey> pooled;
        for (std::size_t s = 0; s < scales_.size(); ++s)
            if (s != without && std::isfinite(at.error[s]))
                for (const Grey& g : scales_[s]) pooled.push_back({g.code, g.light + at.stops[s]});
        std::sort(pooled.begin(), pooled.end(), [&](const Grey& a, const Grey& b) {
            return std::abs(a.code - code) < std::abs(b.code - code);
        });
        if (pooled.size() < kNear) return {};
        pooled.resize(kNear);
        const auto beyond = [&](bool above) {
            return std::any_of(pooled.begin(), pooled.end(),
                               [&](const Grey& g) { return above ? g.code >= code : g.code <= code; });
        };
        if (!beyond(true) || !beyond(false)) return {};
        const double wide = std::abs(pooled.back().code - code) * 1.01 + 1e-9;
        Eigen::Matrix3d power = 1e-9 * Eigen::Matrix3d::Identity();
        Eigen::Vector3d product = Eigen::Vector3d::Zero();
        for (const Grey& g : pooled) {
            const double x = (g.code - code) / wide, w = std::pow(1 - std::pow(std::abs(x), 3), 3);
            const Eigen::Vector3d row(1, x, x * x);
            power += w * row * row.transpose();
            product += w * row * g.light;
        }
        return power.ldlt().solve(product)(0);
    }

    void settle(std::size_t s, ToldSteps& out) const {
        std::vector<double> apart;
        for (const Grey& g : scales_[s])
            if (const auto light = pooledLightAt(g.code, s, out)) apart.push_back(*light - g.light);
        if (apart.size() < 2) return;
        const double step = numeric::medianOf(apart);
        double squares = 0;
        for (const double a : apart) squares += (a - step) * (a - step);
        out.stops[s] = step;
        out.missed[s] = std::sqrt(squares / static_cast<double>(apart.size()));
        out.error[s] = out.missed[s] / std::sqrt(static_cast<double>(apart.size() - 1)) + kFloor;
    }

    std::vector<std::vector<Grey>> scales_;
};

Status ofOneChart(std::span<const Reading* const> shots) {
    if (shots.empty()) return failure(say("A series needs at least one chart shot."));
    for (const Reading* r : shots)
        if (r->chart.id != shots.front()->chart.id || r->patches.size() != shots.front()->patches.size())
            return failure(say("%1 shows %2, %3 shows %4. A series is of one chart.", r->framePath,
                               r->chart.name, shots.front()->framePath, shots.front()->chart.name));
    return {};
}

}  // namespace

std::optional<double> statedStops(const CameraSettings& s, double ndStops) {
    if (!(s.exposureSeconds > 0)) return {};
    return std::log2(s.exposureSeconds) - (s.fNumber > 0 ? 2 * std::log2(s.fNumber) : 0) +
           (s.iso > 0 ? std::log2(s.iso / 100) : 0) - ndStops;
}

Result<ToldSteps> stepsByLevel(std::span<const Reading* const> shots) {
    if (auto ok = ofOneChart(shots); !ok) return tl::unexpected(ok.error());
    return ChartLevels(shots).solved();
}

Result<ToldSteps> stepsByGreys(std::span<const Reading* const> shots) {
    if (auto ok = ofOneChart(shots); !ok) return tl::unexpected(ok.error());
    return GreyScales(shots).laidOnOneCurve();
}

}  // namespace refero
