// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/scope/scope_figures.h"

#include <numeric>

namespace refero {
namespace {

double levelBelow(const Scopes::Histogram& h, double share, double all) {
    double sum = 0;
    for (std::size_t level = 0; level < h.size(); ++level) {
        sum += h[level];
        if (sum >= share * all) return 100.0 * static_cast<double>(level) / (Scopes::kLevels - 1);
    }
    return 100;
}

}  // namespace

std::optional<ScopeFigures> scopeFigures(const Scopes& scopes) {
    ScopeFigures out;
    for (std::size_t c = 0; c < 3; ++c) {
        const Scopes::Histogram& h = scopes.channels[c];
        const double all = std::accumulate(h.begin(), h.end(), 0.0);
        if (all == 0) return {};
        out.channels[c] = {levelBelow(h, 0.01, all), levelBelow(h, 0.5, all), levelBelow(h, 0.99, all),
                           h.front() / all, h.back() / all};
    }
    double all = 0;
    for (int row = 0; row < Scopes::kSide; ++row)
        for (int column = 0; column < Scopes::kSide; ++column) {
            const double n = scopes.vectorscope[static_cast<std::size_t>(row * Scopes::kSide + column)];
            all += n;
            out.cb += n * ((column + 0.5) / Scopes::kSide - 0.5);
            out.cr += n * (0.5 - (row + 0.5) / Scopes::kSide);
        }
    if (all > 0) {
        out.cb /= all;
        out.cr /= all;
    }
    return out;
}

}  // namespace refero
