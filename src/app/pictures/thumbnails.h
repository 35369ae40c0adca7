// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QCache>
#include <QImage>
#include <QObject>
#include <QPixmap>
#include <QSet>
#include <QThreadPool>
#include <deque>
#include <filesystem>

#include "core/frame/image.h"

namespace refero {

/// Small pictures of frames, made in the background and kept on the disk by content. What was asked for last
/// is made first, so that what is on the screen comes before what was scrolled past.
class Thumbnails : public QObject {
    Q_OBJECT
  public:
    static constexpr int kLongSide = 192;  ///< pixels

    explicit Thumbnails(QObject* parent = nullptr);
    ~Thumbnails() override;

    /// Null while it is being made, or where it cannot be; `key` is from thumbnailKey, or empty.
    QPixmap of(const QString& path, const QString& key);
    /// What is still waiting is not wanted any more.
    void forgetWaiting() { waiting_.clear(); }
    /// They are to be drawn for another display.
    void forgetAll();
    /// Keeps the picture of a frame that was looked at anyway. Any thread; a failure is no one's loss.
    static void keep(const QString& key, const LinearImage& small);
    /// In the XDG cache folder, or where REFERO_THUMBNAIL_FOLDER says.
    static QString folder();

  signals:
    void ready(const QString& path);

  private:
    struct Wanted {
        QString path, key;
    };
    void next();
    void done(const QString& path, const QImage& image);

    QCache<QString, QPixmap> kept_;
    QSet<QString> failed_, running_;
    std::deque<Wanted> waiting_;
    QThreadPool pool_;
};

/// The content's hash, and for a moment of a clip its time; empty where the content is not known.
QString thumbnailKey(const std::string& sha256, const std::filesystem::path& path);

}  // namespace refero
