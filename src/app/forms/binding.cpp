// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/forms/binding.h"

#include <cmath>

namespace refero {

QString numberText(double value) {
    return shortNumber(value, 8);
}

Result<double> numberFrom(const QString& caption, const QString& text) {
    bool ok = false;
    const double v = QString(text).replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&ok);
    if (!ok || !std::isfinite(v))
        return failure(
            (caption + QStringLiteral(": \"%1\" is not a number.").arg(text.left(40))).toStdString());
    return v;
}

}  // namespace refero
