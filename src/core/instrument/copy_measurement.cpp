// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/copy_measurement.h"

#include <algorithm>
#include <cmath>

#include "core/chart/chart_data.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/say/say.h"

namespace refero {
Reflectance CopyMeasurement::Mean::value() const {
    Reflectance r = sum;
    for (double& v : r.values) v /= count;
    return r;
}

CopyMeasurement::CopyMeasurement(Chart design) : design_(std::move(design)), means_(design_.patches.size()) {}

Result<CopyMeasurement::Taken> CopyMeasurement::add(std::size_t patch, const Reflectance& r) {
    if (patch >= means_.size()) return failure(say("The chart has no such patch."));
    const bool possible = r.values.size() >= 10 && r.stepNm > 0 &&
                          std::all_of(r.values.begin(), r.values.end(),
                                      [](double v) { return std::isfinite(v) && v > -0.02 && v < 1.5; });
    if (!possible)
        return failure(
            say("The instrument gave no proper reflectance. Put it on its tile and measure again."));
    auto& mean = means_[patch];
    if (!mean) {
        mean = Mean{r, 1};
        return Taken::first;
    }
    if (mean->sum.values.size() != r.values.size() || mean->sum.startNm != r.startNm ||
        mean->sum.stepNm != r.stepNm)
        return failure(
            say("The instrument measures at other wavelengths than before. Begin this copy anew."));
    if (ciede2000(labOf(mean->value()), labOf(r)) > kRepeat) {
        mean = Mean{r, 1};
        return Taken::anew;
    }
    for (std::size_t i = 0; i < r.values.size(); ++i) mean->sum.values[i] += r.values[i];
    ++mean->count;
    return Taken::averaged;
}

void CopyMeasurement::remove(std::size_t patch) {
    if (patch < means_.size()) means_[patch].reset();
}

std::size_t CopyMeasurement::measured() const {
    return static_cast<std::size_t>(
        std::count_if(means_.begin(), means_.end(), [](const auto& m) { return m.has_value(); }));
}

std::optional<std::size_t> CopyMeasurement::next(std::size_t after) const {
    for (std::size_t k = 0; k < means_.size(); ++k)
        if (const std::size_t i = (after + k) % means_.size(); !means_[i]) return i;
    return {};
}

std::optional<Lab> CopyMeasurement::labD50(std::size_t patch) const {
    if (patch >= means_.size() || !means_[patch]) return {};
    return labOf(means_[patch]->value());
}

std::optional<double> CopyMeasurement::difference(std::size_t patch) const {
    const auto lab = labD50(patch);
    if (!lab) return {};
    return ciede2000(*lab, toLab(referenceXyzD50(design_.patches[patch]), white::d50));
}

Result<Chart> CopyMeasurement::chart(const std::string& source) const {
    if (const auto missing = next())
        return failure(say("Patch %1 is not measured yet.", design_.patches[*missing].id));
    Chart out = design_;
    out.source = source;
    for (std::size_t i = 0; i < out.patches.size(); ++i) {
        Reflectance r = means_[i]->value();
        for (double& v : r.values) v = std::clamp(v, 0.0, 1.0);
        out.patches[i].reflectance = r;
        out.patches[i].labD50 = labOf(r);
    }
    return out;
}

}  // namespace refero
