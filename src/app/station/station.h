// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

#include "app/session/session.h"

class QStackedWidget;

namespace refero {

class FiguresPanel;
class Findings;
class Invitation;
class VerdictLine;

/// One place of the work: a line with the verdict and the next step, a bar of choices, the picture with its
/// figures, the findings at the right where there is something to see. It follows the session's current
/// setup; where that has nothing to show yet, an invitation stands in the place of all.
class Station : public QWidget {
    Q_OBJECT
  public:
    Station(Session& session, QWidget* parent);
    /// Nothing but the picture.
    virtual void setViewingOnly(bool only);
    /// In a small window: what belongs beside the picture takes less room.
    void setCompact(bool compact);

  protected:
    /// Puts the parts in their places and shows the current setup; the last thing a constructor does. `bar`
    /// may be null.
    void lay(QWidget* bar, FiguresPanel* pictureAndFigures);
    /// Null where there is no setup.
    virtual void show(const Setup* setup) = 0;
    /// What of its own a station narrows.
    virtual void narrow(bool compact) = 0;
    /// The next step's button was pressed.
    virtual void proceed() = 0;

    void setChecks(const std::vector<Check>& checks, std::optional<Verdict> verdict);
    /// Beside the picture: busy, failed, lent.
    void setMessage(const QString& title, const QString& text);
    /// In the place of picture and figures: nothing is there yet.
    void invite(const QString& title, const QString& text);
    void setNextStep(const QString& step, const QString& why);
    Session& session_;
    Findings* findings_;

  private:
    /// Findings open by themselves where a person has to see them.
    void showParts();

    VerdictLine* line_;
    Invitation* invitation_;
    QStackedWidget* pages_;
    QWidget* bar_ = nullptr;
    FiguresPanel* panel_ = nullptr;
    bool alone_ = false, inviting_ = false;
    std::optional<bool> open_;  ///< by hand, for this setup
    studio::SetupId shown_ = 0;
};

}  // namespace refero
