// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/session/session.h"

namespace refero {
namespace look {
class Label;
}
class DayTable;
class SetupEditor;
class SunStrip;

/// The day in lines and hours, the sun below it, and the chosen setup's form at the right.
class DayPage : public QWidget {
    Q_OBJECT
  public:
    explicit DayPage(Session& session, QWidget* parent = nullptr);
    void refresh();
    void setCompact(bool compact);
    SetupEditor& editor() { return *editor_; }

  signals:
    void kitWanted();

  protected:
    void resizeEvent(QResizeEvent* event) override;

  private:
    QWidget* buildDay();
    QWidget* buildEmpty();
    void dragged(studio::SetupId setup, int start, int end);
    void align();
    void showSun();
    void saySun(std::optional<int> minutes);

    Session& session_;
    DayTable* table_;
    SunStrip* sun_;
    look::Label *sunTitle_, *sunText_;
    SetupEditor* editor_;
    QWidget *day_, *empty_;
};

}  // namespace refero
