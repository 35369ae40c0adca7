// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

#include "app/look/text.h"
#include "workflow/frame_cache.h"
#include "workflow/setup.h"

namespace refero {

using workflow::FramePointer;

/// A setup as the window shows it: what the studio keeps of it, and what is only at hand while it is looked
/// at.
struct Setup : workflow::Setup {
    FramePointer frame;  ///< decoded; empty while it is being read, after a failure and while not looked at
    QString error;       ///< why there is no reading, or why the last step was refused
    bool busy = false;   ///< the frame is being read

    /// What is due, in a few words, for the ledger.
    QString due() const;
};

/// What the list of pictures calls it.
QString titleOf(const workflow::Picture& picture);

}  // namespace refero
