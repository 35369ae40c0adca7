// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "studio/records.h"

namespace refero::test {

/// For days whose chart shots are all good enough.
inline bool everyShot(const studio::ReadingRecord&) {
    return true;
}

}  // namespace refero::test
