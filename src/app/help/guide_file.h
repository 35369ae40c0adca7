// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

namespace refero {

/// The folder of the shipped guide, beside the program as it is installed or built; empty where it is not
/// there.
QString guideFolder();
/// The guide in a language by its code, else in English.
QString guideFile(const QString& language);

}  // namespace refero
