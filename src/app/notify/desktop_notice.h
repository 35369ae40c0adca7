// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QString>

class QWidget;

namespace refero {

/// A message of the desktop (org.freedesktop.Notifications over D-Bus) when long work ends while nobody looks
/// at the window. Without a desktop that takes them nothing happens.
class DesktopNotice : public QObject {
    Q_OBJECT
  public:
    explicit DesktopNotice(QWidget* window);
    /// Not while the window has the attention.
    void tell(const QString& title, const QString& text);
    /// In any case.
    static void send(const QString& title, const QString& text);
    /// How far long work is, for task bars that show it; of none, 0 of 0, it is taken away.
    static void progress(int done, int all);

  private:
    QWidget* window_;
};

}  // namespace refero
