// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/look/text.h"

#include <QLocale>

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

QString shortNumber(double value, int significant) {
    return readers().toString(value, 'g', significant);
}

}  // namespace refero
