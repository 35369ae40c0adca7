// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/numeric/least_squares.h"
#include "core/numeric/statistics.h"
#include "core/read/detail/light_places.h"

namespace refero::detail {
namespace {

constexpr double kLn2 = std::numbers::ln2;
constexpr double kFloor = 0.0006;  // of white: what a place's level is off by at least
// Standard deviations by which the start may be off, in the unknowns' own units.
constexpr double kShadowStops = 1, kEdgeAngle = 0.3, kLogSoft = 1;

// The unknowns, by where they begin: colours (9, a row a channel, as shares of white), flare (3, the same),
// the ground's own colour (3, the same), the field (5; its constant follows), the shadow (4: stops, angle,
// place, log of softness); behind those a mirror image (4: level, place, log of radius).
constexpr Eigen::Index kFlareAt = 9, kGroundAt = 12, kFieldAt = 15, kShadowAt = 20;

class Joint {
  public:
    Joint(ChartLight& light, std::vector<LightPlace>& places, const Chart& chart)
        : light_(light), places_(places), chart_(chart), white_(light.white) {
        lobe_ = kShadowAt + (light.shadow ? 4 : 0);
        size_ = lobe_ + (light.lobe ? 4 : 0);
        ground_ = Vector3::Zero();
        double n = 0;
        for (const LightPlace& p : places)
            if (p.kind == PlaceKind::ground) {
                ground_ += (p.rgb - light.flare).cwiseQuotient(white_) / std::exp2(light.at(p.mm));
                ++n;
            }
        if (n > 0) ground_ /= n;
    }

    // Each round lets fewer misfits through. Cost of the last.
    double run(int rounds) {
        pickScale();
        for (int round = 0; round < rounds; ++round, scale_ = std::max(1.0, scale_ / 2)) {
            const double cost = weigh();
            const auto step = solve();
            if (!step) break;
            const State before = state();
            double share = 1, now = cost;
            for (int half = 0; half < 4; ++half, share /= 2) {
                move(*step * share);
                now = weigh();
                if (now <= cost) break;
                set(before);
            }
            if (!(now <= cost) || (scale_ <= 1 && cost - now < 1e-6 * cost)) break;
        }
        scale_ = 1;
        return weigh();
    }

    // How far the light is known at each patch, from the curvature and from how well the greys fit.
    void finish() {
        double squares = 0, n = 0, stops = 0;
        for (LightPlace& p : places_) {
            if (p.weight <= 0 || p.kind == PlaceKind::colour) continue;
            squares += residual(p).squaredNorm() / 3;
            ++n;
        }
        std::size_t greys = 0;
        for (LightPlace& p : places_) {
            const Vector3 seen = (p.rgb - light_.flare).cwiseQuotient(white_);
            const double own = colour(p).sum() + 3 * light_.mirroredAt(p.mm);
            p.stops = std::log2(std::max(1e-5, seen.sum()) / std::max(1e-5, own));
            if (p.kind != PlaceKind::grey || p.weight <= 0) continue;
            stops += std::pow(p.stops - light_.at(p.mm), 2);
            ++greys;
        }
        light_.residualStops = std::sqrt(stops / std::max<double>(1, static_cast<double>(greys)));
        const double scale = std::clamp(squares / std::max(1.0, n), 0.02, 100.0);
        const auto inverse =
            numeric::solvedSymmetric(power(nullptr), Eigen::MatrixXd::Identity(size_, size_), 0);
        light_.errorStops.assign(chart_.patches.size(), 0);
        light_.flareError.setZero();
        if (!inverse) return;
        for (Eigen::Index c = 0; c < 3; ++c)
            light_.flareError(c) =
                white_(c) * std::sqrt(std::max(0.0, scale * (*inverse)(kFlareAt + c, kFlareAt + c)));
        const Eigen::Index count = lobe_ - kFieldAt;
        const Eigen::MatrixXd ofLight = inverse->block(kFieldAt, kFieldAt, count, count);
        for (std::size_t i = 0; i < chart_.patches.size(); ++i) {
            const Eigen::VectorXd r = lightSlopes(chart_.patches[i].centreMm);
            light_.errorStops[i] = std::sqrt(std::max(0.0, scale * r.dot(ofLight * r)));
        }
        light_.white = (light_.xyzToRgb * whiteXyz(white::d50).vector()).cwiseMax(1e-6);
    }

  private:
    struct State {
        ChartLight light;
        Vector3 ground;
    };
    State state() const { return {light_, ground_}; }
    void set(const State& s) {
        light_ = s.light;
        ground_ = s.ground;
    }

    // Without flare and light, as a share of white.
    Vector3 colour(const LightPlace& p) const {
        return p.kind == PlaceKind::ground ? ground_
                                           : Vector3((light_.xyzToRgb * p.xyz).cwiseQuotient(white_));
    }
    Vector3 litAt(const LightPlace& p) const {
        return (colour(p).array() + light_.mirroredAt(p.mm)).matrix() * std::exp2(light_.at(p.mm));
    }
    double deviation(const LightPlace& p, const Vector3& lit, Eigen::Index c) const {
        return std::hypot(kLn2 * p.spread() * std::max(0.0, lit(c)), kFloor + p.noise / white_.y());
    }

    // Residuals in standard deviations, three a place.
    Vector3 residual(const LightPlace& p) const {
        const Vector3 lit = litAt(p);
        const Vector3 off = (p.rgb - light_.flare).cwiseQuotient(white_) - lit;
        return {off.x() / deviation(p, lit, 0), off.y() / deviation(p, lit, 1),
                off.z() / deviation(p, lit, 2)};
    }

    void pickScale() {
        std::vector<double> off;
        for (const LightPlace& p : places_)
            if (p.kind == PlaceKind::grey) off.push_back(residual(p).norm() / std::sqrt(3.0));
        scale_ = std::max(1.0, 1.48 * numeric::medianOf(std::move(off)));
    }

    // Tukey's biweight of each place; the sum of its cost.
    double weigh() {
        double cost = 0;
        for (LightPlace& p : places_) {
            const double u = residual(p).norm() / std::sqrt(3.0) / (kTukey * scale_);
            const double rest = u < 1 ? 1 - u * u : 0;
            p.weight = rest * rest;
            cost += 1 - rest * rest * rest;
        }
        for (std::size_t k = 1; k < 6; ++k)
            cost += 1e-3 * std::pow(light_.field.stops[k] / (k < 3 ? kLinearStops : kQuadraticStops), 2);
        return cost;
    }

    // How the light there changes with field and shadow, in stops.
    Eigen::VectorXd lightSlopes(const Point& mm) const {
        Eigen::VectorXd r(lobe_ - kFieldAt);
        const FieldTerms t = terms(light_.field, mm);
        for (Eigen::Index k = 1; k < 6; ++k) r(k - 1) = t(k) - (k == 3 || k == 5 ? 1.0 / 3 : 0);
        if (light_.shadow) r.tail<4>() = edgeSlopes(mm);
        return r;
    }

    // How each channel there changes with the unknowns: a column a channel.
    Eigen::MatrixXd slopes(const LightPlace& p) const {
        Eigen::MatrixXd r = Eigen::MatrixXd::Zero(size_, 3);
        const double gain = std::exp2(light_.at(p.mm));
        const Vector3 lit = litAt(p);
        const Eigen::VectorXd light = kLn2 * lightSlopes(p.mm);
        for (Eigen::Index c = 0; c < 3; ++c) {
            if (p.kind == PlaceKind::ground)
                r(kGroundAt + c, c) = gain;
            else
                r.col(c).segment<3>(3 * c) = gain * p.xyz;
            r(kFlareAt + c, c) = 1;
            r.col(c).segment(kFieldAt, light.size()) = lit(c) * light;
        }
        if (light_.lobe) r.bottomRows<4>().colwise() = gain * lobeSlopes(p.mm);
        return r;
    }

    static void turn(ShadowEdge& e, double by) {
        e.darkerWay = Point(std::cos(by) * e.darkerWay.x() - std::sin(by) * e.darkerWay.y(),
                            std::sin(by) * e.darkerWay.x() + std::cos(by) * e.darkerWay.y());
    }
    // About the chart's middle, so that turning and moving are apart.
    ShadowEdge moved(double stops, double angle, double along, double logSoft) const {
        ShadowEdge e = *light_.shadow;
        const Point middle = chart_.outlineMm / 2;
        e.throughMm = middle + e.darkerWay * (e.throughMm - middle).dot(e.darkerWay);
        const double distance = (e.throughMm - middle).dot(e.darkerWay) + along;
        turn(e, angle);
        e.throughMm = middle + e.darkerWay * distance;
        e.stops = std::max(0.0, e.stops + stops);
        e.softMm = std::clamp(e.softMm * std::exp(logSoft), 0.3, chart_.outlineMm.maxCoeff());
        return e;
    }
    Eigen::Vector4d edgeSlopes(const Point& mm) const {
        // Wide enough that an edge between two places is felt from both.
        const double step = std::max(1.0, light_.shadow->softMm / 8);
        const auto slope = [&](const ShadowEdge& a, const ShadowEdge& b, double by) {
            return (b.at(mm) - a.at(mm)) / (2 * by);
        };
        return {slope(moved(-0.01, 0, 0, 0), moved(0.01, 0, 0, 0), 0.01),
                slope(moved(0, -0.02, 0, 0), moved(0, 0.02, 0, 0), 0.02),
                slope(moved(0, 0, -step, 0), moved(0, 0, step, 0), step),
                slope(moved(0, 0, 0, -0.2), moved(0, 0, 0, 0.2), 0.2)};
    }

    Eigen::Vector4d lobeSlopes(const Point& mm) const {
        const SpecularLobe& l = *light_.lobe;
        const Point d = mm - l.centreMm;
        const double shape = std::exp(-2 * d.squaredNorm() / (l.radiusMm * l.radiusMm)),
                     r2 = l.radiusMm * l.radiusMm;
        return {shape, l.level * shape * 4 * d.x() / r2, l.level * shape * 4 * d.y() / r2,
                l.level * shape * 4 * d.squaredNorm() / r2};
    }

    Eigen::MatrixXd power(Eigen::VectorXd* product) const {
        Eigen::MatrixXd sum = Eigen::MatrixXd::Zero(size_, size_);
        if (product) *product = Eigen::VectorXd::Zero(size_);
        for (const LightPlace& p : places_) {
            if (p.weight <= 0) continue;
            const Vector3 off = residual(p), lit = litAt(p);
            Eigen::MatrixXd r = slopes(p);
            for (Eigen::Index c = 0; c < 3; ++c) r.col(c) /= deviation(p, lit, c);
            // What the light does it does to all three: they say it once.
            const double w = p.weight / 3;
            sum.noalias() += w * r * r.transpose();
            if (product) product->noalias() += w * r * off;
        }
        for (Eigen::Index k = 1; k < 6; ++k) {
            const double sd = k < 3 ? kLinearStops : kQuadraticStops;
            const Eigen::Index at = kFieldAt + k - 1;
            sum(at, at) += 1 / (sd * sd);
            if (product) (*product)(at) -= light_.field.stops[static_cast<std::size_t>(k)] / (sd * sd);
        }
        if (light_.shadow) {
            const double place = chart_.outlineMm.maxCoeff() / 10;
            const Eigen::Vector4d sd(kShadowStops, kEdgeAngle, place, kLogSoft);
            sum.diagonal().segment<4>(kShadowAt) += sd.cwiseAbs2().cwiseInverse();
        }
        if (light_.lobe) {
            const double place = chart_.outlineMm.maxCoeff() / 6;
            const Eigen::Vector4d sd(0.3, place, place, 0.5);
            sum.diagonal().segment<4>(lobe_) += sd.cwiseAbs2().cwiseInverse();
        }
        sum.diagonal().array() += 1e-6;
        return sum;
    }

    std::optional<Eigen::VectorXd> solve() const {
        Eigen::VectorXd product;
        const Eigen::MatrixXd sum = power(&product);
        const auto x = numeric::solvedSymmetric(sum, product, 0);
        if (!x || !x->allFinite()) return {};
        return Eigen::VectorXd(*x);
    }

    void move(const Eigen::VectorXd& step) {
        for (Eigen::Index c = 0; c < 3; ++c)
            light_.xyzToRgb.row(c) += white_(c) * step.segment<3>(3 * c).transpose();
        light_.flare = (light_.flare + white_.cwiseProduct(step.segment<3>(kFlareAt))).cwiseMax(0);
        ground_ += step.segment<3>(kGroundAt);
        auto& s = light_.field.stops;
        for (std::size_t k = 1; k < 6; ++k) s[k] += step(kFieldAt + static_cast<Eigen::Index>(k) - 1);
        s[0] = -(s[3] + s[5]) / 3;
        if (light_.shadow) {
            const Eigen::Vector4d d = step.segment<4>(kShadowAt);
            light_.shadow = moved(d(0), d(1), d(2), d(3));
        }
        if (light_.lobe) {
            SpecularLobe& l = *light_.lobe;
            const double widest = chart_.outlineMm.maxCoeff();
            l.level = std::clamp(l.level + step(lobe_), 0.0, 2.0);
            l.centreMm += Point(step(lobe_ + 1), step(lobe_ + 2)).cwiseMax(-widest / 8).cwiseMin(widest / 8);
            l.radiusMm = std::clamp(l.radiusMm * std::exp(std::clamp(step(lobe_ + 3), -0.5, 0.5)),
                                    widest / 30, widest / 1.5);
        }
    }

    ChartLight& light_;
    std::vector<LightPlace>& places_;
    const Chart& chart_;
    const Vector3 white_;
    Vector3 ground_;
    double scale_ = 1;
    Eigen::Index lobe_, size_;
};

bool isSound(const ChartLight& l) {
    return l.xyzToRgb.allFinite() && l.flare.allFinite() &&
           std::all_of(l.field.stops.begin(), l.field.stops.end(),
                       [](double v) { return std::isfinite(v) && std::abs(v) < 8; });
}

}  // namespace

double polish(ChartLight& light, std::vector<LightPlace>& places, const Chart& chart, int rounds) {
    const ChartLight before = light;
    Joint joint(light, places, chart);
    const double cost = joint.run(rounds);
    joint.finish();
    if (isSound(light) && std::isfinite(cost)) return cost;
    light = before;
    return 1e300;
}

}  // namespace refero::detail
