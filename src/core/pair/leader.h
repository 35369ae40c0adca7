// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <stop_token>
#include <string>

#include "core/chart/chart.h"
#include "core/fit/aim.h"
#include "core/fit/correction.h"
#include "core/read/reading.h"

namespace refero {

/// The camera that the others follow.
struct Leader {
    Reading reading;
    /// Through which a scene-linear or log reading is seen. None: the one that fit() builds. Not for
    /// pictures, which show themselves.
    std::optional<Correction> through = {};
    std::string shownBy = {};  ///< name of the transform that made a picture of it; empty: it is one itself
    std::string shownByFile = {},
                shownIn = {};  ///< the transform's file, the name of the space that it gives
};

struct LeaderOptions {
    bool asShot = false;  ///< nothing of the reading is mended; see treated()
    std::string referenceLight = "d50";
    double maxClipped = 0.01;
    std::stop_token stop{};
};

/// Whether the reading shows itself, or needs a correction to be looked at.
bool showsItself(const Reading& reading);

/// What the leader's chart looks like, as the aim of a fit to `follower`. Pictures show themselves
/// (shownPicture); their look is told by the greys: balance, level and a curve a channel. Scene-linear
/// readings are seen through their correction and its finish. Where the follower's chart is another one,
/// colours are translated through both charts' reference values; the origin says by how much that errs.
/// Errors: no chart, a correction of another body or encoding, fewer than four usable greys of a picture,
/// fewer than eight usable patches.
Result<Aim> aimOf(const Leader& leader, const Chart& follower, const LeaderOptions& options = {});

}  // namespace refero
