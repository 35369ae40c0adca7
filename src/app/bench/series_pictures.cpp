// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/series_pictures.h"

#include "core/pair/view.h"

namespace refero {

Rendering renderingOf(const SeriesProfile& profile, const SeriesStep& step, const Transfer& encoding,
                      SeriesSeen seen, OutputSpace space) {
    if (seen == SeriesSeen::asRecorded) return compile(asShownCorrection(encoding), space);
    if (seen == SeriesSeen::greys && step.greys) return compile(*step.greys, space);
    if (seen == SeriesSeen::corrected && step.own) return compile(*step.own, space);
    Correction c = profile.correction;
    c.level = step.level;
    return compile(c, space);
}

}  // namespace refero
