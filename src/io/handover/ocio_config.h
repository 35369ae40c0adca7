// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/colour/rgb_space.h"
#include "core/finish/finish.h"
#include "core/fit/correction.h"

namespace refero::io {

/// The names in the configuration.
inline constexpr const char* kCameraSpace = "Camera, corrected by Refero";
inline constexpr const char* kSceneSpace = "ACEScg";
inline constexpr const char* kLinearSpace = "Linear sRGB";
inline constexpr const char* kAcesSpace = "ACES2065-1";
inline constexpr const char* kLogSpace = "ACEScct";
inline constexpr const char* kDisplayXyz = "CIE XYZ D65";
inline constexpr const char* kDisplay = "sRGB";
inline constexpr const char* kViewNeutral = "Neutral";
inline constexpr const char* kViewFinished = "With finish";

/// A small configuration of OpenColorIO 2: the camera as a colour space, which goes through the CLF file
/// `clfName` beside the configuration to ACEScg; linear sRGB, for plates in it; and sRGB to judge all that
/// on, without and, through the CLF file `finishName`, with the finish. Its colour space can be copied into a
/// larger configuration whose scene-linear space is ACEScg.
Result<std::string> ocioConfig(const Correction& correction, const Transfer& inputEncoding,
                               const std::string& clfName, const std::string& finishName);

}  // namespace refero::io
