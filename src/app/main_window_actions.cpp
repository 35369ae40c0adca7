// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// What can be done from everywhere, with its keys.
#include <QAction>
#include <QGuiApplication>
#include <array>

#include "app/commands/main_menu.h"
#include "app/frames/frames_station.h"
#include "app/help/about_window.h"
#include "app/language/language.h"
#include "app/main_window.h"
#include "app/pictures/display_profile.h"
#include "app/scale/text_size.h"
#include "app/top_bar.h"

namespace refero {
namespace {

// Where the guide tells of each station, in their order.
constexpr std::array kHelp{"Plan the day", "Bring the frames in", "Reading", "Correction",
                           "Pairing",      "Hand over",           "Test"};
constexpr const char* kKeysHelp = "Keys";

}  // namespace

void MainWindow::buildActions() {
    const auto add = [this](const char* menu, const char* object, const QString& text,
                            const QList<QKeySequence>& keys, auto slot) {
        auto* action = new QAction(text, this);
        action->setObjectName(QLatin1String(object));
        action->setProperty(kMenuProperty, QLatin1String(menu));
        action->setShortcuts(keys);
        connect(action, &QAction::triggered, this, slot);
        addAction(action);
        return action;
    };
    const auto keys = [](const char* sequence) {
        return QList<QKeySequence>{QKeySequence(QLatin1String(sequence))};
    };
    add("file", "findAction", tr("Find and do"), keys("Ctrl+K"), [this] { emit bar_->findWanted(); });
    add("file", "openAction", tr("Import frames"), {QKeySequence::Open}, [this] { chooseFrames(); });
    auto* undo =
        add("edit", "undoAction", tr("Undo"), {QKeySequence::Undo}, [this] { session_.undo().undo(); });
    auto* redo = add("edit", "redoAction", tr("Redo"),
                     {QKeySequence(QStringLiteral("Ctrl+Shift+Z")), QKeySequence(QStringLiteral("Ctrl+Y"))},
                     [this] { session_.undo().redo(); });
    const auto follow = [this, undo, redo] {
        undo->setEnabled(session_.undo().canUndo());
        redo->setEnabled(session_.undo().canRedo());
    };
    connect(&session_.undo(), &History::indexChanged, this, follow);
    follow();
    // The stations keep their numbers in the order of the work.
    const auto station = [&](const char* object, const QString& name, const char* sequence, StationId id) {
        add("go", object, name, keys(sequence), [this, id] { showStation(id); });
    };
    station("planAction", tr("Plan"), "Ctrl+1", StationId::plan);
    station("framesAction", tr("Frames"), "Ctrl+2", StationId::frames);
    station("readingAction", tr("Reading"), "Ctrl+3", StationId::reading);
    station("correctionAction", tr("Correction"), "Ctrl+4", StationId::correction);
    station("pairingAction", tr("Pairing"), "Ctrl+5", StationId::pairing);
    station("handoverAction", tr("Handover"), "Ctrl+6", StationId::handover);
    station("testAction", tr("Test a camera or a transform"), "Ctrl+7", StationId::test);
    add("go", "onSetAction", tr("On set: judge chart shots as they come"), keys("Ctrl+Shift+2"), [this] {
        showStation(StationId::frames);
        frames_->showOnSet();
    });
    add("go", "dayAction", tr("The day in one go: read, correct, hand over"), keys("Ctrl+Shift+D"), [this] {
        showStation(StationId::frames);
        frames_->showDay();
    });
    add("view", "surroundAction", tr("Change the surround"), keys("Ctrl+B"), [this] { toggleSurround(); });
    add("view", "viewingAction", tr("Picture only"), {QKeySequence(Qt::Key_F11)},
        [this] { setViewingOnly(!viewingOnly_); });
    add("view", "leaveViewingAction", tr("Leave picture only"), keys("Ctrl+W"),
        [this] { setViewingOnly(false); });
    add("view", "displayAction", tr("Choose the display's profile"), {}, [this] { chooseDisplay(); });
    add("view", "systemDisplayAction", tr("Take the system's profile of the display"), {}, [this] {
        const Status taken = display::choose({});
        if (taken) followDisplay();
    });
    for (const QString& code : language::shipped()) {
        auto* action =
            add("view", "languageAction", language::nameOf(code), {}, [this, code] { speak(code); });
        action->setObjectName(QStringLiteral("language-") + code);
        action->setCheckable(true);
        action->setChecked(code == language::wanted());
    }
    const auto sized = [&](int percent, const QString& words) {
        auto* action = add("view", "textSizeAction", words, {}, [this, percent] { setTextSize(percent); });
        action->setObjectName(QStringLiteral("textSize-%1").arg(percent));
        action->setCheckable(true);
        action->setChecked(percent == textsize::chosen());
    };
    sized(0, tr("Text as large as the desktop's"));
    for (const int percent : textsize::kSizes) sized(percent, tr("Text at %1 %").arg(percent));
    add("help", "helpAction", tr("Help for this page"), {QKeySequence(Qt::Key_F1)},
        [this] { showHelp(QLatin1String(kHelp[static_cast<std::size_t>(station_)])); });
    add("help", "guideAction", tr("Guide"), {}, [this] { showHelp(QStringLiteral("Guide")); });
    add("help", "keysAction", tr("All keys"), keys("Ctrl+F1"),
        [this] { showHelp(QLatin1String(kKeysHelp)); });
    add("help", "aboutAction", tr("About Refero"), {}, [this] { AboutWindow(this).exec(); });
    // Not in the menu, which it opens.
    add("", "menuAction", tr("Menu"), {QKeySequence(Qt::Key_F10)},
        [this] { menu_->popup(bar_->menuPlace()); });
    add("end", "quitAction", tr("Close Refero"), keys("Ctrl+Q"), [this] { close(); });
}

// Texts are made with the widgets, so that all of them are made anew.
void MainWindow::speak(const QString& code) {
    language::choose(code);
    closeFor(kAgain);
}

void MainWindow::setTextSize(int percent) {
    textsize::choose(percent);
    closeFor(kAnew);
}

void MainWindow::closeFor(int ending) {
    const bool quits = QGuiApplication::quitOnLastWindowClosed();
    QGuiApplication::setQuitOnLastWindowClosed(false);
    if (close()) QCoreApplication::exit(ending);
    QGuiApplication::setQuitOnLastWindowClosed(quits);
    // Where the person stays, what was chosen holds from the next start.
    for (QAction* action : actions()) {
        const QString of = action->objectName();
        if (of.startsWith(QLatin1String("language-"))) action->setChecked(of.endsWith(language::wanted()));
        if (of.startsWith(QLatin1String("textSize-")))
            action->setChecked(of == QStringLiteral("textSize-%1").arg(textsize::chosen()));
    }
}

}  // namespace refero
