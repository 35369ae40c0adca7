// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/main_window.h"

#include <QAction>
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMimeData>
#include <QScreen>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <utility>

#include "app/bench/bench_station.h"
#include "app/charts/chart_data_files.h"
#include "app/commands/window_commands.h"
#include "app/correction/correction_station.h"
#include "app/empty_state.h"
#include "app/frames/frames_station.h"
#include "app/handover/handover_station.h"
#include "app/ledger/ledger.h"
#include "app/look/label.h"
#include "app/look/tokens.h"
#include "app/pairing/pairing_station.h"
#include "app/plan/plan_station.h"
#include "app/reading/reading_station.h"
#include "app/session/bench_actions.h"
#include "app/session/correction_actions.h"
#include "app/session/job.h"
#include "app/session/reading_actions.h"
#include "app/studio_menu.h"
#include "app/top_bar.h"
#include "io/curve_file.h"

namespace refero {
MainWindow::MainWindow(Dialogs& dialogs, std::unique_ptr<studio::Studio> studio, QWidget* parent)
    : QMainWindow(parent), dialogs_(dialogs), demo_(session_) {
    session_.use(std::move(studio));
    setObjectName(QStringLiteral("mainWindow"));
    setWindowTitle(QStringLiteral("Refero"));
    resize(QSize(1280, 800).boundedTo(screen()->availableSize()));
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
    notice_ = new look::Label({}, look::Size::body, look::Label::Tone::loud, QFont::Normal, centre);
    notice_->setObjectName(QStringLiteral("notice"));
    notice_->setContentsMargins(16, 8, 16, 8);
    notice_->hide();
    column->addWidget(notice_);
    pages_ = new QStackedWidget(centre);
    empty_ = new EmptyState(pages_);
    plan_ = new PlanStation(session_, dialogs_, pages_);
    frames_ = new FramesStation(session_, dialogs_, pages_);
    reading_ = new ReadingStation(session_, dialogs_, pages_);
    correction_ = new CorrectionStation(session_, dialogs_, pages_);
    pairing_ = new PairingStation(session_, pages_);
    handover_ = new HandoverStation(session_, dialogs_, pages_);
    bench_ = new BenchStation(session_, dialogs_, pages_);
    for (QWidget* page :
         {static_cast<QWidget*>(empty_), static_cast<QWidget*>(plan_), static_cast<QWidget*>(frames_),
          static_cast<QWidget*>(reading_), static_cast<QWidget*>(correction_),
          static_cast<QWidget*>(pairing_), static_cast<QWidget*>(handover_), static_cast<QWidget*>(bench_)})
        pages_->addWidget(page);
    column->addWidget(pages_, 1);
    row->addLayout(column, 1);
    setCentralWidget(centre);
    fitRoom();  // before the first layout, which would grow the window to what a wide one needs
    buildActions();

    connect(&session_, &Session::listChanged, this, &MainWindow::showRightPage);
    connect(ledger_, &Ledger::renameWanted, this, &MainWindow::nameSetup);
    connect(empty_, &EmptyState::openWanted, this, &MainWindow::chooseFrames);
    connect(empty_, &EmptyState::demoWanted, this, &MainWindow::startDemo);
    connect(empty_, &EmptyState::planWanted, this, [this] { showStation(StationId::plan); });
    connect(frames_, &FramesStation::readingWanted, this, [this] { showStation(StationId::reading); });
    connect(frames_, &FramesStation::handoverWanted, this, [this](const std::vector<studio::Id>& frames) {
        showStation(StationId::handover);
        handover_->offer(frames);
    });
    connect(plan_, &PlanStation::told, this, &MainWindow::tell);
    connect(bar_, &TopBar::stationWanted, this, [this](int i) { showStation(static_cast<StationId>(i)); });
    connect(bar_, &TopBar::openWanted, this, &MainWindow::chooseFrames);
    connect(bar_, &TopBar::surroundWanted, this, &MainWindow::toggleSurround);
    connect(bar_, &TopBar::viewingWanted, this, [this] { setViewingOnly(!viewingOnly_); });
    connect(reading_, &ReadingStation::correctionWanted, this,
            [this] { showStation(StationId::correction); });
    connect(handover_, &HandoverStation::correctionWanted, this,
            [this] { showStation(StationId::correction); });
    connect(pairing_, &PairingStation::readingWanted, this, [this] { showStation(StationId::reading); });
    connect(&session_.bench(), &BenchActions::kept, this, &MainWindow::tell);
    connect(pairing_, &PairingStation::handoverWanted, this, [this] { showStation(StationId::handover); });
    connect(correction_, &CorrectionStation::readingWanted, this,
            [this] { showStation(StationId::reading); });
    finder_ = new CommandFinder(this);
    studios_ = new StudioMenu(session_, dialogs_, this);
    connect(bar_, &TopBar::studioMenuWanted, this, [this](const QPoint& at) { studios_->popup(at); });
    connect(studios_, &StudioMenu::told, this, &MainWindow::tell);
    connect(studios_, &StudioMenu::demoWanted, this, &MainWindow::startDemo);
    connect(&session_, &Session::refused, this, [this](const QString& message) { tell(message); });
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
    ledger_->setFocus();
}

// What is at work in the background ends, or stops at a safe place, before what it stands on goes.
MainWindow::~MainWindow() {
    jobs::stopAll();
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
    add("findAction", QStringLiteral("Find and do"), {QKeySequence(QStringLiteral("Ctrl+K"))},
        [this] { finder_->open(commandsOf(*this, session_)); });
    add("openAction", QStringLiteral("Open frames"), {QKeySequence::Open}, [this] { chooseFrames(); });
    add("undoAction", QStringLiteral("Undo"), {QKeySequence::Undo}, [this] { session_.undo().undo(); });
    add("redoAction", QStringLiteral("Redo"),
        {QKeySequence(QStringLiteral("Ctrl+Shift+Z")), QKeySequence(QStringLiteral("Ctrl+Y"))},
        [this] { session_.undo().redo(); });
    // The stations keep their numbers in the order of the work.
    add("planAction", QStringLiteral("Plan"), {QKeySequence(QStringLiteral("Ctrl+1"))},
        [this] { showStation(StationId::plan); });
    add("framesAction", QStringLiteral("Frames"), {QKeySequence(QStringLiteral("Ctrl+2"))},
        [this] { showStation(StationId::frames); });
    add("onSetAction", QStringLiteral("On set: judge chart shots as they come"),
        {QKeySequence(QStringLiteral("Ctrl+Shift+2"))}, [this] {
            showStation(StationId::frames);
            frames_->showOnSet();
        });
    add("dayAction", tr("The day in one go: read, correct, hand over"),
        {QKeySequence(QStringLiteral("Ctrl+Shift+D"))}, [this] {
            showStation(StationId::frames);
            frames_->showDay();
        });
    add("readingAction", QStringLiteral("Reading"), {QKeySequence(QStringLiteral("Ctrl+3"))},
        [this] { showStation(StationId::reading); });
    add("correctionAction", QStringLiteral("Correction"), {QKeySequence(QStringLiteral("Ctrl+4"))},
        [this] { showStation(StationId::correction); });
    add("pairingAction", tr("Pairing"), {QKeySequence(QStringLiteral("Ctrl+5"))},
        [this] { showStation(StationId::pairing); });
    add("handoverAction", QStringLiteral("Handover"), {QKeySequence(QStringLiteral("Ctrl+6"))},
        [this] { showStation(StationId::handover); });
    add("testAction", tr("Test a camera or a transform"), {QKeySequence(QStringLiteral("Ctrl+7"))},
        [this] { showStation(StationId::test); });
    add("quitAction", tr("Close Refero"), {QKeySequence(QStringLiteral("Ctrl+Q"))}, [this] { close(); });
    add("surroundAction", QStringLiteral("Change the surround"), {QKeySequence(QStringLiteral("Ctrl+B"))},
        [this] { toggleSurround(); });
    add("viewingAction", QStringLiteral("Picture only"), {QKeySequence(Qt::Key_F11)},
        [this] { setViewingOnly(!viewingOnly_); });
    add("leaveViewingAction", QStringLiteral("Leave picture only"), {QKeySequence(QStringLiteral("Ctrl+W"))},
        [this] { setViewingOnly(false); });
}

void MainWindow::showRightPage() {
    QWidget* const stations[] = {plan_, frames_, reading_, correction_, pairing_, handover_, bench_};
    const bool planned = !session_.setups().empty() || station_ == StationId::plan ||
                         station_ == StationId::frames || station_ == StationId::test;
    pages_->setCurrentWidget(planned ? stations[static_cast<int>(station_)] : empty_);
    bar_->setStation(static_cast<int>(station_));
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
    pairing_->setViewingOnly(only);
    setWindowState(only ? windowState() | Qt::WindowFullScreen : windowState() & ~Qt::WindowFullScreen);
}

// Esc leads back from the picture alone, from wherever it was called.
void MainWindow::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape && viewingOnly_) return setViewingOnly(false);
    QMainWindow::keyPressEvent(event);
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    fitRoom();
}

void MainWindow::fitRoom() {
    const bool compact = width() < look::kCompactBelow;
    if (std::exchange(compact_, compact) == compact) return;
    ledger_->setFixedWidth(compact ? look::kLedgerWidthCompact : look::kLedgerWidth);
    bar_->setCompact(compact);
    plan_->setCompact(compact);
    frames_->setCompact(compact);
    reading_->setCompact(compact);
    correction_->setCompact(compact);
    pairing_->setCompact(compact);
    bench_->setCompact(compact);
    // Pages that are not shown do not tell that they need less room now.
    const auto within = pages_->findChildren<QWidget*>();
    for (auto w = within.crbegin(); w != within.crend(); ++w) {
        (*w)->updateGeometry();
        if (QLayout* layout = (*w)->layout()) layout->activate();
    }
    pages_->updateGeometry();
}

void MainWindow::toggleSurround() {
    look::setSurround(look::surround() == look::Surround::dim ? look::Surround::booth : look::Surround::dim);
    for (QWidget* w : findChildren<QWidget*>()) w->update();
}

void MainWindow::chooseFrames() {
    openFrames(dialogs_.openFrames(this));
}

// A studio is gone over to. The test bench takes what is dropped on it. On the Correction station a frame
// joins the setup as a picture to judge on. A single one is the chart frame of a setup that waits for it, or
// begins one; several go the way of a folder.
void MainWindow::openFrames(const QStringList& given) {
    const auto toStudios = [](const QString& path) { return path.endsWith(QLatin1String(".refero")); };
    if (station_ == StationId::test && std::none_of(given.begin(), given.end(), toStudios))
        return bench_->take(given);
    QStringList paths;
    for (const QString& path : given) {
        if (path.endsWith(QLatin1String(".refero"))) {
            studios_->open(path);
        } else if (path.endsWith(QLatin1String(".log.json"))) {
            takeLogCurve(path);
        } else if (isChartData(path)) {
            takeChartData(path);
        } else {
            paths << path;
        }
    }
    // Frames takes whatever comes; elsewhere so do folders.
    const bool folders =
        std::any_of(paths.begin(), paths.end(), [](const QString& p) { return QFileInfo(p).isDir(); });
    const Setup* current = session_.current();
    const bool judging = station_ == StationId::correction && current && current->correction;
    const bool several = paths.size() > 1 && !judging;
    if (!paths.isEmpty() && (station_ == StationId::frames || folders || several)) {
        frames_->bringIn(paths);
        return showStation(StationId::frames);
    }
    const bool awaited = current && current->chartFrame.empty() && paths.size() == 1;
    const int id = session_.currentId();
    for (const QString& path : paths) {
        if (judging) {
            session_.correction().addPicture(id, path);
        } else if (awaited) {
            session_.reading().addChartFrame(id, path);
        } else {
            session_.addFrame(path);
        }
    }
    if (!paths.isEmpty() && station_ == StationId::plan) showStation(StationId::reading);
}

// The data of a chart belong to the one that was seen in a frame and is not known yet.
void MainWindow::takeChartData(const QString& path) {
    if (!reading_->wantsChartData())
        return tell(
            tr("%1 holds a chart's colours. Open a photograph of that chart first, then drop it again; "
               "or open it under Plan, Charts.")
                .arg(QFileInfo(path).fileName()));
    showStation(StationId::reading);
    reading_->takeChartData(path);
}

// Into the kit, for the body of the setup at hand; it is offered wherever an encoding is chosen.
void MainWindow::takeLogCurve(const QString& path) {
    const auto curve = io::readCurve(path.toStdString());
    if (!curve) return tell(text(curve.error().message));
    if (!curve->logCurve())
        return tell(tr("%1 holds no log curve by constants.").arg(QFileInfo(path).fileName()));
    plan::RecordingCurve record;
    record.label = std::string(curve->name());
    record.curve = *curve->logCurve();
    const auto* setup = session_.contents().find<plan::Setup>(session_.currentId());
    if (setup) record.body = setup->conditions.body;
    const Status kept =
        session_.perform(tr("Enter the curve %1").arg(text(record.label)), [&](studio::Edit& edit) -> Status {
            edit.add(record);
            return {};
        });
    tell(kept ? tr("%1 is in the kit, and offered as an encoding.").arg(text(record.label))
              : text(kept.error().message));
}

void MainWindow::tell(const QString& message) {
    constexpr int kFewWords = 60;
    const bool few = message.size() <= kFewWords;
    bar_->setProgress(few ? message : QString());
    notice_->setText(few ? QString() : message);
    notice_->setVisible(!few);
}

void MainWindow::startDemo() {
    demo_.start();
}

void MainWindow::nameSetup(int id) {
    const Setup* s = session_.setup(id);
    if (!s) return;
    if (const auto named = dialogs_.nameSetup(this, text(s->place), text(s->light)))
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
