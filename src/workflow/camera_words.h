// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "workflow/camera_advice.h"

namespace refero::workflow {

/// What to do, a sentence each, the most useful first; empty where all is as it should be.
std::vector<std::string> sentences(const CameraAdvice& advice);

}  // namespace refero::workflow
