// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <optional>

#include "studio/records.h"

namespace refero {

/// What a frame's file says and what is seen in it, a line each. `offsetMinutes` is that of the place's clock
/// from UTC; without it times are this machine's.
QString factsOf(const studio::Frame& frame, const QString& chartName, std::optional<int> offsetMinutes);

}  // namespace refero
