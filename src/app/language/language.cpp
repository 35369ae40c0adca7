// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/language/language.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>

#include "app/settings/own_settings.h"
#include "core/say/figure.h"
#include "core/say/say.h"

namespace refero::language {
namespace {

const QString kKey = QStringLiteral("language");

// What the core says stands under one context, whichever unit says it.
std::string fromCatalogue(std::string_view english) {
    return QCoreApplication::translate("core", std::string(english).c_str()).toStdString();
}

// Of the reader's country where the system speaks this language; a system that speaks none counts as English.
QLocale localeOf(const QString& code) {
    const QLocale system = QLocale::system(), named(code);
    const bool same = system.language() == named.language() ||
                      (system.language() == QLocale::C && named.language() == QLocale::English);
    return same ? system : named;
}

bool load(QTranslator& translator, const QString& file) {
    QCoreApplication::removeTranslator(&translator);
    return translator.load(file) && QCoreApplication::installTranslator(&translator);
}

}  // namespace

QStringList shipped() {
    return {QStringLiteral("en"), QStringLiteral("de"), QStringLiteral("fr"), QStringLiteral("es")};
}

QString nameOf(const QString& code) {
    if (code == QLatin1String("de")) return QStringLiteral("Deutsch");
    if (code == QLatin1String("fr")) return QStringLiteral("Français");
    if (code == QLatin1String("es")) return QStringLiteral("Español");
    return QStringLiteral("English");
}

QString chosen() {
    const QString code = ownSettings().value(kKey).toString();
    return shipped().contains(code) ? code : QString();
}

void choose(const QString& code) {
    ownSettings().setValue(kKey, code);
}

QString wanted() {
    if (const QString code = chosen(); !code.isEmpty()) return code;
    for (const QString& name : QLocale::system().uiLanguages())
        if (const QString code = name.left(2); shipped().contains(code)) return code;
    return shipped().first();
}

void speak(const QString& code) {
    // Outside of the application's life nobody asks for texts.
    static QTranslator* const own = new QTranslator(QCoreApplication::instance());
    static QTranslator* const toolkit = new QTranslator(QCoreApplication::instance());
    load(*own, QStringLiteral(":/i18n/refero_%1.qm").arg(code));
    const bool english = code == shipped().first();
    // Buttons of the toolkit's own dialogs, where the system has them.
    if (english)
        QCoreApplication::removeTranslator(toolkit);
    else
        load(*toolkit,
             QLibraryInfo::path(QLibraryInfo::TranslationsPath) + QStringLiteral("/qtbase_%1.qm").arg(code));
    setCatalogue(english ? nullptr : fromCatalogue);
    QLocale::setDefault(localeOf(code));
    setDecimalSign(QLocale().decimalPoint().front().toLatin1());
}

}  // namespace refero::language
