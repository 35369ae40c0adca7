// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "app/look/text.h"
#include "app/session/setup.h"

namespace refero {

/// CIEDE2000 with its digits, a true minus, and a dash for none.
inline QString pairFigure(double v) {
    return decimalText(v, 2).replace(QLatin1Char('-'), QChar(0x2212));
}
inline QString pairFigure(const std::optional<double>& v) {
    return v ? pairFigure(*v) : QStringLiteral("–");
}

/// What a camera is called beside another: its body, else its light.
inline QString bodyOf(const Setup& s) {
    return text(s.body.empty() ? s.light : s.body);
}
/// The same with its light.
inline QString titleOf(const Setup& s) {
    QString out = bodyOf(s);
    if (!s.body.empty() && !s.light.empty()) out += QStringLiteral(", ") + text(s.light);
    return out;
}

}  // namespace refero
