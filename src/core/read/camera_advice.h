// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <utility>
#include <vector>

#include "core/read/camera_settings.h"
#include "core/read/reading.h"

namespace refero {

/// How finely a raw file tells levels apart, from the codes that it uses.
struct RawPrecision {
    int bits = 0;                   ///< 0: not known
    bool coarseHighlights = false;  ///< steps are more than twice as wide near clipping: a lossy curve
};

/// What a raw file says of its camera.
struct RawFacts {
    std::optional<Vector3> cameraWhite;  ///< linear camera RGB of white as it was balanced, green = 1
    std::optional<Matrix3> xyzToCamera;  ///< under D65
    std::optional<RawPrecision> precision;
};

/// What is to be set in a camera before the next frame; nothing where that is not known, or is as it should
/// be.
struct CameraAdvice {
    std::optional<DialledBalance> light;   ///< to be dialled for the chart's light, on the body's own scale
    std::optional<DialledBalance> set;     ///< what the camera had, on the same scale
    BalanceScale scale;                    ///< what it rests on
    std::optional<double> miredOff;        ///< by which the light is warmer than the camera's balance
    std::optional<StoredBalance> stored;   ///< that fits the light
    std::optional<double> openStops;       ///< to open the exposure; below 0: to close it
    std::optional<double> histogramStops;  ///< see histogramMisleads
    std::optional<double> wanderMired;     ///< between the balances of the setup's frames
    std::size_t framesSeen = 0;            ///< whose balance that is
    std::optional<RawPrecision> precision;
};

/// What is known beside the reading.
struct CameraFacts {
    std::optional<RawFacts> raw;    ///< of the chart frame's file
    std::vector<Vector3> balances;  ///< of the setup's frames, as the camera had them
    std::vector<std::pair<Vector3, double>>
        dialled;             ///< the body's: balance, and kelvin that a person read off
    double dialledHere = 0;  ///< kelvin that a person read off for the chart frame; 0: nobody did
};
CameraAdvice cameraAdvice(const Reading& reading, const CameraFacts& facts);

}  // namespace refero
