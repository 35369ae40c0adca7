// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

#include "app/judging/judged.h"
#include "studio/records.h"

class QComboBox;

namespace refero {
namespace look {
class Button;
}

/// A frame of the setup as the correction renders it, held against balance alone, the recording or a
/// snapshot, with the choices of what is seen.
class JudgingView : public QWidget {
    Q_OBJECT
  public:
    explicit JudgingView(QWidget* parent = nullptr);

    /// Null, or without a correction: nothing to see.
    void show(const Setup* setup);
    /// What the finish would be, while it is being moved; nothing when it is let go.
    void tryFinish(const std::optional<Finish>& finish);
    /// A snapshot is what the correction is held against from now on.
    void holdAgainst(studio::SnapshotId snapshot);
    void showMode(JudgingWish::Mode mode);
    void setBarVisible(bool visible);
    /// For another display.
    void drawAnew();
    void setCompact(bool compact);
    CompareView& compare() { return *compare_; }

  signals:
    void snapshotWanted();
    /// Of what the correction is held against and of the correction; of a picture that was drawn whole.
    void scopesChanged(const std::vector<Scopes>& scopes, const QString& first, const QString& last);
    /// Of a wipe, in the frame's pixels; empty where it is taken back.
    void placeDrawn(const QString& path, const QRectF& place);
    /// Why nothing can be seen.
    void failed(const QString& message);

  private:
    QWidget* buildBar();
    void fillChoices();
    void wish();
    void start(bool quick);
    JudgingWish wishOf(bool quick) const;
    Contestant against() const;

    QWidget* bar_;
    std::vector<QWidget*> captions_;
    QComboBox *picture_, *mode_, *against_, *warnings_;
    look::Button* keep_;
    CompareView* compare_;
    FramePointer atHand_;
    std::vector<workflow::Picture> pictures_;
    std::shared_ptr<const Correction> correction_;
    std::vector<workflow::Snapshot> snapshots_;
    std::shared_ptr<const SmallFrame> frame_;
    std::optional<Finish> tried_;
    QString shown_;  ///< what the picture on the screen was made of
    studio::SetupId setup_ = 0;
    int job_ = 0;
    bool busy_ = false, again_ = false;
};

}  // namespace refero
