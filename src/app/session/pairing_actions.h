// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <map>
#include <memory>
#include <optional>
#include <stop_token>
#include <vector>

#include "workflow/pairing.h"

namespace refero {

class Session;

/// What a person does to make cameras cut together. A match is found in the background and looked at first;
/// keeping it is the step.
class PairingActions : public QObject {
    Q_OBJECT
  public:
    explicit PairingActions(Session& session);

    /// Finds how `follower` would look like `leader`, or like what `through` makes of it; how sure its
    /// figures are follows a little later. The latest asked for counts.
    void find(studio::SetupId leader, studio::SetupId follower, const MatchOptions& options,
              const std::optional<workflow::LeaderTransform>& through = {});
    /// The one that was found last for this follower; null where none is.
    std::shared_ptr<const Match> match(studio::SetupId follower) const;
    /// Through what its leader's pictures are seen; null: match()->leaderView says it.
    std::shared_ptr<const workflow::SeenThrough> leaderThrough(studio::SetupId follower) const;
    /// Makes the found match the follower's correction.
    void keep(studio::SetupId follower);
    /// Finds and keeps one for each of these, one step for all.
    void matchAll(studio::SetupId leader, const std::vector<studio::SetupId>& followers,
                  const std::optional<workflow::LeaderTransform>& through = {});

  signals:
    void found(studio::SetupId follower);
    /// The match that was found has the intervals of its figures now.
    void madeSure(studio::SetupId follower);
    void failed(studio::SetupId follower, const QString& message);
    void kept(studio::SetupId follower);

  private:
    Session& session_;
    void makeSure(studio::SetupId follower, const workflow::PairingTask& found);

    std::map<studio::SetupId, std::shared_ptr<const workflow::FoundMatch>> matches_;
    std::map<studio::SetupId, int> jobs_;  ///< the latest of each follower
    std::stop_source sure_;                ///< the intervals that are worked out
};

}  // namespace refero
