// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QMenu>

#include "app/session/session.h"
#include "app/session/studio_change.h"

namespace refero {

class Dialogs;

/// What is done with studio files: open, begin, copy, export and import; the ones used last.
class StudioMenu : public QMenu {
    Q_OBJECT
  public:
    StudioMenu(Session& session, StudioChange& change, Dialogs& dialogs, QWidget* parent);

    /// Works on that studio once it is open; where it cannot be opened, all stays as it is and `told` says
    /// why.
    void open(const QString& path);

  signals:
    void told(const QString& message);
    void demoWanted();

  private:
    void fill();
    void choose();
    void begin();
    void copy();
    void exportJson();
    void importJson();
    void callSheet();
    /// Does `work`, which writes `path`, in the background and tells how it went.
    template <class Work>
    void write(const QString& done, const QString& path, Work work);
    void goTo(const QString& path, StudioChange::Make make);
    QString suggested(const char* ending) const;

    Session& session_;
    StudioChange& change_;
    Dialogs& dialogs_;
    QList<QAction*> fixed_;
};

/// Paths of the studios used last, newest first; those that are gone are left out. Kept in the XDG
/// configuration folder.
QStringList recentStudios();
/// The one of last time; empty where there was none or it is gone.
QString lastStudio();
void rememberStudio(const QString& path);

}  // namespace refero
