// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/read/camera_advice.h"
#include "studio/contents.h"

namespace refero::workflow {

/// What a studio knows of a setup's camera beside the reading, but for the chart frame's file itself.
CameraFacts cameraFacts(const studio::Contents& contents, studio::SetupId setup, const Reading& reading);

}  // namespace refero::workflow
