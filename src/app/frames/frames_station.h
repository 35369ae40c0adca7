// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>

#include "app/frames/contact_sheet.h"
#include "app/session/session.h"
#include "core/plan/proposal.h"

class QComboBox;
class QHBoxLayout;
class QStackedWidget;

namespace refero {

class ProblemLines;
namespace look {
class Button;
class Label;
}  // namespace look
class CardPage;
class Dialogs;
class Form;
class FrameViewer;
class Offers;
class OnSetPage;

/// Everything that came in, as a contact sheet by setup: chart frames marked, what belongs nowhere, problems
/// named.
class FramesStation : public QWidget {
    Q_OBJECT
  public:
    FramesStation(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);
    void setCompact(bool compact);
    void showOnSet();
    /// The usual day in one step: a page of its own.
    void showDay();
    /// Stays in place or copied, as is chosen here.
    void bringIn(const QStringList& paths);

  signals:
    /// A frame is to be looked at: its setup is the current one.
    void readingWanted();
    /// These go out; the setup of the first is the current one.
    void handoverWanted(const std::vector<studio::FrameId>& frames);

  protected:
    void showEvent(QShowEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

  private:
    QWidget* buildBar();
    QHBoxLayout* buildIntakeRow(QWidget* bar);
    QHBoxLayout* buildShownRow(QWidget* bar);
    QWidget* buildPanel();
    QWidget* buildEmpty();
    QWidget* buildSheetPage();
    void chooseWhere(int index);
    void setClock(const QString& text);
    void view(qint64 frame);
    void refresh();
    /// Minutes from UTC of the clock at a setup's place; nothing where that is not known.
    std::optional<int> clockOf(studio::SetupId setup) const;
    void showChosen();
    void showProgress(int done, int all, qint64 left);
    void finished(int broughtIn, const QStringList& problems);
    void moveChosen(int index);
    void moveTo(const std::vector<studio::FrameId>& frames, studio::SetupId where);
    std::optional<std::size_t> chosenAmong(const std::vector<plan::SetupProposal>& proposals) const;
    std::vector<studio::FrameId> chosenSubjects() const;
    QString chartName(const std::string& id) const;

    Session& session_;
    Dialogs& dialogs_;
    ContactSheet* sheet_;
    QStackedWidget* pages_;
    FrameViewer* viewer_;
    OnSetPage* onSet_;
    CardPage* card_;
    Offers* offers_;
    QComboBox *show_, *setup_, *order_, *where_;
    Form* clock_;
    QString copyTo_;                             ///< empty: frames stay where they are
    std::map<studio::FrameId, QString> doubts_;  ///< as of the last refresh
    look::Label *count_, *progress_, *title_, *facts_, *reason_, *doubt_;
    ProblemLines* problems_;
    look::Button *stop_, *begin_, *acceptOne_, *hand_;
    QWidget *panel_, *empty_;
    std::vector<studio::SetupId> setups_;
};

}  // namespace refero
