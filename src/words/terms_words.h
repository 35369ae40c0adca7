// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/assess/tolerance.h"
#include "core/fit/correction.h"
#include "core/grade/exposure_marks.h"

namespace refero::words {

/// "mid-grey (18 %)", "white", "skin F2".
std::string name(const ExposureMark& mark);
/// "code 420 of 1023 (38 % of the signal, green)".
std::string place(const ExposureMark& mark);
/// What half a stop off does, and between which exposures the correction holds.
std::string sentence(const ExposureTolerance& tolerance);
/// What each chart shot pays for a shared correction; empty where it is of one setup.
std::string poolSentence(const Correction& correction);

}  // namespace refero::words
