// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/treatment_words.h"

#include "words/detail/figure.h"

namespace refero::words {
std::string listed(const std::vector<std::string>& ids) {
    constexpr std::size_t kMost = 6;
    std::string out;
    const std::size_t shown = ids.size() > kMost + 1 ? kMost : ids.size();
    for (std::size_t i = 0; i < shown; ++i)
        out += (i == 0 ? "" : i + 1 == ids.size() ? " and " : ", ") + ids[i];
    if (shown < ids.size()) out += " and " + std::to_string(ids.size() - shown) + " more";
    return out;
}

std::string sentence(const Treatment& t) {
    switch (t.kind) {
        case TreatmentKind::covered:
            return "Left out, since something lies there: " + listed(t.patches) + ".";
        case TreatmentKind::specular:
            return "Left out, since a lamp is mirrored there: " + listed(t.patches) + ".";
        case TreatmentKind::clipped:
            return "Left out, since clipped: " + listed(t.patches) + ".";
        case TreatmentKind::shadowEdge:
            return "Left out, since a shadow's edge crosses them: " + listed(t.patches) + ".";
        case TreatmentKind::shadow:
            return "Brought out of the shadow by " + figure("%.2f stops (known to %.2f)", t.amount, t.error) +
                   (t.patches.empty() ? "" : ": " + listed(t.patches)) + ".";
        case TreatmentKind::unevenLight:
            return "Uneven light taken out: " +
                   figure("%.2f stops from the lightest to the darkest place (known to %.2f).", t.amount,
                          t.error);
        case TreatmentKind::flare:
            return "Flare subtracted: " +
                   figure("%.2f %% of white (known to %.2f %%).", 100 * t.amount, 100 * t.error);
    }
    return {};
}

}  // namespace refero::words
