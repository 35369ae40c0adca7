// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/look/text.h"

#include <QLocale>
#include <cmath>

namespace refero {
namespace {

QLocale readers() {
    QLocale locale;
    locale.setNumberOptions(locale.numberOptions() | QLocale::OmitGroupSeparator);
    return locale;
}

}  // namespace

QString decimalText(double value, int digits) {
    return readers().toString(value, 'f', digits);
}

QString signedText(double value, int digits) {
    const QString number = decimalText(std::abs(value), digits);
    if (std::abs(value) < 0.5 * std::pow(10.0, -digits)) return number;
    return (value < 0 ? QChar(0x2212) : QLatin1Char('+')) + number;
}

QString shortNumber(double value, int significant) {
    return readers().toString(value, 'g', significant);
}

}  // namespace refero
