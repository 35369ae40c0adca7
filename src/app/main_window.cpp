// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/main_window.h"

#include <QAction>
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMimeData>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/empty_state.h"
#include "app/ledger/ledger.h"
#include "app/look/tokens.h"
#include "app/stations/correction_station.h"
#include "app/stations/reading_station.h"
#include "app/top_bar.h"

namespace refero {

MainWindow::MainWindow(Dialogs& dialogs, QWidget* parent)
    : QMainWindow(parent), dialogs_(dialogs), demo_(session_) {
    setObjectName(QStringLiteral("mainWindow"));
    setWindowTitle(QStringLiteral("Refero"));
    resize(1280, 800);
    setAcceptDrops(true);
    auto* centre = new QWidget(this);
    auto* row = new QHBoxLayout(centre);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    ledger_ = new Ledger(session_, centre);
    row->addWidget(ledger_);
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    bar_ = new TopBar(session_.undo(), centre);
    column->addWidget(bar_);
    pages_ = new QStackedWidget(centre);
    empty_ = new EmptyState(pages_);
    reading_ = new ReadingStation(session_, pages_);
    correction_ = new CorrectionStation(session_, dialogs_, pages_);
    for (QWidget* page :
         {static_cast<QWidget*>(empty_), static_cast<QWidget*>(reading_), static_cast<QWidget*>(correction_)})
        pages_->addWidget(page);
    column->addWidget(pages_, 1);
    row->addLayout(column, 1);
    setCentralWidget(centre);
    buildActions();

    connect(&session_, &Session::listChanged, this, &MainWindow::showRightPage);
    connect(ledger_, &Ledger::renameWanted, this, &MainWindow::nameSetup);
    connect(empty_, &EmptyState::openWanted, this, &MainWindow::chooseFrames);
    connect(empty_, &EmptyState::demoWanted, this, &MainWindow::startDemo);
    connect(bar_, &TopBar::stationWanted, this, [this](int i) { showStation(static_cast<StationId>(i)); });
    connect(bar_, &TopBar::openWanted, this, &MainWindow::chooseFrames);
    connect(bar_, &TopBar::surroundWanted, this, &MainWindow::toggleSurround);
    connect(bar_, &TopBar::viewingWanted, this, [this] { setViewingOnly(!viewingOnly_); });
    connect(reading_, &ReadingStation::correctionWanted, this,
            [this] { showStation(StationId::correction); });
    connect(correction_, &CorrectionStation::readingWanted, this,
            [this] { showStation(StationId::reading); });
    connect(&demo_, &Demo::progress, this, [this](int done, int all) {
        bar_->setProgress(done < all
                              ? QStringLiteral("Shooting the demo: frame %1 of %2").arg(done + 1).arg(all)
                              : QString());
    });
    connect(&demo_, &Demo::failed, this, [this](const QString& message) {
        bar_->setProgress({});
        empty_->setMessage(message);
    });
    showRightPage();
}

void MainWindow::buildActions() {
    const auto add = [this](const char* object, const QString& text, const QList<QKeySequence>& keys,
                            auto slot) {
        auto* action = new QAction(text, this);
        action->setObjectName(QLatin1String(object));
        action->setShortcuts(keys);
        connect(action, &QAction::triggered, this, slot);
        addAction(action);
    };
    add("openAction", QStringLiteral("Open frames"), {QKeySequence::Open}, [this] { chooseFrames(); });
    add("undoAction", QStringLiteral("Undo"), {QKeySequence::Undo}, [this] { session_.undo().undo(); });
    add("redoAction", QStringLiteral("Redo"),
        {QKeySequence(QStringLiteral("Ctrl+Shift+Z")), QKeySequence(QStringLiteral("Ctrl+Y"))},
        [this] { session_.undo().redo(); });
    // The stations keep their numbers in the order of the work, of which these are the third and fourth.
    add("readingAction", QStringLiteral("Reading"), {QKeySequence(QStringLiteral("Ctrl+3"))},
        [this] { showStation(StationId::reading); });
    add("correctionAction", QStringLiteral("Correction"), {QKeySequence(QStringLiteral("Ctrl+4"))},
        [this] { showStation(StationId::correction); });
    add("surroundAction", QStringLiteral("Change the surround"), {QKeySequence(QStringLiteral("Ctrl+B"))},
        [this] { toggleSurround(); });
    add("viewingAction", QStringLiteral("Picture only"), {QKeySequence(Qt::Key_F11)},
        [this] { setViewingOnly(!viewingOnly_); });
    add("leaveViewingAction", QStringLiteral("Leave picture only"), {QKeySequence(QStringLiteral("Ctrl+W"))},
        [this] { setViewingOnly(false); });
}

void MainWindow::showRightPage() {
    const bool any = !session_.setups().empty();
    pages_->setCurrentWidget(!any                             ? static_cast<QWidget*>(empty_)
                             : station_ == StationId::reading ? static_cast<QWidget*>(reading_)
                                                              : static_cast<QWidget*>(correction_));
    bar_->setStation(any ? static_cast<int>(station_) : -1);
}

void MainWindow::showStation(StationId id) {
    station_ = id;
    showRightPage();
}

void MainWindow::setViewingOnly(bool only) {
    viewingOnly_ = only;
    ledger_->setVisible(!only);
    bar_->setVisible(!only);
    reading_->setViewingOnly(only);
    correction_->setViewingOnly(only);
    setWindowState(only ? windowState() | Qt::WindowFullScreen : windowState() & ~Qt::WindowFullScreen);
}

void MainWindow::toggleSurround() {
    look::setSurround(look::surround() == look::Surround::dim ? look::Surround::booth : look::Surround::dim);
    for (QWidget* w : findChildren<QWidget*>()) w->update();
}

void MainWindow::chooseFrames() {
    openFrames(dialogs_.openFrames(this));
}

// On the Correction station a frame joins the setup as a picture to judge on; elsewhere it opens one.
void MainWindow::openFrames(const QStringList& paths) {
    const Setup* current = session_.current();
    for (const QString& path : paths) {
        if (station_ == StationId::correction && current && current->correction) {
            session_.addPicture(current->id, {path, QFileInfo(path).fileName()});
        } else {
            session_.addFrame(path);
        }
    }
}

void MainWindow::startDemo() {
    demo_.start();
}

void MainWindow::nameSetup(int id) {
    const Setup* s = session_.setup(id);
    if (!s) return;
    if (const auto named = dialogs_.nameSetup(this, s->place, s->light))
        session_.rename(id, named->first, named->second);
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    QStringList paths;
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile()) paths << url.toLocalFile();
    openFrames(paths);
    event->acceptProposedAction();
}

}  // namespace refero
