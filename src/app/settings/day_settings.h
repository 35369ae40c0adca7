// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <vector>

#include "workflow/receivers.h"

namespace refero {

/// Who gets what a day's work makes, and into which folder; remembered.
struct DayWishes {
    std::vector<workflow::Receiver> receivers;
    QString folder;  ///< empty: none was chosen yet
};
DayWishes dayWishes();
void rememberReceivers(const std::vector<workflow::Receiver>& receivers);
void rememberDayFolder(const QString& folder);

}  // namespace refero
