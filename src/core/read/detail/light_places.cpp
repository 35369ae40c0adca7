// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/detail/light_places.h"

#include <algorithm>
#include <cmath>

#include "core/colour/lab.h"
#include "core/numeric/least_squares.h"
#include "core/numeric/statistics.h"
#include "core/numeric/straight_line.h"

namespace refero::detail {
namespace {

class Rough {
  public:
    Rough(const Chart& chart, std::vector<LightPlace>& places) : places_(places) {
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
        return light_;
    }

  private:
    double gain(const LightPlace& p) const { return std::exp2(light_.at(p.mm)); }

    // Relative errors count, so that dark patches have their say.
    void fitColours() {
        numeric::NormalEquations<3, 3> equations;
        for (const LightPlace& p : places_) {
            const double kind = p.kind == PlaceKind::grey ? 4 : p.kind == PlaceKind::ground ? 0.05 : 1;
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
            numeric::StraightLine seen;
            for (const LightPlace& p : places_) {
                if (p.kind == PlaceKind::colour) continue;
                const double x = p.xyz.y() * gain(p), v = p.rgb(c);
                const double sd = 0.012 * p.xyz.y() + 0.0008 + p.noise / light_.white.y();
                const double w = (p.kind == PlaceKind::ground ? 0.1 : 1) * p.weight / (sd * sd);
                seen.add(x, v, w);
            }
            if (const auto line = seen.fitted(1e-12)) light_.flare(c) = std::max(0.0, line->offset);
        }
    }

    // Over the channels, each by its share of white, so that none rules.
    double stopsAt(const LightPlace& p) const {
        const Vector3 expected = light_.xyzToRgb * p.xyz;
        const double seen = ((p.rgb - light_.flare).array() / light_.white.array()).sum(),
                     wanted = (expected.array() / light_.white.array()).sum();
        return std::log2(std::max(1e-5, seen) / std::max(1e-5, wanted));
    }

    void weigh() {
        std::vector<double> off;
        for (LightPlace& p : places_) {
            p.stops = stopsAt(p);
            if (p.kind == PlaceKind::grey) off.push_back(std::abs(p.stops - light_.at(p.mm)));
        }
        // Uneven light and strong casts make all misfit at first: then the scale widens with them.
        const double wide = std::max(1.0, 1.48 * numeric::medianOf(std::move(off)) / PlaceSpread::grey);
        for (LightPlace& p : places_) {
            const double u =
                (p.stops - light_.at(p.mm)) / (kTukey * wide * p.spreadAt(light_.white.y() * p.xyz.y()));
            p.weight = std::abs(u) < 1 ? std::pow(1 - u * u, 2) : 0;
        }
        double square = 0, n = 0;
        for (const LightPlace& p : places_)
            if (p.kind == PlaceKind::grey && p.weight > 0) {
                square += std::pow(p.stops - light_.at(p.mm), 2);
                ++n;
            }
        light_.residualStops = std::sqrt(square / std::max(1.0, n));
    }

    void fitField() {
        numeric::NormalEquations<6> equations;
        for (const LightPlace& p : places_)
            equations.add(terms(light_.field, p.mm), p.stops,
                          p.weight / std::pow(p.spreadAt(light_.white.y() * p.xyz.y()), 2));
        // A slight pull to even light decides what too few places cannot.
        for (int k = 1; k < 6; ++k) equations.pull(k, (k < 3 ? 4 : 40) + 1e-6 * equations.power().trace());
        equations.pull(0, 1e-9);
        const FieldTerms x = equations.solve();
        if (!x.allFinite()) return;
        for (int k = 0; k < 6; ++k) light_.field.stops[static_cast<std::size_t>(k)] = x(k);
        centre();
    }

    // The mean over the chart is 0 by definition; the colours' level takes up the rest.
    void centre() {
        auto& s = light_.field.stops;
        s[0] = -(s[3] + s[5]) / 3;
    }

    std::vector<LightPlace>& places_;
    ChartLight light_;
};

}  // namespace

double LightPlace::spreadAt(double level) const {
    return std::hypot(spread(), 1.44 * noise / std::max(1e-6, level));
}

std::vector<LightPlace> placesOf(const Reading& r, std::span<const BackgroundSample> ground) {
    std::vector<LightPlace> out;
    const auto greys = r.chart.neutrals();
    for (std::size_t i = 0; i < r.patches.size(); ++i) {
        const PatchReading& p = r.patches[i];
        if (p.leftOut || p.clipped > 0.01 || !p.rgb.allFinite() || p.pixels == 0) continue;
        const Patch& patch = r.chart.patches[i];
        const bool grey = std::find(greys.begin(), greys.end(), i) != greys.end();
        out.push_back({grey ? PlaceKind::grey : PlaceKind::colour, patch.centreMm, p.rgb,
                       toXyz(patch.labD50).vector(), p.standardError().y(), i});
    }
    const Vector3 xyz = toXyz(r.chart.surroundLabD50).vector();
    for (const BackgroundSample& g : ground) out.push_back({PlaceKind::ground, g.mm, g.rgb, xyz, g.noise, 0});
    return out;
}

FieldTerms terms(const LightField& f, const Point& mm) {
    const double x = (mm.x() - f.middleMm.x()) / f.halfMm.x(), y = (mm.y() - f.middleMm.y()) / f.halfMm.y();
    FieldTerms r;
    r << 1, x, y, x * x, x * y, y * y;
    return r;
}

ChartLight roughLight(const Chart& chart, std::vector<LightPlace>& places) {
    return Rough(chart, places).run();
}

}  // namespace refero::detail
