// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "io/handover/handover.h"
#include "io/report/document.h"

namespace refero::io {

/// A page for the person at the camera about a file that is fed `feed`: what to record, where mid-grey, white
/// and skin must lie, what half a stop does, whose correction it is.
Document exposureCard(const Correction& correction, const std::string& file, const Transfer& feed,
                      const ExportOptions& options);

}  // namespace refero::io
