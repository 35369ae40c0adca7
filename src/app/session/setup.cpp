// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/setup.h"

namespace refero {

QString Setup::due() const {
    if (busy && !reading) return QStringLiteral("Reading the frame");
    if (!reading) {
        if (!error.isEmpty()) return QStringLiteral("Chart not found");
        if (plan.state == plan::DueState::done)
            return QStringLiteral("Served by ") + QString::fromStdString(plan.brief);
        return plan.state == plan::DueState::due ? QStringLiteral("Chart to be shot")
                                                 : QStringLiteral("Chart shot missing");
    }
    if (reading->verdict == Verdict::reshoot) return QStringLiteral("Shoot the chart again");
    if (plan.state == plan::DueState::stale)
        return QStringLiteral("Stale: ") + QString::fromStdString(plan.brief);
    if (!correction) return QStringLiteral("Read, not corrected");
    if (!handover)
        return handedOver.empty() ? QStringLiteral("Not handed over")
                                  : QStringLiteral("Changed since it went out");
    return QStringLiteral("Done");
}

}  // namespace refero
