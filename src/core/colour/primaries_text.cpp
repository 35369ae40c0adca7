// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/colour/primaries_text.h"

#include "core/say/say.h"

#include <Eigen/LU>
#include <algorithm>
#include <charconv>
#include <cmath>
#include <vector>

namespace refero {
namespace {

// Twice the area of the triangle, above 0 where the three turn to the left.
double turn(const Chromaticity& a, const Chromaticity& b, const Chromaticity& c) {
    return (b.x - a.x) * (c.y - a.y) - (c.x - a.x) * (b.y - a.y);
}

bool within(const Chromaticity& c) {
    // AP0's blue lies at y -0.077, and some cameras' primaries beyond it.
    return c.x > -0.5 && c.x < 1.5 && c.y > -0.5 && c.y < 1.5;
}

Result<std::vector<double>> numbersIn(std::string_view text) {
    std::vector<double> out;
    const char *at = text.data(), *end = at + text.size();
    const auto apart = [](char c) { return c == ',' || c == ';' || c == ' ' || c == '\t' || c == '\n'; };
    while (true) {
        while (at != end && apart(*at)) ++at;
        if (at == end) return out;
        double v = 0;
        const auto [next, error] = std::from_chars(at, end, v);
        if (error != std::errc{} || (next != end && !apart(*next)) || !std::isfinite(v))
            return failure(
                say("A gamut is x and y of red, green, blue and white: eight numbers, or the name of a space "
                    "such as rec2020."));
        out.push_back(v);
        at = next;
    }
}

}  // namespace

Result<Primaries> primariesFrom(std::string_view text) {
    if (const auto space = outputSpaceByName(text); space && info(*space).primaries)
        return *info(*space).primaries;
    const auto n = numbersIn(text);
    if (!n) return tl::unexpected(n.error());
    if (n->size() != 8)
        return failure(say("A gamut is x and y of red, green, blue and white: eight numbers, not %1.",
                           std::to_string(n->size())));
    const auto at = [&](std::size_t i) { return Chromaticity{(*n)[2 * i], (*n)[2 * i + 1]}; };
    const Primaries out{at(0), at(1), at(2), at(3)};
    for (const Chromaticity& c : {out.red, out.green, out.blue, out.white})
        if (!within(c)) return failure(say("A gamut's chromaticities must be -0.5 to 1.5."));
    if (!(std::abs(turn(out.red, out.green, out.blue)) > 1e-3))
        return failure(say("The gamut's red, green and blue lie on one line."));
    const double sides[] = {turn(out.red, out.green, out.white), turn(out.green, out.blue, out.white),
                            turn(out.blue, out.red, out.white)};
    const bool inside = std::all_of(std::begin(sides), std::end(sides), [](double s) { return s > 0; }) ||
                        std::all_of(std::begin(sides), std::end(sides), [](double s) { return s < 0; });
    if (!inside || !(out.white.y > 0.01))
        return failure(say("The gamut's white must lie between red, green and blue."));
    return out;
}

}  // namespace refero
