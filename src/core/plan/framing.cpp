// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/framing.h"

#include "core/say/figure.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace refero::plan {
namespace {

constexpr double kSampledShare = 0.6;  // of each side of a patch, as reading does it

Status validate(const View& v) {
    if (!(v.sensorWidthMm > 0 && v.sensorHeightMm > 0 && v.pixelsWide > 0 && v.pixelsHigh > 0))
        return failure(say("The body's sensor has no size; enter it in the kit."));
    if (!(v.focalLengthMm >= 1 && v.focalLengthMm <= 3000))
        return failure(sayf("The focal length is %g mm; it must be 1 to 3000.", v.focalLengthMm));
    if (!(v.distanceM > 0 && v.distanceM <= 10000))
        return failure(sayf("The distance is %g m; it must be above 0, to 10000.", v.distanceM));
    return {};
}

// Zero inside the limits, growing with every ratio by which one is missed.
double fault(const Framing& f, const FramingLimits& l) {
    const auto over = [](double value, double limit) { return std::max(0.0, std::log(value / limit)); };
    return over(l.leastSharePercent, f.sharePercent) + over(f.sharePercent, l.mostSharePercent) +
           over(l.leastPatchPixels, f.patchPixels) + over(f.reachPercent, l.mostReachPercent) +
           (f.fits ? 0 : 10);
}

std::string judged(const Framing& f, const FramingLimits& l) {
    if (!f.fits) return say("Larger than the frame.");
    if (f.patchPixels < l.leastPatchPixels)
        return sayf("Too small: %.0f pixels in the smallest patch, and %.0f are wanted.", f.patchPixels,
                    l.leastPatchPixels);
    if (f.sharePercent < l.leastSharePercent) return sayf("Too small: %.1f %% of the frame.", f.sharePercent);
    if (f.sharePercent > l.mostSharePercent || f.reachPercent > l.mostReachPercent)
        return sayf("Too large: it reaches %.0f %% of the way into the corners, where the lens darkens.",
                    f.reachPercent);
    return sayf("%.0f %% of the frame, %.0f pixels in the smallest patch, clear of the corners.",
                f.sharePercent, f.patchPixels);
}

std::optional<double> distanceForShare(const View& v, const Chart& chart, double scale, double percent) {
    const double sensor = v.sensorWidthMm * v.sensorHeightMm;
    const double area = chart.outlineMm.x() * chart.outlineMm.y() * scale * scale;
    const double m = std::sqrt(percent / 100 * sensor / area);
    if (m > 1) return {};  // beyond life size lenses are made for, not moved to
    return distanceForMagnification(v.focalLengthMm, m);
}

}  // namespace

Result<double> magnification(double focal, double distanceM) {
    const double d = distanceM * 1000;
    if (d < 4 * focal)
        return failure(sayf("At %.2f m a %g mm lens cannot focus: by the thin lens it needs %.2f m at least.",
                            distanceM, focal, 4 * focal / 1000));
    // m + 1/m = d/f - 2: the smaller root is the far one.
    const double b = d / focal - 2;
    return (b - std::sqrt(b * b - 4)) / 2;
}

double distanceForMagnification(double focal, double m) {
    return focal * (2 + m + 1 / m) / 1000;
}

Result<double> fieldWidthMm(const View& v) {
    if (auto ok = validate(v); !ok) return tl::unexpected(ok.error());
    return magnification(v.focalLengthMm, v.distanceM).map([&](double m) { return v.sensorWidthMm / m; });
}

Result<View> viewOfField(View v, double width) {
    if (!(width > 0 && width < 1e7)) return failure(say("The width of the field must be above 0."));
    const double m = v.sensorWidthMm / width;
    if (m > 1)
        return failure(
            sayf("A field of %.0f mm is smaller than the sensor: beyond life size, enter a macro lens's own "
                 "distance.",
                 width));
    v.distanceM = distanceForMagnification(v.focalLengthMm, m);
    if (auto ok = validate(v); !ok) return tl::unexpected(ok.error());
    return v;
}

Result<Framing> framing(const View& v, const Chart& chart, double scale) {
    if (auto ok = validate(v); !ok) return tl::unexpected(ok.error());
    const auto m = magnification(v.focalLengthMm, v.distanceM);
    if (!m) return tl::unexpected(m.error());
    const Point image = chart.outlineMm * scale * *m;
    Framing f;
    f.widthShare = image.x() / v.sensorWidthMm;
    f.heightShare = image.y() / v.sensorHeightMm;
    f.sharePercent = 100 * image.x() * image.y() / (v.sensorWidthMm * v.sensorHeightMm);
    f.reachPercent = 100 * image.norm() / std::hypot(v.sensorWidthMm, v.sensorHeightMm);
    f.fits = image.x() <= v.sensorWidthMm && image.y() <= v.sensorHeightMm;
    const double perMm = std::min(v.pixelsWide / v.sensorWidthMm, v.pixelsHigh / v.sensorHeightMm);
    f.patchPixels = 1e18;
    for (const Patch& p : chart.patches)
        f.patchPixels = std::min(f.patchPixels, (p.sizeMm * scale * *m * perMm * kSampledShare).prod());
    return f;
}

Result<View> viewOf(const Setup& setup, const Kit& kit) {
    const Body* body = kit.body(setup.conditions.body);
    const Lens* lens = kit.lens(setup.conditions.lens);
    if (!body) return failure(say("Say which body, and the framing can be worked out."));
    if (!lens) return failure(say("Say which lens, and the framing can be worked out."));
    if (setup.distanceM <= 0)
        return failure(
            say("Say how far the subject is, or how wide the field, and the framing can be worked out."));
    const double focal = setup.focalLengthMm > 0 ? setup.focalLengthMm : lens->shortestMm;
    return View{body->sensorWidthMm, body->sensorHeightMm, body->pixelsWide, body->pixelsHigh, focal,
                setup.distanceM};
}

std::vector<Candidate> candidatesOf(const Kit& kit, const std::vector<Chart>& charts) {
    std::vector<Candidate> out;
    for (const ChartCopy& copy : kit.charts)
        for (const Chart& chart : charts)
            if (chart.id == copy.chart) out.push_back({&copy, &chart});
    return out;
}

Result<Recommendation> recommend(const View& v, const std::vector<Candidate>& candidates,
                                 const FramingLimits& limits) {
    Recommendation r;
    for (const Candidate& c : candidates) {
        const auto here = framing(v, *c.chart, c.copy->scale);
        if (!here) return tl::unexpected(here.error());
        Advice a{c.copy->id, *here, fault(*here, limits) == 0, judged(*here, limits), {}};
        a.betterDistanceM = distanceForShare(v, *c.chart, c.copy->scale, limits.idealSharePercent);
        r.copies.push_back(std::move(a));
    }
    if (r.copies.empty()) return failure(say("There is no chart in the kit; enter the copies you own."));
    // Among good ones, what comes nearest to the ideal share; among others, what misses least.
    const auto rank = [&](const Advice& a) {
        return std::pair(fault(a.here, limits),
                         std::abs(std::log(a.here.sharePercent / limits.idealSharePercent)));
    };
    std::stable_sort(r.copies.begin(), r.copies.end(),
                     [&](const Advice& a, const Advice& b) { return rank(a) < rank(b); });
    const Advice& best = r.copies.front();
    const auto label = [&](const Advice& a) {
        for (const Candidate& c : candidates)
            if (c.copy->id == a.copy) return c.copy->label;
        return std::string();
    };
    r.any = best.good;
    if (best.good) {
        r.message = say("Take %1: %2 % of the frame from %3 m.", label(best),
                        figure("%.0f", best.here.sharePercent), figure("%.2f", v.distanceM));
    } else if (best.betterDistanceM) {
        r.message = say("No chart in the kit fits at %1 m. Nearest is %2: shoot it from %3 m.",
                        figure("%.2f", v.distanceM), label(best), figure("%.2f", *best.betterDistanceM));
    } else {
        r.message = sayf("No chart in the kit fits at %.2f m; a smaller one is needed.", v.distanceM);
    }
    return r;
}

}  // namespace refero::plan
