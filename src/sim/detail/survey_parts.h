// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <random>

#include "core/chart/chart.h"
#include "sim/scene.h"

namespace refero::sim::detail {

/// The same numbers for the same seed, on every machine.
class Random {
  public:
    explicit Random(unsigned seed) : engine_(seed) {}
    double in(double low, double high) { return low + (high - low) * engine_() / 4294967295.0; }
    double logarithmic(double low, double high) { return std::exp(in(std::log(low), std::log(high))); }
    unsigned below(unsigned n) { return static_cast<unsigned>(engine_() % n); }
    bool one(unsigned n) { return below(n) == 0; }

  private:
    std::mt19937 engine_;  // its sequence is fixed by the standard
};

/// As a chart holds it, at the spectrum's own wavelengths.
Reflectance reflectanceOf(const Spectrum& spectrum);
/// Where the chart's outline is seen.
Quad outlineSeen(const Shot& shot, const Chart& chart);
/// All of it inside the frame, by a margin in pixels.
bool within(const Quad& quad, const Shot& shot, double marginPixels);
/// As far from the middle as the whole chart allows; smaller where it does not fit at all.
void place(Shot& shot, const Chart& chart, Random& random, double marginPixels, double farthest = 0.5);
const Patch& anyPatch(const Chart& chart, Random& random);
/// The smallest patch's, millimetres.
double patchSide(const Chart& chart);
/// A finger that reaches a patch from the nearer of the upper and lower edges.
Finger fingerOn(const Chart& chart, Random& random);
/// Blots on patches, their radius a share of the smallest patch's side.
void addDirt(Shot& shot, const Chart& chart, Random& random, int blots, double low, double high);

}  // namespace refero::sim::detail
