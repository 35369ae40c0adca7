// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <vector>

#include "core/spectra/spectrum.h"
#include "sim/scene.h"

namespace refero::sim {

/// What lies at a point of the set: two materials, how much of the second, and a shading factor.
struct Surface {
    std::uint16_t object = 0;  ///< changes where an edge is
    std::uint16_t first = 0, second = 0;
    float mix = 0, shade = 1;
};

/// The flat set behind (and around) the chart, in units of the frame's height, origin top left. Drawn by a
/// seed alone.
class Backdrop {
  public:
    Backdrop(Set set, double aspect, unsigned seed);

    Surface at(double x, double y) const;
    const std::vector<Spectrum>& materials() const { return materials_; }

  private:
    enum class Shape : std::uint8_t { box, ellipse };
    enum class Finish : std::uint8_t { flat, glaze, grain };
    struct Object {
        double x, y, halfWidth, halfHeight, cosine, sine, corner;
        Shape shape;
        Finish finish;
        std::uint16_t first, second;
    };

    std::uint16_t material(double L, double a, double b);
    void add(double x, double y, double w, double h, double degrees, double corner, Finish finish,
             std::uint16_t first, std::uint16_t second, Shape shape = Shape::box);
    void buildTiles(double aspect, unsigned seed);
    void buildShelf(double aspect, unsigned seed);
    void buildKiln(double aspect, unsigned seed);
    void buildClutter(double aspect, unsigned seed);
    void buildDecoys(double aspect, unsigned seed);
    void index(double aspect);
    Surface finish(const Object& o, std::uint16_t id, double u, double v, double x, double y) const;

    static constexpr int kCells = 48;
    std::vector<Spectrum> materials_;
    std::vector<Object> objects_;
    std::vector<std::vector<std::uint16_t>> cells_;  // ids from the top down
    double aspect_;
    Finish ground_ = Finish::flat;
};

}  // namespace refero::sim
