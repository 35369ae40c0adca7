// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <gtest/gtest.h>

#include <cmath>
#include <random>
#include <string>

#include "core/read/read.h"
#include "io/chart_file.h"
#include "sim/shoot.h"

namespace refero::test {

/// Random numbers that are the same on every machine.
class Random {
  public:
    explicit Random(unsigned seed) : engine_(seed) {}
    double uniform(double low, double high) { return low + (high - low) * engine_() / 4294967295.0; }
    unsigned below(unsigned n) { return static_cast<unsigned>(engine_() % n); }

  private:
    std::mt19937 engine_;
};

/// A plain shot of Fen 24, small enough for many.
inline sim::Shot plainShot() {
    sim::Shot s;
    s.file = "x.tif";
    s.width = 1500;
    s.height = 1000;
    s.chart = "fen-24";
    s.pose.coverage = 0.15;
    s.exposure = 0.75;
    s.set = sim::Set::tiles;
    return s;
}

struct Taken {
    LinearImage image;
    sim::Truth truth;
    Chart chart;
};

inline Taken take(const sim::Shot& shot) {
    auto exposure = sim::shoot(shot);
    EXPECT_TRUE(exposure) << exposure.error().message;
    return {toLinear(std::move(exposure->stored), shot.encoding), exposure->truth.value_or(sim::Truth{}),
            *io::chartByNameOrPath(shot.chart.value_or("fen-24"))};
}

inline Reading about(const sim::Shot& shot) {
    Reading r;
    r.encoding = shot.encoding;
    r.encodingSource = EncodingSource::file;
    r.focalLength35mm = shot.focalLength35mm;
    r.framePath = shot.file;
    return r;
}

inline Result<Reading> readingOf(const sim::Shot& shot) {
    const Taken t = take(shot);
    return readChart(t.image, t.chart, about(shot));
}

/// The verdict of one check.
inline Verdict verdictOf(const Reading& r, const std::string& id) {
    for (const Check& c : r.checks)
        if (c.id == id) return c.verdict;
    ADD_FAILURE() << "no check " << id;
    return Verdict::pass;
}

inline double patchWidthPixels(const Taken& t) {
    double smallest = 1e9;
    for (const Patch& p : t.chart.patches)
        smallest = std::min(
            smallest, p.sizeMm.minCoeff() * std::sqrt(std::abs(t.truth.chartToFrame.areaScale(p.centreMm))));
    return smallest;
}

}  // namespace refero::test
