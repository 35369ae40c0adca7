// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/notify/desktop_notice.h"

#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusPendingCall>
#include <QVariantMap>
#include <QWidget>
#include <algorithm>

namespace refero {

DesktopNotice::DesktopNotice(QWidget* window) : QObject(window), window_(window) {}

void DesktopNotice::tell(const QString& title, const QString& text) {
    if (!window_->isVisible() || !window_->isActiveWindow()) send(title, text);
}

// Desktop Notifications Specification 1.2, "Notify".
void DesktopNotice::send(const QString& title, const QString& text) {
    QDBusConnection bus = QDBusConnection::sessionBus();
    if (!bus.isConnected()) return;
    const QString name = QStringLiteral("org.freedesktop.Notifications");
    QDBusMessage call = QDBusMessage::createMethodCall(name, QStringLiteral("/org/freedesktop/Notifications"),
                                                       name, QStringLiteral("Notify"));
    constexpr int kAsTheDesktopHasIt = -1;
    call << QStringLiteral("Refero") << 0U << QStringLiteral("refero") << title << text << QStringList()
         << QVariantMap{{QStringLiteral("desktop-entry"), QStringLiteral("refero")}} << kAsTheDesktopHasIt;
    // Nobody waits for an answer.
    bus.asyncCall(call);
}

// What docks and task bars of several desktops listen for ("com.canonical.Unity.LauncherEntry", by common
// practice; there is no published standard).
void DesktopNotice::progress(int done, int all) {
    QDBusConnection bus = QDBusConnection::sessionBus();
    if (!bus.isConnected()) return;
    QDBusMessage update = QDBusMessage::createSignal(QStringLiteral("/example/refero/Refero"),
                                                     QStringLiteral("com.canonical.Unity.LauncherEntry"),
                                                     QStringLiteral("Update"));
    const double share = all > 0 ? std::clamp(double(done) / all, 0.0, 1.0) : 0;
    update << QStringLiteral("application://refero.desktop")
           << QVariantMap{{QStringLiteral("progress"), share}, {QStringLiteral("progress-visible"), all > 0}};
    bus.send(update);
}

}  // namespace refero
