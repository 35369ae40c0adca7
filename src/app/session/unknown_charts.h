// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <deque>
#include <optional>

#include "app/session/setup.h"
#include "core/chart/chart.h"
#include "studio/edit.h"
#include "studio/look_at.h"

namespace refero {

class Session;

/// Frames that came in without any known chart are looked through for one that nobody has described; and
/// once such a chart is known, they are looked at again.
class UnknownCharts : public QObject {
    Q_OBJECT
  public:
    explicit UnknownCharts(Session& session);
    ~UnknownCharts() override;

    /// What looks like a chart.
    struct Seen {
        studio::FrameId frame = 0;
        QString layout;  ///< "4 x 6 patches"
    };
    const std::optional<Seen>& seen() const { return seen_; }

    /// Looks through the shoot's frames while nobody waits for it; nothing where one of them shows a known
    /// chart.
    void look();
    /// What was seen is no chart: the next one is looked for.
    void dismiss();
    /// What was seen becomes the chart frame of its setup, or of a new one, and is the current one; a step.
    void take();
    /// Looks for a chart that was learned just now in all frames in which none was found. They become chart
    /// frames with the last step.
    void lookAgainFor(const Chart& chart);
    /// What is found stays.
    void stopLookingAgain();
    /// How far that is.
    struct Again {
        bool open = false;  ///< it goes on
        int done = 0, all = 0;
        int found = 0;  ///< frames that show the chart
    };
    const Again& again() const { return again_; }

  signals:
    void changed();

  private:
    void next();
    void nextAgain(const Chart& chart);
    void keep(studio::FrameId frame, const studio::Arrival& arrival);

    Session& session_;
    std::optional<Seen> seen_;
    std::deque<studio::FrameId> open_;  ///< still to be looked through
    Again again_;
    std::int64_t step_ = 0;  ///< that learned the chart
    int run_ = 0;            ///< counts the searches: what an older one still finds is let go
};

}  // namespace refero
