// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string>

#include "core/series/series.h"
#include "io/json.h"

namespace refero::io {

/// `refero-series`; see docs/formats.md. `readings` names each shot that was given to analysed(), in order.
Json toJson(const Series& series, std::span<const std::string> readings);

}  // namespace refero::io
