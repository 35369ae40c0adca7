// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/read/camera_advice.h"

namespace refero::words {

/// Thirds of a stop as people say them: "1 1/3 stops", "2/3 stop"; of none, "nothing".
std::string stopsInThirds(int thirds);

/// What to do at the camera, a sentence each, the most useful first; empty where all is as it should be.
std::vector<std::string> sentences(const CameraAdvice& advice);

}  // namespace refero::words
