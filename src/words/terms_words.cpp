// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/terms_words.h"

#include <algorithm>
#include <cmath>

#include "core/say/figure.h"
#include "words/detail/figure.h"

namespace refero::words {
namespace {

std::string off(const std::string& where, const ExposureTolerance::At& at) {
    constexpr double kSeen = 0.05;
    std::string out = at.worst > kSeen
                          ? say("%1 colours move by %2 CIEDE2000 on average", where, figure("%.2f", at.mean))
                          : say("%1 colours stay as they are", where);
    if (at.worst > kSeen) out += sayf(", by %.2f at most (%s)", at.worst, at.worstPatch.c_str());
    if (!at.clipped.empty())
        out += at.clipped.size() > 1 ? sayf(", and %s and %zu more are clipped", at.clipped.front().c_str(),
                                            at.clipped.size() - 1)
                                     : say(", and %1 is clipped", at.clipped.front());
    return out;
}

}  // namespace

std::string name(const ExposureMark& m) {
    switch (m.what) {
        case ExposureMark::What::midGrey:
            return say("mid-grey (18 %)");
        case ExposureMark::What::white:
            return say("white");
        case ExposureMark::What::skin:
            break;
    }
    return say("skin %1", m.patch);
}

std::string place(const ExposureMark& m) {
    return sayf("code %.0f of 1023 (%.0f %% of the signal, green)", m.code, m.percent);
}

std::string sentence(const ExposureTolerance& t) {
    std::string out = say("%1; %2. It holds ", off(say("Half a stop under,"), t.under),
                          off(say("half a stop over,"), t.over));
    if (t.from <= -kMostStops + 0.01 && t.to >= kMostStops - 0.01)
        return out + sayf("at any exposure within %.0f stops.", kMostStops);
    return out + sayf("from %.1f to %+.1f stops: there no patch moves by more than %.0f or is clipped.",
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
    return sayf(
        "Shared by %zu chart shots: %.2f CIEDE2000 where each is balanced and levelled, %.2f with "
        "corrections of their own, %.2f as the file is. %s pays most: %.2f instead of %.2f.",
        c.pool.size(), balanced / n, own / n, asIs / n, worst->name.c_str(), worst->balanced, worst->own);
}

}  // namespace refero::words
