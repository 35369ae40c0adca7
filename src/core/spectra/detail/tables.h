// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string_view>

#include "core/spectra/spectrum.h"

namespace refero::detail {

/// One column of a table of data/cie, which must be on the computing grid. Aborts where it is not: the tables
/// are compiled in, so that would be our own mistake.
Spectrum tableColumn(std::string_view file, std::string_view column);

}  // namespace refero::detail
