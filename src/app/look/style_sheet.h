// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

#include "app/look/tokens.h"

namespace refero::look {

/// Dresses the few stock controls that are used; everything else paints itself.
QString styleSheet(const Palette& palette);

}  // namespace refero::look
