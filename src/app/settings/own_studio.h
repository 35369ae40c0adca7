// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <memory>

#include "studio/studio.h"

namespace refero {

/// The person's own studio, "studio.refero", made at the first start.
struct OwnStudio {
    std::unique_ptr<studio::Studio> studio;  ///< null where no file can be made at all
    QString message;                         ///< for the person; empty where all is well
};

/// `last` is the one of last time, and is opened where it is there and can be. Else it is the own one; where
/// that cannot be opened it is left as it is, a new one is begun beside it, and the message says so.
OwnStudio ownStudio(const QString& folder, const QString& last = {});

/// "refero" in the XDG data folder.
QString ownStudioFolder();

}  // namespace refero
