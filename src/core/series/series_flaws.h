// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string>
#include <vector>

#include "core/series/exposure_steps.h"
#include "core/series/series.h"

namespace refero {

/// One profile's shots with the exposure that each got.
struct SteppedProfile {
    std::string name;
    std::vector<std::size_t> shots;  ///< of those given
    ToldSteps told;                  ///< in their order; against the first
    std::vector<std::optional<double>> stated;
    std::size_t base = 0;  ///< of `shots`: exposed as the recording wants
};

/// The profile's shots put on steps. Those that show another chart, share nothing with the others or are of
/// another scene or light are left out; each is noted.
SteppedProfile stepped(const std::string& profile, std::span<const SeriesShot> all,
                       std::vector<std::size_t> shots, std::vector<SeriesNote>& notes);

}  // namespace refero
