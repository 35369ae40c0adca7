// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/frames/contact_sheet.h"
#include "app/session/session.h"

class QComboBox;

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look
class Dialogs;

/// Everything that came in, as a contact sheet by setup: chart frames marked, what belongs nowhere, problems
/// named.
class FramesStation : public QWidget {
    Q_OBJECT
  public:
    FramesStation(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);
    void setCompact(bool compact);

  signals:
    /// A frame is to be looked at: its setup is the current one.
    void readingWanted();

  protected:
    void showEvent(QShowEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

  private:
    enum class Show { all, charts, loose, doubted };
    QWidget* buildBar();
    QWidget* buildPanel();
    QWidget* buildEmpty();
    void refresh();
    void showChosen();
    void showProgress(int done, int all, qint64 left);
    void finished(int broughtIn, const QStringList& problems);
    bool isShown(const studio::Frame& frame) const;
    std::vector<SheetGroup> groups() const;
    void moveChosen(int index);

    Session& session_;
    Dialogs& dialogs_;
    ContactSheet* sheet_;
    QComboBox *show_, *setup_;
    look::Label *count_, *progress_, *title_, *facts_, *reason_, *doubt_, *problems_;
    look::Button *stop_, *begin_;
    QWidget *panel_, *empty_;
    std::vector<studio::Id> setups_;
};

}  // namespace refero
