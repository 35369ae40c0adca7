// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

#include "core/result.h"

namespace refero {

/// "0:03:20", "-1:00:00".
QString durationText(int seconds);
/// The same back; also minutes and seconds ("3:20"), or seconds alone ("200"). Up to 400 days.
Result<int> durationFrom(const QString& text);

}  // namespace refero
