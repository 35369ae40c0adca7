// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/light_field.h"

#include <algorithm>
#include <cmath>

#include "core/read/detail/light_places.h"

namespace refero {
namespace {

using namespace detail;

constexpr double kMirrored = 0.012;  // of white: what a mirror image adds to a patch that it lies on
constexpr double kExplained = 0.03;  // of the places, by smooth light, for nothing else to be looked for
// Of what smooth light leaves without it, at most, where a tone curve is taken for likely; a shadow or a lamp
// must not explain as much.
constexpr double kToneExplains = 0.6;
constexpr double kToneAsked = 0.5;  // places that do not fit, for a tone curve to be asked

/// How far a place may be from the colour that is expected there. Set where the surveys' careful and mistaken
/// shots part.
struct MisfitLimits {
    double grey = 0.09, ground = 0.30, colour = 0.25;  ///< share of the expected
    double floor = 0.008, colourFloor = 0.035;         ///< share of white
    /// A saturated patch is foretold no better than this by a 3x3, for some sensors and lights: a share a
    /// unit of chroma above 20, of its own strongest channel.
    double byChroma = 0.004;
    double grossly =
        4;  ///< times the limit, which no camera's view of the patch explains; twice that no look
    double texture =
        0.012;  ///< of blotches in the patch, which make a misfit one of something that lies there
    double rejected = 0.03;  ///< the same, of pixels
};
constexpr MisfitLimits kMisfit;

struct Misfit {
    Vector3 off;  // from what is expected, as a share of white
    double noise;
    double excess;  // times the limit, in the worst channel
    double mean;    // in all
};

Misfit misfitOf(const ChartLight& light, const LightPlace& p, const Reading& reading) {
    const double gain = std::exp2(light.at(p.mm));
    const Vector3 expected =
        ((light.xyzToRgb * p.xyz).cwiseQuotient(light.white).array() + light.mirroredAt(p.mm)).matrix() *
            gain +
        light.flare.cwiseQuotient(light.white);
    const bool colour = p.kind == PlaceKind::colour;
    const double share = colour                        ? kMisfit.colour
                         : p.kind == PlaceKind::ground ? kMisfit.ground
                                                       : kMisfit.grey;
    Misfit m;
    m.off = p.rgb.cwiseQuotient(light.white) - expected;
    m.noise = 4 * p.noise / light.white.y();
    Vector3 limit =
        (expected.cwiseAbs() * share).array() + (colour ? kMisfit.colourFloor : kMisfit.floor) + m.noise;
    if (colour) {
        const Lab& lab = reading.chart.patches[p.patch].labD50;
        const double chroma = std::max(0.0, std::hypot(lab.a, lab.b) - 20);
        limit.array() += kMisfit.byChroma * chroma * expected.cwiseAbs().maxCoeff();
    }
    const Vector3 excess = m.off.cwiseAbs().cwiseQuotient(limit);
    m.excess = excess.maxCoeff();
    m.mean = excess.mean();
    return m;
}

// Something else lies there, or the light's mirror image: told by the colour of what is too much. A camera
// may see a colour quite unlike what a 3x3 foretells; so a colour that misfits needs a witness that something
// lies there: an edge or a texture in the patch, or something on the ground or the greys beside it.
void sortOut(ChartLight& light, const std::vector<LightPlace>& places, const Reading& reading, bool toned) {
    std::vector<Point> witnesses;
    std::vector<std::size_t> suspects;
    double patchMm = 0;
    for (const Patch& p : reading.chart.patches) patchMm = std::max(patchMm, p.sizeMm.maxCoeff());
    for (const LightPlace& p : places) {
        const Misfit m = misfitOf(light, p, reading);
        const double least = m.off.minCoeff(), most = m.off.maxCoeff();
        // A mirror image adds the light's colour, which is white in these units.
        const bool shine = least > 0.012 + m.noise && most < 1.6 * least &&
                           (p.kind == PlaceKind::ground ? m.mean > 0.7 : m.mean > 1);
        if (shine) {
            light.specularShare = std::max(light.specularShare, m.off.mean());
            if (p.kind == PlaceKind::ground)
                light.specularMm.push_back(p.mm);
            else
                light.specular.push_back(p.patch);
        } else if (m.excess > 1) {
            if (p.kind == PlaceKind::ground) {
                light.coveredMm.push_back(p.mm);
                witnesses.push_back(p.mm);
                continue;
            }
            const PatchReading& patch = reading.patches[p.patch];
            const bool grossly = m.excess > (toned ? 2 : 1) * kMisfit.grossly;
            if (p.kind == PlaceKind::grey || grossly || patch.blotch > kMisfit.texture ||
                patch.rejected > kMisfit.rejected) {
                light.covered.push_back(p.patch);
                witnesses.push_back(p.mm);
            } else {
                suspects.push_back(p.patch);
            }
        }
    }
    for (const std::size_t i : suspects) {
        const Patch& patch = reading.chart.patches[i];
        const bool beside = std::any_of(witnesses.begin(), witnesses.end(), [&](const Point& mm) {
            const Point away = (mm - patch.centreMm).cwiseAbs() - patch.sizeMm / 2;
            return away.maxCoeff() < 0.75 * patchMm;
        });
        if (beside) light.covered.push_back(i);
    }
    std::sort(light.covered.begin(), light.covered.end());
    if (!light.lobe) return;
    light.specularShare = std::max(light.specularShare, light.lobe->level);
    for (std::size_t i = 0; i < reading.chart.patches.size(); ++i)
        if (light.lobe->at(reading.chart.patches[i].centreMm) > kMirrored &&
            std::find(light.covered.begin(), light.covered.end(), i) == light.covered.end())
            light.specular.push_back(i);
    std::sort(light.specular.begin(), light.specular.end());
    light.specular.erase(std::unique(light.specular.begin(), light.specular.end()), light.specular.end());
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

double enough(const std::vector<LightPlace>& places) {
    return kExplained * static_cast<double>(places.size()) + 1;
}

// Smooth light first. Where that leaves much unexplained: with a shadow's edge, with a lamp mirrored in the
// chart; whichever leaves less.
struct Explained {
    ChartLight light;
    double cost = 0;        // places that do not fit
    double smoothCost = 0;  // the same, by smooth light alone
    bool toned = false;     // the picture has a tone curve of its own, and bends colours as it likes
};
std::optional<Explained> explained(const Chart& chart, std::vector<LightPlace>& places) {
    ChartLight rough = roughLight(chart, places);
    if (!rough.xyzToRgb.allFinite()) return {};
    ChartLight smooth = rough;
    const double smoothCost = polish(smooth, places, chart);
    if (smoothCost < enough(places)) return Explained{smooth, smoothCost, smoothCost};
    std::vector<LightPlace> shadowed = places;
    roughLight(chart, shadowed);
    ChartLight withEdge = rough;
    double edgeCost = 1e300;
    if (findShadow(withEdge, shadowed)) edgeCost = polish(withEdge, shadowed, chart);
    std::vector<LightPlace> mirrored = places;
    const auto withLobe = withMirrorImage(rough, mirrored, chart, std::min(smoothCost, edgeCost));
    if (withLobe) {
        places = std::move(mirrored);
        ChartLight light = *withLobe;
        const double cost = polish(light, places, chart, 1);
        return Explained{light, cost, smoothCost};
    }
    if (edgeCost >= 1e300) return Explained{smooth, smoothCost, smoothCost};
    places = std::move(shadowed);
    return Explained{withEdge, edgeCost, smoothCost};
}

// A finished picture's contrast is no light on the chart, and nothing that lies there.
std::optional<Explained> explainedWithTone(const Reading& reading, std::vector<LightPlace>& places) {
    const std::vector<LightPlace> asSeen = places;
    const auto plain = explained(reading.chart, places);
    if (!plain || reading.encoding == Transfer(Encoding::linear) || plain->cost < kToneAsked) return plain;
    auto straight = withoutTone(asSeen, reading.chart);
    if (!straight) return plain;
    auto toned = explained(reading.chart, *straight);
    if (!toned || toned->smoothCost > kToneExplains * plain->smoothCost ||
        toned->cost > plain->cost - kToneAsked)
        return plain;
    places = *std::move(straight);
    toned->toned = true;
    return toned;
}

}  // namespace

std::optional<ChartLight> lightOn(const Reading& reading, std::span<const BackgroundSample> ground) {
    auto places = placesOf(reading, ground);
    const auto greys = std::count_if(places.begin(), places.end(),
                                     [](const LightPlace& p) { return p.kind == PlaceKind::grey; });
    const auto patches = std::count_if(places.begin(), places.end(),
                                       [](const LightPlace& p) { return p.kind != PlaceKind::ground; });
    if (greys < 4 || patches < 6) return {};
    const auto fitted = explainedWithTone(reading, places);
    if (!fitted) return {};
    ChartLight light = fitted->light;
    light.flareShare = light.flare.y() / light.white.y();
    findRange(light, reading.chart);
    sortOut(light, places, reading, fitted->toned);
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
