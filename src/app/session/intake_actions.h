// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QStringList>
#include <memory>
#include <optional>
#include <vector>

#include "core/plan/proposal.h"
#include "studio/edit.h"

namespace refero {

class Session;

/// Frames that come into the shoot, and where they belong.
class IntakeActions : public QObject {
    Q_OBJECT
  public:
    explicit IntakeActions(Session& session);
    ~IntakeActions() override;

    /// Brings files and folders into the shoot, one after the other in the background; each is sorted into a
    /// setup with the reason. One step, however many they are. With `copyTo`, verified copies are made there
    /// and those are the shoot's frames.
    void bringIn(const QStringList& paths, const QString& copyTo = {});
    void stop();
    bool running() const { return run_ != nullptr; }
    /// A frame of a setup has come by itself, such as the demo's; no step of a person. A chart frame is read.
    void arrived(studio::SetupId id, const QString& path, studio::FrameRole role);

    /// Puts frames into a setup (0: none) by hand.
    void putFrames(const std::vector<studio::FrameId>& frames, studio::SetupId setup);
    /// Out of the shoot, as one step; the files stay where they are. What a setup was read from stays.
    void removeFrames(const std::vector<studio::FrameId>& frames);
    /// A new setup with the first frame's body and lens, and these frames in it.
    void beginSetupWith(const std::vector<studio::FrameId>& frames);
    /// What the frames in no setup speak for, as changed by hand.
    std::vector<plan::SetupProposal> proposals() const;
    /// Makes setups of them, or of one of them; their chart shots are read.
    void acceptProposals(std::optional<std::size_t> one = {});
    /// Frames go with those of a proposal, by its place, or are a light of their own. No step: nothing is
    /// kept until a proposal is accepted.
    void joinProposal(const std::vector<studio::FrameId>& frames, std::size_t proposal);
    void splitProposal(const std::vector<studio::FrameId>& frames);
    /// A clip stands for another of its pictures; a chart in it is read.
    void takeMoment(studio::FrameId frame, double seconds);
    /// A camera's clock was behind by so many seconds; see studio::setClock.
    void setCameraClock(studio::FrameId frame, int seconds);

  signals:
    /// Other setups are proposed now.
    void proposalsChanged();
    /// Of what is coming in; `left` in milliseconds, -1 while that cannot be said.
    void progress(int done, int all, qint64 left);
    /// All came in, or it was stopped; what could not be read is named, a line each.
    void finished(int broughtIn, const QStringList& problems);

  private:
    struct Run;
    void lookAtNext();
    void keep();
    void finish();

    Session& session_;
    std::shared_ptr<Run> run_;
    std::vector<plan::ProposalChange> changes_;  ///< of proposals, by hand
};

}  // namespace refero
