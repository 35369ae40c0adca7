// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/look/time_left.h"

#include "app/look/text.h"

namespace refero {

QString timeLeft(qint64 milliseconds) {
    if (milliseconds < 0) return {};
    const qint64 seconds = (milliseconds + 999) / 1000;
    return seconds < 90 ? told(", about %1 s left").arg(seconds)
                        : told(", about %1 min left").arg((seconds + 59) / 60);
}

}  // namespace refero
