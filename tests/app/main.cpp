// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <QApplication>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>

#include "app/jobs/stand_back.h"
#include "app/language/language.h"
#include "app/look/tokens.h"

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    QStandardPaths::setTestModeEnabled(true);
    // Its own, not the person's, and not those of a test program that runs beside it.
    const QTemporaryDir settings;
    for (const auto format : {QSettings::NativeFormat, QSettings::IniFormat})
        QSettings::setPath(format, QSettings::UserScope, settings.path());
    QApplication app(argc, argv);
    refero::goFirst();
    refero::language::speak(QStringLiteral("en"));
    refero::look::dress();
    testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
