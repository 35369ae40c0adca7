// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <stop_token>
#include <string>
#include <vector>

#include "core/pair/match.h"
#include "core/pair/nearness.h"
#include "workflow/setup.h"

namespace refero::workflow {

/// A match that is ready to be run on any thread.
struct PairingTask {
    Leader leader;
    Reading follower;
    MatchOptions options;
    std::string name, fingerprint;

    /// Errors are those of matched(); ErrorKind::stopped where it was.
    Result<Match> run(const std::stop_token& stop = {}) const;
};

/// Both setups must have a reading. A scene-linear leader is seen through its setup's correction, where it
/// has one; one that follows another itself leads as what it became.
Result<PairingTask> pairingTask(const Setup& leader, const Setup& follower, const plan::Shoot& shoot,
                                MatchOptions wish);

/// What a person chose for a match that is kept: steps held back, weights, skin, marked colours.
MatchOptions choicesOf(const Setup& follower);

/// Of all that a leader's look is made from: its reading and, where it is seen through one, its correction.
std::string leaderFingerprint(const Setup& leader);

/// Whom a setup's correction follows, and whether that is still so.
struct Following {
    plan::Id leader = 0;  ///< 0: the leading setup has gone
    bool upToDate = false;
    std::string why;  ///< one sentence; empty where it is up to date
};
/// Nothing where the setup's correction goes to reference values, or there is none.
std::optional<Following> following(const Setup& follower, std::span<const Setup> all);

/// What is between two of the shoot's cameras before and after their corrections, over patches that both
/// show.
struct PairFigures {
    plan::Id first = 0, second = 0;
    double before = 0, after = 0;  ///< mean CIEDE2000
    std::size_t patches = 0;
};
/// Of every two of these setups whose readings are of one chart.
std::vector<PairFigures> pairFigures(std::span<const Setup* const> setups);

/// How a setup's chart looks: as its correction has it, else as it shows itself.
SeenChart seenNow(const Setup& setup);

/// The sides of a comparison are two frames of one scene: of `other`'s pictures, the one that was shot
/// nearest in time to `path`, or its chart frame where times are not known. Times are seconds.
struct TimedPicture {
    std::string path;
    std::optional<double> seconds;
};
std::string nearestInTime(std::span<const TimedPicture> other, std::optional<double> seconds);

}  // namespace refero::workflow
