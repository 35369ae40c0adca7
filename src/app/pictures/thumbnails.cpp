// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pictures/thumbnails.h"

#include <QDir>
#include <QFileInfo>
#include <QSaveFile>
#include <QStandardPaths>
#include <algorithm>
#include <cmath>

#include "app/jobs/stand_back.h"
#include "app/pictures/display_colour.h"
#include "core/read/swatch.h"
#include "io/frame_file.h"
#include "io/media_path.h"

namespace refero {
namespace {

constexpr int kKept = 600, kWaiting = 200;

QString fileOf(const QString& key) {
    return key.isEmpty() ? QString() : Thumbnails::folder() + QLatin1Char('/') + key + QStringLiteral(".jpg");
}

QImage drawn(const LinearImage& image) {
    const int factor = std::max(1, std::max(image.width(), image.height()) / (2 * Thumbnails::kLongSide));
    const LinearImage small = shrunk(image, factor);
    Rendering r = compileUntouched(OutputSpace::srgb);
    r.gains = roughGains(small);
    return srgbImage(small, r, Thumbnails::kLongSide)
        .scaled(Thumbnails::kLongSide, Thumbnails::kLongSide, Qt::KeepAspectRatio, Qt::SmoothTransformation);
}

void write(const QString& file, const QImage& image) {
    QDir().mkpath(Thumbnails::folder());
    // A thumbnail that could not be kept is made again next time.
    QSaveFile out(file);
    if (out.open(QIODevice::WriteOnly) && image.save(&out, "JPG", 90)) out.commit();
}

QImage keptOrMade(const QString& path, const QString& key) {
    const QString file = fileOf(key);
    QImage image;
    if (!file.isEmpty() && image.load(file)) return image;
    const auto frame = io::readForLooking(path.toStdString(), Thumbnails::kLongSide);
    if (!frame) return {};
    image = drawn(frame->image);
    if (!image.isNull() && !file.isEmpty()) write(file, image);
    return image;
}

}  // namespace

Thumbnails::Thumbnails(QObject* parent) : QObject(parent), kept_(kKept) {
    pool_.setMaxThreadCount(1);
}

Thumbnails::~Thumbnails() {
    waiting_.clear();
    pool_.waitForDone();
}

void Thumbnails::forgetAll() {
    waiting_.clear();
    kept_.clear();
    failed_.clear();
}

QString Thumbnails::folder() {
    const QString own = qEnvironmentVariable("REFERO_THUMBNAIL_FOLDER");
    return own.isEmpty() ? QStandardPaths::writableLocation(QStandardPaths::GenericCacheLocation) +
                               QStringLiteral("/refero/thumbnails")
                         : own;
}

void Thumbnails::keep(const QString& key, const LinearImage& small) {
    if (key.isEmpty() || small.empty() || QFileInfo::exists(fileOf(key))) return;
    write(fileOf(key), drawn(small));
}

QString thumbnailKey(const std::string& sha256, const std::filesystem::path& path) {
    if (sha256.empty()) return {};
    const auto seconds = io::mediaPath(path).seconds;
    return QString::fromStdString(sha256) +
           (seconds ? QStringLiteral("-%1").arg(std::llround(*seconds * 1000)) : QString());
}

QPixmap Thumbnails::of(const QString& path, const QString& key) {
    if (const QPixmap* pixmap = kept_.object(path)) return *pixmap;
    if (failed_.contains(path) || running_.contains(path)) return {};
    std::erase_if(waiting_, [&](const Wanted& w) { return w.path == path; });
    waiting_.push_front({path, key});
    if (waiting_.size() > kWaiting) waiting_.pop_back();
    next();
    return {};
}

void Thumbnails::next() {
    if (waiting_.empty() || !running_.isEmpty()) return;
    const Wanted w = waiting_.front();
    waiting_.pop_front();
    running_.insert(w.path);
    pool_.start([this, w] {
        standBack();
        const QImage image = forDisplay(keptOrMade(w.path, w.key));
        QMetaObject::invokeMethod(
            this, [this, path = w.path, image] { done(path, image); }, Qt::QueuedConnection);
    });
}

void Thumbnails::done(const QString& path, const QImage& image) {
    running_.remove(path);
    if (image.isNull()) {
        failed_.insert(path);
    } else {
        kept_.insert(path, new QPixmap(QPixmap::fromImage(image)));
    }
    emit ready(path);
    next();
}

}  // namespace refero
