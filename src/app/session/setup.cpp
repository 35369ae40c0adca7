// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/setup.h"

#include <QCoreApplication>
#include <QFileInfo>

#include "app/look/text.h"

namespace refero {

using workflow::Progress;

QString Setup::due() const {
    if (busy && !reading) return told("Reading the frame");
    if (!reading && !error.isEmpty()) return told("Chart not found");
    switch (progress()) {
        case Progress::served:
            return told("Served by %1").arg(text(plan.brief));
        case Progress::lent:
            return QCoreApplication::translate("Setup", "Colours lent");
        case Progress::chartDue:
            return told("Chart to be shot");
        case Progress::chartMissing:
            return told("Chart shot missing");
        case Progress::shootAgain:
            return told("Shoot the chart again");
        case Progress::stale:
            if (!leaderChanged.empty())
                return QCoreApplication::translate("Setup", "Out of date: its leader has changed");
            return QCoreApplication::translate("Setup", "Out of date: %1").arg(text(plan.brief));
        case Progress::read:
            return told("Read, not corrected");
        case Progress::corrected:
            return told("Not handed over");
        case Progress::changed:
            return told("Changed since it went out");
        case Progress::done:
            return told("Done");
    }
    return {};
}

QString titleOf(const workflow::Picture& picture) {
    return picture.chartFrame ? told("Chart frame") : QFileInfo(text(picture.path)).fileName();
}

}  // namespace refero
