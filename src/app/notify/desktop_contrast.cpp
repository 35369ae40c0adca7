// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/notify/desktop_contrast.h"

#include <QDBusConnection>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QDBusVariant>

#include "app/look/tokens.h"

namespace refero {
namespace {

const QString kService = QStringLiteral("org.freedesktop.portal.Desktop"),
              kPath = QStringLiteral("/org/freedesktop/portal/desktop"),
              kSettings = QStringLiteral("org.freedesktop.portal.Settings"),
              kAppearance = QStringLiteral("org.freedesktop.appearance"),
              kContrast = QStringLiteral("contrast");

}  // namespace

DesktopContrast::DesktopContrast(QObject* parent) : QObject(parent) {
    QDBusConnection bus = QDBusConnection::sessionBus();
    if (!bus.isConnected()) return;
    bus.connect(kService, kPath, kSettings, QStringLiteral("SettingChanged"), this,
                SLOT(settingChanged(QDBusMessage)));
    QDBusMessage call = QDBusMessage::createMethodCall(kService, kPath, kSettings, QStringLiteral("Read"));
    call << kAppearance << kContrast;
    auto* answer = new QDBusPendingCallWatcher(bus.asyncCall(call), this);
    connect(answer, &QDBusPendingCallWatcher::finished, this, [this](QDBusPendingCallWatcher* done) {
        const QDBusPendingReply<QDBusVariant> reply = *done;
        if (!reply.isError()) take(reply.value().variant());
        done->deleteLater();
    });
}

void DesktopContrast::settingChanged(const QDBusMessage& message) {
    const QVariantList said = message.arguments();
    if (said.size() == 3 && said[0].toString() == kAppearance && said[1].toString() == kContrast)
        take(said[2]);
}

// 1 asks for more; Read packs its answer once more.
void DesktopContrast::take(const QVariant& value) {
    const QVariant inner = value.canConvert<QDBusVariant>() ? value.value<QDBusVariant>().variant() : value;
    const bool wanted = inner.toUInt() == 1;
    if (wanted == look::highContrast()) return;
    look::setHighContrast(wanted);
    emit changed();
}

}  // namespace refero
