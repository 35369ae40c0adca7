// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/watched_folder.h"

#include <QDir>
#include <QTimer>

namespace refero {
namespace {

// Network folders tell nothing by themselves: they are looked at all the same, only less often.
constexpr int kSeldom = 8;

QFileInfoList filesIn(const QString& folder) {
    return QDir(folder).entryInfoList(QDir::Files | QDir::Readable, QDir::Time | QDir::Reversed);
}

}  // namespace

WatchedFolder::WatchedFolder(QObject* parent) : QObject(parent), timer_(new QTimer(this)) {
    timer_->setInterval(kLookEveryMs);
    connect(timer_, &QTimer::timeout, this, [this] {
        if (growing_.isEmpty() && ++quiet_ % kSeldom != 0) return;
        look();
    });
    connect(&watcher_, &QFileSystemWatcher::directoryChanged, this, [this] { look(); });
}

void WatchedFolder::watch(const QString& folder) {
    if (!watcher_.directories().isEmpty()) watcher_.removePaths(watcher_.directories());
    folder_ = folder;
    known_.clear();
    growing_.clear();
    if (folder.isEmpty()) return timer_->stop();
    for (const QFileInfo& f : filesIn(folder)) known_.insert(f.fileName());
    watcher_.addPath(folder);
    timer_->start();
}

void WatchedFolder::look() {
    if (!QFileInfo(folder_).isDir()) {
        watch({});
        return emit lost();
    }
    QStringList whole;
    for (const QFileInfo& f : filesIn(folder_)) {
        const QString name = f.fileName();
        if (known_.contains(name) || name.startsWith(QLatin1Char('.'))) continue;
        const auto before = growing_.find(name);
        if (before != growing_.end() && *before == f.size() && f.size() > 0) {
            growing_.erase(before);
            known_.insert(name);
            whole << f.absoluteFilePath();
        } else {
            growing_[name] = f.size();
        }
    }
    for (const QString& path : whole) emit arrived(path);
}

}  // namespace refero
