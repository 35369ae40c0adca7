// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/grade/recipe.h"
#include "io/report/document.h"

namespace refero::io {

/// The recipe as pages to work from: the steps, the hue sectors as a table, and what is left of each patch.
Document recipeDocument(const Recipe& recipe, const Correction& correction);

}  // namespace refero::io
