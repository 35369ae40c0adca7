// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDBusMessage>
#include <QObject>
#include <QVariant>

namespace refero {

/// Dresses the application in high contrast where the desktop asks for it, and follows it: the setting
/// "contrast" of "org.freedesktop.appearance" (XDG Desktop Portal, Settings). Without a portal nothing
/// happens.
class DesktopContrast : public QObject {
    Q_OBJECT
  public:
    explicit DesktopContrast(QObject* parent);

  signals:
    void changed();

  private slots:
    /// Of the portal: namespace, key and value.
    void settingChanged(const QDBusMessage& message);

  private:
    void take(const QVariant& value);
};

}  // namespace refero
