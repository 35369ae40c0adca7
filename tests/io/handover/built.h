// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>

#include "core/fit/fit.h"
#include "support/shots.h"

namespace refero::test {

inline const Reading& reading() {
    static const Reading r = [] {
        sim::Shot shot = plainShot();
        shot.light = "led-5600";
        shot.pose.coverage = 0.25;
        return *readingOf(shot);
    }();
    return r;
}

inline Correction built(std::optional<Model> model) {
    FitOptions o;
    o.model = model;
    o.resamples = 12;
    return *fit(std::span(&reading(), 1), o);
}

inline const Correction& correction() {
    static const Correction c = built(Model::matrix);
    return c;
}

inline const Correction& bending() {
    static const Correction c = built(Model::rootPolynomial);
    return c;
}

}  // namespace refero::test
