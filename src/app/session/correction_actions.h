// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QRectF>
#include <functional>

#include "core/fit/fit.h"
#include "core/fit/verify.h"

namespace refero {

class Session;

/// What a person does to corrections. Each is a step; fits and proofs run in the background.
class CorrectionActions : public QObject {
    Q_OBJECT
  public:
    explicit CorrectionActions(Session& session);

    void build(int id, const FitOptions& options);
    /// Its light has no chart shot of its own, and frames that want colours; see workflow::loanTask.
    bool canBorrow(int id) const;
    /// Colours that are lent, by the plan's rules or by the library; one step.
    void borrow(int id);
    /// Holds the correction against another chart frame; the outcome is kept with it.
    void proveOn(int id, const QString& path);
    /// Holds it against the colours that do not count; the outcome is kept with it.
    void proveOnColours(int id);
    /// The finish on top of the correction.
    void setFinish(int id, const Finish& finish);
    /// What the correction is judged by.
    void judgeBy(int id, const FitLimits& limits);

    /// Keeps the correction as it is now, by a name that no other of the setup has.
    void keepSnapshot(int id);
    void renameSnapshot(int snapshot, const QString& name);
    void removeSnapshot(int snapshot);
    /// What was kept becomes the setup's correction once more.
    void takeSnapshot(int snapshot);

    /// Something of known colour in a frame of the setup; its place is measured in the background. `done` is
    /// told why not, or nothing.
    void addColour(int id, const QString& path, const QRectF& place, const QString& name, const Lab& labD50,
                   const std::function<void(const QString&)>& done);
    /// Whether it counts in the fit, or is for proofs.
    void countColour(int colour, bool counts);
    void removeColour(int colour);

    /// Adds a picture of the setup to judge the correction on.
    void addPicture(int id, const QString& path);

  private:
    void keep(int id, const std::string& step, const Result<Correction>& correction);
    void keepProof(int id, const Verification& proof);
    void change(int id, const QString& step, const std::function<void(Correction&)>& change);

    Session& session_;
};

}  // namespace refero
