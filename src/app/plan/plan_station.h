// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "app/session/session.h"

class QAbstractButton;
class QComboBox;
class QStackedWidget;

namespace refero {
namespace look {
class Button;
}
class ChartsPage;
class CoveragePage;
class DayPage;
class Dialogs;
class KitPage;
class LibraryPage;
class PreparePage;

/// The shoot's day: its setups and times, what to prepare, what is covered, and the kit.
class PlanStation : public QWidget {
    Q_OBJECT
  public:
    enum class Page { day, prepare, coverage, kit, charts, library };

    PlanStation(Session& session, Dialogs& dialogs, QWidget* parent = nullptr);
    void showPage(Page page);
    Page page() const;
    void setCompact(bool compact);

  signals:
    void told(const QString& message);

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    QWidget* buildBar();
    void buildActions();
    void refresh();
    void refreshPage();
    void showShoots();
    void chooseShoot(int index);
    void choosePolicy(int index);
    /// As one step by name; what refuses is told.
    void act(const QString& name, const std::function<Status(studio::Edit&)>& fill);
    void addSetup(bool alikeCurrent);
    void move(int by);

    Session& session_;
    QStackedWidget* pages_;
    DayPage* day_;
    PreparePage* prepare_;
    CoveragePage* coverage_;
    KitPage* kit_;
    ChartsPage* charts_;
    LibraryPage* library_;
    QComboBox *shoot_, *policy_;
    look::Button* date_;
    QWidget* caption_;
    QList<QAbstractButton*> tabs_;
    std::vector<studio::ShootId> shoots_;
    bool compact_ = false;
};

}  // namespace refero
