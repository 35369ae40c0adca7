// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/plan/due.h"
#include "core/plan/slate.h"

namespace refero::plan {

/// What is known of a frame when it comes in; empty where its file says nothing.
struct FrameFacts {
    FrameId frame = 0;
    std::string body{}, serial{}, lens{};
    double focalLengthMm = 0;
    std::optional<Moment> taken{};
    std::optional<SlateCode> slate{};  ///< of a slate that it shows
};

/// Where a frame belongs, and why.
struct Sorted {
    FrameId frame = 0;
    SetupId setup = 0;                          ///< 0: nothing fits, or more than one does
    std::string reason{};                       ///< one sentence
    std::vector<std::string> contradictions{};  ///< what speaks against it, a sentence each
};

/// How far from a setup's planned time a frame may be taken and still be thought to belong to it.
struct SortingOptions {
    int minutesAround = 20;
};

/// Frames into setups. First by slates: what a body takes after it showed a slate is of that setup, until it
/// shows another, its lens changes, or a planned pause is long past. Else by the file: setups of this body
/// (by serial number, else by a model that is alone in the kit) and lens; of several, the one in whose time
/// it was taken; where that leaves several, none, and the reason says between which.
std::vector<Sorted> sorted(const Day& day, const std::vector<FrameFacts>& frames,
                           const SortingOptions& options = {});

/// What a frame's own file says against a setup: another body, another lens, another time.
std::vector<std::string> contradictions(const Day& day, const FrameFacts& frame, const Setup& setup,
                                        const SortingOptions& options = {});

}  // namespace refero::plan
