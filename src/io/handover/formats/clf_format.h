// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "io/handover/handover_format.h"

namespace refero::io {

struct Clf {
    std::string text;
    int size = 0;
};
/// The smallest that will pass its proof.
Result<Clf> clfOf(const RepresentablePart& part, const ExportOptions& options);

}  // namespace refero::io
