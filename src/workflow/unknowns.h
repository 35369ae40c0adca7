// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "studio/contents.h"
#include "studio/edit.h"
#include "workflow/setup.h"

namespace refero::workflow {

/// What a shoot's files can leave open and results depend on.
enum class Missing {
    camera,       ///< which body shot these frames
    encoding,     ///< what a body's pictures are encoded in
    sensor,       ///< how large a body's sensor is
    focalLength,  ///< of a lens
};
/// "camera", "encoding", "sensor", "focal-length": for files.
std::string_view name(Missing missing);

/// One thing that is asked once, for all that it concerns.
struct Unknown {
    Missing what = Missing::camera;
    studio::AnyId of = 0;    ///< a body or a lens; 0 where there is none
    std::string who{};       ///< what it is called; empty where it has no name
    std::size_t frames = 0;  ///< that it concerns
    std::vector<studio::SetupId>
        setups{};                      ///< of camera those without a body; of encoding those with such a shot
    Transfer taken{};                  ///< of encoding: what the shots are read as now
    std::optional<Transfer> likely{};  ///< of encoding: what the greys agree with better

    friend bool operator==(const Unknown&, const Unknown&) = default;
};

/// In the order of the kinds. `setups` are those of the shoot; encodings are asked of those that were read.
std::vector<Unknown> unknownsOf(const studio::Contents& contents, studio::ShootId shoot,
                                std::span<const Setup* const> setups);

/// A camera without a name in its files: the kit's body of that label or model, else a new one, becomes that
/// of the setups. Errors: no name.
Status answerCamera(studio::Edit& edit, const studio::Contents& contents, const Unknown& unknown,
                    const std::string& who);
/// Errors: a size that no sensor has.
Status answerSensor(studio::Edit& edit, const Unknown& unknown, double widthMm, double heightMm);
/// Errors: a length that no lens has.
Status answerFocalLength(studio::Edit& edit, const Unknown& unknown, double mm);

/// What a person stated for another chart shot of the setup's body and recording in this shoot: it holds for
/// those that do not say, too.
std::optional<Transfer> statedBefore(const studio::Contents& contents, const plan::Setup& setup);

}  // namespace refero::workflow
