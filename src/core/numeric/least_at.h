// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>

namespace refero::numeric {

/// Where between a and b a smooth function with one valley is least, to 1e-8 of it: parabolas through the
/// three best points, and golden section where they lead nowhere (Brent 1973, Algorithms for Minimization
/// without Derivatives, chapter 5). For functions whose every point is dear: it takes a quarter of those that
/// golden section alone does.
template <class Function>
double leastAt(double a, double b, const Function& f) {
    constexpr double kGolden = 0.3819660112501051, kClose = 1e-8;
    double x = a + kGolden * (b - a), w = x, v = x;
    double fx = f(x), fw = fx, fv = fx, step = 0, before = 0;
    for (int i = 0; i < 60; ++i) {
        const double middle = (a + b) / 2, close = kClose * std::abs(x);
        if (std::abs(x - middle) <= 2 * close - (b - a) / 2) break;
        const double r = (x - w) * (fx - fv);
        double q = (x - v) * (fx - fw), p = (x - v) * q - (x - w) * r;
        q = 2 * (q - r);
        if (q > 0) p = -p;
        q = std::abs(q);
        const bool parabola = std::abs(before) > close && std::abs(p) < std::abs(q * before / 2) &&
                              p > q * (a - x) && p < q * (b - x);
        before = parabola ? step : (x < middle ? b : a) - x;
        step = parabola ? p / q : kGolden * before;
        const double u = x + (std::abs(step) >= close ? step : std::copysign(close, step));
        const double fu = f(u);
        if (fu <= fx) {
            (u < x ? b : a) = x;
            v = w, fv = fw, w = x, fw = fx, x = u, fx = fu;
        } else {
            (u < x ? a : b) = u;
            if (fu <= fw || w == x)
                v = w, fv = fw, w = u, fw = fu;
            else if (fu <= fv || v == x || v == w)
                v = u, fv = fu;
        }
    }
    return x;
}

}  // namespace refero::numeric
