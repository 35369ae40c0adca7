// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QCoreApplication>
#include <QString>
#include <QStringList>

namespace refero {

/// Endings of files that hold a chart's colours.
inline QStringList chartDataEndings() {
    return QStringLiteral(".txt .cgats .cie .cxf .csv .tsv .chart.json").split(QLatin1Char(' '));
}

inline bool isChartData(const QString& path) {
    for (const QString& ending : chartDataEndings())
        if (path.endsWith(ending, Qt::CaseInsensitive)) return true;
    return false;
}

/// For a dialog that opens one.
inline QString chartDataFilter() {
    return QCoreApplication::translate("ChartData", "Chart data (%1)")
        .arg(QLatin1Char('*') + chartDataEndings().join(QStringLiteral(" *")));
}

}  // namespace refero
