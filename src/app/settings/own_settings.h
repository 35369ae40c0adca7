// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QSettings>

namespace refero {

/// What a person set up once for this machine, in the XDG configuration folder. For the window's thread. What
/// is set is written a moment later and in the background, however often it changes until then; at the latest
/// when the program ends.
QSettings& ownSettings();

}  // namespace refero
