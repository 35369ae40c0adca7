// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>

#include "core/numeric/least_squares.h"
#include "core/numeric/statistics.h"
#include "core/read/detail/light_places.h"

namespace refero::detail {
namespace {

constexpr double kStops = 5;         // for which the first bend is 1, as the others are from white to black
constexpr double kSignal = 1 / 2.4;  // exponent by which light becomes a signal, roughly
constexpr double kBuried = 0.002;    // of the lightest grey: below it nothing tells of a curve
constexpr double kBend = 2;          // standard deviation of how far pictures' curves bend, stops a power
constexpr int kRounds = 20;

// A curve of stops over the level, a channel at a time, and the light that all channels share.
class Tone {
  public:
    Tone(const std::vector<LightPlace>& places, const Chart& chart) : places_(places) {
        field_.middleMm = field_.halfMm = chart.outlineMm / 2;
        std::vector<double> levels;
        for (const LightPlace& p : places)
            if (p.kind == PlaceKind::grey) {
                top_ = top_.cwiseMax(p.rgb);
                levels.push_back(std::log2(std::max(1e-6, p.xyz.y())));
            }
        std::sort(levels.begin(), levels.end());
        int distinct = 0;
        for (std::size_t i = 0; i < levels.size(); ++i) distinct += i == 0 || levels[i] - levels[i - 1] > 0.1;
        // A curve must be told by more levels than it has freedoms: one that is covered has no say then.
        powers_ = std::clamp((distinct - 2) / 2, 0, 3);
    }

    bool fit() {
        if (powers_ < 1 || top_.minCoeff() <= 0) return false;
        for (const LightPlace& p : places_)
            for (int c = 0; c < 3; ++c) take(p, c);
        for (int round = 0; round < kRounds; ++round)
            if (!solve()) return false;
        return true;
    }

    Vector3 straight(const Vector3& rgb) const {
        Vector3 out = rgb;
        for (int c = 0; c < 3; ++c) {
            const Vector3 bends = bendsAt(std::clamp(rgb(c) / top_(c), least_(c), 1.0));
            out(c) *= std::exp2(-bends.dot(found_.segment<3>(kBends + 3 * c)));
        }
        return out;
    }

  private:
    // The unknowns, by where they begin: a level a channel of the greys, and one of the ground, the bends,
    // the field without its constant.
    static constexpr int kGreys = 0, kGround = 3, kBends = 6, kField = 15, kSize = 20;
    using Row = Eigen::Matrix<double, kSize, 1>;
    struct Seen {
        Row row;
        double stops, spread, off = 0, weight = 1;
        bool grey;
    };

    // A power of light, as contrast has in the darks; then what ends in a shoulder towards white.
    Vector3 bendsAt(double level) const {
        const double signal = std::pow(level, kSignal) - 1;
        const Vector3 all(std::log2(level) / kStops, signal, signal * signal);
        return powers_ < 2 ? Vector3(all.x(), 0, 0) : powers_ < 3 ? Vector3(all.x(), all.y(), 0) : all;
    }

    void take(const LightPlace& p, int c) {
        const bool grey = p.kind == PlaceKind::grey;
        if (p.kind == PlaceKind::colour || p.rgb(c) < kBuried * top_(c)) return;
        Seen s{Row::Zero(), std::log2(p.rgb(c)), p.spreadAt(p.rgb(c)), 0, 1, grey};
        if (grey) {
            s.row(kGreys + c) = 1;
            s.stops -= std::log2(std::max(1e-6, p.xyz.y()));
            const double level = p.rgb(c) / top_(c);
            s.row.segment<3>(kBends + 3 * c) = bendsAt(level);
            least_(c) = std::min(least_(c), level);
        } else {
            s.row(kGround + c) = 1;
        }
        s.row.segment<5>(kField) = terms(field_, p.mm).tail<5>();
        seen_.push_back(s);
    }

    // Tukey's weights, their scale shrinking with what is left.
    bool solve() {
        Eigen::MatrixXd power = Eigen::MatrixXd::Zero(kSize, kSize);
        Eigen::VectorXd product = Eigen::VectorXd::Zero(kSize);
        for (const Seen& s : seen_) {
            const double w = s.weight / (s.spread * s.spread);
            power.noalias() += w * s.row * s.row.transpose();
            product.noalias() += w * s.stops * s.row;
        }
        power.diagonal().array() += 1e-6;
        power.diagonal().segment<9>(kBends).array() += 1 / (kBend * kBend);
        power.diagonal().segment<2>(kField).array() += 1 / (kLinearStops * kLinearStops);
        power.diagonal().segment<3>(kField + 2).array() += 1 / (kQuadraticStops * kQuadraticStops);
        const auto x = numeric::solvedSymmetric(power, product, 0);
        if (!x) return false;
        found_ = x->col(0);
        std::vector<double> greys;
        for (Seen& s : seen_) {
            s.off = (s.stops - s.row.dot(found_)) / s.spread;
            if (s.grey) greys.push_back(std::abs(s.off));
        }
        const double scale = std::max(1.0, numeric::kMadToDeviation * numeric::medianOf(std::move(greys)));
        for (Seen& s : seen_) {
            const double u = s.off / (kTukey * scale);
            s.weight = std::abs(u) < 1 ? std::pow(1 - u * u, 2) : 0;
        }
        return true;
    }

    const std::vector<LightPlace>& places_;
    LightField field_;
    Vector3 top_ = Vector3::Zero(), least_ = Vector3::Ones();
    int powers_ = 0;
    std::vector<Seen> seen_;
    Row found_ = Row::Zero();
};

}  // namespace

std::optional<std::vector<LightPlace>> withoutTone(const std::vector<LightPlace>& places,
                                                   const Chart& chart) {
    Tone tone(places, chart);
    if (!tone.fit()) return {};
    std::vector<LightPlace> out = places;
    for (LightPlace& p : out) {
        p.rgb = tone.straight(p.rgb);
        p.weight = 1;
    }
    return out;
}

}  // namespace refero::detail
