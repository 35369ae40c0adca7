// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <map>

#include "app/pairing/paired_pictures.h"
#include "app/session/session.h"

namespace refero {

/// Two frames of two cameras in one view, rendered in the background.
class PairedView : public CompareView {
    Q_OBJECT
  public:
    enum class Arrangement { wipe, checker, sideBySide, leaderAlone, followerAlone };
    /// A frame, and through what it is seen; that may take a moment to make, and is made in the background.
    struct Side {
        QString title, path;
        Transfer encoding;
        std::function<Correction()> view;
        std::shared_ptr<const workflow::SeenThrough> through = nullptr;  ///< instead of it
    };

    PairedView(Session& session, QWidget* parent);

    void show(const Side& leader, const Side& follower, Arrangement arrangement);
    void clear();
    /// What the scopes are fed with, in shares of the follower's picture; empty for all of both.
    void feedWith(const QRectF& region) { region_ = region; }
    /// A frame that was shown; null for others.
    std::shared_ptr<const SmallFrame> frame(const QString& path) const;
    /// A region that was drawn, in shares of the picture that is shown, or of the follower's.
    QRectF shareOf(const QRectF& region) const;

  signals:
    void drawn(const std::vector<Scopes>& scopes);
    void failed(const QString& message);

  private:
    using Frames = std::map<QString, std::shared_ptr<const SmallFrame>>;

    Session& session_;
    Frames frames_;
    QRectF region_;
    int job_ = 0;
};

}  // namespace refero
