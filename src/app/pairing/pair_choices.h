// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <map>
#include <optional>
#include <vector>

#include "app/pairing/paired_view.h"
#include "app/session/session.h"
#include "workflow/leader_transform.h"
#include "workflow/pairing.h"

class QComboBox;
class QDoubleSpinBox;

namespace refero {

class Dialogs;

/// The choices over two cameras' pictures: who leads and through what, how the two share the view, which
/// pictures, and of clips which moments.
class PairChoices : public QWidget {
    Q_OBJECT
  public:
    PairChoices(Session& session, Dialogs& dialogs, QWidget* parent);
    void setCompact(bool compact);

    /// What can lead: what was chosen for this follower, what its correction follows, or another camera of
    /// the same place. `other`: it is another follower than before.
    void fillLeaders(const Setup* follower, bool other);
    void fillPictures(const Setup* follower);

    /// Null where there is none.
    const Setup* leader() const;
    /// Nothing: as it shows itself, or through its correction.
    std::optional<workflow::LeaderTransform> through() const;
    void setThrough(const std::optional<workflow::LeaderTransform>& through);
    PairedView::Arrangement arrangement() const;
    /// With the moment of a clip; empty for none.
    QString leadersPicture() const;
    QString followersPicture() const;

  signals:
    void leaderChosen();
    /// The leader is seen through something else.
    void seenChosen();
    void arrangementChosen();
    void picturesChosen();

  private:
    void fillSeen();
    void chooseSeen(int index);
    void followPicture();
    void followMoment();
    void showMoments();
    workflow::TimedPicture timed(const QString& path) const;

    Session& session_;
    Dialogs& dialogs_;
    std::vector<QWidget*> captions_;
    QComboBox *leads_, *seen_, *gives_, *layout_, *leadersPicture_, *followersPicture_;
    QDoubleSpinBox *leadersMoment_, *followersMoment_;
    std::map<studio::SetupId, studio::SetupId> leaders_;  ///< that were chosen, by follower
    std::optional<workflow::LeaderTransform> through_;
    QStringList known_;  ///< transforms that were chosen here, beside those on the bench
};

}  // namespace refero
