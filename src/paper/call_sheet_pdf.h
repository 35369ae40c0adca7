// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>

#include "core/plan/call_sheet.h"

namespace refero::paper {

/// The day as a PDF of A4 pages in greys: a line with a box to tick for each setup, what to prepare, and a
/// slate for each setup with its code, to be cut out and held beside the chart.
Status writeCallSheet(const std::filesystem::path& target, const plan::CallSheet& sheet);

}  // namespace refero::paper
