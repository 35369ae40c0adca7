// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/backdrop.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <random>

#include "core/spectra/smooth_reflectance.h"

namespace refero::sim {
namespace {

// Mulberry-like hash of a lattice point to 0..1: textures without state.
double noiseAt(int x, int y) {
    std::uint32_t h =
        static_cast<std::uint32_t>(x) * 0x9E3779B1u ^ static_cast<std::uint32_t>(y) * 0x85EBCA77u;
    h = (h ^ (h >> 15)) * 0x2C1B3C6Du;
    h = (h ^ (h >> 12)) * 0x297A2D39u;
    return static_cast<double>((h ^ (h >> 15)) >> 8) / 16777216.0;
}

double smoothNoise(double x, double y) {
    const double fx = std::floor(x), fy = std::floor(y), tx = x - fx, ty = y - fy;
    const int i = static_cast<int>(fx), j = static_cast<int>(fy);
    const double sx = tx * tx * (3 - 2 * tx), sy = ty * ty * (3 - 2 * ty);
    const double top = noiseAt(i, j) * (1 - sx) + noiseAt(i + 1, j) * sx;
    const double low = noiseAt(i, j + 1) * (1 - sx) + noiseAt(i + 1, j + 1) * sx;
    return top * (1 - sy) + low * sy;
}

struct Glaze {
    double L, a, b;
};
// Celadon, tenmoku, cobalt, ash, copper red, chun blue, iron yellow, shino, manganese, tin white: our own
// values.
constexpr std::array<Glaze, 10> kGlazes{{{66, -14, 8},
                                         {22, 8, 10},
                                         {32, 10, -36},
                                         {72, 2, 16},
                                         {38, 42, 22},
                                         {56, -6, -20},
                                         {68, 12, 48},
                                         {78, 6, 12},
                                         {30, 16, -8},
                                         {90, 0, 3}}};

using Random =
    std::mt19937;  // its sequence is fixed by the standard; the distributions are not, hence `uniform`
double uniform(Random& random, double low, double high) {
    return low + (high - low) * static_cast<double>(random()) / 4294967295.0;
}

}  // namespace

Backdrop::Backdrop(Set set, double aspect, unsigned seed) : aspect_(aspect) {
    switch (set) {
        case Set::plain:
            material(62, 0.3, 1.5);
            break;
        case Set::tiles:
            buildTiles(aspect, seed);
            break;
        case Set::shelf:
            buildShelf(aspect, seed);
            break;
        case Set::kiln:
            buildKiln(aspect, seed);
            break;
        case Set::clutter:
            buildClutter(aspect, seed);
            break;
        case Set::decoys:
            buildDecoys(aspect, seed);
            break;
    }
    index(aspect);
}

std::uint16_t Backdrop::material(double L, double a, double b) {
    materials_.push_back(smoothReflectance({L, a, b, white::d50}));
    return static_cast<std::uint16_t>(materials_.size() - 1);
}

void Backdrop::add(double x, double y, double w, double h, double degrees, double corner, Finish finish,
                   std::uint16_t first, std::uint16_t second, Shape shape) {
    objects_.push_back({x, y, w / 2, h / 2, std::cos(radians(degrees)), std::sin(radians(degrees)), corner,
                        shape, finish, first, second});
}

void Backdrop::buildTiles(double aspect, unsigned seed) {
    Random random(seed);
    ground_ = Finish::grain;
    material(74, 1.5, 9);  // linen
    const auto clay = material(48, 14, 20), dark = material(18, 2, 3), wood = material(56, 9, 24);
    std::vector<std::uint16_t> glazes;
    for (const Glaze& g : kGlazes) glazes.push_back(material(g.L, g.a, g.b));
    add(aspect / 2, 0.045, aspect * 1.1, 0.05, 0.3, 0, Finish::grain, wood, dark);  // a shelf's edge
    const double step = 0.205;
    for (int row = 0; row < 5; ++row) {
        for (int column = 0; column < static_cast<int>(aspect / step); ++column) {
            const double x = 0.12 + column * step + uniform(random, -0.012, 0.012);
            const double y = 0.19 + row * step * 0.98 + uniform(random, -0.012, 0.012);
            const double turn = uniform(random, -5, 5);
            const auto glaze = glazes[random() % glazes.size()], other = glazes[random() % glazes.size()];
            add(x + 0.006, y + 0.008, 0.158, 0.158, turn, 0.02, Finish::flat, dark, dark);
            add(x, y, 0.155, 0.155, turn, 0.018, Finish::grain, clay, dark);
            add(x, y + 0.008, 0.152, 0.136, turn, 0.016, Finish::glaze, glaze, other);
        }
    }
    for (int i = 0; i < 9; ++i) {  // sample sticks
        const double x = aspect * (0.56 + 0.045 * i) + uniform(random, -0.004, 0.004);
        add(x, 0.12, 0.018, 0.13, uniform(random, -2, 2), 0.004, Finish::grain, wood, dark);
        add(x, 0.165, 0.019, 0.05, 0, 0.004, Finish::flat, glazes[random() % glazes.size()], dark);
    }
}

void Backdrop::buildShelf(double aspect, unsigned seed) {
    Random random(seed);
    ground_ = Finish::grain;
    material(84, 0.4, 4);  // limed wall
    const auto wood = material(52, 10, 26), dark = material(15, 2, 3), edge = material(64, 9, 24);
    std::vector<std::uint16_t> glazes;
    for (const Glaze& g : kGlazes) glazes.push_back(material(g.L, g.a, g.b));
    for (int board = 0; board < 3; ++board) {
        const double y = 0.34 + 0.3 * board;
        double x = 0.04;
        while (x < aspect) {
            const double w = uniform(random, 0.07, 0.16), h = uniform(random, 0.08, 0.2);
            const auto glaze = glazes[random() % glazes.size()], other = glazes[random() % glazes.size()];
            add(x + w / 2, y - h / 2, w, h, 0, w * 0.24, Finish::glaze, glaze, other);
            add(x + w / 2, y - h - 0.004, w * 0.62, 0.018, 0, 0.006, Finish::flat, dark, dark);
            x += w + uniform(random, 0.015, 0.07);
        }
        add(aspect / 2, y + 0.012, aspect * 1.1, 0.026, 0, 0, Finish::grain, edge, wood);
        add(aspect / 2, y + 0.032, aspect * 1.1, 0.014, 0, 0, Finish::flat, dark, dark);
    }
}

void Backdrop::buildKiln(double aspect, unsigned seed) {
    Random random(seed);
    material(58, 3, 7);  // mortar
    const auto dark = material(12, 1, 2), iron = material(30, 1, 2);
    std::vector<std::uint16_t> bricks;
    for (int i = 0; i < 7; ++i)
        bricks.push_back(material(uniform(random, 38, 66), uniform(random, 12, 26), uniform(random, 16, 30)));
    const double w = 0.19, h = 0.075;
    for (int row = 0; row * h < 1.1; ++row)
        for (int column = -1; column * w < aspect + w; ++column)
            add(column * w + (row % 2) * w / 2, row * h, w - 0.012, h - 0.012, 0, 0.006, Finish::grain,
                bricks[random() % bricks.size()], dark);
    add(aspect * 0.78, 0.5, 0.62, 0.72, 0, 0.05, Finish::grain, iron, dark);
    add(aspect * 0.78, 0.47, 0.44, 0.5, 0, 0.04, Finish::flat, dark, dark);
    add(aspect * 0.16, 0.8, 0.2, 0.26, 0, 0.05, Finish::glaze, material(66, -14, 8), material(56, -6, -20));
    add(aspect * 0.16, 0.42, 0.16, 0.2, 0, 0.04, Finish::glaze, material(38, 42, 22), material(30, 16, -8));
}

void Backdrop::buildClutter(double aspect, unsigned seed) {
    Random random(seed);
    ground_ = Finish::grain;
    material(uniform(random, 30, 85), uniform(random, -10, 10), uniform(random, -10, 15));
    std::vector<std::uint16_t> colours;
    for (int i = 0; i < 24; ++i)
        colours.push_back(
            material(uniform(random, 15, 90), uniform(random, -30, 40), uniform(random, -35, 45)));
    const auto pick = [&] { return colours[random() % colours.size()]; };
    for (int i = 0; i < 60; ++i)
        add(uniform(random, 0, aspect), uniform(random, 0, 1), uniform(random, 0.02, 0.3),
            uniform(random, 0.02, 0.3), uniform(random, 0, 90), uniform(random, 0, 0.02),
            static_cast<Finish>(random() % 3), pick(), pick(),
            random() % 3 == 0 ? Shape::ellipse : Shape::box);
    // Decoys: regular grids of equal boxes, as of keys and window panes.
    for (int grid = 0; grid < 2; ++grid) {
        const double x0 = uniform(random, 0, aspect * 0.8), y0 = uniform(random, 0, 0.8);
        const double s = uniform(random, 0.025, 0.05), turn = uniform(random, -30, 30);
        const auto key = pick();
        for (int j = 0; j < 4; ++j)
            for (int i = 0; i < 7; ++i) {
                const double u = i * s * 1.2, v = j * s * 1.2, c = std::cos(radians(turn)),
                             n = std::sin(radians(turn));
                add(x0 + u * c - v * n, y0 + u * n + v * c, s, s, turn, 0.003, Finish::flat,
                    grid ? key : pick(), key);
            }
    }
}

void Backdrop::buildDecoys(double aspect, unsigned seed) {
    Random random(seed);
    ground_ = Finish::grain;
    material(uniform(random, 45, 80), uniform(random, -3, 4), uniform(random, -2, 10));
    const auto black = material(9, 0, 0), dark = material(24, 0, 1), pale = material(82, 0, 2);
    std::vector<std::uint16_t> colours;
    for (int i = 0; i < 30; ++i)
        colours.push_back(
            material(uniform(random, 12, 94), uniform(random, -50, 60), uniform(random, -50, 70)));
    const auto pick = [&] { return colours[random() % colours.size()]; };
    // What comes first lies on top.
    {  // a poster of colour fields, some with a grey row: the nearest thing to a chart that is none
        const double x = uniform(random, 0.1, aspect - 0.6), y = uniform(random, 0.08, 0.5);
        const int columns = 4 + static_cast<int>(random() % 5), rows = 3 + static_cast<int>(random() % 4);
        const double s = uniform(random, 0.05, 0.075), gap = random() % 2 ? s * 0.12 : 0;
        for (int j = 0; j < rows; ++j)
            for (int i = 0; i < columns; ++i) {
                const auto colour = j + 1 == rows ? material(95 - 80.0 * i / (columns - 1), 0, 0) : pick();
                add(x + (i + 0.5) * (s + gap), y + (j + 0.5) * (s + gap), s, s, 0, 0, Finish::flat, colour,
                    colour);
            }
        add(x + columns * (s + gap) / 2, y + rows * (s + gap) / 2, columns * (s + gap) + 0.05,
            rows * (s + gap) + 0.05, 0, 0, Finish::flat, random() % 2 ? black : pale, pale);
    }
    {  // a keyboard
        const double x0 = uniform(random, 0.02, aspect - 0.6), y0 = uniform(random, 0.62, 0.75);
        const double s = 0.036;
        for (int j = 0; j < 5; ++j)
            for (int i = 0; i < 13; ++i) {
                const double x = x0 + (i + 0.28 * j) * s, y = y0 + j * s;
                add(x, y - 0.004, 0.008, 0.010, 0, 0, Finish::flat, pale, pale);  // its letter
                add(x, y, s * 0.82, s * 0.82, 0, 0.005, Finish::flat, dark, dark);
            }
        add(x0 + 6.5 * s, y0 + 2 * s, 14.5 * s, 5.6 * s, 0, 0.01, Finish::flat, black, black);
    }
    {  // window panes with a gradient behind them
        const double x0 = uniform(random, aspect * 0.5, aspect - 0.45), y0 = uniform(random, 0.05, 0.3);
        for (int j = 0; j < 4; ++j)
            for (int i = 0; i < 5; ++i) {
                const auto sky = material(92 - 7 * j + uniform(random, -2, 2), -4, -14 + 3 * j);
                add(x0 + i * 0.085, y0 + j * 0.085, 0.075, 0.075, 0, 0, Finish::flat, sky, sky);
            }
        add(x0 + 0.17, y0 + 0.128, 0.46, 0.37, 0, 0, Finish::flat, pale, pale);
    }
    for (int board = 0; board < 2; ++board) {  // book backs on shelves
        double x = 0.02;
        const double y = 0.32 + 0.5 * board;
        while (x < aspect) {
            const double w = uniform(random, 0.018, 0.045), h = uniform(random, 0.16, 0.25);
            const auto cloth = pick();
            add(x + w / 2, y - h * 0.75, w * 0.6, h * 0.1, 0, 0, Finish::flat, pale, pale);
            add(x + w / 2, y - h / 2, w * 0.95, h, 0, 0.003, Finish::flat, cloth, cloth);
            x += w;
        }
        add(aspect / 2, y + 0.012, aspect * 1.1, 0.024, 0, 0, Finish::grain, dark, black);
    }
    std::reverse(objects_.begin(), objects_.end());
}

void Backdrop::index(double aspect) {
    cells_.assign(kCells * kCells, {});
    for (std::size_t k = objects_.size(); k-- > 0;) {
        const Object& o = objects_[k];
        const double rx = std::abs(o.halfWidth * o.cosine) + std::abs(o.halfHeight * o.sine);
        const double ry = std::abs(o.halfWidth * o.sine) + std::abs(o.halfHeight * o.cosine);
        const auto cell = [](double v) { return std::clamp(static_cast<int>(v * kCells), 0, kCells - 1); };
        for (int j = cell(o.y - ry); j <= cell(o.y + ry); ++j)
            for (int i = cell((o.x - rx) / aspect); i <= cell((o.x + rx) / aspect); ++i)
                cells_[static_cast<std::size_t>(j * kCells + i)].push_back(static_cast<std::uint16_t>(k));
    }
}

Surface Backdrop::finish(const Object& o, std::uint16_t id, double u, double v, double x, double y) const {
    Surface s{id, o.first, o.second, 0, 1};
    if (o.finish == Finish::glaze) {
        // Glaze runs: thicker (the second colour) towards the foot, with a lighter, breaking rim.
        const double run = (v / o.halfHeight + 1) / 2;
        const double wave = smoothNoise(x * 22 + id * 7.1, y * 9);
        s.mix = static_cast<float>(std::clamp((run - 0.45 + 0.5 * (wave - 0.5)) * 1.1, 0.0, 0.85));
        const double rim = std::min(o.halfWidth - std::abs(u), o.halfHeight - std::abs(v));
        s.shade = static_cast<float>((rim < 0.006 ? 1.12 : 1.0) * (0.93 + 0.14 * wave));
    } else if (o.finish == Finish::grain) {
        s.shade = static_cast<float>(0.9 + 0.16 * smoothNoise(x * 60, y * 260 + id) +
                                     0.04 * noiseAt(int(x * 900), int(y * 900)));
    }
    return s;
}

Surface Backdrop::at(double x, double y) const {
    const int i = std::clamp(static_cast<int>(x / aspect_ * kCells), 0, kCells - 1);
    const int j = std::clamp(static_cast<int>(y * kCells), 0, kCells - 1);
    for (const std::uint16_t k : cells_[static_cast<std::size_t>(j * kCells + i)]) {
        const Object& o = objects_[k];
        const double px0 = x - o.x, py0 = y - o.y;
        const double u = px0 * o.cosine + py0 * o.sine, v = py0 * o.cosine - px0 * o.sine;
        if (o.shape == Shape::ellipse) {
            const double eu = u / o.halfWidth, ev = v / o.halfHeight;
            if (eu * eu + ev * ev > 1) continue;
        } else {
            const double px = std::abs(u) - o.halfWidth, py = std::abs(v) - o.halfHeight;
            if (px > 0 || py > 0) continue;
            const double cx = px + o.corner, cy = py + o.corner;
            if (cx > 0 && cy > 0 && cx * cx + cy * cy > o.corner * o.corner) continue;
        }
        return finish(o, static_cast<std::uint16_t>(k + 1), u, v, x, y);
    }
    Surface ground;
    if (ground_ == Finish::grain)  // a weave
        ground.shade = static_cast<float>(0.9 + 0.02 * std::sin(x * 1700) + 0.02 * std::sin(y * 1700) +
                                          0.12 * smoothNoise(x * 40, y * 40));
    return ground;
}

}  // namespace refero::sim
