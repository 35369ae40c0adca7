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
#include "workflow/leader_transform.h"
#include "workflow/setup.h"

namespace refero::workflow {

/// A match, and through what the leader's own frames are seen where that is no correction.
struct FoundMatch {
    Match match;
    std::shared_ptr<const SeenThrough> leaderThrough;  ///< null: match.leaderView says it
};

/// A match that is ready to be run on any thread.
struct PairingTask {
    Leader leader;
    Reading follower;
    MatchOptions options;
    std::string name;
    std::optional<LeaderTransform> through = {};

    /// Errors are those of matched() and of the transform's file; ErrorKind::stopped where it was.
    Result<FoundMatch> run(const std::stop_token& stop = {}) const;
};

/// Both setups must have a reading. The leader is seen through the transform, where one is given; else a
/// scene-linear one through its setup's correction, where it has one; one that follows another itself leads
/// as what it became.
Result<PairingTask> pairingTask(const Setup& leader, const Setup& follower, const plan::Shoot& shoot,
                                MatchOptions wish, std::optional<LeaderTransform> through = {});

/// What a person chose for a match that is kept: steps held back, weights, skin, marked colours.
MatchOptions choicesOf(const Setup& follower);

/// Of all of the studio that a leader's look is made from: its reading and, where it is seen through it, its
/// own correction. A transform's file comes on top; see fingerprintOf().
std::string leaderFingerprint(const Setup& leader, bool throughOwn = true);

/// Whom a setup's correction follows, and whether that is still so.
struct Following {
    plan::SetupId leader = 0;  ///< 0: the leading setup has gone
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
    plan::SetupId first = 0, second = 0;
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
Result<Lab> colourMarked(const Marked& inLeader, const SeenThrough& view);
Result<KnownColour> colourMarked(const Marked& inFollower, const std::string& path, const std::string& name,
                                 const Lab& asLeaderShows);

/// A picture to be set beside one of another camera; a clip is told by its beginning.
struct TimedPicture {
    std::string path;
    std::optional<double> seconds;  ///< when it was shot, from any one moment
    std::string slate = {};         ///< that it shows; empty: none
};
/// The sides of a comparison are two frames of one scene: of the other camera's pictures the one that shows
/// the same slate, else the one that was shot nearest in time, else its first; empty where there are none.
std::string counterpart(std::span<const TimedPicture> others, const TimedPicture& one);
/// The moment of another camera's clip that was shot when `moment` of one clip was, seconds from its
/// beginning; of clips whose times are not known, or that do not lie beside each other, the same moment.
double momentBeside(const TimedPicture& one, double moment, const TimedPicture& other);

}  // namespace refero::workflow
