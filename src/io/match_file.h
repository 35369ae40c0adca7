// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/pair/match.h"
#include "io/json.h"

namespace refero::io {

/// What a match found, as a document of its own beside the correction; see docs/formats.md.
Json toJson(const Match& match);

}  // namespace refero::io
