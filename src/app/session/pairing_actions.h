// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <map>
#include <memory>
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

    /// Finds how `follower` would look like `leader`. The latest asked for counts.
    void find(int leader, int follower, const MatchOptions& options);
    /// The one that was found last for this follower; null where none is.
    std::shared_ptr<const Match> match(int follower) const;
    /// Makes the found match the follower's correction.
    void keep(int follower);
    /// Finds and keeps one for each of these, one step for all.
    void matchAll(int leader, const std::vector<int>& followers);

  signals:
    void found(int follower);
    void failed(int follower, const QString& message);
    void kept(int follower);

  private:
    Session& session_;
    std::map<int, std::shared_ptr<const Match>> matches_;
    std::map<int, int> jobs_;  ///< the latest of each follower
};

}  // namespace refero
