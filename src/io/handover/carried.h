// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "core/grade/cdl.h"
#include "core/render/render.h"
#include "io/handover/dcp_profile.h"
#include "io/handover/handover.h"

namespace refero::io {

/// What a kind of file holds of a correction: the numbers that go into it, and by our own arithmetic what
/// they do.
struct RepresentablePart {
    /// What is left of it, for the exposure that was stated; without its finish where the file has none.
    Correction correction;
    Transfer inputEncoding;
    OutputSpace space = OutputSpace::srgb;
    bool videoRange = false;
    bool balanced = false;   ///< `colours` are camera RGB divided by a grey's
    bool keptLevel = false;  ///< the correction's level is not in it
    std::optional<Cdl> cdl{};
    std::optional<DcpProfile> dcp{};
    std::size_t dcpLight = 0;        ///< of the profile's lights, the one that this correction is for
    Rendering rendering{};           ///< of `correction`
    std::vector<Vector3> colours{};  ///< linear camera RGB that files are proved on; see proofColours
    Foreseen foreseen{};

    /// Of linear camera RGB, as the file should give it; relative to D50.
    Lab lab(const Vector3& cameraRgb) const;
};

Result<RepresentablePart> representablePartOf(const Correction& correction, const ExportOptions& options);

/// The same correction of what a raw developer has balanced (camera RGB divided by a grey's, whose strongest
/// channel is 1), or without its level.
Correction asFed(const Correction& correction, bool balanced, bool keepLevel);

/// A raw developer cuts balanced channels off at the neutral's clipping; what lies above is none of a
/// profile's.
bool withinProfile(const ColourTransform& correction, const Vector3& cameraRgb);

/// An output's stored numbers, relative to D50.
Lab labOfStored(const Vector3& stored, OutputSpace space);

}  // namespace refero::io
