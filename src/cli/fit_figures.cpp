// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/fit_figures.h"

#include <cstdio>
#include <ostream>

namespace refero::cli {

void printFigures(std::ostream& out, const Correction& c) {
    char line[120];
    const auto row = [&](const char* title, double Spread::*figure) {
        std::snprintf(line, sizeof line, "%-6s %10.2f %10.2f %10.2f\n", title, c.summary.before.*figure,
                      c.summary.after.*figure, c.summary.crossValidated.*figure);
        out << line;
    };
    row("mean", &Spread::mean);
    row("median", &Spread::median);
    row("95 %", &Spread::percentile95);
    row("max", &Spread::max);
    for (const GroupFigures& g : byGroup(c)) {
        std::snprintf(line, sizeof line, "%-10s %6.2f %10.2f %10.2f  (mean of %zu)\n", g.name.c_str(),
                      g.before, g.after, g.leftOut, g.count);
        out << line;
    }
    if (!c.certainty) return;
    const SpreadInterval &after = c.certainty->after, &unseen = c.certainty->crossValidated;
    std::snprintf(line, sizeof line,
                  "95 %% sure: mean after %.2f to %.2f, largest %.2f to %.2f, left out %.2f to %.2f.\n",
                  after.mean.low, after.mean.high, after.max.low, after.max.high, unseen.mean.low,
                  unseen.mean.high);
    out << line;
}

}  // namespace refero::cli
