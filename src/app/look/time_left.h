// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

namespace refero {

/// ", about 40 s left"; empty where it cannot be said (below 0).
QString timeLeft(qint64 milliseconds);

}  // namespace refero
