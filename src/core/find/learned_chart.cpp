// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <optional>

#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/find/detail/patch_evidence.h"
#include "core/find/layout.h"
#include "core/say/say.h"

namespace refero {
namespace {

// What the lightest patch is taken for where nothing is known of the colours.
constexpr double kLightestY = 0.88;

// The middle half of a patch: its edges may be blurred.
constexpr double kMiddle = 0.5;

std::optional<Vector3> meanAt(const LinearImage& frame, const Homography& map, const Point& centre,
                              const Point& size) {
    const auto seen = detail::placeSeen(frame, map, centre, size);
    return seen ? std::optional(seen->mean) : std::nullopt;
}

SeenAtPlaces seenAt(const LinearImage& frame, const Homography& map, const std::vector<PatchField>& fields) {
    SeenAtPlaces out;
    for (const PatchField& f : fields)
        for (std::size_t i = 0; i < f.count(); ++i)
            out.push_back(meanAt(frame, map, f.centre(i), f.size * kMiddle));
    return out;
}

// The colour between the patches, or beside them where they touch: the median, since a neighbour shows there.
Vector3 surroundOf(const LinearImage& frame, const LearnedLayout& layout) {
    std::vector<Vector3> seen;
    for (const PatchField& f : layout.fields) {
        const Point beside = f.gapless() ? Point(f.size * 0.62) : Point(f.pitch / 2);
        for (std::size_t i = 0; i < f.count(); ++i)
            for (const double sx : {-1.0, 1.0}) {
                const Point at = f.centre(i) + Point(sx, 1).cwiseProduct(beside);
                const bool within = (at - f.low()).minCoeff() > 0 && (f.high() - at).minCoeff() > 0;
                if (f.gapless() && within) continue;
                if (const auto v = meanAt(frame, layout.chartToFrame, at, f.size * 0.01)) seen.push_back(*v);
            }
    }
    return detail::medianColour(seen);
}

// A field with lines added (or, below 0, taken off) at its left, upper, right and lower side.
PatchField resized(const PatchField& f, int left, int above, int right, int below) {
    PatchField out = f;
    out.columns += left + right;
    out.rows += above + below;
    out.first -= Point(left, above).cwiseProduct(f.pitch);
    return out;
}

// The fields as they were found, and with a line more or less at the rim: a dark row on a dark ground is not
// seen, and something beside the chart may be taken for one.
std::vector<std::vector<PatchField>> candidates(const std::vector<PatchField>& fields) {
    std::vector<std::vector<PatchField>> out{fields};
    for (int bits = 1; bits < 16; ++bits)
        for (const int by : {1, -1}) {
            const auto at = [&](int side) { return bits >> side & 1 ? by : 0; };
            auto others = fields;
            PatchField& f = others.front();
            f = resized(f, at(0), at(1), at(2), at(3));
            if (f.rows >= 1 && f.columns >= 1) out.push_back(std::move(others));
        }
    return out;
}

void turnOnce(Chart& chart) {
    const double height = chart.outlineMm.y();
    for (Patch& p : chart.patches) {
        p.centreMm = {height - p.centreMm.y(), p.centreMm.x()};
        p.sizeMm = {p.sizeMm.y(), p.sizeMm.x()};
    }
    chart.outlineMm = {height, chart.outlineMm.x()};
}

Chart withArrangement(const Arrangement& a, const ChartColours& colours) {
    const FramedFields on = framed(a.fields);
    Chart chart;
    chart.outlineMm = on.outlineMm;
    chart.patches.resize(colours.colours.size());
    std::size_t place = 0;
    for (const PatchField& f : on.fields)
        for (std::size_t i = 0; i < f.count(); ++i, ++place) {
            if (!a.colourAt[place]) continue;
            const auto& c = colours.colours[*a.colourAt[place]];
            Patch& p = chart.patches[*a.colourAt[place]];
            p.id = c.id;
            p.name = c.name;
            p.role = proposedRole(c.labD50);
            p.centreMm = f.centre(i);
            p.sizeMm = f.size;
            p.labD50 = c.labD50;
            p.reflectance = c.reflectance;
        }
    for (int turn = 0; turn < a.quarterTurns; ++turn) turnOnce(chart);
    return sized(chart, kAssumedLongSideMm);
}

Lab surroundLab(const Vector3& xyz) {
    return toLab(Xyz::from(xyz.cwiseMax(1e-4).cwiseMin(1.0)), white::d50);
}

std::string rowLetters(int row) {
    std::string out;
    for (int n = row; n >= 0; n = n / 26 - 1) out.insert(out.begin(), static_cast<char>('A' + n % 26));
    return out;
}

}  // namespace

Chart estimatedChart(const LearnedLayout& layout, const LinearImage& frame) {
    const auto seen = seenAt(frame, layout.chartToFrame, layout.fields);
    // The lightest patch is taken for a grey, and the camera for one that sees as sRGB's primaries do.
    Vector3 lightest(1e-6, 1e-6, 1e-6);
    for (const auto& v : seen)
        if (v && v->sum() > lightest.sum()) lightest = *v;
    static const Matrix3 toXyz50 = rgbToXyzD50(primaries::bt709);
    const auto estimated = [&](const Vector3& v) {
        return surroundLab(kLightestY * (toXyz50 * v.cwiseQuotient(lightest.cwiseMax(1e-6))));
    };
    Chart chart;
    chart.estimatedColours = true;
    chart.outlineMm = layout.outlineMm;
    chart.surroundLabD50 = estimated(surroundOf(frame, layout));
    std::size_t place = 0;
    int row = 0;
    for (const PatchField& f : layout.fields) {
        for (std::size_t i = 0; i < f.count(); ++i, ++place) {
            const int line = static_cast<int>(i) / f.columns, column = static_cast<int>(i) % f.columns;
            Patch p;
            p.id = rowLetters(row + line) + std::to_string(column + 1);
            p.centreMm = f.centre(i);
            p.sizeMm = f.size;
            p.labD50 = estimated(seen[place].value_or(Vector3::Zero()));
            p.role = proposedRole(p.labD50);
            chart.patches.push_back(std::move(p));
        }
        row += f.rows;
    }
    return chart;
}

Result<Chart> chartFrom(const LearnedLayout& layout, const LinearImage& frame, const ChartColours& colours) {
    std::vector<FieldChoice> choices;
    for (auto& fields : candidates(layout.fields)) {
        auto seen = seenAt(frame, layout.chartToFrame, fields);
        choices.push_back({std::move(fields), std::move(seen)});
    }
    const auto arrangement = arranged(choices, colours);
    if (!arrangement) return tl::unexpected(arrangement.error());
    Chart chart = withArrangement(*arrangement, colours);
    chart.surroundLabD50 = surroundLab(arrangement->seenToXyzD50 * surroundOf(frame, layout));
    return chart;
}

Result<Chart> chartFrom(const std::vector<LearnedLayout>& layouts, const LinearImage& frame,
                        const ChartColours& colours) {
    std::vector<const LearnedLayout*> order;
    for (const LearnedLayout& l : layouts) order.push_back(&l);
    std::stable_partition(order.begin(), order.end(), [&](const LearnedLayout* l) {
        return places(l->fields) == colours.colours.size();
    });
    Result<Chart> refused = failure(ErrorKind::notFound, say("No layout was learned."));
    for (std::size_t i = 0; i < order.size(); ++i) {
        auto chart = chartFrom(*order[i], frame, colours);
        if (chart) return chart;
        if (i == 0) refused = std::move(chart);
    }
    return refused;
}

Result<Chart> chartFrom(const Chart& estimated, const ChartColours& colours) {
    FieldChoice choice{fieldsOf(estimated), {}};
    for (const Patch& p : estimated.patches) choice.seen.push_back(toXyz(p.labD50).vector());
    const auto arrangement = arranged({choice}, colours);
    if (!arrangement) return tl::unexpected(arrangement.error());
    Chart chart = withArrangement(*arrangement, colours);
    chart.surroundLabD50 = estimated.surroundLabD50;
    return sized(chart, estimated.outlineMm.maxCoeff());
}

Chart sized(const Chart& chart, double longSideMm) {
    Chart out = chart;
    const double scale = longSideMm / chart.outlineMm.maxCoeff();
    out.outlineMm *= scale;
    for (Patch& p : out.patches) {
        p.centreMm *= scale;
        p.sizeMm *= scale;
    }
    return out;
}

}  // namespace refero
