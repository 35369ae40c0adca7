// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QElapsedTimer>
#include <QFileSystemWatcher>
#include <QHash>
#include <QObject>
#include <QSet>

class QTimer;

namespace refero {

/// Says which files come into a folder, each once it is whole: its size is the same at two looks in a row.
/// What is there already when the watch begins, and hidden files, are passed over.
class WatchedFolder : public QObject {
    Q_OBJECT
  public:
    static constexpr int kLookEveryMs = 120;

    explicit WatchedFolder(QObject* parent = nullptr);
    /// An empty path ends the watch.
    void watch(const QString& folder);
    const QString& folder() const { return folder_; }

  signals:
    void arrived(const QString& path);
    /// It is not there any more.
    void lost();

  private:
    void look();

    QString folder_;
    QFileSystemWatcher watcher_;
    QTimer* timer_;
    QSet<QString> known_;
    QHash<QString, qint64> growing_;
    int quiet_ = 0;
};

}  // namespace refero
