// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/settings/day_settings.h"

#include <QSettings>
#include <QStringList>

#include "app/look/text.h"
#include "app/settings/own_settings.h"

namespace refero {
namespace {

const QString kFolderKey = QStringLiteral("day/folder"), kReceiversKey = QStringLiteral("day/receivers");

}  // namespace

DayWishes dayWishes() {
    DayWishes out;
    const QStringList names = ownSettings().value(kReceiversKey).toStringList();
    for (const workflow::Receiver r : workflow::kReceivers)
        if (names.contains(text(std::string(name(r))))) out.receivers.push_back(r);
    out.folder = ownSettings().value(kFolderKey).toString();
    return out;
}

void rememberReceivers(const std::vector<workflow::Receiver>& receivers) {
    QStringList names;
    for (const workflow::Receiver r : receivers) names << text(std::string(name(r)));
    ownSettings().setValue(kReceiversKey, names);
}

void rememberDayFolder(const QString& folder) {
    ownSettings().setValue(kFolderKey, folder);
}

}  // namespace refero
