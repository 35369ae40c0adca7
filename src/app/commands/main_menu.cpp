// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/commands/main_menu.h"

#include <QAction>

#include "app/look/text.h"

namespace refero {

MainMenu::MainMenu(QWidget* window, QMenu* studios, std::function<std::vector<Command>()> onThisPage)
    : QMenu(window), window_(window), studios_(studios), onThisPage_(std::move(onThisPage)) {
    setObjectName(QStringLiteral("mainMenu"));
    connect(this, &QMenu::aboutToShow, this, &MainMenu::fill);
}

void MainMenu::fill() {
    clear();
    qDeleteAll(parts_);
    parts_.clear();
    const auto part = [this](const QString& title) {
        auto* menu = new QMenu(title, this);
        parts_ << menu;
        addMenu(menu);
        return menu;
    };
    const auto actionsOf = [this](QMenu* menu, const char* name) {
        for (QAction* action : window_->actions())
            if (action->property(kMenuProperty).toString() == QLatin1String(name)) menu->addAction(action);
    };
    actionsOf(this, "file");
    studios_->setTitle(tr("Studio"));
    addMenu(studios_);
    emit studios_->aboutToShow();
    QMenu* edit = part(tr("Edit"));
    actionsOf(edit, "edit");
    // What the pages add to the window.
    const auto ofStudios = studios_->actions();
    for (QAction* action : window_->actions())
        if (!action->property(kMenuProperty).isValid() && !action->text().isEmpty() &&
            !ofStudios.contains(action))
            edit->addAction(action);
    actionsOf(part(tr("Go to")), "go");
    QMenu* page = part(tr("On this page"));
    for (const Command& command : onThisPage_()) page->addAction(command.name, this, command.run);
    page->menuAction()->setVisible(!page->isEmpty());
    actionsOf(part(tr("View")), "view");
    actionsOf(part(tr("Help")), "help");
    addSeparator();
    actionsOf(this, "end");
}

}  // namespace refero
