// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QMainWindow>

#include "app/demo.h"
#include "app/dialogs.h"
#include "app/session/session.h"

class QStackedWidget;

namespace refero {

class CorrectionStation;
class EmptyState;
class Ledger;
class ReadingStation;
class TopBar;

/// The window: ledger, stations, top bar. Frames are dropped anywhere.
class MainWindow : public QMainWindow {
    Q_OBJECT
  public:
    enum class StationId { reading, correction };

    explicit MainWindow(Dialogs& dialogs, QWidget* parent = nullptr);

    Session& session() { return session_; }
    void openFrames(const QStringList& paths);
    void startDemo();
    void showStation(StationId id);
    StationId station() const { return station_; }
    void setViewingOnly(bool only);

  protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

  private:
    void buildActions();
    void showRightPage();
    void chooseFrames();
    void nameSetup(int id);
    void toggleSurround();

    Dialogs& dialogs_;
    Session session_;
    Demo demo_;
    TopBar* bar_;
    Ledger* ledger_;
    QStackedWidget* pages_;
    EmptyState* empty_;
    ReadingStation* reading_;
    CorrectionStation* correction_;
    StationId station_ = StationId::reading;
    bool viewingOnly_ = false;
};

}  // namespace refero
