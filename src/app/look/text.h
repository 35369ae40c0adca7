// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <string>

#include "core/say/say.h"

namespace refero {

/// UTF-8 as the core has it.
inline QString text(const std::string& s) {
    return QString::fromStdString(s);
}

/// A sentence of the window that stands outside of its classes, in the reader's language; its places are
/// filled by QString::arg.
inline QString told(std::string_view english) {
    return QString::fromStdString(say(english));
}

/// With so many digits behind the reader's decimal sign; thousands are not set apart.
QString decimalText(double value, int digits);
/// The same with its sign; none before what rounds to nothing.
QString signedText(double value, int digits);
/// With as many digits as it needs, at most `significant`: 50, 2.4.
QString shortNumber(double value, int significant);

}  // namespace refero
