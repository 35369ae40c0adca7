// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/light_field.h"

#include <tbb/parallel_for.h>

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/colour/lab.h"
#include "core/numeric/least_squares.h"
#include "core/numeric/statistics.h"

namespace refero {
namespace {

constexpr double kGreyStops = 0.02, kGroundStops = 0.04, kColourStops = 0.15;  // how well each kind fits
constexpr double kTukey = 4.7;                                                 // of those
constexpr double kShadowLeast = 0.12;                                          // stops

enum class Kind { grey, ground, colour };

struct Place {
    Kind kind;
    Point mm;
    Vector3 rgb, xyz;
    double noise = 0;  // of green
    std::size_t patch = 0;
    double weight = 1;
    double stops = 0;  // of light measured there, against the mean light

    double fitStops(double level) const {
        const double kinds = kind == Kind::grey     ? kGreyStops
                             : kind == Kind::ground ? kGroundStops
                                                    : kColourStops;
        return std::hypot(kinds, 1.44 * noise / std::max(1e-6, level));
    }
};

using Row = Eigen::Matrix<double, 6, 1>;

Row terms(const LightField& f, const Point& mm) {
    const double x = (mm.x() - f.middleMm.x()) / f.halfMm.x(), y = (mm.y() - f.middleMm.y()) / f.halfMm.y();
    Row r;
    r << 1, x, y, x * x, x * y, y * y;
    return r;
}

std::vector<Place> placesOf(const Reading& r, std::span<const BackgroundSample> ground) {
    std::vector<Place> out;
    for (std::size_t i = 0; i < r.patches.size(); ++i) {
        const PatchReading& p = r.patches[i];
        if (p.leftOut || p.clipped > 0.01 || !p.rgb.allFinite() || p.pixels == 0) continue;
        const Patch& patch = r.chart.patches[i];
        out.push_back({patch.role == Role::neutral ? Kind::grey : Kind::colour, patch.centreMm, p.rgb,
                       toXyz(patch.labD50).vector(), p.standardError().y(), i});
    }
    const Vector3 xyz = toXyz(r.chart.surroundLabD50).vector();
    for (const BackgroundSample& g : ground) out.push_back({Kind::ground, g.mm, g.rgb, xyz, g.noise, 0});
    return out;
}

class Fit {
  public:
    Fit(const Chart& chart, std::vector<Place> places) : places_(std::move(places)) {
        light_.field.middleMm = light_.field.halfMm = chart.outlineMm / 2;
    }

    ChartLight run() {
        for (int round = 0; round < 12; ++round) {
            fitColours();
            fitFlare();
            weigh();
            // The field is let loose once the colours have settled: else a chart read wrongly bends it.
            if (round >= 2) fitField();
        }
        findShadow();
        if (light_.shadow)
            for (int round = 0; round < 6; ++round) {
                fitColours();
                fitFlare();
                weigh();
                fitField();
            }
        return light_;
    }
    const std::vector<Place>& places() const { return places_; }

  private:
    double gain(const Place& p) const { return std::exp2(light_.at(p.mm)); }

    // Relative errors count, so that dark patches have their say.
    void fitColours() {
        numeric::NormalEquations<3, 3> equations;
        for (const Place& p : places_) {
            const double kind = p.kind == Kind::grey ? 4 : p.kind == Kind::ground ? 0.05 : 1;
            const double w = kind * p.weight / std::pow(p.xyz.y() + 0.05, 2);
            equations.add(p.xyz, (p.rgb - light_.flare) / gain(p), w);
        }
        equations.pullAll(1e-9 * equations.power().trace() + 1e-300);
        light_.xyzToRgb = equations.solve().transpose();
        light_.white = (light_.xyzToRgb * whiteXyz(white::d50).vector()).cwiseMax(1e-6);
    }

    // Measured = light * reflectance + veil, over greys and ground; weighted for the dark ones, which tell.
    void fitFlare() {
        for (int c = 0; c < 3; ++c) {
            double n = 0, sx = 0, sy = 0, sxx = 0, sxy = 0;
            for (const Place& p : places_) {
                if (p.kind == Kind::colour) continue;
                const double x = p.xyz.y() * gain(p), v = p.rgb(c);
                const double sd = 0.012 * p.xyz.y() + 0.0008 + p.noise / light_.white.y();
                const double w = (p.kind == Kind::ground ? 0.1 : 1) * p.weight / (sd * sd);
                n += w;
                sx += w * x;
                sy += w * v;
                sxx += w * x * x;
                sxy += w * x * v;
            }
            const double spread = n * sxx - sx * sx;
            if (!(spread > 1e-12 * n * n)) continue;
            light_.flare(c) = std::max(0.0, (sxx * sy - sx * sxy) / spread);
        }
    }

    // Over the channels, each by its share of white, so that none rules.
    double stopsAt(const Place& p) const {
        const Vector3 expected = light_.xyzToRgb * p.xyz;
        const double seen = ((p.rgb - light_.flare).array() / light_.white.array()).sum(),
                     wanted = (expected.array() / light_.white.array()).sum();
        return std::log2(std::max(1e-5, seen) / std::max(1e-5, wanted));
    }

    void weigh() {
        std::vector<double> off;
        for (Place& p : places_) {
            p.stops = stopsAt(p);
            if (p.kind == Kind::grey) off.push_back(std::abs(p.stops - light_.at(p.mm)));
        }
        // Uneven light and strong casts make all misfit at first: then the scale widens with them.
        const double wide = std::max(1.0, 1.48 * numeric::medianOf(std::move(off)) / kGreyStops);
        for (Place& p : places_) {
            const double u =
                (p.stops - light_.at(p.mm)) / (kTukey * wide * p.fitStops(light_.white.y() * p.xyz.y()));
            p.weight = std::abs(u) < 1 ? std::pow(1 - u * u, 2) : 0;
        }
        double square = 0, n = 0;
        for (const Place& p : places_)
            if (p.kind == Kind::grey && p.weight > 0) {
                square += std::pow(p.stops - light_.at(p.mm), 2);
                ++n;
            }
        light_.residualStops = std::sqrt(square / std::max(1.0, n));
    }

    void fitField() {
        numeric::NormalEquations<6> equations;
        for (const Place& p : places_)
            equations.add(terms(light_.field, p.mm), p.stops - (light_.shadow ? light_.shadow->at(p.mm) : 0),
                          p.weight / std::pow(p.fitStops(light_.white.y() * p.xyz.y()), 2));
        // A slight pull to even light decides what too few places cannot.
        for (int k = 1; k < 6; ++k) equations.pull(k, (k < 3 ? 4 : 40) + 1e-6 * equations.power().trace());
        equations.pull(0, 1e-9);
        const Row x = equations.solve();
        if (!x.allFinite()) return;
        for (int k = 0; k < 6; ++k) light_.field.stops[static_cast<std::size_t>(k)] = x(k);
        centre();
    }

    // The mean over the chart is 0 by definition; the colours' level takes up the rest.
    void centre() {
        auto& s = light_.field.stops;
        s[0] = -(s[3] + s[5]) / 3;
    }

    void findShadow();

    std::vector<Place> places_;
    ChartLight light_;
};

// The light as a plane and one step is compared with the smooth field: the step must explain clearly more.
void Fit::findShadow() {
    struct Datum {
        Point mm;
        double stops, weight;
    };
    std::vector<Datum> data;
    for (const Place& p : places_) {
        const double sd = p.fitStops(light_.white.y() * p.xyz.y());
        const Vector3 e = light_.xyzToRgb * p.xyz;
        // Things on the chart are another colour; shadows are not.
        const Vector3 ratio = ((p.rgb - light_.flare).cwiseMax(1e-6)).cwiseQuotient(e.cwiseMax(1e-6));
        if (p.kind != Kind::colour && ratio.maxCoeff() > 1.35 * ratio.minCoeff()) continue;
        if (std::abs(p.stops) > 3) continue;
        data.push_back({p.mm, p.stops, 1 / (sd * sd)});
    }
    if (data.size() < 12) return;
    // Errors count no more than a gross one: a finger is not to look like a shadow.
    const auto cost = [](double e, double w) { return std::min(e * e * w, 40.0); };
    double smooth = 0, weights = 0;
    for (const Datum& d : data) {
        smooth += cost(d.stops - light_.field.at(d.mm), d.weight);
        weights += 1;
    }
    if (smooth < 2.5 * weights) return;
    struct Best {
        double cost;
        std::optional<ShadowEdge> edge;
        LightField plane;
    };
    constexpr int kDirections = 24, kCuts = 24;
    std::vector<Best> bests(kDirections, Best{smooth, {}, light_.field});
    tbb::parallel_for(0, kDirections, [&](int direction) {
        Best& best = bests[static_cast<std::size_t>(direction)];
        const LightField& plane = light_.field;
        const double angle = direction * 2 * std::numbers::pi / kDirections;
        const Point way(std::cos(angle), std::sin(angle));
        std::vector<double> sorted;
        for (const Datum& d : data) sorted.push_back(d.mm.dot(way));
        std::sort(sorted.begin(), sorted.end());
        std::vector<double> w(data.size());
        for (int cut = 1; cut < kCuts; ++cut) {
            const double at =
                sorted[static_cast<std::size_t>(cut * static_cast<double>(sorted.size() - 1) / kCuts)];
            for (const double soft : {1.0, 8.0, 25.0}) {
                ShadowEdge edge{way * at, way, 1, soft};
                const auto row = [&](const Datum& d) {
                    return Eigen::Vector4d(1, (d.mm.x() - plane.middleMm.x()) / plane.halfMm.x(),
                                           (d.mm.y() - plane.middleMm.y()) / plane.halfMm.y(), edge.at(d.mm));
                };
                for (std::size_t i = 0; i < data.size(); ++i) w[i] = data[i].weight;
                Eigen::Vector4d x = Eigen::Vector4d::Zero();
                double sum = 0;
                for (int round = 0; round < 2; ++round) {
                    numeric::NormalEquations<4> equations;
                    for (std::size_t i = 0; i < data.size(); ++i)
                        equations.add(row(data[i]), data[i].stops, w[i]);
                    equations.pull(1, 4);
                    equations.pull(2, 4);
                    equations.pullAll(1e-6);
                    x = equations.solve();
                    sum = 0;
                    for (std::size_t i = 0; i < data.size(); ++i) {
                        const double e = data[i].stops - row(data[i]).dot(x);
                        sum += cost(e, data[i].weight);
                        w[i] = data[i].weight / (1 + e * e * data[i].weight / 9);
                    }
                }
                if (!(x(3) > kShadowLeast) || sum >= best.cost) continue;
                edge.stops = x(3);
                best.cost = sum;
                best.edge = edge;
                best.plane.stops = {x(0), x(1), x(2), 0, 0, 0};
            }
        }
    });
    const Best& best = *std::min_element(bests.begin(), bests.end(),
                                         [](const Best& a, const Best& b) { return a.cost < b.cost; });
    if (!best.edge || best.cost > 0.6 * smooth) return;
    light_.shadow = best.edge;
    light_.field = best.plane;
    centre();
}

// Something else lies there, or the light's mirror image: told by the colour of what is too much.
void sortOut(ChartLight& light, const std::vector<Place>& places) {
    for (const Place& p : places) {
        const double gain = std::exp2(light.at(p.mm));
        const Vector3 expected = (light.xyzToRgb * p.xyz * gain + light.flare).cwiseQuotient(light.white);
        const Vector3 off = p.rgb.cwiseQuotient(light.white) - expected;
        const double noise = 4 * p.noise / light.white.y();
        const double share = p.kind == Kind::grey ? 0.09 : p.kind == Kind::ground ? 0.30 : 0.25;
        const double floor = p.kind == Kind::colour ? 0.035 : 0.008;
        const Vector3 limit = (expected.cwiseAbs() * share).array() + floor + noise;
        const Vector3 excess = off.cwiseAbs().cwiseQuotient(limit);
        const double least = off.minCoeff(), most = off.maxCoeff();
        // A mirror image adds the light's colour, which is white in these units.
        const bool shine = least > 0.012 + noise && most < 1.6 * least &&
                           (p.kind == Kind::ground ? excess.mean() > 0.7 : excess.mean() > 1);
        if (shine) {
            light.specularShare = std::max(light.specularShare, off.mean());
            if (p.kind == Kind::ground)
                light.specularMm.push_back(p.mm);
            else
                light.specular.push_back(p.patch);
        } else if (excess.maxCoeff() > 1) {
            if (p.kind == Kind::ground)
                light.coveredMm.push_back(p.mm);
            else
                light.covered.push_back(p.patch);
        }
    }
}

void findRange(ChartLight& light, const Chart& chart) {
    double high = -1e9, low = 1e9;
    for (const Patch& p : chart.patches)
        for (const Point& c : p.corners()) {
            const double v = light.field.at(c);
            if (v > high) {
                high = v;
                light.lightestMm = c;
            }
            if (v < low) {
                low = v;
                light.darkestMm = c;
            }
        }
    light.rangeStops = high - low;
}

}  // namespace

std::optional<ChartLight> lightOn(const Reading& reading, std::span<const BackgroundSample> ground) {
    auto places = placesOf(reading, ground);
    const auto greys =
        std::count_if(places.begin(), places.end(), [](const Place& p) { return p.kind == Kind::grey; });
    const auto patches =
        std::count_if(places.begin(), places.end(), [](const Place& p) { return p.kind != Kind::ground; });
    if (greys < 4 || patches < 6) return {};
    Fit fit(reading.chart, std::move(places));
    ChartLight light = fit.run();
    if (!light.xyzToRgb.allFinite()) return {};
    light.flareShare = light.flare.y() / light.white.y();
    findRange(light, reading.chart);
    sortOut(light, fit.places());
    return light;
}

void takeOutLight(Reading& reading) {
    if (!reading.light) return;
    for (std::size_t i = 0; i < reading.patches.size(); ++i) {
        const double gain = std::exp2(-reading.light->at(reading.chart.patches[i].centreMm));
        PatchReading& p = reading.patches[i];
        p.rgb = (p.rgb - reading.light->flare) * gain + reading.light->flare;
        p.deviation *= gain;
        p.covariance *= gain * gain;
    }
    reading.lightTakenOut.chart = true;
}

}  // namespace refero
