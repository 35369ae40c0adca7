// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/treatment_words.h"

#include "core/say/figure.h"
#include "words/detail/figure.h"

namespace refero::words {
std::string listed(const std::vector<std::string>& ids) {
    constexpr std::size_t kMost = 6;
    const std::size_t shown = ids.size() > kMost + 1 ? kMost : ids.size();
    return refero::listed({ids.begin(), ids.begin() + static_cast<std::ptrdiff_t>(shown)}, ids.size());
}

std::string sentence(const Treatment& t) {
    switch (t.kind) {
        case TreatmentKind::covered:
            return say("Left out, since something lies there: %1.", listed(t.patches));
        case TreatmentKind::specular:
            return say("Left out, since a lamp is mirrored there: %1.", listed(t.patches));
        case TreatmentKind::clipped:
            return say("Left out, since clipped: %1.", listed(t.patches));
        case TreatmentKind::shadowEdge:
            return say("Left out, since a shadow's edge crosses them: %1.", listed(t.patches));
        case TreatmentKind::shadow:
            return t.patches.empty()
                       ? sayf("Brought out of the shadow by %.2f stops (known to %.2f).", t.amount, t.error)
                       : say("Brought out of the shadow by %1 stops (known to %2): %3.",
                             figure("%.2f", t.amount), figure("%.2f", t.error), listed(t.patches));
        case TreatmentKind::unevenLight:
            return sayf(
                "Uneven light taken out: %.2f stops from the lightest to the darkest place (known to %.2f).",
                t.amount, t.error);
        case TreatmentKind::flare:
            return sayf("Flare subtracted: %.2f %% of white (known to %.2f %%).", 100 * t.amount,
                        100 * t.error);
    }
    return {};
}

}  // namespace refero::words
