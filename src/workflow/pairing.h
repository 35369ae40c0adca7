// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <iterator>
#include <optional>
#include <span>
#include <stop_token>
#include <string>
#include <vector>

#include "core/frame/image.h"
#include "core/pair/match.h"
#include "core/pair/nearness.h"
#include "workflow/correction.h"
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
/// Nothing where the setup's correction goes to reference values, or there is none; `leader` is what
/// leaderOf() gives.
std::optional<Following> following(const Setup& follower, const Setup* leader);

/// Whether this is the setup that the follower's correction was matched to.
bool leads(const Setup& leader, const Setup& follower);
/// The one of these setups, of whatever kind; null where it has gone or there is none.
template <class Setups>
auto leaderOf(const Setup& follower, const Setups& all) -> decltype(&*std::begin(all)) {
    const auto at =
        std::find_if(std::begin(all), std::end(all), [&](const Setup& s) { return leads(s, follower); });
    return at == std::end(all) ? nullptr : &*at;
}

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
/// The same for holding it against the reference values: pictures as they show themselves but for their
/// level, others through a correction that goes to reference values, where there is one.
SeenChart seenBesideReference(const Setup& setup);

/// A colour of the scene that is marked in both pictures: `marks` are the places, opposite corners in pixels
/// of the images, and the leader is seen through `view`. It counts four times. Errors: a place outside its
/// picture.
struct Marked {
    const LinearImage& image;
    DrawnPlace place;
};
Result<Lab> colourMarked(const Marked& inLeader, const Correction& view);
Result<KnownColour> colourMarked(const Marked& inFollower, const std::string& path, const std::string& name,
                                 const Lab& asLeaderShows);

/// The sides of a comparison are two frames of one scene: of `other`'s pictures, the one that was shot
/// nearest in time to `path`, or its chart frame where times are not known. Times are seconds.
struct TimedPicture {
    std::string path;
    std::optional<double> seconds;
};
std::string nearestInTime(std::span<const TimedPicture> other, std::optional<double> seconds);

}  // namespace refero::workflow
