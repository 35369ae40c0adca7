// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "studio/contents.h"
#include "workflow/receivers.h"
#include "workflow/setup.h"

namespace refero::workflow {

/// What a receiver has of a setup.
enum class Standing {
    nothing,  ///< it was never handed over, or the correction has changed since
    partly,   ///< frames have come in since
    all,
};

/// The setup must have a correction.
Standing standingOf(const studio::Contents& contents, const Setup& setup, Receiver receiver);

}  // namespace refero::workflow
