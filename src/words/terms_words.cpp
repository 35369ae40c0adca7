// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/terms_words.h"

#include <algorithm>
#include <cmath>

#include "words/detail/figure.h"

namespace refero::words {
namespace {

std::string off(const char* where, const ExposureTolerance::At& at) {
    constexpr double kSeen = 0.05;
    std::string out = at.worst > kSeen
                          ? figure("%s colours move by %.2f CIEDE2000 on average", where, at.mean)
                          : figure("%s colours stay as they are", where);
    if (at.worst > kSeen) out += figure(", by %.2f at most (%s)", at.worst, at.worstPatch.c_str());
    if (!at.clipped.empty())
        out += figure(
            ", and %s%s clipped", at.clipped.front().c_str(),
            at.clipped.size() > 1 ? figure(" and %zu more are", at.clipped.size() - 1).c_str() : " is");
    return out;
}

}  // namespace

std::string name(const ExposureMark& m) {
    switch (m.what) {
        case ExposureMark::What::midGrey:
            return "mid-grey (18 %)";
        case ExposureMark::What::white:
            return "white";
        case ExposureMark::What::skin:
            break;
    }
    return "skin " + m.patch;
}

std::string place(const ExposureMark& m) {
    return figure("code %.0f of 1023 (%.0f %% of the signal, green)", m.code, m.percent);
}

std::string sentence(const ExposureTolerance& t) {
    std::string out =
        off("Half a stop under,", t.under) + "; " + off("half a stop over,", t.over) + ". It holds ";
    if (t.from <= -kMostStops + 0.01 && t.to >= kMostStops - 0.01)
        return out + figure("at any exposure within %.0f stops.", kMostStops);
    return out + figure("from %.1f to %+.1f stops: there no patch moves by more than %.0f or is clipped.",
                        t.from == 0 ? 0.0 : t.from, t.to, kColoursHold);
}

std::string poolSentence(const Correction& c) {
    if (c.pool.empty()) return {};
    const auto worst = std::max_element(
        c.pool.begin(), c.pool.end(),
        [](const PooledShot& a, const PooledShot& b) { return a.balanced - a.own < b.balanced - b.own; });
    double own = 0, balanced = 0, asIs = 0;
    for (const PooledShot& s : c.pool) {
        own += s.own;
        balanced += s.balanced;
        asIs += s.asIs;
    }
    const auto n = static_cast<double>(c.pool.size());
    return figure(
        "Shared by %zu chart shots: %.2f CIEDE2000 where each is balanced and levelled, %.2f with "
        "corrections of their own, %.2f as the file is. %s pays most: %.2f instead of %.2f.",
        c.pool.size(), balanced / n, own / n, asIs / n, worst->name.c_str(), worst->balanced, worst->own);
}

}  // namespace refero::words
