// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/setup.h"

#include <QCoreApplication>
#include <QFileInfo>

namespace refero {

using workflow::Progress;

QString Setup::due() const {
    if (busy && !reading) return QStringLiteral("Reading the frame");
    if (!reading && !error.isEmpty()) return QStringLiteral("Chart not found");
    switch (progress()) {
        case Progress::served:
            return QStringLiteral("Served by ") + text(plan.brief);
        case Progress::lent:
            return QCoreApplication::translate("Setup", "Colours lent");
        case Progress::chartDue:
            return QStringLiteral("Chart to be shot");
        case Progress::chartMissing:
            return QStringLiteral("Chart shot missing");
        case Progress::shootAgain:
            return QStringLiteral("Shoot the chart again");
        case Progress::stale:
            if (!leaderChanged.empty())
                return QCoreApplication::translate("Setup", "Out of date: its leader has changed");
            return QCoreApplication::translate("Setup", "Out of date: %1").arg(text(plan.brief));
        case Progress::read:
            return QStringLiteral("Read, not corrected");
        case Progress::corrected:
            return QStringLiteral("Not handed over");
        case Progress::changed:
            return QStringLiteral("Changed since it went out");
        case Progress::done:
            return QStringLiteral("Done");
    }
    return {};
}

QString titleOf(const workflow::Picture& picture) {
    return picture.chartFrame ? QStringLiteral("Chart frame") : QFileInfo(text(picture.path)).fileName();
}

}  // namespace refero
