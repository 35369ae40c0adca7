// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "app/commands/command_finder.h"
#include "app/session/session.h"

namespace refero {

/// All that can be done or gone to in a window as it stands: the step that is proposed, undo and redo by
/// name, its actions, the choices that are to be seen, the setups.
std::vector<Command> commandsOf(QWidget& window, Session& session);

}  // namespace refero
