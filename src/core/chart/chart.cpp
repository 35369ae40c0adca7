// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/chart/chart.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>
#include <set>

#include "core/colour/adaptation.h"
#include "core/colour/lab.h"
#include "core/say/say.h"
#include "core/spectra/observer.h"

namespace refero {
namespace {

// A grey of another spectrum than a flat one is coloured for every other camera.
constexpr std::size_t kEnoughGreys = 4;
constexpr double kGreyChroma = 1.5, kGreyRipple = 0.08;

bool seenGreyByAll(const Patch& p) {
    if (std::hypot(p.labD50.a, p.labD50.b) > kGreyChroma) return false;
    if (!p.reflectance) return true;
    const Spectrum s = p.reflectance->spectrum();
    double sum = 0, squares = 0, n = 0;
    for (std::size_t i = 0; i < Spectrum::size; ++i) {
        const double nm = Spectrum::wavelength(i);
        if (nm < 430 || nm > 670) continue;
        sum += s[i];
        squares += s[i] * s[i];
        ++n;
    }
    const double mean = sum / n;
    return squares / n - mean * mean < kGreyRipple * kGreyRipple * mean * mean;
}

constexpr std::array<std::string_view, 9> kRoles{word("neutral"), word("skin"),    word("foliage"),
                                                 word("sky"),     word("primary"), word("secondary"),
                                                 word("warm"),    word("cool"),    word("other")};

bool finite(const Lab& v) {
    return std::isfinite(v.L) && std::isfinite(v.a) && std::isfinite(v.b);
}

Status validatePatch(const Chart& chart, const Patch& p) {
    const std::string who = say("Patch %1 of chart %2", p.id, chart.id);
    if (!finite(p.labD50) || p.labD50.L < 0 || p.labD50.L > 120)
        return failure(say("%1: lab_d50 must be three finite numbers with L* from 0 to 120.", who));
    if (!(p.sizeMm.allFinite() && p.sizeMm.minCoeff() > 0))
        return failure(say("%1: size_mm must be above 0.", who));
    const Point low = p.centreMm - p.sizeMm / 2, high = p.centreMm + p.sizeMm / 2;
    if (!p.centreMm.allFinite() || low.minCoeff() < -1e-6 || high.x() > chart.outlineMm.x() + 1e-6 ||
        high.y() > chart.outlineMm.y() + 1e-6)
        return failure(say("%1: lies outside outline_mm.", who));
    if (p.reflectance) {
        const auto& r = *p.reflectance;
        if (r.values.size() < 2 || !(r.stepNm > 0) || !(r.startNm > 0))
            return failure(
                say("%1: reflectance needs start_nm, step_nm above 0 and at least two values.", who));
        for (double v : r.values)
            if (!(v >= 0 && v <= 3)) return failure(say("%1: a reflectance value is outside 0 to 3.", who));
    }
    return {};
}

bool overlap(const Patch& a, const Patch& b) {
    const Point gap = (a.centreMm - b.centreMm).cwiseAbs() - (a.sizeMm + b.sizeMm) / 2;
    return gap.maxCoeff() < -0.01;
}

}  // namespace

std::string_view name(Role role) {
    return kRoles[static_cast<std::size_t>(role)];
}

Result<Role> roleByName(std::string_view wanted) {
    const auto it = std::find(kRoles.begin(), kRoles.end(), wanted);
    if (it == kRoles.end())
        return failure(
            say("\"%1\" is not a role; known are neutral, skin, foliage, sky, primary, secondary, warm, cool "
                "and other.",
                wanted));
    return static_cast<Role>(it - kRoles.begin());
}

Quad Patch::corners(double inset) const {
    const Point h = sizeMm * inset / 2;
    return {centreMm - h, centreMm + Point(h.x(), -h.y()), centreMm + h, centreMm + Point(-h.x(), h.y())};
}

Quad Chart::outline() const {
    return {Point(0, 0), Point(outlineMm.x(), 0), outlineMm, Point(0, outlineMm.y())};
}

const Patch* Chart::patch(std::string_view patchId) const {
    const auto it =
        std::find_if(patches.begin(), patches.end(), [&](const Patch& p) { return p.id == patchId; });
    return it == patches.end() ? nullptr : &*it;
}

bool Patch::fluorescent() const {
    constexpr double kAbove = 1.01;  // an instrument's own error
    return reflectance && std::any_of(reflectance->values.begin(), reflectance->values.end(),
                                      [](double v) { return v > kAbove; });
}

std::vector<std::size_t> Chart::neutrals() const {
    std::vector<std::size_t> sure, all;
    for (std::size_t i = 0; i < patches.size(); ++i) {
        if (patches[i].role != Role::neutral) continue;
        all.push_back(i);
        if (seenGreyByAll(patches[i])) sure.push_back(i);
    }
    std::vector<std::size_t>& out = sure.size() >= kEnoughGreys ? sure : all;
    std::stable_sort(out.begin(), out.end(), [this](std::size_t a, std::size_t b) {
        return patches[a].labD50.L > patches[b].labD50.L;
    });
    return out;
}

Status validate(const Chart& chart) {
    if (chart.patches.empty()) return failure(say("Chart %1 has no patches.", chart.id));
    if (chart.patches.size() > 5000) return failure(say("Chart %1 has more than 5000 patches.", chart.id));
    if (!(chart.outlineMm.allFinite() && chart.outlineMm.minCoeff() > 0))
        return failure(say("Chart %1: outline_mm must be two numbers above 0.", chart.id));
    if (!finite(chart.surroundLabD50))
        return failure(say("Chart %1: surround_lab_d50 is not finite.", chart.id));
    std::set<std::string> ids;
    for (const Patch& p : chart.patches) {
        if (p.id.empty()) return failure(say("Chart %1: a patch has no id.", chart.id));
        if (!ids.insert(p.id).second)
            return failure(say("Chart %1: patch id %2 occurs twice.", chart.id, p.id));
        if (auto s = validatePatch(chart, p); !s) return s;
    }
    for (std::size_t i = 0; i < chart.patches.size(); ++i)
        for (std::size_t j = i + 1; j < chart.patches.size(); ++j)
            if (overlap(chart.patches[i], chart.patches[j]))
                return failure(say("Chart %1: patches %2 and %3 overlap.", chart.id, chart.patches[i].id,
                                   chart.patches[j].id));
    return {};
}

Xyz referenceXyzD50(const Patch& patch, const Spectrum& light) {
    if (!patch.reflectance) return toXyz(patch.labD50);
    const Xyz seen = reflectedXyz(patch.reflectance->spectrum(), light);
    const Matrix3 toD50 = adaptation(Adaptation::cat16, lightXyz(light), whiteXyz(white::d50));
    return Xyz::from(toD50 * seen.vector());
}

Xyz referenceXyzD50(const Patch& patch) {
    return toXyz(patch.labD50);
}

}  // namespace refero
