// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/forms/duration_text.h"

#include <QStringList>
#include <cstdlib>

namespace refero {

QString durationText(int seconds) {
    const int s = std::abs(seconds);
    return (seconds < 0 ? QStringLiteral("-") : QString()) + QStringLiteral("%1:%2:%3")
                                                                 .arg(s / 3600)
                                                                 .arg(s / 60 % 60, 2, 10, QLatin1Char('0'))
                                                                 .arg(s % 60, 2, 10, QLatin1Char('0'));
}

Result<int> durationFrom(const QString& given) {
    QString text = given.trimmed();
    text.replace(QChar(0x2212), QLatin1Char('-'));
    const bool negative = text.startsWith(QLatin1Char('-'));
    if (negative || text.startsWith(QLatin1Char('+'))) text.remove(0, 1);
    if (text.isEmpty()) return 0;
    const QStringList parts = text.split(QLatin1Char(':'));
    qint64 seconds = 0;
    bool ok = parts.size() <= 3;
    for (qsizetype i = 0; i < parts.size() && ok; ++i) {
        const int v = parts[i].toInt(&ok);
        ok = ok && v >= 0 && (i == 0 || v < 60) && v < 400 * 86400;
        seconds = seconds * 60 + v;
    }
    if (!ok || seconds > 400 * 86400)
        return failure(
            QStringLiteral("\"%1\" is not a time: hours, minutes and seconds are wanted, as 0:03:20.")
                .arg(given)
                .toStdString());
    return static_cast<int>(negative ? -seconds : seconds);
}

}  // namespace refero
