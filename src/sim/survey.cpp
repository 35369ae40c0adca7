// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/survey.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "io/chart_file.h"
#include "sim/detail/survey_parts.h"
#include "sim/shoot.h"

namespace refero::sim {
namespace {

using namespace detail;

constexpr std::array<const char*, 7> kLights{"d50", "d65",           "a", "led-3000", "led-5600",
                                             "f11", "blackbody-2900"};

Chart shipped(const char* id) {
    return *io::chartByNameOrPath(id);
}

Chart gridChart(unsigned seed, int rows, int columns, double gap, double margin, double ground) {
    Random random(seed * 2654435761u + 17);
    const double side = 30;
    Chart c;
    c.id = (gap > 0 ? "survey-ground-" : "survey-touching-") + std::to_string(seed);
    c.name = "Survey chart " + std::to_string(seed);
    c.source = "made up for measuring how charts are found";
    c.outlineMm = {2 * margin + columns * side + (columns - 1) * gap,
                   2 * margin + rows * side + (rows - 1) * gap};
    c.surroundLabD50 = {ground, 0, 0, white::d50};
    for (int r = 0; r < rows; ++r)
        for (int k = 0; k < columns; ++k) {
            Patch p;
            p.id = std::string(1, static_cast<char>('A' + r)) + std::to_string(k + 1);
            p.centreMm = {margin + side / 2 + k * (side + gap), margin + side / 2 + r * (side + gap)};
            p.sizeMm = {side, side};
            if (r + 1 == rows) {
                p.role = Role::neutral;
                p.labD50 = {94 - 78.0 * k / (columns - 1), 0, 0, white::d50};
            } else {
                const double hue = radians(360.0 * (r * columns + k) / ((rows - 1) * columns) + 20);
                const double chroma = random.in(18, 45);
                p.labD50 = {random.in(30, 80), chroma * std::cos(hue), chroma * std::sin(hue), white::d50};
            }
            c.patches.push_back(std::move(p));
        }
    // In no order that a eye would expect: neighbours of like hue would run into one another.
    for (std::size_t i = static_cast<std::size_t>((rows - 1) * columns); i-- > 1;)
        std::swap(c.patches[i].labD50, c.patches[random.below(static_cast<unsigned>(i + 1))].labD50);
    return c;
}

}  // namespace

Chart gaplessChart(unsigned seed) {
    return gridChart(seed, 4, 6, 0, 8, 12);
}

Chart lightGroundChart(unsigned seed) {
    return gridChart(seed, 4, 7, 6, 10, 88);
}

SurveyShot findingShot(unsigned seed) {
    Random r(seed);
    SurveyShot out;
    Shot& s = out.shot;
    s.file = "finding-" + std::to_string(seed) + ".png";
    s.camera = r.one(2) ? "heron" : "bittern";
    s.light = kLights[r.below(7)];
    const unsigned kind = r.below(8);
    out.chart = kind < 3   ? shipped("fen-24")
                : kind < 6 ? shipped("fen-48")
                : kind < 7 ? gaplessChart(seed)
                           : lightGroundChart(seed);
    if (kind < 6) s.chart = out.chart.id;
    const bool hard = r.one(4);
    s.pose.coverage = hard ? r.logarithmic(0.01, 0.8) : r.logarithmic(0.02, 0.6);
    s.pose.turnDegrees = r.in(0, 360);
    s.pose.tiltDegrees = hard ? r.in(20, 45) : r.in(0, 35);
    s.pose.tiltAxisDegrees = r.in(0, 360);
    const bool small = s.pose.coverage < 0.04;
    s.width = small ? 2400 : 1500;
    s.height = small ? 1600 : 1000;
    s.set = static_cast<Set>(r.below(6));
    s.exposure = r.in(0.25, 0.9);
    s.iso = 100 << r.below(5);
    s.falloffStops = r.in(0, 1);
    s.falloffDegrees = r.in(0, 360);
    s.vignettingStops = r.in(0, 0.8);
    s.glare = r.in(0, 0.02);
    s.blurPixels = r.in(0.4, 1.8);
    s.distortion = r.one(3) ? r.in(-0.02, 0.02) : 0;
    s.seed = seed;
    place(s, out.chart, r, 6);
    if (r.one(5)) s.mishaps.fingers.push_back(fingerOn(out.chart, r));
    if (r.one(5)) addDirt(s, out.chart, r, 3, 0.1, 0.3);
    if (r.one(8))
        s.mishaps.shadow = Shadow{out.chart.outlineMm / 2, r.in(0, 360), r.in(0.3, 1.2), r.in(2, 40)};
    if (s.chart && r.one(6) && s.pose.coverage < 0.2) {
        SecondChart second{*s.chart == "fen-24" ? "fen-48" : "fen-24", {}};
        second.pose.coverage = r.in(0.02, 0.06);
        second.pose.centre = {s.pose.centre.x() < 0.5 ? 0.86 : 0.14, s.pose.centre.y() < 0.5 ? 0.82 : 0.18};
        second.pose.turnDegrees = r.in(-20, 20);
        s.second = second;
    }
    out.usual = s.pose.coverage >= 0.02 && s.pose.tiltDegrees <= 35;
    return out;
}

SurveyShot desperateShot(unsigned seed) {
    Random r(seed + 31000);
    SurveyShot out = findingShot(seed + 31000);
    Shot& s = out.shot;
    s.file = "desperate-" + std::to_string(seed) + ".png";
    s.second.reset();
    s.pose.coverage = r.logarithmic(0.002, 0.08);
    s.pose.tiltDegrees = r.in(0, 65);
    s.exposure = r.logarithmic(0.03, 0.9);
    s.iso = 400 << r.below(7);
    s.blurPixels = r.in(0.6, 4);
    s.distortion = r.in(-0.05, 0.05);
    s.width = 1500;
    s.height = 1000;
    place(s, out.chart, r, 6);
    for (unsigned k = r.below(5); k > 0; --k) s.mishaps.fingers.push_back(fingerOn(out.chart, r));
    if (r.one(2)) addDirt(s, out.chart, r, 6, 0.2, 0.8);
    if (r.one(2))
        s.mishaps.shadow = Shadow{out.chart.outlineMm / 2, r.in(0, 360), r.in(0.5, 2.5), r.in(2, 40)};
    out.usual = false;
    return out;
}

Shot chartlessShot(unsigned seed) {
    Random r(seed + 7000);
    Shot s;
    s.file = "chartless-" + std::to_string(seed) + ".png";
    s.chart.reset();
    s.width = 1500;
    s.height = 1000;
    s.light = kLights[r.below(7)];
    s.camera = r.one(2) ? "heron" : "bittern";
    s.set = seed % 2 ? Set::decoys : static_cast<Set>(r.below(6));
    s.exposure = r.in(0.25, 0.9);
    s.iso = 100 << r.below(4);
    s.blurPixels = r.in(0.4, 1.2);
    s.seed = seed;
    return s;
}

std::string_view name(Fault fault) {
    constexpr std::array<std::string_view, static_cast<std::size_t>(Fault::count)> names{
        "overexposed",
        "underexposed",
        "one channel clipped",
        "black buried",
        "too small",
        "fills the frame",
        "near the edge",
        "tilted",
        "out of focus",
        "moved",
        "uneven light",
        "shadow edge",
        "finger",
        "dirt",
        "veiling glare",
        "shine",
        "noisy",
        "crossed curves",
        "wrong encoding",
        "balanced already",
        "another chart",
        "mirrored",
        "second chart",
        "part outside"};
    return names[static_cast<std::size_t>(fault)];
}

SurveyShot faultlessShot(unsigned seed) {
    Random r(seed + 90000);
    SurveyShot out;
    Shot& s = out.shot;
    s.file = "faultless-" + std::to_string(seed) + ".png";
    s.camera = r.one(2) ? "heron" : "bittern";
    s.light = kLights[r.below(7)];
    s.chart = r.one(2) ? "fen-24" : "fen-48";
    out.chart = shipped(s.chart->c_str());
    s.width = 1800;
    s.height = 1200;
    s.pose.coverage = *s.chart == "fen-24" ? r.in(0.08, 0.3) : r.in(0.14, 0.35);
    s.pose.turnDegrees = r.one(3) ? r.in(-12, 12) : r.in(-4, 4);
    s.pose.tiltDegrees = r.in(0, 10);
    s.pose.tiltAxisDegrees = r.in(0, 360);
    s.set = static_cast<Set>(r.below(6));
    s.exposure = r.in(0.55, 0.85);
    s.iso = 100 << r.below(3);
    s.falloffStops = r.in(0, 0.15);
    s.falloffDegrees = r.in(0, 360);
    s.vignettingStops = r.in(0, 0.3);
    s.glare = r.in(0, 0.0015);
    s.blurPixels = r.in(0.4, 0.8);
    s.seed = seed;
    place(s, out.chart, r, 150, 0.25);
    return out;
}

SurveyShot faultyShot(Fault fault, unsigned seed) {
    SurveyShot out = faultlessShot(seed + 500);
    Shot& s = out.shot;
    s.file = std::string(name(fault)) + "-" + std::to_string(seed) + ".png";
    std::replace(s.file.begin(), s.file.end(), ' ', '-');
    Random r(seed * 31 + static_cast<unsigned>(fault) * 1009 + 5);
    const Point middle = out.chart.outlineMm / 2;
    switch (fault) {
        case Fault::overexposed:
            s.exposure = r.in(1.08, 2.5);
            break;
        case Fault::underexposed:
            s.exposure = r.in(0.03, 0.28);
            break;
        case Fault::oneChannelClipped:
            // The strongest channel alone touches the ceiling, in the lightest patches alone.
            s.exposure = r.in(1.15, 1.25);
            break;
        case Fault::blackBuried:
            s.iso = 3200 << r.below(3);
            s.exposure = r.in(0.10, 0.25);
            break;
        case Fault::tooSmall:
            s.pose.coverage = r.in(0.008, 0.016);
            s.width = 2400;
            s.height = 1600;
            break;
        case Fault::fillsTheFrame:
            s.pose = {r.in(0.68, 0.8), {0.5, 0.5}, 0, 0, 0};
            break;
        case Fault::nearTheEdge: {
            s.pose.tiltDegrees = 0;
            s.pose.turnDegrees = 0;
            s.pose.coverage = r.in(0.08, 0.14);
            const Quad q = outlineSeen(s, out.chart);
            const double half = (q[1].x() - q[0].x()) / 2 / s.width;
            s.pose.centre = {r.one(2) ? half + r.in(0.004, 0.015) : 1 - half - r.in(0.004, 0.015),
                             r.in(0.45, 0.55)};
            break;
        }
        case Fault::tilted:
            s.pose.tiltDegrees = r.in(19, 40);
            place(s, out.chart, r, 60, 0.2);
            break;
        case Fault::outOfFocus:
            s.blurPixels = r.in(4.5, 8);
            break;
        case Fault::moved:
            s.motionPixels = r.in(14, 24);
            s.motionDegrees = r.in(0, 180);
            break;
        case Fault::unevenLight:
            s.falloffStops = r.in(1.4, 3) / std::sqrt(s.pose.coverage) * 0.35;
            break;
        case Fault::shadow:
            s.mishaps.shadow =
                Shadow{middle + Point(r.in(-0.25, 0.25) * out.chart.outlineMm.x(), r.in(-20, 20)),
                       r.in(0, 360), r.in(0.35, 1.2), r.in(1, 8)};
            break;
        case Fault::finger:
            s.mishaps.fingers.push_back(fingerOn(out.chart, r));
            break;
        case Fault::dirt:
            addDirt(s, out.chart, r, 1 + static_cast<int>(r.below(3)), 0.30, 0.45);
            break;
        case Fault::flare:
            // In the darkest of the sets, too, more than the limit's 0.6 % of white.
            s.glare = r.in(0.04, 0.10);
            break;
        case Fault::shine: {
            const Patch& p = anyPatch(out.chart, r);
            s.mishaps.shines.push_back({p.centreMm, r.in(30, 70), r.in(0.05, 0.3)});
            break;
        }
        case Fault::noisy:
            s.iso = 12800 << r.below(2);
            break;
        case Fault::crossedCurves:
            s.encoding = Encoding::srgb;
            s.toneSkew = {r.in(0.90, 0.95), 1, r.in(1.05, 1.10)};
            break;
        case Fault::wrongEncoding:
            s.encoding = r.one(2) ? Encoding::srgb : Encoding::gamma22;  // and read as linear
            break;
        case Fault::balancedAlready:
            s.balanced = true;
            break;
        case Fault::wrongChart:
            break;  // read as the other one
        case Fault::mirrored:
            s.mirrored = true;
            break;
        case Fault::secondChart: {
            SecondChart second{*s.chart == "fen-24" ? "fen-48" : "fen-24", {}};
            second.pose.coverage = r.in(0.04, 0.07);
            second.pose.centre = {s.pose.centre.x() < 0.5 ? 0.87 : 0.13,
                                  s.pose.centre.y() < 0.5 ? 0.84 : 0.16};
            s.pose.coverage = 0.14;
            s.second = second;
            break;
        }
        case Fault::partOutside:
            s.pose.coverage = r.in(0.15, 0.3);
            s.pose.centre = {r.one(2) ? r.in(0.02, 0.1) : r.in(0.9, 0.98), r.in(0.4, 0.6)};
            break;
        case Fault::count:
            break;
    }
    return out;
}

}  // namespace refero::sim
