// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/flat_field.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "core/numeric/statistics.h"
#include "core/say/say.h"

namespace refero {
namespace {

constexpr double kMostStep = 0.25;  // stops between neighbouring cells of a card that is one

}  // namespace

Result<FlatField> FlatField::from(const LinearImage& card) {
    if (card.width() < 4 * kColumns || card.height() < 4 * kRows)
        return failure(say("The flat-field frame is too small: it needs 96 x 64 pixels at least."));
    FlatField f;
    f.cells_.resize(static_cast<std::size_t>(kColumns) * kRows);
    tbb::parallel_for(0, kColumns * kRows, [&](int k) {
        const int i = k % kColumns, j = k / kColumns;
        const int x0 = i * card.width() / kColumns, x1 = (i + 1) * card.width() / kColumns;
        const int y0 = j * card.height() / kRows, y1 = (j + 1) * card.height() / kRows;
        const int step = std::max(1, (x1 - x0) / 48);
        std::array<std::vector<float>, 3> values;
        for (int y = y0; y < y1; y += step)
            for (int x = x0; x < x1; x += step)
                for (std::size_t c = 0; c < 3; ++c) values[c].push_back(card.pixel(x, y)[c]);
        Vector3& out = f.cells_[static_cast<std::size_t>(k)];
        for (std::size_t c = 0; c < 3; ++c)
            out(static_cast<Eigen::Index>(c)) = numeric::medianOf(std::span(values[c]));
    });
    Vector3 most = Vector3::Zero();
    for (const Vector3& c : f.cells_) {
        if (!c.allFinite() || c.minCoeff() < 0.002) return failure(say("The flat-field frame is too dark."));
        if (c.maxCoeff() > 0.985)
            return failure(say("The flat-field frame is clipped; expose it as a light grey."));
        most = most.cwiseMax(c);
    }
    for (int k = 0; k < kColumns * kRows; ++k) {
        const double here = f.cells_[static_cast<std::size_t>(k)].y();
        const auto apart = [&](int other) {
            return std::abs(std::log2(f.cells_[static_cast<std::size_t>(other)].y() / here)) > kMostStep;
        };
        if ((k % kColumns + 1 < kColumns && apart(k + 1)) ||
            (k / kColumns + 1 < kRows && apart(k + kColumns)))
            return failure(
                say("This frame shows more than a plain card: its brightness jumps. Fill the frame with a "
                    "grey or white card, out of focus."));
    }
    for (Vector3& c : f.cells_) c = c.cwiseQuotient(most);
    return f;
}

Vector3 FlatField::at(double x, double y) const {
    const double fx = std::clamp(x * kColumns - 0.5, 0.0, kColumns - 1.001),
                 fy = std::clamp(y * kRows - 0.5, 0.0, kRows - 1.001);
    const int i = static_cast<int>(fx), j = static_cast<int>(fy);
    const double u = fx - i, v = fy - j;
    const auto cell = [&](int a, int b) -> const Vector3& {
        return cells_[static_cast<std::size_t>(b * kColumns + a)];
    };
    return (cell(i, j) * (1 - u) + cell(i + 1, j) * u) * (1 - v) +
           (cell(i, j + 1) * (1 - u) + cell(i + 1, j + 1) * u) * v;
}

double FlatField::cornerStops() const {
    const double corners = (at(0, 0).y() + at(1, 0).y() + at(0, 1).y() + at(1, 1).y()) / 4;
    return std::log2(at(0.5, 0.5).y() / corners);
}

void takeOutFlatField(Reading& reading, const FlatField& field) {
    for (PatchReading& p : reading.patches) {
        const Vector3 gain =
            field.at(p.centre.x() / reading.width, p.centre.y() / reading.height).cwiseInverse();
        p.rgb = p.rgb.cwiseProduct(gain);
        p.deviation = p.deviation.cwiseProduct(gain);
        p.covariance = gain.asDiagonal() * p.covariance * gain.asDiagonal();
    }
    reading.lightTakenOut.flatField = true;
}

void takeOutFlatField(std::span<BackgroundSample> ground, const Reading& reading, const FlatField& field) {
    const auto map = fitHomography(reading.chart.outline(), reading.corners);
    if (!map) return;
    for (BackgroundSample& g : ground) {
        const Point at = (*map)(g.mm);
        const Vector3 gain = field.at(at.x() / reading.width, at.y() / reading.height).cwiseInverse();
        g.rgb = g.rgb.cwiseProduct(gain);
        g.noise *= gain.y();
    }
}

}  // namespace refero
