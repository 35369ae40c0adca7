// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

#include "studio/records.h"

namespace refero {

/// What a frame's file says and what is seen in it, a line each.
QString factsOf(const studio::Frame& frame, const QString& chartName);

}  // namespace refero
