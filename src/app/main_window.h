// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QMainWindow>
#include <optional>

#include "app/demo/demo.h"
#include "app/dialogs/dialogs.h"
#include "app/session/session.h"

class QSplitter;
class QStackedWidget;

namespace refero {

namespace look {
class Label;
}
class CorrectionStation;
class CommandFinder;
class EmptyState;
class FramesStation;
class HandoverStation;
class ColourManager;
class HelpWindow;
class BenchStation;
class PairingStation;
class Ledger;
class MainMenu;
class PlanStation;
class ReadingStation;
class StudioMenu;
class TopBar;

/// The window: ledger, stations, top bar. Frames are dropped anywhere.
class MainWindow : public QMainWindow {
    Q_OBJECT
  public:
    enum class StationId { plan, frames, reading, correction, pairing, handover, test };

    MainWindow(Dialogs& dialogs, std::unique_ptr<studio::Studio> studio, QWidget* parent = nullptr);
    ~MainWindow() override;

    Session& session() { return session_; }
    void openFrames(const QStringList& paths);
    void startDemo();
    /// At the top: a few words in the bar, more in a line of its own below it until the next message.
    void tell(const QString& message);
    void showStation(StationId id);
    StationId station() const { return station_; }
    void setViewingOnly(bool only);
    /// What the event loop ends with when the window is to be made anew.
    static constexpr int kAgain = 64;
    /// The same where the whole program is to begin anew.
    static constexpr int kAnew = 65;
    /// Keeps the language and closes, so that the window is made anew in it; work under way is asked about.
    void speak(const QString& code);
    /// Percent; 0: as the desktop has it.
    void setTextSize(int percent);
    /// As a person left it: size and place, surround, station.
    void restore();
    /// In front of all others.
    void comeForward();
    /// A sentence for each thing that closing would interrupt.
    QStringList atWork();

  protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    void buildActions();
    void closeFor(int ending);
    QWidget* buildNotice(QWidget* parent);
    void fitRoom();
    void sizeLedger();
    void showRightPage();
    void chooseFrames();
    void takeChartData(const QString& path);
    void takeLogCurve(const QString& path);
    void nameSetup(studio::SetupId id);
    void remember() const;
    void closeAfterwards();
    void showHelp(const QString& heading);
    void chooseDisplay();
    void followDisplay();
    void lookAtDisplay();
    void showTitle();
    void toggleSurround();

    Dialogs& dialogs_;
    Session session_;
    StudioChange change_;
    Demo demo_;
    QStringList later_;  ///< brought while a studio is opened, and for that
    CommandFinder* finder_;
    MainMenu* menu_;
    ColourManager* colourManager_ = nullptr;  ///< once a display was looked for
    HelpWindow* help_ = nullptr;              ///< once it was asked for
    StudioMenu* studios_;
    TopBar* bar_;
    QWidget* noticeLine_;
    look::Label* notice_;
    QSplitter* splitter_;
    Ledger* ledger_;
    QStackedWidget* pages_;
    EmptyState* empty_;
    PlanStation* plan_;
    FramesStation* frames_;
    ReadingStation* reading_;
    CorrectionStation* correction_;
    PairingStation* pairing_;
    BenchStation* bench_;
    HandoverStation* handover_;
    StationId station_ = StationId::reading;
    bool viewingOnly_ = false;
    std::optional<bool> compact_;  ///< nothing before the first layout
    bool leaving_ = false;         ///< hidden, until what is at work is done
};

}  // namespace refero
