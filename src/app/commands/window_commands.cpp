// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/commands/window_commands.h"

#include <QAbstractButton>
#include <QAction>
#include <QComboBox>
#include <QCoreApplication>
#include <QPointer>

#include "app/look/text.h"

namespace refero {
namespace {

void addProposedStep(QWidget& window, std::vector<Command>& out) {
    for (auto* button : window.findChildren<QAbstractButton*>(QStringLiteral("nextStep")))
        if (button->isVisible() && button->isEnabled())
            out.push_back({button->text(), QStringLiteral("Proposed"), [button] { button->click(); }});
}

void addHistory(History& history, std::vector<Command>& out) {
    if (history.canUndo())
        out.push_back({told("Undo: %1").arg(history.undoText()), QStringLiteral("Ctrl+Z"),
                       [&history] { history.undo(); }});
    if (history.canRedo())
        out.push_back({told("Redo: %1").arg(history.redoText()), QStringLiteral("Ctrl+Shift+Z"),
                       [&history] { history.redo(); }});
}

void addActions(QWidget& window, std::vector<Command>& out) {
    for (QAction* action : window.actions()) {
        const QString name = action->text();
        // Undo and redo are there by the name of their step.
        if (name.isEmpty() || !action->isEnabled() || action->objectName() == QLatin1String("undoAction") ||
            action->objectName() == QLatin1String("redoAction") ||
            action->objectName() == QLatin1String("findAction"))
            continue;
        out.push_back(
            {name, action->shortcut().toString(QKeySequence::NativeText), [action] { action->trigger(); }});
    }
}

void addButtons(QWidget& page, std::vector<Command>& out) {
    for (auto* button : page.findChildren<QAbstractButton*>()) {
        const QString name = button->accessibleName().isEmpty() ? button->text() : button->accessibleName();
        // The proposed step is told apart.
        if (name.isEmpty() || !button->isVisible() || !button->isEnabled() ||
            button->objectName() == QLatin1String("nextStep"))
            continue;
        out.push_back({name,
                       button->shortcut().isEmpty() ? QCoreApplication::translate("Commands", "On this page")
                                                    : button->shortcut().toString(QKeySequence::NativeText),
                       [button = QPointer(button)] {
                           if (button) button->click();
                       }});
    }
}

void addChoices(QWidget& page, std::vector<Command>& out) {
    for (auto* box : page.findChildren<QComboBox*>()) {
        if (!box->isVisible() || !box->isEnabled()) continue;
        for (int i = 0; i < box->count(); ++i)
            if (i != box->currentIndex())
                out.push_back({QCoreApplication::translate("Commands", "%1: %2", "a choice and its value")
                                   .arg(box->accessibleName(), box->itemText(i)),
                               QCoreApplication::translate("Commands", "Choice"), [box = QPointer(box), i] {
                                   if (!box) return;
                                   box->setCurrentIndex(i);
                                   emit box->activated(i);
                               }});
    }
}

void addSetups(Session& session, std::vector<Command>& out) {
    for (const Setup& s : session.setups())
        if (s.id != session.currentId())
            out.push_back({told("Go to %1").arg(text(s.light)), text(s.place + ", " + s.body),
                           [&session, id = s.id] { session.select(id); }});
}

}  // namespace

std::vector<Command> commandsOf(QWidget& window, QWidget& page, Session& session) {
    std::vector<Command> out;
    addProposedStep(window, out);
    addSetups(session, out);
    addHistory(session.undo(), out);
    addActions(window, out);
    addButtons(page, out);
    addChoices(page, out);
    return out;
}

std::vector<Command> commandsOnPage(QWidget& page) {
    std::vector<Command> out;
    addButtons(page, out);
    return out;
}

}  // namespace refero
