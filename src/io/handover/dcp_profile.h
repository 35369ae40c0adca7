// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string>
#include <utility>
#include <vector>

#include "core/finish/finish.h"
#include "core/fit/correction.h"
#include "core/grade/hue_sat_map.h"

namespace refero::io {

/// What a camera profile of the DNG specification 1.4 says, tag by tag.
struct DcpProfile {
    /// EXIF's LightSource: 17 standard illuminant A, 20 D55, 21 D65, 22 D75, 23 D50.
    struct Light {
        int illuminant = 23;
        Matrix3 colourMatrix = Matrix3::Identity();   ///< XYZ under that light to camera RGB
        Matrix3 forwardMatrix = Matrix3::Identity();  ///< balanced camera RGB to XYZ (D50)
        bool forward = true;  ///< false: the file has none, and the colour matrix leads to D50
        std::optional<HueSatMap> map;
    };
    std::string name, camera;
    std::vector<Light> lights;          ///< one, or two of which the first is the warmer
    std::optional<HueSatMap> look;      ///< of any light, after the exposure
    double baselineExposureOffset = 0;  ///< stops
    /// From light to light, from black to white, rising; what a raw developer begins with.
    std::vector<std::pair<double, double>> toneCurve{{0, 0}, {1, 1}};

    /// A colour as a raw developer sees it by the light alone at `index`, balanced on `neutral` (camera RGB
    /// of a grey): chapter 6 of the specification. Relative to D50.
    Xyz toXyzD50(const Vector3& cameraRgb, const Vector3& neutral, std::size_t index = 0) const;
};

/// The contrast of a finish and its levels as such a curve, from 0 to 1.
std::vector<std::pair<double, double>> toneCurveOf(const Finish& finish);

/// Camera RGB of a grey as the correction's chart showed it, the strongest channel 1.
Vector3 neutralOf(const ColourTransform& correction);

/// Whether the light of the first has less blue for its red than that of the second.
bool isWarmer(const Correction& first, const Correction& second);

/// One correction, or two of one body for two lights. What bends colours becomes a map unless `matrixOnly`;
/// `colours` (linear camera RGB) are what its matrix is nearest on. `illuminants` are EXIF's numbers of the
/// lights; the level is the first one's. Without them one light is called D50, and of two the warmer A and
/// the cooler D65. Errors: encoded frames, which are no raw ones; two bodies; lights that do not differ.
Result<DcpProfile> dcpProfileOf(std::span<const Correction* const> corrections, bool matrixOnly,
                                std::span<const Vector3> colours, std::vector<int> illuminants = {});

/// The profile's file. The same correction gives the same bytes.
Result<std::string> dcpFile(const DcpProfile& profile);

/// A camera profile as Exiv2 finds its tags; of others, too. Errors: no profile, no matrices, tables that do
/// not fit their dimensions.
Result<DcpProfile> readDcp(const std::string& bytes);

}  // namespace refero::io
