// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <string>

namespace refero {

/// UTF-8 as the core has it.
inline QString text(const std::string& s) {
    return QString::fromStdString(s);
}

}  // namespace refero
