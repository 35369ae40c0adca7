// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <filesystem>
#include <memory>
#include <optional>
#include <string>

#include "core/assess/foreign_transform.h"
#include "core/pair/leader.h"
#include "workflow/setup.h"

namespace refero::workflow {

/// What a transform may give to be another camera's aim: display pictures.
inline constexpr std::array kPictureSpaces{OutputSpace::srgb, OutputSpace::bt1886, OutputSpace::rec709};

/// Somebody's transform through which the leading camera is looked at: a log recording's view, a look.
struct LeaderTransform {
    std::filesystem::path file;
    OutputSpace space = OutputSpace::srgb;  ///< whose numbers it gives; one of kPictureSpaces

    friend bool operator==(const LeaderTransform&, const LeaderTransform&) = default;
};

/// The leader's frames through it; any thread.
class SeenThrough {
  public:
    SeenThrough(ForeignTransform transform, const TransformTerms& terms, Reading reading)
        : transform_(std::move(transform)), terms_(terms), reading_(std::move(reading)) {}

    Lab lab(const Vector3& linearRgb) const { return fed().lab(linearRgb); }
    EncodedImage srgb(const LinearImage& image) const { return srgbThrough(image, fed()); }
    const std::string& name() const { return transform_.name; }

  private:
    FedTransform fed() const { return {transform_, terms_, reading_}; }

    ForeignTransform transform_;
    TransformTerms terms_;
    Reading reading_;
};

/// A leader whose look is what the transform makes of its chart shot.
struct TransformedLeader {
    Leader leader;
    std::shared_ptr<const SeenThrough> seen;
};
/// Errors: the file's, and those of pictureThrough().
Result<TransformedLeader> leaderThrough(const Reading& reading, const LeaderTransform& through);

/// The one that a kept match was made with.
std::optional<LeaderTransform> leaderTransformOf(const Setup& follower);

/// Of the file's content and what it gives; empty where the file has gone. Quick where the file is as it was.
std::string fingerprintOf(const LeaderTransform& through);

}  // namespace refero::workflow
