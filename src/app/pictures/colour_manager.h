// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDBusMessage>
#include <QObject>
#include <QString>
#include <functional>

namespace refero {

/// The system's colour manager (colord, org.freedesktop.ColorManager on the system's bus): which profile the
/// display at a connector has, under any window system, and when that changes. Nothing waits for it; without
/// one it stays silent.
class ColourManager : public QObject {
    Q_OBJECT
  public:
    explicit ColourManager(QObject* parent);

    /// From now on, of the display at that connector ("HDMI-1").
    void follow(const QString& connector);

  signals:
    /// The file of its profile; empty where it has none any more.
    void found(const QString& connector, const QString& file);

  private slots:
    void deviceChanged();

  private:
    void ask();
    /// Calls, and hands the answer's only value on; an error as an invalid one.
    void call(const QString& path, const QString& interface, const QString& method, const QVariantList& with,
              const std::function<void(const QVariant&)>& then);

    QString connector_;
    int asked_ = 0;  ///< counts questions: answers to older ones are let go
    bool listens_ = false;
};

}  // namespace refero
