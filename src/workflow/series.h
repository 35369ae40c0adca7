// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string>
#include <vector>

#include "core/frame/geometry.h"
#include "core/frame/image.h"
#include "core/plan/kit.h"
#include "core/series/series.h"

namespace refero::workflow {

/// Profiles as file names tell them: what stands before an exposure ("log -2.dng", "flat_p1.tif"). Empty for
/// each where the names do not fall into at least two groups of at least two.
std::vector<std::string> profilesByName(std::span<const std::string> paths);

/// Readings as a series: profiles from metadata, else from their names, else from how they are encoded.
std::vector<SeriesShot> seriesOf(std::vector<Reading> readings);

/// What a body keeps of its series: a test for each profile, without body, date and document.
std::vector<plan::ProfileTest> profileTests(const Series& series);

/// The chart's place in a frame with some of what is about it, at most about `longEdge` pixels long: what is
/// kept of a shot to be looked at.
LinearImage chartCrop(const LinearImage& frame, const Quad& corners, int longEdge = 640);

}  // namespace refero::workflow
