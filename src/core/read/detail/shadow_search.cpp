// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/numeric/least_squares.h"
#include "core/read/detail/light_places.h"

namespace refero::detail {
namespace {

constexpr double kShadowLeast = 0.12;  // stops

}  // namespace

bool findShadow(ChartLight& light, const std::vector<LightPlace>& places) {
    struct Datum {
        Point mm;
        double stops, weight;
    };
    std::vector<Datum> data;
    for (const LightPlace& p : places) {
        const double sd = p.spreadAt(light.white.y() * p.xyz.y());
        const Vector3 e = light.xyzToRgb * p.xyz;
        // Things on the chart are another colour; shadows are not.
        const Vector3 ratio = ((p.rgb - light.flare).cwiseMax(1e-6)).cwiseQuotient(e.cwiseMax(1e-6));
        if (p.kind != PlaceKind::colour && ratio.maxCoeff() > 1.35 * ratio.minCoeff()) continue;
        if (std::abs(p.stops) > 3) continue;
        data.push_back({p.mm, p.stops, 1 / (sd * sd)});
    }
    if (data.size() < 12) return false;
    // Errors count no more than a gross one: a finger is not to look like a shadow.
    const auto cost = [](double e, double w) { return std::min(e * e * w, 40.0); };
    double smooth = 0, weights = 0;
    for (const Datum& d : data) {
        smooth += cost(d.stops - light.field.at(d.mm), d.weight);
        weights += 1;
    }
    if (smooth < 2.5 * weights) return false;
    struct Best {
        double cost;
        std::optional<ShadowEdge> edge;
        LightField plane;
    };
    constexpr int kDirections = 24, kCuts = 24;
    std::vector<Best> bests(kDirections, Best{smooth, {}, light.field});
    tbb::parallel_for(0, kDirections, [&](int direction) {
        Best& best = bests[static_cast<std::size_t>(direction)];
        const LightField& plane = light.field;
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
    if (!best.edge || best.cost > 0.6 * smooth) return false;
    light.shadow = best.edge;
    light.field = best.plane;
    auto& s = light.field.stops;
    s[0] = -(s[3] + s[5]) / 3;
    return true;
}

}  // namespace refero::detail
