// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <span>
#include <stop_token>

#include "core/assess/assessment.h"
#include "io/foreign/transform_file.h"

namespace refero::workflow {

/// What a person states of a transform; the rest is as its file says, or tried out.
struct StatedTerms {
    std::optional<Transfer> feed;
    std::optional<OutputSpace> space;
    std::optional<FeedBalance> balance;
    io::TransformOptions transform;
    /// Of the recording as it is: it is seen by its data sheet, through its curve and this.
    std::optional<Primaries> gamut;
};

/// A transform with all that is needed to show pictures through it.
struct Assessed {
    ForeignTransform transform;
    Assessment assessment;
};

/// Reads the file and tries it on the readings; an empty path is the recording as it is, or by its data
/// sheet. What the camera can
/// tell apart is what a fit of its own tells apart.
Result<Assessed> assess(const std::filesystem::path& path, std::span<const Reading> readings,
                        const StatedTerms& stated = {}, const std::stop_token& stop = {});
/// The same of one that is at hand.
Result<Assessed> assess(ForeignTransform transform, std::span<const Reading> readings,
                        const StatedTerms& stated = {}, const std::stop_token& stop = {});

}  // namespace refero::workflow
