// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/scale/text_size.h"

#include <unistd.h>

#include <QCoreApplication>
#include <QFile>
#include <QFont>
#include <QGuiApplication>
#include <QProcess>
#include <algorithm>
#include <cmath>
#include <optional>

#include "app/settings/own_settings.h"

namespace refero::textsize {
namespace {

const QString kChosen = QStringLiteral("textSize"), kExpected = QStringLiteral("desktopTextSize");
constexpr const char* kFactor = "QT_SCALE_FACTOR";
constexpr const char* kFollowed = "REFERO_TEXT_SIZE_FOLLOWED";
constexpr int kPatienceMs = 300;

// Points of the font that a desktop comes with; 0: not known.
double usualPoints(const QString& desktop) {
    if (desktop.contains(QLatin1String("GNOME"), Qt::CaseInsensitive)) return 11;
    for (const char* name : {"KDE", "XFCE", "MATE", "LXQt", "Cinnamon"})
        if (desktop.contains(QLatin1String(name), Qt::CaseInsensitive)) return 10;
    return 0;
}

// Under X11 the toolkit takes the scale of text from the display's resolution by itself.
double desktopScale(const QString& desktop) {
    if (!desktop.contains(QLatin1String("GNOME"), Qt::CaseInsensitive) ||
        QGuiApplication::platformName() != QLatin1String("wayland"))
        return 1;
    QProcess asked;
    asked.start(QStringLiteral("gsettings"),
                {QStringLiteral("get"), QStringLiteral("org.gnome.desktop.interface"),
                 QStringLiteral("text-scaling-factor")});
    if (!asked.waitForFinished(kPatienceMs)) return 1;
    bool is = false;
    const double scale = QString::fromLatin1(asked.readAllStandardOutput()).trimmed().toDouble(&is);
    return is ? scale : 1;
}

double wantedFactor() {
    if (const int percent = chosen()) return percent / 100.0;
    return std::clamp(ownSettings().value(kExpected, 1.0).toDouble(), 1.0, 2.5);
}

std::optional<double> started;  // with which factor; nothing where the person set the toolkit's own

}  // namespace

int chosen() {
    const int percent = ownSettings().value(kChosen).toInt();
    return std::find(kSizes.begin(), kSizes.end(), percent) == kSizes.end() ? 0 : percent;
}

void choose(int percent) {
    ownSettings().setValue(kChosen, percent);
}

double factorOf(const QString& desktop, double points, double scale) {
    const double usual = usualPoints(desktop);
    const double byFont = usual > 0 && points > 0 ? points / usual : 1;
    const double steps = std::round(byFont * (scale > 0 ? scale : 1) * 20);
    return std::isfinite(steps) ? std::clamp(steps / 20, 1.0, 2.5) : 1;
}

void prepare() {
    if (qEnvironmentVariableIsSet(kFactor)) return;
    started = wantedFactor();
    qputenv(kFactor, QByteArray::number(*started));
}

void follow(char** arguments) {
    if (!started) return;
    // Programs that this one opens have their own size.
    qunsetenv(kFactor);
    const bool followed = qEnvironmentVariableIsSet(kFollowed);
    qunsetenv(kFollowed);
    if (chosen() != 0) return;
    const QString desktop = qEnvironmentVariable("XDG_CURRENT_DESKTOP");
    const double factor = factorOf(desktop, QGuiApplication::font().pointSizeF(), desktopScale(desktop));
    if (factor == *started) return;
    ownSettings().setValue(kExpected, factor);
    // Once: where a start does not bring what is wanted, a second would not either.
    if (followed) return;
    qputenv(kFollowed, "1");
    beginAnew(arguments);
}

void beginAnew(char** arguments) {
    ownSettings().sync();
    // By its name, which lists of what runs then tell.
    execv(QFile::encodeName(QCoreApplication::applicationFilePath()).constData(), arguments);
}

}  // namespace refero::textsize
