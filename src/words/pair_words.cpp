// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/pair_words.h"

#include <cmath>

#include "core/colour/shown_picture.h"
#include "core/say/figure.h"
#include "words/detail/figure.h"

namespace refero::words {
std::string pairStep(std::size_t step) {
    const std::string names[] = {say("Balance"), say("Level"), say("Contrast"), say("Skin")};
    if (step < std::size(names)) return names[step];
    const HueSector& s = kRecipeSectors[step - std::size(names)];
    return std::string(s.letters) + ", " + say(s.words);
}

std::string sentence(const LightDifference& d) {
    constexpr double kSameStops = 0.1, kSameMired = 5, kOtherLight = 40;
    std::string out;
    if (std::abs(d.stops) < kSameStops)
        out = d.asShown ? say("Both show mid-grey equally bright.") : say("Both are exposed alike.");
    else
        out = d.stops > 0
                  ? (d.asShown
                         ? sayf("The follower shows mid-grey %.1f stops brighter than the leader.", d.stops)
                         : sayf("The follower is exposed %.1f stops more than the leader.", d.stops))
                  : (d.asShown
                         ? sayf("The follower shows mid-grey %.1f stops darker than the leader.", -d.stops)
                         : sayf("The follower is exposed %.1f stops less than the leader.", -d.stops));
    if (!d.mired)
        return say(
            "%1 Two sensors do not tell whether the light was one; look at the places of the two charts.",
            out);
    if (std::abs(*d.mired) < kSameMired) return say("%1 Greys have the same warmth.", out);
    out += sayf(" Its greys are %.0f mired %s.", std::abs(*d.mired),
                (*d.mired > 0 ? say("warmer") : say("cooler")).c_str());
    if (std::abs(*d.mired) >= kOtherLight)
        out +=
            say(" That is another light or another white balance, as of one chart in the shade and one in "
                "the sun: the match takes it out, unless balance is held back.");
    return out;
}

std::string aim(const AimOrigin& origin) {
    if (origin.kind == AimKind::reference) return say("the chart's reference values");
    const std::string who = origin.body.empty() ? fileOf(origin.framePath) : origin.body;
    const auto encoding = encodingByName(origin.encoding);
    if (!origin.through.empty() && encoding && shownPicture(*encoding))
        return say("%1 through %2, as in %3", who, origin.through, fileOf(origin.framePath));
    if (!origin.through.empty())
        return say("%1 through its correction, as in %2", who, fileOf(origin.framePath));
    return say("%1 as %2 shows it", who, fileOf(origin.framePath));
}

}  // namespace refero::words
