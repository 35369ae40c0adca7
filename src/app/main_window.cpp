// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/main_window.h"

#include <QAction>
#include <QCloseEvent>
#include <QFileInfo>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QScreen>
#include <QSplitter>
#include <QStackedWidget>
#include <QTimer>
#include <QVBoxLayout>
#include <array>
#include <utility>

#include "app/bench/bench_station.h"
#include "app/commands/main_menu.h"
#include "app/commands/window_commands.h"
#include "app/correction/correction_station.h"
#include "app/empty_state.h"
#include "app/frames/frames_station.h"
#include "app/handover/handover_station.h"
#include "app/help/help_window.h"
#include "app/jobs/job.h"
#include "app/language/language.h"
#include "app/ledger/ledger.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/page_colours.h"
#include "app/look/tokens.h"
#include "app/notify/desktop_contrast.h"
#include "app/notify/work_notices.h"
#include "app/pairing/pairing_station.h"
#include "app/pictures/colour_manager.h"
#include "app/pictures/display_profile.h"
#include "app/plan/plan_station.h"
#include "app/reading/reading_station.h"
#include "app/session/bench_actions.h"
#include "app/session/correction_actions.h"
#include "app/session/day_actions.h"
#include "app/session/frame_queue.h"
#include "app/session/handover_actions.h"
#include "app/session/intake_actions.h"
#include "app/session/reading_actions.h"
#include "app/settings/own_settings.h"
#include "app/station/figures_panel.h"
#include "app/station/paint_in_turn.h"
#include "app/studio_menu.h"
#include "app/top_bar.h"
#include "core/say/say.h"

namespace refero {
namespace {

const QString kLedgerKey = QStringLiteral("window/ledger"),
              kLedgerCompactKey = QStringLiteral("window/ledgerCompact"),
              kPlaceKey = QStringLiteral("window/place"), kStationKey = QStringLiteral("window/station"),
              kSurroundKey = QStringLiteral("window/surround");
constexpr int kDisplayLook = 3000;  // ms, whether the display has another profile
constexpr int kLookAgain = 500;     // ms, whether what is at work is done

}  // namespace

MainWindow::MainWindow(Dialogs& dialogs, std::unique_ptr<studio::Studio> studio, QWidget* parent)
    : QMainWindow(parent), dialogs_(dialogs), change_(session_), demo_(session_, change_) {
    session_.use(std::move(studio));
    setObjectName(QStringLiteral("mainWindow"));
    setWindowTitle(QStringLiteral("Refero"));
    resize(QSize(1280, 800).boundedTo(screen()->availableSize()));
    setAcceptDrops(true);
    auto* centre = new QWidget(this);
    auto* row = new QHBoxLayout(centre);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    splitter_ = new QSplitter(Qt::Horizontal, centre);
    splitter_->setObjectName(QStringLiteral("ledgerSplitter"));
    splitter_->setHandleWidth(3);
    splitter_->setChildrenCollapsible(false);
    ledger_ = new Ledger(session_, splitter_);
    splitter_->addWidget(ledger_);
    auto* main = new QWidget(splitter_);
    auto* column = new QVBoxLayout(main);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    splitter_->addWidget(main);
    splitter_->setStretchFactor(0, 0);
    splitter_->setStretchFactor(1, 1);
    connect(splitter_, &QSplitter::splitterMoved, this, [this] {
        ownSettings().setValue(compact_.value_or(false) ? kLedgerCompactKey : kLedgerKey, ledger_->width());
    });
    bar_ = new TopBar(session_.undo(), centre);
    column->addWidget(bar_);
    column->addWidget(buildNotice(main));
    pages_ = new QStackedWidget(centre);
    empty_ = new EmptyState(pages_);
    plan_ = new PlanStation(session_, dialogs_, pages_);
    frames_ = new FramesStation(session_, dialogs_, pages_);
    reading_ = new ReadingStation(session_, dialogs_, pages_);
    correction_ = new CorrectionStation(session_, pages_);
    pairing_ = new PairingStation(session_, dialogs_, pages_);
    handover_ = new HandoverStation(session_, dialogs_, pages_);
    bench_ = new BenchStation(session_, dialogs_, pages_);
    for (QWidget* page :
         {static_cast<QWidget*>(empty_), static_cast<QWidget*>(plan_), static_cast<QWidget*>(frames_),
          static_cast<QWidget*>(reading_), static_cast<QWidget*>(correction_),
          static_cast<QWidget*>(pairing_), static_cast<QWidget*>(handover_), static_cast<QWidget*>(bench_)}) {
        pages_->addWidget(page);
        look::colourWhenSeen(*page);
    }
    column->addWidget(pages_, 1);
    row->addWidget(splitter_);
    setCentralWidget(centre);
    fitRoom();  // before the first layout, which would grow the window to what a wide one needs
    buildActions();

    connect(&session_, &Session::listChanged, this, &MainWindow::showRightPage);
    connect(ledger_, &Ledger::renameWanted, this, &MainWindow::nameSetup);
    connect(ledger_, &Ledger::framesDropped, this,
            [this](const std::vector<qint64>& frames, studio::SetupId setup) {
                session_.intake().putFrames({frames.begin(), frames.end()}, setup);
            });
    connect(empty_, &EmptyState::openWanted, this, &MainWindow::chooseFrames);
    connect(empty_, &EmptyState::demoWanted, this, &MainWindow::startDemo);
    connect(empty_, &EmptyState::planWanted, this, [this] { showStation(StationId::plan); });
    connect(frames_, &FramesStation::readingWanted, this, [this] { showStation(StationId::reading); });
    connect(frames_, &FramesStation::handoverWanted, this,
            [this](const std::vector<studio::FrameId>& frames) {
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
    connect(correction_, &CorrectionStation::handoverWanted, this,
            [this] { showStation(StationId::handover); });
    connect(correction_, &CorrectionStation::readingWanted, this,
            [this] { showStation(StationId::reading); });
    finder_ = new CommandFinder(this);
    studios_ = new StudioMenu(session_, change_, dialogs_, this);
    connect(&session_, &Session::studioChanged, this, &MainWindow::showTitle);
    menu_ = new MainMenu(this, studios_, [this] { return commandsOnPage(*pages_->currentWidget()); });
    connect(bar_, &TopBar::menuWanted, this, [this](const QPoint& at) { menu_->popup(at); });
    connect(bar_, &TopBar::findWanted, this,
            [this] { finder_->open(commandsOf(*this, *pages_->currentWidget(), session_)); });
    connect(studios_, &StudioMenu::told, this, &MainWindow::tell);
    connect(studios_, &StudioMenu::demoWanted, this, &MainWindow::startDemo);
    connect(&change_, &StudioChange::settled, this, [this](const QString& failure) {
        const QStringList waiting = std::exchange(later_, {});
        if (waiting.isEmpty()) return;
        if (failure.isEmpty()) return openFrames(waiting);
        // Another studio than the one they were meant for would be the wrong place.
        tell(tr("%1 What came with it was not brought in.").arg(failure));
    });
    connect(&session_, &Session::refused, this, [this](const QString& message) { tell(message); });
    connect(&demo_, &Demo::progress, this, [this](int done, int all) {
        bar_->setProgress(done < all ? tr("Shooting the demo: frame %1 of %2").arg(done + 1).arg(all)
                                     : QString());
    });
    connect(&demo_, &Demo::failed, this, [this](const QString& message) {
        bar_->setProgress({});
        empty_->setMessage(message);
    });
    connect(&demo_, &Demo::finished, this, [this] {
        tell(
            tr("This is a demo with made-up frames: try anything. What you bring in here is gone when Refero "
               "closes; for your own work open or begin a studio in the menu."));
    });
    auto* displays = new QTimer(this);
    connect(displays, &QTimer::timeout, this, &MainWindow::lookAtDisplay);
    displays->start(kDisplayLook);
    new WorkNotices(session_, this);
    connect(new DesktopContrast(this), &DesktopContrast::changed, this, qOverload<>(&QWidget::update));
    showRightPage();
    showTitle();
    ledger_->setFocus();
}

QWidget* MainWindow::buildNotice(QWidget* parent) {
    noticeLine_ = new QWidget(parent);
    noticeLine_->setObjectName(QStringLiteral("noticeLine"));
    noticeLine_->setAutoFillBackground(true);
    noticeLine_->setBackgroundRole(QPalette::Base);
    auto* row = new QHBoxLayout(noticeLine_);
    row->setContentsMargins(16, 4, 8, 4);
    notice_ = new look::Label({}, look::Size::body, look::Label::Tone::loud, QFont::Normal, noticeLine_);
    notice_->setObjectName(QStringLiteral("notice"));
    row->addWidget(notice_, 1);
    auto* seen = new look::Button(look::Button::Kind::icon, tr("Dismiss this message"), noticeLine_);
    seen->setObjectName(QStringLiteral("noticeSeen"));
    seen->setIconName(QStringLiteral("close"));
    seen->setToolTip(tr("Dismiss this message"));
    connect(seen, &QAbstractButton::clicked, noticeLine_, &QWidget::hide);
    row->addWidget(seen, 0, Qt::AlignTop);
    noticeLine_->hide();
    return noticeLine_;
}

// What is at work in the background ends, or stops at a safe place, before what it stands on goes.
MainWindow::~MainWindow() {
    jobs::stopAll();
}

void MainWindow::chooseDisplay() {
    const QString path =
        dialogs_.openFile(this, tr("Choose the display's ICC profile"), tr("ICC profiles (*.icc *.icm)"));
    if (path.isEmpty()) return;
    if (const Status s = display::choose(path); !s) return tell(text(s.error().message));
    followDisplay();
}

// Every picture is drawn anew for it.
void MainWindow::followDisplay() {
    for (FiguresPanel* panel : findChildren<FiguresPanel*>()) panel->sayDisplay();
    emit session_.displayChanged();
}

// The window was moved to another screen, or that has another profile now.
void MainWindow::lookAtDisplay() {
    const auto screens = QGuiApplication::screens();
    const QString connector = screen() ? screen()->name() : QString();
    if (!colourManager_) {
        colourManager_ = new ColourManager(this);
        connect(colourManager_, &ColourManager::found, this, [this](const QString& at, const QString& file) {
            display::know(at, file);
            lookAtDisplay();
        });
    }
    colourManager_->follow(connector);
    if (display::find(std::max(0, static_cast<int>(screens.indexOf(screen()))), connector)) followDisplay();
}

void MainWindow::showHelp(const QString& heading) {
    if (!help_) help_ = new HelpWindow(this);
    help_->openAt(heading);
}

void MainWindow::showTitle() {
    const QString file =
        QFileInfo(QString::fromStdString(session_.studio()->path().string())).completeBaseName();
    setWindowTitle(tr("%1 - Refero", "the studio's name").arg(file));
}

void MainWindow::showRightPage() {
    QWidget* const stations[] = {plan_, frames_, reading_, correction_, pairing_, handover_, bench_};
    const bool planned = !session_.setups().empty() || station_ == StationId::plan ||
                         station_ == StationId::frames || station_ == StationId::test;
    QWidget* page = planned ? stations[static_cast<int>(station_)] : empty_;
    if (page != pages_->currentWidget()) paintInTurn(*pages_);
    pages_->setCurrentWidget(page);
    bar_->setStation(static_cast<int>(station_));
    QTimer::singleShot(0, this, &MainWindow::sizeLedger);  // once the page is laid out
}

void MainWindow::showStation(StationId id) {
    station_ = id;
    ownSettings().setValue(kStationKey, static_cast<int>(id));
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
    ledger_->setMinimumWidth(look::kLedgerWidthLeast);
    ledger_->setMaximumWidth(look::kLedgerWidthMost);
    sizeLedger();
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
    splitter_->widget(1)->layout()->activate();
    splitter_->refresh();
    splitter_->updateGeometry();
    centralWidget()->layout()->activate();
}

// As wide as a person made it; a page that needs more room may narrow it while it is shown.
void MainWindow::sizeLedger() {
    const bool compact = compact_.value_or(false);
    const int ledger = ownSettings()
                           .value(compact ? kLedgerCompactKey : kLedgerKey,
                                  compact ? look::kLedgerWidthCompact : look::kLedgerWidth)
                           .toInt();
    splitter_->setSizes({ledger, width() - ledger - splitter_->handleWidth()});
}

void MainWindow::toggleSurround() {
    paintInTurn(*pages_);
    look::setSurround(look::surround() == look::Surround::dim ? look::Surround::booth : look::Surround::dim);
    ownSettings().setValue(kSurroundKey, look::surround() == look::Surround::booth ? QStringLiteral("booth")
                                                                                   : QStringLiteral("dim"));
    for (QWidget* w : findChildren<QWidget*>()) w->update();
}

void MainWindow::tell(const QString& message) {
    constexpr int kFewWords = 36;
    const bool few = message.size() <= kFewWords;
    bar_->setProgress(few ? message : QString());
    notice_->setText(few ? QString() : message);
    noticeLine_->setVisible(!few);
}

void MainWindow::startDemo() {
    demo_.start();
}

void MainWindow::restore() {
    const QSettings& settings = ownSettings();
    if (const auto place = settings.value(kPlaceKey).toByteArray(); !place.isEmpty()) {
        // Narrow first: what a wide window needs would keep a small one from its size.
        resize(look::kCompactBelow - 1, height());
        fitRoom();
        restoreGeometry(place);
    }
    if (settings.value(kSurroundKey).toString() == QLatin1String("booth")) {
        look::setSurround(look::Surround::booth);
        update();
    }
    const int last = settings.value(kStationKey, static_cast<int>(StationId::reading)).toInt();
    if (last >= 0 && last <= static_cast<int>(StationId::test) && !session_.setups().empty())
        showStation(static_cast<StationId>(last));
}

void MainWindow::remember() const {
    if (!viewingOnly_) ownSettings().setValue(kPlaceKey, saveGeometry());
}

void MainWindow::comeForward() {
    leaving_ = false;
    show();
    setWindowState(windowState() & ~Qt::WindowMinimized);
    raise();
    activateWindow();
}

QStringList MainWindow::atWork() {
    QStringList out;
    const FrameQueue& queue = session_.handover().frameQueue();
    if (queue.state() == FrameQueue::State::running || queue.state() == FrameQueue::State::pausing)
        out << tr("%1 of %2 frames are handed over; the rest can be gone on with under What went out.")
                   .arg(queue.done())
                   .arg(queue.all());
    if (session_.handover().giving()) out << tr("Files for a receiver are being written.");
    if (session_.dayWork().running()) out << tr("The day is being read, corrected and handed over.");
    if (session_.intake().running()) out << tr("Frames are coming in.");
    if (session_.bench().reading()) out << tr("An exposure series is being read.");
    return out;
}

// Asked once, and only where something would be interrupted.
void MainWindow::closeEvent(QCloseEvent* event) {
    const QStringList work = leaving_ ? QStringList() : atWork();
    if (work.isEmpty()) {
        remember();
        if (help_) help_->close();
        return event->accept();
    }
    switch (dialogs_.closing(this, work)) {
        case Dialogs::Closing::stay:
            return event->ignore();
        case Dialogs::Closing::stop:
            remember();
            if (help_) help_->close();
            return event->accept();
        case Dialogs::Closing::afterwards:
            event->ignore();
            remember();
            closeAfterwards();
    }
}

// Out of sight until it is done; a later start brings it back.
void MainWindow::closeAfterwards() {
    leaving_ = true;
    if (help_) help_->close();
    const bool quits = QGuiApplication::quitOnLastWindowClosed();
    QGuiApplication::setQuitOnLastWindowClosed(false);
    hide();
    auto* timer = new QTimer(this);
    connect(timer, &QTimer::timeout, this, [this, timer, quits] {
        if (leaving_ && !atWork().isEmpty()) return;
        timer->deleteLater();
        QGuiApplication::setQuitOnLastWindowClosed(quits);
        if (leaving_ && quits) QCoreApplication::quit();
    });
    timer->start(kLookAgain);
}

void MainWindow::nameSetup(studio::SetupId id) {
    const Setup* s = session_.setup(id);
    if (!s) return;
    if (const auto named = dialogs_.nameSetup(this, text(s->place), text(s->light)))
        session_.rename(id, named->first, named->second);
}

}  // namespace refero
