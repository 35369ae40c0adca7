// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QStringList>
#include <deque>
#include <memory>
#include <optional>
#include <vector>

#include "app/session/setup.h"
#include "core/fit/correction.h"
#include "core/read/reading.h"
#include "studio/edit.h"
#include "workflow/receivers.h"

namespace refero {

class Session;
namespace workflow {
struct SetupWork;
}

/// The usual day in one go: begins the setups that frames speak for, reads and judges their chart shots,
/// builds corrections where that is good or can be mended, and hands over. All that the studio keeps of it is
/// one step; what was done before is left as it is.
class DayActions : public QObject {
    Q_OBJECT
  public:
    explicit DayActions(Session& session);
    ~DayActions() override;

    /// What is there, for one line.
    struct Found {
        int frames = 0, lights = 0;
        int chartShots = 0;                             ///< setups, planned or proposed, that have one
        int good = 0, look = 0, again = 0, unread = 0;  ///< of them; `look` wants a look
        int toBuild = 0;  ///< corrections that can be built now, or once the shot is read
    };
    Found found() const;

    /// What became of one setup so far.
    struct Line {
        studio::SetupId setup = 0;
        std::optional<Verdict> verdict{};
        bool mended = false;
        bool lent = false;             ///< its colours are lent, since it has no chart shot
        std::optional<double> left{};  ///< mean CIEDE2000 of its correction
        int receivers = 0;             ///< that have all of it now
        QString doing;                 ///< what is done with it now; empty: nothing
        QString why;                   ///< what was not done
    };
    const std::vector<Line>& lines() const { return lines_; }

    /// Goes through all setups, then hands over to each receiver into a folder of its own in that of
    /// the shoot, which is made in `folder`; without receivers nothing goes out.
    void run(std::vector<workflow::Receiver> receivers, const QString& folder);
    /// What is at work ends at a safe place; what is done stays.
    void stop();
    bool running() const { return run_ != nullptr; }
    /// It ran to its end and can be taken back as one step.
    bool canTakeBack() const;
    void takeBack();

  signals:
    /// Lines or progress are others now.
    void changed();
    /// It came to its end or was stopped.
    void finished(bool stopped);

  private:
    struct Run;
    void nextSetup();
    void nextLoan();
    bool keepReading(studio::SetupId setup, const workflow::SetupWork& work);
    void keepBuilt(studio::SetupId setup, const Correction& correction, const std::string& document);
    void tell(studio::SetupId setup, const QString& what);
    bool keepEdit(const studio::Edit& edit);
    void planDeliveries();
    void nextDelivery();
    void delivered(studio::SetupId setup, const QStringList& problems);
    void stopHere();
    void end(bool stopped);
    Line* line(studio::SetupId setup);
    /// The last run said why nothing could be built, and the shot is the same.
    bool triedInVain(const Setup& setup) const;

    Session& session_;
    std::vector<Line> lines_;
    std::shared_ptr<Run> run_;
    std::int64_t step_ = 0;  ///< that all of the last run belongs to; 0: none
};

}  // namespace refero
