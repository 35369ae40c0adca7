// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/wide_survey.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/colour/lab.h"
#include "core/spectra/generated_reflectances.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "core/spectra/smooth_reflectance.h"
#include "sim/detail/survey_parts.h"

namespace refero::sim {
namespace {

using detail::Random;

Role roleOf(const Lab& lab) {
    return std::hypot(lab.a, lab.b) < 4 ? Role::neutral : Role::other;
}

// A row of greys that no maker gets quite neutral, and surfaces of all hues.
Chart randomChart(unsigned seed) {
    Random r(seed * 2654435761u + 99);
    const int rows = 4 + static_cast<int>(r.below(7)),
              columns = std::max(6, rows + static_cast<int>(r.below(5)));
    const double side = 20, gap = r.one(3) ? 0 : r.in(0.08, 0.4) * side, margin = r.in(4, 14);
    constexpr std::array<double, 3> kGrounds{10, 45, 90};
    Chart c;
    c.id = "wide-" + std::to_string(seed);
    c.name = "Wide chart " + std::to_string(seed);
    c.source = "made up for measuring how shots are judged";
    c.surroundLabD50 = {kGrounds[r.below(3)] + r.in(-4, 4), 0, 0, white::d50};
    c.outlineMm = {2 * margin + columns * side + (columns - 1) * gap,
                   2 * margin + rows * side + (rows - 1) * gap};
    const auto surfaces = generatedReflectances(static_cast<std::size_t>(3 * rows * columns), seed + 40000);
    std::size_t next = 0;
    const int greyRow = static_cast<int>(r.below(static_cast<unsigned>(rows)));
    for (int row = 0; row < rows; ++row)
        for (int k = 0; k < columns; ++k) {
            Patch p;
            p.id = std::string(1, static_cast<char>('A' + row)) + std::to_string(k + 1);
            p.centreMm = {margin + side / 2 + k * (side + gap), margin + side / 2 + row * (side + gap)};
            p.sizeMm = {side, side};
            Spectrum s;
            if (row == greyRow)
                s = smoothReflectance(
                    {95 - 73.0 * k / (columns - 1), r.in(-0.6, 0.6), r.in(-0.6, 0.6), white::d50});
            else
                s = surfaces[next++];
            p.reflectance = detail::reflectanceOf(s);
            p.labD50 = toLab(referenceXyzD50(p, *illuminantByName("d50")), white::d50);
            p.role = row == greyRow ? Role::neutral : roleOf(p.labD50);
            c.patches.push_back(std::move(p));
        }
    return c;
}

Chart withoutSpectra(Chart c) {
    for (Patch& p : c.patches) p.reflectance.reset();
    return c;
}

void addFault(WideShot& out, Fault fault, unsigned seed) {
    Shot& s = out.shot;
    const Chart& chart = *out.stand.chart;
    Random r(seed * 31 + static_cast<unsigned>(fault) * 1009 + 77);
    const Point middle = chart.outlineMm / 2;
    const double side = detail::patchSide(chart);
    switch (fault) {
        case Fault::unevenLight:
            s.falloffStops = r.in(1.4, 3) / std::sqrt(s.pose.coverage) * 0.35;
            break;
        case Fault::shadow:
            s.mishaps.shadow = Shadow{middle + Point(r.in(-0.25, 0.25) * chart.outlineMm.x(), r.in(-20, 20)),
                                      r.in(0, 360), r.in(0.35, 1.2), r.in(0.03, 0.3) * side};
            break;
        case Fault::finger:
            s.mishaps.fingers.push_back(detail::fingerOn(chart, r));
            break;
        case Fault::dirt:
            detail::addDirt(s, chart, r, 1 + static_cast<int>(r.below(3)), 0.30, 0.45);
            break;
        case Fault::flare:
            s.glare = r.in(0.04, 0.10);
            break;
        case Fault::shine:
            s.mishaps.shines.push_back(
                {detail::anyPatch(chart, r).centreMm, r.in(1.5, 3.5) * side, r.in(0.05, 0.3)});
            break;
        default:
            break;
    }
}

// The two colour-difference channels of BT.709 at half the width, as most recordings keep them.
void halveChroma(EncodedImage& image) {
    constexpr float kr = 0.2126f, kb = 0.0722f, kg = 1 - kr - kb;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x + 1 < image.width(); x += 2) {
            float* a = image.pixel(x, y);
            float* b = image.pixel(x + 1, y);
            const float ya = kr * a[0] + kg * a[1] + kb * a[2], yb = kr * b[0] + kg * b[1] + kb * b[2];
            const float red = (a[0] - ya + b[0] - yb) / 2, blue = (a[2] - ya + b[2] - yb) / 2;
            for (auto [pixel, luma] : {std::pair{a, ya}, std::pair{b, yb}}) {
                pixel[0] = luma + red;
                pixel[2] = luma + blue;
                pixel[1] = (luma - kr * pixel[0] - kb * pixel[2]) / kg;
            }
        }
}

void quantise(EncodedImage& image, float steps) {
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < 3 * image.width(); ++x) {
            float& v = image.pixel(0, y)[x];
            v = std::round(std::clamp(v, 0.0f, 1.0f) * steps) / steps;
        }
}

}  // namespace

Body randomBody(unsigned seed) {
    Random r(seed * 40503u + 5);
    Body out{"random", "Random", {}, r.in(18000, 60000), r.in(2, 6), 14};
    const std::array<double, 3> centres{r.in(588, 622), r.in(522, 552), r.in(442, 474)};
    const double cut = r.in(640, 690);
    for (std::size_t c = 0; c < 3; ++c) {
        const double left = r.in(20, 55), right = r.in(20, 55);
        struct Leak {
            double centre, width, height;
        };
        std::array<Leak, 2> leaks{};
        for (Leak& l : leaks) l = {r.in(430, 640), r.in(18, 40), r.in(0, 0.2)};
        for (std::size_t i = 0; i < Spectrum::size; ++i) {
            const double nm = Spectrum::wavelength(i);
            const auto bell = [nm](double centre, double width) {
                return std::exp(-0.5 * std::pow((nm - centre) / width, 2));
            };
            double v = bell(centres[c], nm < centres[c] ? left : right);
            for (const Leak& l : leaks) v += l.height * bell(l.centre, l.width);
            out.sensitivity[c][i] = v / ((1 + std::exp((nm - cut) / 9)) * (1 + std::exp((405 - nm) / 6)));
        }
    }
    return out;
}

const std::vector<std::string>& wideLights() {
    static const std::vector<std::string> all{"a",
                                              "d50",
                                              "d55",
                                              "d65",
                                              "e",
                                              "f2",
                                              "f7",
                                              "f11",
                                              "led-3000",
                                              "led-5600",
                                              "blackbody-2000",
                                              "blackbody-2500",
                                              "blackbody-2900",
                                              "blackbody-3400",
                                              "blackbody-4500",
                                              "daylight-4000",
                                              "daylight-4600",
                                              "daylight-7500",
                                              "daylight-10000",
                                              "daylight-14000"};
    return all;
}

Encoding encodingOf(Storing storing) {
    return storing == Storing::linear  ? Encoding::linear
           : storing == Storing::srgb8 ? Encoding::srgb
                                       : Encoding::rec709;
}

WideShot wideShot(unsigned seed, std::optional<Fault> fault) {
    Random r(seed + 700000);
    WideShot out;
    out.stand.chart = randomChart(seed);
    out.stand.body = randomBody(seed);
    Shot& s = out.shot;
    s.file = "wide-" + std::to_string(seed) + ".png";
    s.light = wideLights()[seed % wideLights().size()];
    out.known = r.one(2) ? *out.stand.chart : withoutSpectra(*out.stand.chart);
    out.storing = static_cast<Storing>(r.below(4) % 3);
    s.encoding = encodingOf(out.storing);
    s.width = 1800;
    s.height = 1200;
    // As large as the patches of this chart need to be.
    const double patches = static_cast<double>(out.known.patches.size());
    s.pose.coverage = std::min(0.5, r.in(0.2, 0.4) * std::sqrt(patches / 40));
    s.pose.turnDegrees = r.one(3) ? r.in(-12, 12) : r.in(-4, 4);
    s.pose.tiltDegrees = r.in(0, 10);
    s.pose.tiltAxisDegrees = r.in(0, 360);
    s.set = static_cast<Set>(r.below(6));
    s.exposure = r.in(0.55, 0.82);
    s.iso = 100 << r.below(3);
    s.falloffStops = r.in(0, 0.15);
    s.falloffDegrees = r.in(0, 360);
    s.vignettingStops = r.in(0, 0.2);
    s.glare = r.in(0, 0.0015);
    s.blurPixels = r.in(0.4, 0.8);
    s.seed = seed;
    detail::place(s, *out.stand.chart, r, 70, 0.2);
    if (fault) addFault(out, *fault, seed);
    return out;
}

WideShot wideShotBeside(unsigned seed, Beside beside) {
    WideShot out = wideShot(seed);
    Random r(seed + 800000);
    Shot& s = out.shot;
    s.pose.coverage = 0.2;
    s.pose.turnDegrees = r.in(-4, 4);
    SecondChart second{"", s.pose};
    second.pose.coverage = beside == Beside::otherSize ? r.in(0.06, 0.1) : 0.16;
    second.pose.turnDegrees = s.pose.turnDegrees + (beside == Beside::turned ? 180 : r.in(-6, 6));
    out.stand.second = beside == Beside::otherKind ? randomChart(seed + 5000) : *out.stand.chart;
    // Beside each other along the frame, as large as both fit.
    for (; s.pose.coverage > 0.02; s.pose.coverage *= 0.95, second.pose.coverage *= 0.95) {
        s.pose.centre = {0.28, 0.5};
        second.pose.centre = {0.76, 0.5};
        Shot other = s;
        other.pose = second.pose;
        const Quad a = detail::outlineSeen(s, *out.stand.chart),
                   b = detail::outlineSeen(other, *out.stand.second);
        const double right = std::max(a[1].x(), a[2].x()),
                     left = std::min({b[0].x(), b[1].x(), b[2].x(), b[3].x()});
        if (detail::within(a, s, 40) && detail::within(b, s, 20) && right + 10 < left) break;
    }
    s.second = second;
    return out;
}

Result<WideFrame> taken(const WideShot& w) {
    auto e = shoot(w.shot, w.stand);
    if (!e) return tl::unexpected(e.error());
    if (w.storing == Storing::srgb8) quantise(e->stored, 255);
    if (w.storing == Storing::video10) {
        halveChroma(e->stored);
        quantise(e->stored, 876);
    }
    WideFrame out{toLinear(std::move(e->stored), w.shot.encoding), {}, *std::move(e->truth)};
    out.about.encoding = w.shot.encoding;
    out.about.encodingSource = EncodingSource::file;
    out.about.focalLength35mm = w.shot.focalLength35mm;
    out.about.framePath = w.shot.file;
    return out;
}

}  // namespace refero::sim
