// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "app/commands/command_finder.h"
#include "app/session/session.h"

namespace refero {

/// All that can be done or gone to in a window as it stands: the step that is proposed, the setups, undo and
/// redo by name, its actions, what the page at hand offers.
std::vector<Command> commandsOf(QWidget& window, QWidget& page, Session& session);

/// The buttons of a page that are to be seen and can be pressed.
std::vector<Command> commandsOnPage(QWidget& page);

}  // namespace refero
