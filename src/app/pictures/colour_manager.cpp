// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pictures/colour_manager.h"

#include <QDBusArgument>
#include <QDBusConnection>
#include <QDBusObjectPath>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QDBusVariant>
#include <utility>

namespace refero {
namespace {

const QString kService = QStringLiteral("org.freedesktop.ColorManager"),
              kPath = QStringLiteral("/org/freedesktop/ColorManager"), kManager = kService,
              kDevice = QStringLiteral("org.freedesktop.ColorManager.Device"),
              kProfile = QStringLiteral("org.freedesktop.ColorManager.Profile"),
              kProperties = QStringLiteral("org.freedesktop.DBus.Properties"), kGet = QStringLiteral("Get");

// What Get packs.
QVariant inner(const QVariant& value) {
    return value.canConvert<QDBusVariant>() ? value.value<QDBusVariant>().variant() : value;
}

}  // namespace

ColourManager::ColourManager(QObject* parent) : QObject(parent) {}

void ColourManager::follow(const QString& connector) {
    if (connector.isEmpty() || connector == connector_) return;
    connector_ = connector;
    QDBusConnection bus = QDBusConnection::systemBus();
    if (!bus.isConnected()) return;
    if (!std::exchange(listens_, true))
        for (const char* signal : {"DeviceAdded", "DeviceChanged", "DeviceRemoved"})
            bus.connect(kService, kPath, kManager, QLatin1String(signal), this, SLOT(deviceChanged()));
    ask();
}

void ColourManager::deviceChanged() {
    ask();
}

void ColourManager::call(const QString& path, const QString& interface, const QString& method,
                         const QVariantList& with, const std::function<void(const QVariant&)>& then) {
    QDBusMessage message = QDBusMessage::createMethodCall(kService, path, interface, method);
    message.setArguments(with);
    auto* answer = new QDBusPendingCallWatcher(QDBusConnection::systemBus().asyncCall(message), this);
    connect(answer, &QDBusPendingCallWatcher::finished, this,
            [this, then, number = asked_](QDBusPendingCallWatcher* done) {
                const QVariantList said = done->reply().arguments();
                const bool error = done->isError() || said.isEmpty();
                done->deleteLater();
                if (number == asked_) then(error ? QVariant() : said.front());
            });
}

// The device, then its first profile, which is the one in use, then that one's file.
void ColourManager::ask() {
    ++asked_;
    const auto none = [this] { emit found(connector_, {}); };
    const QVariantList display{QStringLiteral("XRANDR_name"), connector_};
    call(kPath, kManager, QStringLiteral("FindDeviceByProperty"), display,
         [this, none](const QVariant& device) {
             const QString at = device.value<QDBusObjectPath>().path();
             if (at.isEmpty()) return none();
             call(at, kProperties, kGet, {kDevice, QStringLiteral("Profiles")},
                  [this, none](const QVariant& list) {
                      const auto profiles = qdbus_cast<QList<QDBusObjectPath>>(inner(list));
                      if (profiles.isEmpty()) return none();
                      call(profiles.front().path(), kProperties, kGet, {kProfile, QStringLiteral("Filename")},
                           [this](const QVariant& file) { emit found(connector_, inner(file).toString()); });
                  });
         });
}

}  // namespace refero
