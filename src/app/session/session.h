// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <functional>
#include <map>
#include <memory>
#include <vector>

#include "app/jobs/job.h"
#include "app/session/history.h"
#include "app/session/setup.h"
#include "core/plan/call_sheet.h"
#include "studio/studio.h"
#include "workflow/correction.h"
#include "workflow/shelf.h"
#include "workflow/shoot_state.h"

class QTimer;

namespace refero {

class CorrectionActions;
class DayActions;
class HandoverActions;
class IntakeActions;
class BenchActions;
class PairingActions;
class ReadingActions;
class UnknownCharts;

/// The work at hand: the setups of one shoot of a studio, in order. What is done is kept in the studio at
/// once and can be undone by name; what it takes is in `workflow`. The actions of each part of the work are
/// objects of their own. `changed` says when there is something new.
class Session : public QObject {
    Q_OBJECT
  public:
    explicit Session(QObject* parent = nullptr);
    ~Session() override;

    IntakeActions& intake() { return *intake_; }
    ReadingActions& reading() { return *reading_; }
    CorrectionActions& correction() { return *correction_; }
    PairingActions& pairing() { return *pairing_; }
    BenchActions& bench() { return *bench_; }
    HandoverActions& handover() { return *handover_; }
    DayActions& dayWork() { return *dayWork_; }
    UnknownCharts& unknownCharts() { return *unknownCharts_; }
    History& undo() { return history_; }

    /// Works on another studio from now on; the one before is closed.
    void use(std::unique_ptr<studio::Studio> studio);
    /// Null before the first `use`.
    studio::Studio* studio() { return studio_.get(); }
    const studio::Studio* studio() const { return studio_.get(); }
    const studio::Contents& contents() const { return studio_->contents(); }

    const std::vector<Setup>& setups() const { return setups_; }
    const Setup* setup(studio::SetupId id) const;
    const Setup* current() const { return setup(current_); }
    studio::SetupId currentId() const { return current_; }
    void select(studio::SetupId id);
    /// By whose correction its frames go out: its own, or that of the setup whose chart serves it.
    studio::SetupId correctedBy(studio::SetupId id) const;

    QString shoot() const;
    studio::ShootId shootId() const { return shoot_; }
    /// Works on another shoot of the studio; no step.
    void openShoot(studio::ShootId shoot);
    /// The shoot at hand, entered where there is none yet.
    studio::ShootId shootFor(studio::Edit& edit) const;
    /// The shoot's day in words.
    plan::CallSheet callSheet() const;
    /// What the plan's rules know of it, as of now.
    const plan::Day& day() const { return day_; }
    const plan::ClearSky& sky() const { return state_.sky(); }
    /// What time it is; tests and pictures set their own.
    void setClock(std::function<plan::Moment()> clock);

    /// One action by name: `fill` collects its changes. What it refuses, and what cannot be kept, is an error
    /// and changes nothing. An action that changes nothing is no step.
    Status perform(const QString& name, const std::function<Status(studio::Edit&)>& fill);
    /// Adds a setup for a frame and reads its chart. Body and lens are taken from the frame.
    studio::SetupId addFrame(const QString& path);
    void moveSetup(studio::SetupId id, int to);
    void remove(studio::SetupId id);
    void rename(studio::SetupId id, const QString& place, const QString& light);

    // For the actions:
    /// What is only at hand of a setup.
    struct AtHand {
        FramePointer frame;
        QString error;
        bool busy = false;
        int job = 0;  ///< the reading that is wanted; answers to older ones are let go
        std::optional<workflow::CorrectionChoices> choices{};  ///< of the last correction
    };
    AtHand& hand(studio::SetupId id) { return atHand_[id]; }
    void forgetHand(studio::SetupId id) { atHand_.erase(id); }
    /// Something at hand has changed.
    void showAtHand(studio::SetupId id);
    /// Says with the setup why its last step was refused.
    void refuse(studio::SetupId id, const QString& message);
    workflow::FrameCache& frames() { return *frames_; }
    workflow::ShootState& state() { return state_; }
    const std::shared_ptr<workflow::FrameCache>& sharedFrames() const { return frames_; }
    /// Corrections of the library, parsed once; for background work.
    const std::shared_ptr<workflow::ParsedCorrections>& parsedCorrections() const { return parsed_; }
    /// Keeps an edit as a step; false where it was refused, which is said.
    bool commit(const studio::Edit& edit);
    /// Keeps what cannot be undone.
    void record(const studio::Edit& edit);
    /// The studio has changed: shows what it holds now, and says which setups are others than before.
    void rebuild();
    /// As runJob; an answer that comes after another studio was opened belongs to nobody: ids there mean
    /// other setups.
    template <class Work, class Done>
    void background(Work work, Done done, Urgency urgency = Urgency::soon) {
        runJob(
            this, std::move(work),
            [this, studio = studios_, done = std::move(done)]<class Value>(Value&& value) mutable {
                if (studio == studios_) done(std::forward<Value>(value));
            },
            urgency);
    }

  signals:
    void changed(studio::SetupId id);
    void listChanged();
    void currentChanged(studio::SetupId id);
    /// The day, the kit or what is due may be others now.
    void planChanged();
    /// Another studio is at hand.
    void studioChanged();
    /// Pictures are to be drawn anew, for another display.
    void displayChanged();
    /// Something could not be kept; the message says why and what is unharmed.
    void refused(const QString& message);

  private:
    void minutePassed();
    void putAtHand(Setup& setup);

    std::unique_ptr<studio::Studio> studio_;
    History history_;
    workflow::ShootState state_;
    std::vector<Setup> setups_;
    std::map<studio::SetupId, AtHand> atHand_;
    std::shared_ptr<workflow::FrameCache> frames_;
    std::shared_ptr<workflow::ParsedCorrections> parsed_ = std::make_shared<workflow::ParsedCorrections>();
    studio::ShootId shoot_ = 0;
    plan::Day day_;
    std::function<plan::Moment()> clock_ = plan::now;
    QTimer* minute_;
    studio::SetupId current_ = 0;
    int studios_ = 0;  ///< that were used so far
    IntakeActions* intake_;
    ReadingActions* reading_;
    CorrectionActions* correction_;
    PairingActions* pairing_;
    BenchActions* bench_;
    HandoverActions* handover_;
    DayActions* dayWork_;
    UnknownCharts* unknownCharts_;
};

}  // namespace refero
