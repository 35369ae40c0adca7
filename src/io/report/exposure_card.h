// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "io/handover/handover.h"
#include "io/report/document.h"

namespace refero::io {

/// A page for the person at the camera about a LUT that went out: what to record, where mid-grey, white and
/// skin must lie, what half a stop does, whose correction it is.
Document exposureCard(const Correction& correction, const Handover& handover, const ExportOptions& options);

}  // namespace refero::io
