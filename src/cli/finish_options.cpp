// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/finish_options.h"

namespace refero::cli {

void FinishOptions::declare(CLI::App& verb, const std::string& what) {
    verb.add_option("--finish", name_, what + ": base (none) or rounded")
        ->check(CLI::IsMember({"base", "rounded"}));
    verb.add_option("--exposure", exposure_, "Of the finish, in stops");
    verb.add_option("--warmth", warmth_, "Of the finish, in steps of ten mired; above 0 is warmer");
    verb.add_option("--tint", tint_, "Of the finish, in thousandths of Duv; above 0 is greener");
    verb.add_option("--contrast", contrast_, "Of the finish, -1 to 1");
    verb.add_option("--saturation", saturation_, "Of the finish, 0 to 2; 1 changes nothing");
}

Result<Finish> FinishOptions::over(const Finish& finish) const {
    Finish out = finish;
    if (!name_.empty()) {
        const auto ready = finishByName(name_);
        if (!ready) return ready;
        out = *ready;
    }
    out.exposureStops = exposure_.value_or(out.exposureStops);
    out.warmthSteps = warmth_.value_or(out.warmthSteps);
    out.tintDuv = tint_.value_or(out.tintDuv);
    out.contrast = contrast_.value_or(out.contrast);
    out.saturation = saturation_.value_or(out.saturation);
    if (const auto ok = out.validate(); !ok) return tl::unexpected(ok.error());
    return out;
}

}  // namespace refero::cli
