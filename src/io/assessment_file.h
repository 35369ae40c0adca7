// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/assess/assessment.h"
#include "io/json.h"

namespace refero::io {

/// `refero-assessment`; see docs/formats.md.
Json toJson(const Assessment& assessment);

}  // namespace refero::io
