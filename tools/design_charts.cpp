// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Designs the two charts that ship with Refero and writes them to the folder given. A patch starts from a
// pigment-like reflectance (absorption bands over a base) and is bent as little and as smoothly as possible
// until it has the colour asked for; that keeps each pigment's own character, which a curve made from three
// numbers lacks.
#include <cmath>
#include <cstdio>
#include <string>
#include <vector>

#include "core/chart/chart.h"
#include "core/colour/lab.h"
#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "core/spectra/smooth_reflectance.h"
#include "io/chart_file.h"

namespace refero {
namespace {

struct Band {
    double centreNm, widthNm, depth;  // added to the logit; negative absorbs
};

struct Pigment {
    std::string name;
    Role role;
    double L, a, b;
    std::vector<Band> bands;
};

Patch paint(const Pigment& p, std::string id, Point centre, Point size) {
    const double y = std::pow((p.L + 16) / 116, 3);
    Spectrum start;
    for (std::size_t i = 0; i < Spectrum::size; ++i) {
        const double nm = Spectrum::wavelength(i);
        double z = std::log(y / (1 - std::min(y, 0.97)));
        for (const Band& b : p.bands) {
            const double t = (nm - b.centreNm) / b.widthNm;
            z += b.depth * std::exp(-0.5 * t * t);
        }
        // White pigment absorbs at the violet end.
        z -= (p.L > 40 ? 2.2 : 0.6) / (1 + std::exp((nm - 396) / 6));
        start[i] = 1 / (1 + std::exp(-z));
    }
    const Spectrum done = bentTo({p.L, p.a, p.b, white::d50}, start);
    Patch patch;
    patch.id = std::move(id);
    patch.name = p.name;
    patch.role = p.role;
    patch.centreMm = centre;
    patch.sizeMm = size;
    Reflectance r{380, 10, {}};
    for (std::size_t i = 0; i < Spectrum::size; i += 2) r.values.push_back(std::round(done[i] * 1e5) / 1e5);
    patch.reflectance = r;
    patch.labD50 = toLab(reflectedXyz(r.spectrum(), *illuminantByName("d50")), white::d50);
    return patch;
}

// One row of equal patches, `edge` from both sides of the chart.
void addRow(Chart& chart, char letter, double top, double height, double edge, double gap,
            const std::vector<Pigment>& row) {
    const double n = static_cast<double>(row.size());
    const double width = (chart.outlineMm.x() - 2 * edge - (n - 1) * gap) / n;
    for (std::size_t i = 0; i < row.size(); ++i) {
        const double x = edge + static_cast<double>(i) * (width + gap) + width / 2;
        chart.patches.push_back(
            paint(row[i], letter + std::to_string(i + 1), {x, top + height / 2}, {width, height}));
    }
}

Pigment grey(const char* name, double L, double a = 0, double b = 0) {
    return {name, Role::neutral, L, a, b, {}};
}

const Pigment kCorner = grey("Corner slate", 52, 0.1, -0.2);

const Pigment kBrick{
    "Kiln brick", Role::primary, 43, 52, 36, {{480, 60, -1.2}, {560, 30, -0.6}, {650, 60, 1.0}}};
const Pigment kMoss{
    "Lock-gate green", Role::primary, 48, -44, 30, {{430, 40, -1.2}, {525, 28, 0.9}, {660, 55, -1.2}}};
const Pigment kCobalt{
    "Cobalt wash", Role::primary, 33, 14, -50, {{455, 35, 1.2}, {590, 55, -1.0}, {700, 25, 0.7}}};
const Pigment kTeal{"Shallow water", Role::secondary, 58, -24, -27, {{480, 45, 0.9}, {640, 60, -1.2}}};
const Pigment kHeather{
    "Heather", Role::secondary, 50, 48, -20, {{545, 38, -1.4}, {440, 30, 0.4}, {670, 60, 0.7}}};
const Pigment kGorse{"Gorse", Role::secondary, 82, 2, 74, {{440, 45, -2.2}, {600, 90, 0.6}}};
const Pigment kSkinLight{
    "Skin, fair", Role::skin, 80, 9, 15, {{420, 22, -0.5}, {545, 12, -0.16}, {578, 10, -0.16}}};
const Pigment kSkinMid{"Skin, tan", Role::skin, 62,
                       16,          21,         {{420, 26, -0.5}, {545, 13, -0.2}, {578, 10, -0.2}}};
const Pigment kSkinDeep{"Skin, deep", Role::skin, 37, 13, 16, {{430, 40, -0.4}, {560, 30, -0.1}}};
const Pigment kSedge{
    "Sedge", Role::foliage, 46, -18, 30, {{440, 40, -0.8}, {552, 24, 0.5}, {672, 18, -0.6}, {740, 30, 1.6}}};
const Pigment kSky{"Wide sky", Role::sky, 62, -8, -26, {{460, 60, 0.6}, {600, 70, -0.5}}};
const Pigment kRust{"Iron glaze", Role::other, 58, 30, 52, {{450, 60, -1.2}, {590, 30, 0.5}}};

Chart fen24() {
    Chart c;
    c.id = "fen-24";
    c.name = "Fen 24";
    c.source = "Designed for Refero; computed from its reflectances, D50, CIE 1931 2 degree";
    c.outlineMm = {280, 190};
    c.surroundLabD50 = {26, 0, 0, white::d50};
    addRow(c, 'A', 11, 50, 11, 6, {kCorner, kSkinLight, kSky, kBrick, kGorse, kSedge, kCorner});
    addRow(
        c, 'B', 70, 50, 11, 6,
        {kCobalt, grey("Chalk", 95.5, -0.3, 0.9), grey("Rime", 86, -0.1, 0.3), grey("Reed ash", 76, 0, 0.1),
         grey("Flint", 65, 0.1, -0.1), grey("Silt", 53.5, 0, -0.2), grey("Slate", 42, 0.1, -0.3),
         grey("Peat", 33, 0.1, -0.2), grey("Soot", 16, 0.1, -0.4), kSkinDeep});
    addRow(c, 'C', 129, 50, 11, 6, {kCorner, kMoss, kSkinMid, kHeather, kTeal, kRust, kCorner});
    return c;
}

Chart fen48() {
    Chart c;
    c.id = "fen-48";
    c.name = "Fen 48";
    c.source = "Designed for Refero; computed from its reflectances, D50, CIE 1931 2 degree";
    c.outlineMm = {420, 300};
    c.surroundLabD50 = {26, 0, 0, white::d50};
    const auto warm = [](const char* n, double L, double a, double b) {
        return Pigment{n, Role::warm, L, a, b, {}};
    };
    const auto cool = [](const char* n, double L, double a, double b) {
        return Pigment{n, Role::cool, L, a, b, {}};
    };
    addRow(c, 'A', 14, 48, 14, 7,
           {kCorner,
            kBrick,
            kSky,
            {"Buff clay", Role::skin, 87, 5, 12, {{420, 22, -0.4}, {560, 25, -0.1}}},
            kCobalt,
            kGorse,
            {"Wine", Role::other, 30, 32, 6, {{530, 45, -1.1}, {650, 50, 0.7}}},
            kMoss,
            kCorner});
    addRow(c, 'B', 70, 48, 14, 7,
           {kSkinLight,
            {"Lichen", Role::foliage, 68, -16, 34, {{440, 50, -0.8}, {670, 20, -0.4}, {740, 30, 1.0}}},
            {"Dusk violet", Role::other, 40, 24, -38, {{450, 40, 0.9}, {560, 35, -0.9}}},
            warm("Warm step 1", 76, 0.6, 4),
            kHeather,
            cool("Cool step 1", 76, -0.6, -4),
            kRust,
            {"Verdigris", Role::other, 62, -34, -4, {{500, 40, 0.8}, {650, 60, -1.0}}},
            {"Skin, olive", Role::skin, 70, 10, 22, {{420, 26, -0.5}, {560, 20, -0.15}}}});
    addRow(c, 'C', 126, 48, 14, 6,
           {grey("Chalk", 95.5, -0.3, 0.9), grey("Lime wash", 91, -0.2, 0.5), grey("Rime", 85, -0.1, 0.3),
            grey("Reed ash", 78, 0, 0.1), grey("Flint", 70.5, 0.1, -0.1), grey("Mist", 62.5, 0, -0.1),
            grey("Silt", 54, 0, -0.2), grey("Slate", 45, 0.1, -0.3), grey("Peat", 37, 0.1, -0.2),
            grey("Bog oak", 31, 0.1, -0.2), grey("Coal", 20, 0.1, -0.3), grey("Soot", 13, 0.1, -0.4)});
    addRow(c, 'D', 182, 48, 14, 7,
           {kSkinMid,
            cool("Cool step 2", 76, -1.2, -8),
            kTeal,
            {"Rose hip", Role::other, 56, 50, 22, {{480, 45, -0.8}, {550, 30, -0.7}}},
            kSedge,
            {"Deep water", Role::other, 30, -9, -26, {{470, 40, 0.6}, {620, 60, -0.9}}},
            {"Hay", Role::other, 76, 8, 42, {{440, 50, -1.1}}},
            warm("Warm step 2", 76, 1.2, 8),
            kSkinDeep});
    addRow(c, 'E', 238, 48, 14, 7,
           {kCorner,
            {"Haze", Role::sky, 78, -6, -14, {{460, 60, 0.4}, {600, 80, -0.3}}},
            warm("Warm step 3", 76, 1.8, 13),
            {"Skin, dark", Role::skin, 28, 9, 10, {{430, 40, -0.3}}},
            {"Lime glaze", Role::other, 74, -30, 58, {{430, 50, -1.6}, {545, 35, 0.5}, {650, 60, -0.5}}},
            {"Skin, brown", Role::skin, 50, 16, 21, {{420, 30, -0.5}, {550, 20, -0.2}}},
            cool("Cool step 3", 76, -1.8, -13),
            {"Mallow", Role::other, 66, 28, -16, {{545, 40, -0.8}, {430, 30, 0.2}}},
            kCorner});
    return c;
}

}  // namespace
}  // namespace refero

int main(int argc, char** argv) {
    if (argc != 2) {
        std::fprintf(stderr, "usage: refero-design-charts FOLDER\n");
        return 2;
    }
    for (const refero::Chart& chart : {refero::fen24(), refero::fen48()}) {
        const auto path = std::string(argv[1]) + "/" + chart.id + ".chart.json";
        if (auto ok = refero::io::writeChart(chart, path); !ok) {
            std::fprintf(stderr, "%s\n", ok.error().message.c_str());
            return 1;
        }
        for (const auto& p : chart.patches) {
            double low = 1, high = 0;
            for (double v : p.reflectance->values) low = std::min(low, v), high = std::max(high, v);
            std::printf("%-4s %-18s L %6.2f a %6.2f b %6.2f  reflectance %.3f to %.3f\n", p.id.c_str(),
                        p.name.c_str(), p.labD50.L, p.labD50.a, p.labD50.b, low, high);
        }
    }
    return 0;
}
