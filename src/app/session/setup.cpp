// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/setup.h"

namespace refero {

QString Setup::due() const {
    if (busy) return QStringLiteral("Reading the frame");
    if (!reading)
        return error.isEmpty() ? QStringLiteral("Chart shot missing") : QStringLiteral("Chart not found");
    if (reading->verdict == Verdict::reshoot) return QStringLiteral("Shoot the chart again");
    if (!correction) return QStringLiteral("Read, not corrected");
    if (!handover) return QStringLiteral("Not handed over");
    return QStringLiteral("Done");
}

}  // namespace refero
