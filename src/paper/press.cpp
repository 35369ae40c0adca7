// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/press.h"

#include <QFontDatabase>
#include <QGuiApplication>
#include <QString>
#include <array>
#include <cstdio>

// The resources of a static library are only linked where they are asked for, outside of any namespace.
static void loadFontResources() {
    Q_INIT_RESOURCE(fonts);
}

namespace refero::paper {

void loadFonts() {
    loadFontResources();
    for (const char* file :
         {"Inter-Regular", "Inter-Medium", "Inter-SemiBold", "ReferoFigures-Regular", "ReferoFigures-Medium"})
        QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/%1.otf").arg(QLatin1String(file)));
}

Press::Press() {
    if (QCoreApplication::instance()) return;
    // What Qt says of the desktop that is not there is nobody's concern, unless it cannot go on.
    qInstallMessageHandler([](QtMsgType type, const QMessageLogContext&, const QString& words) {
        if (type == QtCriticalMsg || type == QtFatalMsg) std::fprintf(stderr, "%s\n", qPrintable(words));
    });
    // Qt keeps both for as long as the application lives, and takes out what it has understood.
    static int count;
    static std::array<char*, 4> words;
    static char name[] = "refero", option[] = "-platform", platform[] = "offscreen";
    words = {name, option, platform, nullptr};
    count = 3;
    application_ = std::make_unique<QGuiApplication>(count, words.data());
    loadFonts();
}

Press::~Press() {
    if (application_) qInstallMessageHandler(nullptr);
}

}  // namespace refero::paper
