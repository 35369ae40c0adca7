// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QMenu>
#include <functional>
#include <vector>

#include "app/commands/command_finder.h"

namespace refero {

/// Under which part of the menu an action of the window stands, as a property of the action.
inline constexpr const char* kMenuProperty = "menu";

/// Everything behind one button: the studio, steps, places to go, what the page at hand offers, help. It is
/// filled when it is opened.
class MainMenu : public QMenu {
    Q_OBJECT
  public:
    /// `studios` is a part of its own; `onThisPage` gives what the page at hand offers.
    MainMenu(QWidget* window, QMenu* studios, std::function<std::vector<Command>()> onThisPage);

  private:
    void fill();

    QWidget* window_;
    QMenu* studios_;
    std::function<std::vector<Command>()> onThisPage_;
    QList<QMenu*> parts_;
};

}  // namespace refero
