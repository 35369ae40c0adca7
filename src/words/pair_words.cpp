// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/pair_words.h"

#include <cmath>

#include "core/colour/shown_picture.h"
#include "words/detail/figure.h"

namespace refero::words {
std::string pairStep(std::size_t step) {
    static constexpr const char* kNames[] = {"Balance", "Level", "Contrast", "Skin"};
    if (step < std::size(kNames)) return kNames[step];
    const HueSector& s = kRecipeSectors[step - std::size(kNames)];
    return std::string(s.letters) + ", " + std::string(s.words);
}

std::string sentence(const LightDifference& d) {
    constexpr double kSameStops = 0.1, kSameMired = 5, kOtherLight = 40;
    std::string out;
    if (std::abs(d.stops) < kSameStops)
        out = d.asShown ? "Both show mid-grey equally bright." : "Both are exposed alike.";
    else
        out = figure(d.asShown ? "The follower shows mid-grey %.1f stops %s than the leader."
                               : "The follower is exposed %.1f stops %s than the leader.",
                     std::abs(d.stops),
                     d.stops > 0 ? (d.asShown ? "brighter" : "more") : (d.asShown ? "darker" : "less"));
    if (!d.mired)
        return out +
               " Two sensors do not tell whether the light was one; look at the places of the two charts.";
    if (std::abs(*d.mired) < kSameMired) return out + " Greys have the same warmth.";
    out += figure(" Its greys are %.0f mired %s.", std::abs(*d.mired), *d.mired > 0 ? "warmer" : "cooler");
    if (std::abs(*d.mired) >= kOtherLight)
        out +=
            " That is another light or another white balance, as of one chart in the shade and one in the "
            "sun: the match takes it out, unless balance is held back.";
    return out;
}

std::string aim(const AimOrigin& origin) {
    if (origin.kind == AimKind::reference) return "the chart's reference values";
    const std::string who = origin.body.empty() ? fileOf(origin.framePath) : origin.body;
    const auto encoding = encodingByName(origin.encoding);
    if (!origin.through.empty() && encoding && shownPicture(*encoding))
        return who + " through " + origin.through + ", as in " + fileOf(origin.framePath);
    if (!origin.through.empty()) return who + " through its correction, as in " + fileOf(origin.framePath);
    return who + " as " + fileOf(origin.framePath) + " shows it";
}

}  // namespace refero::words
