// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QRectF>
#include <functional>

#include "core/fit/fit.h"
#include "core/fit/verify.h"
#include "studio/records.h"

namespace refero {

class Session;

/// What a person does to corrections. Each is a step; fits and proofs run in the background.
class CorrectionActions : public QObject {
    Q_OBJECT
  public:
    explicit CorrectionActions(Session& session);

    void build(studio::SetupId id, const FitOptions& options);
    /// Its light has no chart shot of its own, and frames that want colours; see workflow::loanTask.
    bool canBorrow(studio::SetupId id) const;
    /// Colours that are lent, by the plan's rules or by the library; one step.
    void borrow(studio::SetupId id);
    /// Holds the correction against another chart frame; the outcome is kept with it.
    void proveOn(studio::SetupId id, const QString& path);
    /// Holds it against the colours that do not count; the outcome is kept with it.
    void proveOnColours(studio::SetupId id);
    /// The finish on top of the correction.
    void setFinish(studio::SetupId id, const Finish& finish);
    /// What the correction is judged by.
    void judgeBy(studio::SetupId id, const FitLimits& limits);

    /// Keeps the correction as it is now, by a name that no other of the setup has.
    void keepSnapshot(studio::SetupId id);
    void renameSnapshot(studio::SnapshotId snapshot, const QString& name);
    void removeSnapshot(studio::SnapshotId snapshot);
    /// What was kept becomes the setup's correction once more.
    void takeSnapshot(studio::SnapshotId snapshot);

    /// Something of known colour in a frame of the setup; its place is measured in the background. `done` is
    /// told why not, or nothing.
    void addColour(studio::SetupId id, const QString& path, const QRectF& place, const QString& name,
                   const Lab& labD50, const std::function<void(const QString&)>& done);
    /// Whether it counts in the fit, or is for proofs.
    void countColour(studio::KnownColourId colour, bool counts);
    void removeColour(studio::KnownColourId colour);

    /// Adds a picture of the setup to judge the correction on.
    void addPicture(studio::SetupId id, const QString& path);

  private:
    void keep(studio::SetupId id, const std::string& step, const Result<Correction>& correction);
    void keepProof(studio::SetupId id, const Verification& proof);
    void change(studio::SetupId id, const QString& step, const std::function<void(Correction&)>& change);

    Session& session_;
};

}  // namespace refero
