// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/colour/xyz.h"
#include "core/frame/geometry.h"
#include "core/result.h"
#include "core/spectra/spectrum.h"

namespace refero {

enum class Role { neutral, skin, foliage, sky, primary, secondary, warm, cool, other };

std::string_view name(Role role);
Result<Role> roleByName(std::string_view name);

struct Reflectance {
    double startNm = 0, stepNm = 0;
    std::vector<double> values;  ///< 0..1, above 1 where it fluoresces

    Spectrum spectrum() const { return resampled(startNm, stepNm, values); }
};

struct Patch {
    std::string id;
    std::string name;  ///< for a person; may be empty
    Role role = Role::other;
    Point centreMm = Point::Zero();
    Point sizeMm = Point::Zero();
    Lab labD50;  ///< white is white::d50
    std::optional<Reflectance> reflectance;

    /// Whether it gives back more light than it gets at some wavelength: what it looks like then depends on
    /// the ultraviolet in the light.
    bool fluorescent() const;
    /// Corners in chart millimetres; `inset` 0..1 is the share kept of each side.
    Quad corners(double inset = 1) const;
};

/// A reference chart: where its patches are and what colour they have. See docs/formats.md for the file.
struct Chart {
    std::string id;
    std::string name;
    std::string source;     ///< who measured it, with what, when
    std::string condition;  ///< of the measurement, ISO 13655: "M0" to "M3"; empty where it is not known
    Point outlineMm = Point::Zero();
    Lab surroundLabD50{50, 0, 0, white::d50};
    std::vector<Patch> patches;
    /// The colours are as one picture showed them: good to find the chart by, and no reference.
    bool estimatedColours = false;
    /// Rows, columns and sizes are a proposal; a picture of the chart is still to tell them.
    bool assumedLayout = false;

    Quad outline() const;
    const Patch* patch(std::string_view patchId) const;
    /// Indices of the neutral patches, lightest first. Copies of one grey stay in the order of the
    /// definition. Where four are grey to every camera (chroma up to 1.5, and a flat spectrum where it is
    /// known), those alone.
    std::vector<std::size_t> neutrals() const;
};

/// Names the first contradiction: no patches, a repeated id, a patch that leaves the outline or overlaps
/// another, a value that is not finite or out of range.
Status validate(const Chart& chart);

/// The reference colour of a patch as XYZ in the D50 connection space, seen under `light`: from the
/// reflectance where there is one (adapted to D50 with CAT16 from the light's own white), else from lab_d50,
/// which is then right for D50 only.
Xyz referenceXyzD50(const Patch& patch, const Spectrum& light);
/// The same under D50 itself.
Xyz referenceXyzD50(const Patch& patch);

}  // namespace refero
