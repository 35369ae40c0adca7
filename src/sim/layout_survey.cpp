// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/layout_survey.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <complex>

#include "core/colour/lab.h"
#include "core/spectra/generated_reflectances.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/smooth_reflectance.h"
#include "sim/detail/survey_parts.h"

namespace refero::sim {
namespace {

using detail::Random;

struct Field {
    int rows, columns;
    double width, height, gap;
    Point low;  // upper left corner of its first patch
};

Point high(const Field& f) {
    return f.low + Point(f.columns * (f.width + f.gap) - f.gap, f.rows * (f.height + f.gap) - f.gap);
}

// 12 to 300 patches in one field, or most of them and a strip or small field below or beside it.
std::vector<Field> fieldsFor(Random& r) {
    Field f{};
    do {
        f.rows = 2 + static_cast<int>(r.below(14));
        f.columns = 3 + static_cast<int>(r.below(18));
    } while (f.rows * f.columns < 12 || f.rows * f.columns > 300 || f.columns > 3 * f.rows + 2);
    f.width = r.in(12, 24);
    f.height = r.one(3) ? f.width * r.in(0.6, 1.6) : f.width;
    f.gap = r.one(3) ? 0 : r.in(0.06, 0.5) * std::min(f.width, f.height);
    const double margin = r.in(4, 14);
    f.low = {margin, margin};
    if (!r.one(4) || f.rows * f.columns > 280) return {f};
    Field g = f;
    g.gap = std::max(2.0, f.gap);
    g.rows = 1 + static_cast<int>(r.below(2));
    g.columns = 5 + static_cast<int>(r.below(5));
    const double apart = r.in(0.6, 1.2) * f.height;
    g.width = std::min(f.width * 1.4, (high(f).x() - f.low.x() - (g.columns - 1) * g.gap) / g.columns);
    g.height = std::clamp(g.width, 0.7 * f.height, 1.4 * f.height);
    g.low = {margin + (r.one(2) ? 0 : 0.3 * f.width), high(f).y() + apart};
    if (g.width < 6) return {f};
    return {f, g};
}

Chart chartOf(unsigned seed, Random& r) {
    constexpr std::array<double, 3> kGrounds{10, 45, 90};
    Chart c;
    c.id = "unknown-" + std::to_string(seed);
    c.name = "Unknown chart " + std::to_string(seed);
    c.source = "made up for measuring how layouts are learned";
    c.surroundLabD50 = {kGrounds[r.below(3)] + r.in(-4, 4), 0, 0, white::d50};
    const auto fields = fieldsFor(r);
    std::size_t patches = 0;
    for (const Field& f : fields) patches += static_cast<std::size_t>(f.rows * f.columns);
    const auto surfaces = generatedReflectances(patches, seed + 60000);
    std::size_t next = 0;
    const Field& first = fields.front();
    const int greyRow = static_cast<int>(r.below(static_cast<unsigned>(first.rows)));
    Point farthest = Point::Zero();
    int line = 0;
    for (const Field& f : fields) {
        farthest = farthest.cwiseMax(high(f));
        for (int row = 0; row < f.rows; ++row, ++line)
            for (int k = 0; k < f.columns; ++k) {
                const bool grey = &f == &first && row == greyRow;
                Patch p;
                p.id = std::string(1, static_cast<char>('A' + line)) + std::to_string(k + 1);
                p.sizeMm = {f.width, f.height};
                p.centreMm = f.low + Point(k * (f.width + f.gap), row * (f.height + f.gap)) + p.sizeMm / 2;
                const Spectrum s = grey ? smoothReflectance({95 - 73.0 * k / (f.columns - 1), r.in(-0.6, 0.6),
                                                             r.in(-0.6, 0.6), white::d50})
                                        : surfaces[next];
                ++next;
                p.reflectance = detail::reflectanceOf(s);
                p.labD50 = labOf(*p.reflectance);
                p.role = grey ? Role::neutral : Role::other;
                c.patches.push_back(std::move(p));
            }
    }
    c.outlineMm = farthest + first.low;
    return c;
}

// As lists are made: row by row, or column by column with names of its own.
ChartColours listOf(const Chart& chart, Random& r) {
    ChartColours out;
    const bool spectra = r.one(2);
    for (const Patch& p : chart.patches)
        out.colours.push_back({p.id, "", p.labD50, spectra ? p.reflectance : std::nullopt});
    if (r.one(3))
        std::stable_sort(out.colours.begin(), out.colours.end(), [&](const auto& a, const auto& b) {
            const Patch &pa = *chart.patch(a.id), &pb = *chart.patch(b.id);
            const bool second = pa.sizeMm != chart.patches.front().sizeMm;
            const bool otherSecond = pb.sizeMm != chart.patches.front().sizeMm;
            if (second != otherSecond) return otherSecond;
            return pa.centreMm.x() < pb.centreMm.x() - 1e-6;
        });
    return out;
}

using Complex = std::complex<double>;

Complex plane(const Point& p) {
    return {p.x(), p.y()};
}

}  // namespace

UnknownChart unknownChart(unsigned seed) {
    Random r(seed * 7919u + 300000);
    UnknownChart out;
    out.stand.chart = chartOf(seed, r);
    out.stand.body = randomBody(seed + 900);
    out.listed = listOf(*out.stand.chart, r);
    Shot& s = out.shot;
    s.file = "unknown-" + std::to_string(seed) + ".png";
    s.light = wideLights()[(seed * 7) % wideLights().size()];
    out.storing = static_cast<Storing>(r.below(4) % 3);
    s.encoding = encodingOf(out.storing);
    s.width = 1800;
    s.height = 1200;
    s.focalLength35mm = r.in(28, 105);
    out.lensKnown = !r.one(4);
    const double patches = static_cast<double>(out.stand.chart->patches.size());
    s.pose.coverage = std::min(0.6, r.in(0.25, 0.45) * std::sqrt(patches / 60 + 0.5));
    s.pose.turnDegrees = r.one(4) ? r.in(-12, 12) + 90.0 * static_cast<double>(r.below(4)) : r.in(-6, 6);
    s.pose.tiltDegrees = r.in(0, 8);
    s.pose.tiltAxisDegrees = r.in(0, 360);
    s.set = static_cast<Set>(r.below(6));
    s.exposure = r.in(0.55, 0.82);
    s.iso = 100 << r.below(3);
    s.falloffStops = r.in(0, 0.2);
    s.falloffDegrees = r.in(0, 360);
    s.vignettingStops = r.in(0, 0.25);
    s.glare = r.in(0, 0.002);
    s.blurPixels = r.in(0.4, 1.0);
    s.seed = seed;
    detail::place(s, *out.stand.chart, r, 45, 0.2);
    return out;
}

double layoutError(const Chart& learned, const Chart& truth) {
    // Centres as complex numbers: the best similarity is one complex factor and a shift.
    std::vector<std::pair<Complex, Complex>> centres;
    double side = 1e30;
    for (const Patch& p : truth.patches) {
        const Patch* l = learned.patch(p.id);
        if (!l || learned.patches.size() != truth.patches.size()) return 1;
        side = std::min(side, p.sizeMm.minCoeff());
        centres.emplace_back(plane(l->centreMm), plane(p.centreMm));
    }
    Complex meanL, meanT, cross;
    double power = 0;
    const double n = static_cast<double>(centres.size());
    for (const auto& [l, t] : centres) {
        meanL += l / n;
        meanT += t / n;
    }
    for (const auto& [l, t] : centres) {
        cross += std::conj(l - meanL) * (t - meanT);
        power += std::norm(l - meanL);
    }
    if (!(power > 0)) return 1;
    const Complex factor = cross / power;
    const auto laid = [&](const Point& p) {
        const Complex c = factor * (plane(p) - meanL) + meanT;
        return Point(c.real(), c.imag());
    };
    double worst = 0;
    for (const Patch& p : truth.patches) {
        const Quad a = learned.patch(p.id)->corners(), b = p.corners();
        // A quarter turn changes which corner is which: the nearest is meant.
        for (const Point& corner : a) {
            double nearest = 1e30;
            for (const Point& other : b) nearest = std::min(nearest, (laid(corner) - other).norm());
            worst = std::max(worst, nearest);
        }
    }
    return std::min(1.0, worst / side);
}

}  // namespace refero::sim
