// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/frame_facts.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QLocale>
#include <QStringList>
#include <cmath>

#include "app/look/text.h"
#include "io/clip.h"
#include "io/media_path.h"

namespace refero {
namespace {

QString secondsText(double s) {
    return s < 0.3 ? QStringLiteral("1/%1 s").arg(std::lround(1 / s)) : QStringLiteral("%1 s").arg(s);
}

}  // namespace

QString factsOf(const studio::Frame& f, const QString& chartName, std::optional<int> offsetMinutes) {
    QStringList lines;
    const QDateTime taken = QDateTime::fromString(text(f.taken), Qt::ISODate).toUTC();
    if (taken.isValid()) {
        const QDateTime there =
            offsetMinutes ? taken.toOffsetFromUtc(60 * *offsetMinutes) : taken.toLocalTime();
        lines << QCoreApplication::translate("FrameFacts", "Taken %1, %2", "a date and a time")
                     .arg(QLocale().toString(there.date(), QLocale::ShortFormat),
                          there.time().toString(QStringLiteral("HH:mm:ss")));
    }
    QStringList camera;
    if (!f.body.empty())
        camera << text(f.body) + (f.serial.empty() ? QString() : QLatin1Char(' ') + text(f.serial));
    if (!f.lens.empty()) camera << text(f.lens);
    if (!camera.isEmpty()) lines << camera.join(QStringLiteral(", "));
    QStringList exposure;
    if (f.exposureSeconds > 0) exposure << secondsText(f.exposureSeconds);
    if (f.fNumber > 0) exposure << QStringLiteral("f/%1").arg(f.fNumber);
    if (f.iso > 0) exposure << QStringLiteral("ISO %1").arg(f.iso);
    if (!f.balance.empty()) exposure << told("balance %1").arg(text(f.balance).toLower());
    if (!f.pictureProfile.empty()) exposure << text(f.pictureProfile);
    if (!exposure.isEmpty()) lines << exposure.join(QStringLiteral(", "));
    if (!f.chart.empty())
        lines << told("Shows %1, %2 % sure").arg(chartName).arg(std::floor(100 * f.certainty));
    if (f.greyCard) lines << told("Shows a plain grey card");
    if (!f.slate.empty())
        lines << QCoreApplication::translate("FrameFacts", "Shows the slate %1").arg(text(f.slate));
    const io::MediaPath media = io::mediaPath(f.path);
    const bool clip = io::isClip(media.file);
    if (f.pictures > 1)
        lines << (clip ? told("Clip of %1 pictures") : told("Sequence of %1 pictures")).arg(f.pictures);
    if (!f.twin.empty())
        lines << QCoreApplication::translate("FrameFacts", "With the camera's own picture, %1")
                     .arg(QFileInfo(text(f.twin)).fileName());
    if (media.seconds) lines << QStringLiteral("At %1 s").arg(decimalText(*media.seconds, 2));
    lines << QStringLiteral("%1 MB, %2")
                 .arg(decimalText(double(f.bytes) / 1e6, 1))
                 .arg(QFileInfo(text(media.file.string())).dir().dirName());
    return lines.join(QLatin1Char('\n'));
}

}  // namespace refero
