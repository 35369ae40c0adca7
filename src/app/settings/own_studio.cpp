// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/settings/own_studio.h"

#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>

#include "app/look/text.h"

namespace refero {

QString ownStudioFolder() {
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + QStringLiteral("/refero");
}

OwnStudio ownStudio(const QString& folder, const QString& last) {
    QDir().mkpath(folder);
    const QString file = folder + QStringLiteral("/studio.refero");
    if (!last.isEmpty() && last != file && QFileInfo::exists(last)) {
        if (auto studio = studio::Studio::open(last.toStdString())) {
            const QString why = QString::fromStdString((*studio)->readOnlyBecause());
            return {*std::move(studio), why};
        }
    }
    const bool there = QFileInfo::exists(file);
    auto own = there ? studio::Studio::open(file.toStdString()) : studio::Studio::create(file.toStdString());
    if (own) {
        const QString why = QString::fromStdString((*own)->readOnlyBecause());
        return {*std::move(own), why};
    }
    const QString message = QString::fromStdString(own.error().message);
    const QString beside =
        QStringLiteral("%1/studio-%2.refero")
            .arg(folder, QDateTime::currentDateTime().toString(QStringLiteral("yyyyMMdd-HHmmss")));
    auto fresh = studio::Studio::create(beside.toStdString());
    if (!fresh) return {nullptr, message};
    return {*std::move(fresh), message + told(" A new one was begun: %1.").arg(QFileInfo(beside).fileName())};
}

}  // namespace refero
