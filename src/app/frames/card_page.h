// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <map>

#include "app/session/day_actions.h"
#include "app/session/session.h"

class QCheckBox;

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look
class Dialogs;
class FigureRows;
class UnknownList;

/// The usual day in one step: what was found in one line, who gets something, one button; everything that is
/// done stands in a list as it happens, and can be stopped or taken back.
class CardPage : public QWidget {
    Q_OBJECT
  public:
    CardPage(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);
    void refresh();
    /// Begins the work, or stops it where it is going on.
    void begin();
    /// "212 frames, 5 lights, 5 chart shots: 4 good, 1 to be shot again."
    static QString inOneLine(const DayActions::Found& found);

  signals:
    void leaveWanted();
    /// A setup was chosen in the list, to be looked at.
    void setupWanted(studio::SetupId id);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    QWidget* buildReceivers();
    bool chooseFolder();
    std::vector<workflow::Receiver> receivers() const;
    void showLines();
    void told(bool stopped);

    Session& session_;
    Dialogs& dialogs_;
    look::Label *found_, *folder_, *state_;
    std::map<workflow::Receiver, QCheckBox*> ticks_;
    look::Button *run_, *takeBack_, *choose_;
    FigureRows* rows_;
    UnknownList* unknowns_;
    QString path_;
};

}  // namespace refero
