// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/chart/patch_field.h"

#include <algorithm>
#include <cmath>

namespace refero {
namespace {

bool near(double a, double b, double unit) {
    return std::abs(a - b) < 0.02 * unit;
}

bool alike(const Point& a, const Point& b, const Point& unit) {
    return near(a.x(), b.x(), unit.x()) && near(a.y(), b.y(), unit.y());
}

// How many patches from `begin` on follow each other in one row.
std::size_t rowLength(const std::vector<Patch>& patches, std::size_t begin) {
    const Patch& first = patches[begin];
    std::size_t n = 1;
    double step = 0;
    for (; begin + n < patches.size(); ++n) {
        const Patch& p = patches[begin + n];
        const double ahead = p.centreMm.x() - patches[begin + n - 1].centreMm.x();
        if (!near(p.centreMm.y(), first.centreMm.y(), first.sizeMm.y()) || ahead <= 0) break;
        if (!alike(p.sizeMm, first.sizeMm, first.sizeMm)) break;
        if (n == 1) step = ahead;
        if (!near(ahead, step, step)) break;
    }
    return n;
}

PatchField fieldFrom(const std::vector<Patch>& patches, std::size_t begin) {
    const Patch& first = patches[begin];
    PatchField f;
    f.columns = static_cast<int>(rowLength(patches, begin));
    f.first = first.centreMm;
    f.size = f.pitch = first.sizeMm;
    const auto across = static_cast<std::size_t>(f.columns);
    if (across > 1) f.pitch.x() = patches[begin + 1].centreMm.x() - first.centreMm.x();
    if (begin + across < patches.size())
        if (const double down = patches[begin + across].centreMm.y() - first.centreMm.y(); down > 0)
            f.pitch.y() = down;
    for (f.rows = 1; begin + f.count() + across <= patches.size(); ++f.rows)
        for (std::size_t k = 0; k < across; ++k) {
            const Patch& p = patches[begin + f.count() + k];
            const Point wanted = f.first + Point(static_cast<double>(k), f.rows).cwiseProduct(f.pitch);
            if (!alike(p.centreMm, wanted, f.size) || !alike(p.sizeMm, f.size, f.size)) return f;
        }
    return f;
}

}  // namespace

std::size_t places(const std::vector<PatchField>& fields) {
    std::size_t n = 0;
    for (const PatchField& f : fields) n += f.count();
    return n;
}

FramedFields framed(std::vector<PatchField> fields) {
    Point low(1e30, 1e30), high(-1e30, -1e30);
    double margin = 1e30;
    for (const PatchField& f : fields) {
        low = low.cwiseMin(f.low());
        high = high.cwiseMax(f.high());
        const double gap = f.gapless() ? 0 : (f.pitch - f.size).maxCoeff();
        margin = std::min({margin, gap, 0.3 * f.size.minCoeff()});
    }
    low.array() -= margin;
    high.array() += margin;
    for (PatchField& f : fields) f.first -= low;
    return {std::move(fields), high - low, -low};
}

std::vector<PatchField> fieldsOf(const Chart& chart) {
    std::vector<PatchField> out;
    for (std::size_t next = 0; next < chart.patches.size();) {
        out.push_back(fieldFrom(chart.patches, next));
        next += out.back().count();
        if (out.size() > 4) return {};
    }
    return out;
}

}  // namespace refero
