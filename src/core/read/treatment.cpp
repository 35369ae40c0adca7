// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/treatment.h"

#include "core/say/say.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace refero {
namespace {

/// When a treatment is worth its own error. Set on simulated frames (docs/survey.md).
struct TreatmentLimits {
    double clipped = 0.01;       ///< share of a patch's pixels
    double rejected = 0.08;      ///< of a patch's pixels
    double black = 0.004;        ///< of a display's signal; a code of 8 bits: what is there was below it
    double aboveNoise = 3;       ///< a pixel's signal, for its patch to tell anything
    double blotch = 0.06;        ///< of a patch's level
    double crossedStops = 0.03;  ///< over a patch, at a shadow's edge
    double leastStops = 0.01;    ///< of uneven light, root mean square over the patches
    double leastFlare = 0.0005;  ///< share of the perfect diffuser
    double certainty = 3;        ///< standard errors that a treatment must amount to
    double mirrorShape = 0.2;    ///< of a mirror image, that its model misses; standard deviation
    std::size_t leastGreys = 4;  ///< that must remain
    double leastShare = 0.5;     ///< of the patches that must remain
};
constexpr TreatmentLimits kLimits;

std::vector<std::string> idsOf(const Reading& r, const std::vector<std::size_t>& patches) {
    std::vector<std::string> out;
    for (const std::size_t i : patches) out.push_back(r.patches[i].id);
    return out;
}

// Between the corners of a patch, at the shadow's edge; stops.
double edgeOver(const Reading& r, std::size_t patch) {
    const Quad q = r.chart.patches[patch].corners();
    const auto side = [&](const Point& c) { return std::abs(r.light->shadow->at(c)); };
    const auto [low, high] = std::minmax({side(q[0]), side(q[1]), side(q[2]), side(q[3])});
    return high - low;
}

// Saturated colours outside the gamut of a picture have a channel at 0, whatever they were.
std::vector<std::size_t> cutAtBlack(const Reading& r) {
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < r.patches.size(); ++i) {
        const Vector3& rgb = r.patches[i].rgb;
        const double least = r.encoding.encode(rgb.minCoeff()), most = r.encoding.encode(rgb.maxCoeff());
        if (least - r.encoding.encode(0) < kLimits.black && most - r.encoding.encode(0) > 0.1)
            out.push_back(i);
    }
    return out;
}

class Treating {
  public:
    Treating(Reading reading, TreatmentTarget target) : out_{std::move(reading), {}}, target_(target) {}

    TreatedReading run() {
        Reading& r = out_.reading;
        leaveOut(TreatmentKind::covered, coveredPatches(r));
        if (r.light) leaveOut(TreatmentKind::specular, r.light->specular);
        noteClipped();
        if (r.encoding != Encoding::linear && target_ == TreatmentTarget::reference)
            leaveOut(TreatmentKind::clipped, cutAtBlack(r));
        // The most crossed first: where some must stay, they are the least.
        auto crossed = shadowEdgePatches(r);
        std::stable_sort(crossed.begin(), crossed.end(),
                         [&](std::size_t a, std::size_t b) { return edgeOver(r, a) > edgeOver(r, b); });
        leaveOut(TreatmentKind::shadowEdge, crossed);
        if (!r.light) return std::move(out_);
        const bool light = !r.lightTakenOut.chart && lightHelps(), flare = flareHelps();
        for (std::size_t i = 0; i < r.patches.size(); ++i) treat(i, light, flare);
        if (light) noteLight();
        if (flare) {
            note({TreatmentKind::flare,
                  {},
                  r.light->flareShare,
                  r.light->flareError.y() / r.light->white.y()});
            r.light->flare.setZero();
            r.light->flareShare = 0;
        }
        r.light->lobe.reset();  // what is taken out is not there any more
        return std::move(out_);
    }

  private:
    // One line a kind.
    void note(Treatment t) {
        for (Treatment& same : out_.treatments)
            if (same.kind == t.kind) {
                same.patches.insert(same.patches.end(), t.patches.begin(), t.patches.end());
                return;
            }
        out_.treatments.push_back(std::move(t));
    }

    std::size_t remaining(bool greysAlone) const {
        std::size_t n = 0;
        for (std::size_t i = 0; i < out_.reading.patches.size(); ++i) {
            const PatchReading& p = out_.reading.patches[i];
            if (p.leftOut || p.clipped > kLimits.clipped) continue;
            n += !greysAlone || out_.reading.chart.patches[i].role == Role::neutral;
        }
        return n;
    }

    // As many as may be missed, in the chart's order.
    void leaveOut(TreatmentKind kind, const std::vector<std::size_t>& patches) {
        std::vector<std::size_t> done;
        const auto least = static_cast<std::size_t>(
            std::ceil(kLimits.leastShare * static_cast<double>(out_.reading.patches.size())));
        for (const std::size_t i : patches) {
            PatchReading& p = out_.reading.patches[i];
            if (p.leftOut || p.clipped > kLimits.clipped) continue;
            const bool grey = out_.reading.chart.patches[i].role == Role::neutral;
            if (remaining(false) <= least || (grey && remaining(true) <= kLimits.leastGreys)) continue;
            p.leftOut = true;
            done.push_back(i);
        }
        std::sort(done.begin(), done.end());
        if (!done.empty()) note({kind, idsOf(out_.reading, done)});
    }

    // Every fit leaves them out anyway; it is only said.
    void noteClipped() {
        std::vector<std::size_t> clipped;
        for (std::size_t i = 0; i < out_.reading.patches.size(); ++i)
            if (!out_.reading.patches[i].leftOut && out_.reading.patches[i].clipped > kLimits.clipped)
                clipped.push_back(i);
        if (!clipped.empty()) note({TreatmentKind::clipped, idsOf(out_.reading, clipped)});
    }

    double errorStops(std::size_t i) const {
        const ChartLight& l = *out_.reading.light;
        return i < l.errorStops.size() ? l.errorStops[i] : l.residualStops;
    }

    // What is taken out must be clearly more than what is put in.
    bool lightHelps() const {
        const Reading& r = out_.reading;
        if (r.light->shadow) return true;
        double field = 0, error = 0;
        for (std::size_t i = 0; i < r.patches.size(); ++i) {
            field += std::pow(r.light->field.at(r.chart.patches[i].centreMm), 2);
            error += std::pow(errorStops(i), 2);
        }
        const double n = static_cast<double>(r.patches.size());
        field = std::sqrt(field / n);
        return field > kLimits.leastStops && field > std::sqrt(error / n) * kLimits.certainty / 2;
    }
    bool flareHelps() const {
        const ChartLight& l = *out_.reading.light;
        return l.flareShare > kLimits.leastFlare && l.flareError.y() > 0 &&
               l.flare.y() > kLimits.certainty * l.flareError.y();
    }

    void treat(std::size_t i, bool light, bool flare) {
        Reading& r = out_.reading;
        PatchReading& p = r.patches[i];
        const ChartLight& l = *r.light;
        const Point& mm = r.chart.patches[i].centreMm;
        const double lit = r.lightTakenOut.chart ? 1 : meanLight(i), gain = light ? 1 / lit : 1;
        const Vector3 mirrored = l.white * (l.mirroredAt(mm) * lit);
        const Vector3 through = (p.rgb - l.flare - mirrored) * gain;
        p.rgb = flare ? through : Vector3(through + l.flare);
        p.deviation *= gain;
        p.covariance *= gain * gain;
        const Vector3 byLight =
            light ? Vector3(through * (std::numbers::ln2 * errorStops(i))) : Vector3(0, 0, 0);
        const Vector3 byFlare = flare ? Vector3(l.flareError * gain) : Vector3(0, 0, 0);
        const Vector3 byMirror = mirrored * (gain * kLimits.mirrorShape);
        p.treatmentError = (byLight.cwiseAbs2() + byFlare.cwiseAbs2() + byMirror.cwiseAbs2()).cwiseSqrt();
    }

    // Over the patch's inner half, which is what was measured: an edge may cross it.
    double meanLight(std::size_t i) const {
        const Reading& r = out_.reading;
        const Patch& p = r.chart.patches[i];
        if (!r.light->shadow) return std::exp2(r.light->at(p.centreMm));
        constexpr int n = 5;
        double sum = 0;
        for (int k = 0; k < n * n; ++k) {
            const Point offset((k % n + 0.5) / n - 0.5, (k / n + 0.5) / n - 0.5);
            sum += std::exp2(r.light->at(p.centreMm + offset.cwiseProduct(p.sizeMm) / 2)) / (n * n);
        }
        return sum;
    }

    void noteLight() {
        Reading& r = out_.reading;
        const ChartLight& l = *r.light;
        double error = 0;
        for (std::size_t i = 0; i < r.patches.size(); ++i)
            error = std::max(error, r.patches[i].leftOut ? 0 : errorStops(i));
        if (l.shadow) {
            std::vector<std::size_t> inIt;
            for (std::size_t i = 0; i < r.patches.size(); ++i)
                if (l.shadow->at(r.chart.patches[i].centreMm) < -l.shadow->stops / 2) inIt.push_back(i);
            note({TreatmentKind::shadow, idsOf(r, inIt), l.shadow->stops, error});
        }
        if (l.rangeStops > kLimits.leastStops) note({TreatmentKind::unevenLight, {}, l.rangeStops, error});
        r.lightTakenOut.chart = true;
    }

    TreatedReading out_;
    TreatmentTarget target_;
};

}  // namespace

std::string_view name(TreatmentKind kind) {
    constexpr std::array<std::string_view, 7> names{"covered", "specular",     "clipped", "shadow-edge",
                                                    "shadow",  "uneven-light", "flare"};
    return names[static_cast<std::size_t>(kind)];
}

Result<TreatmentKind> treatmentKindByName(std::string_view wanted) {
    for (const TreatmentKind k : kTreatmentKinds)
        if (name(k) == wanted) return k;
    return failure(say("There is no treatment called \"%1\".", wanted));
}

std::vector<std::size_t> shadowEdgePatches(const Reading& r) {
    std::vector<std::size_t> out;
    if (!r.light || !r.light->shadow) return out;
    const double stops = r.light->shadow->stops;
    for (std::size_t i = 0; i < r.patches.size(); ++i) {
        const double over = edgeOver(r, i);
        const bool unsure = i < r.light->errorStops.size() && r.light->errorStops[i] > kLimits.crossedStops &&
                            r.light->errorStops[i] > stops / 20;
        if (over > kLimits.crossedStops || unsure) out.push_back(i);
    }
    return out;
}

std::vector<std::size_t> coveredPatches(const Reading& r) {
    std::vector<std::size_t> out = r.light ? r.light->covered : std::vector<std::size_t>{};
    for (std::size_t i = 0; i < r.patches.size(); ++i) {
        const PatchReading& p = r.patches[i];
        if (p.leftOut || p.clipped > kLimits.clipped || p.signalToNoise().minCoeff() < kLimits.aboveNoise)
            continue;
        if (r.light && r.light->shadow && edgeOver(r, i) > kLimits.crossedStops) continue;
        if (p.rejected > kLimits.rejected || p.blotch > kLimits.blotch) out.push_back(i);
    }
    std::sort(out.begin(), out.end());
    out.erase(std::unique(out.begin(), out.end()), out.end());
    return out;
}

TreatedReading treated(Reading reading, TreatmentTarget target) {
    return Treating(std::move(reading), target).run();
}

}  // namespace refero
