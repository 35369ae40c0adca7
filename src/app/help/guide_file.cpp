// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/help/guide_file.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>

namespace refero {

QString guideFolder() {
    const QString folder =
        QDir::cleanPath(QCoreApplication::applicationDirPath() + QStringLiteral("/../share/refero/guide"));
    return QFileInfo::exists(folder + QStringLiteral("/guide.md")) ? folder : QString();
}

QString guideFile(const QString& language) {
    const QString own = guideFolder() + QLatin1Char('/') + language + QStringLiteral("/guide.md");
    return QFileInfo::exists(own) ? own : guideFolder() + QStringLiteral("/guide.md");
}

}  // namespace refero
