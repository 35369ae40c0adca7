// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QSettings>

namespace refero {

/// What a person set up once for this machine, in the XDG configuration folder.
inline QSettings ownSettings() {
    return QSettings(QSettings::IniFormat, QSettings::UserScope, QStringLiteral("refero"),
                     QStringLiteral("refero"));
}

}  // namespace refero
