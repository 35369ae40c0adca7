// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "studio/edit.h"

namespace refero::workflow {

/// A shoot of today by the clock of this machine, with a code of its own.
studio::ShootId newShoot(studio::Edit& edit);
/// The latest of a studio; 0 where there is none.
studio::ShootId latestShoot(const studio::Contents& contents);

/// The shoot's place of that name, entered where it is not there yet.
studio::PlaceId placeFor(studio::Edit& edit, const studio::Contents& contents, studio::ShootId shoot,
                         const std::string& label);

/// A new setup of a shoot for a frame that was opened; the frame is its chart frame.
studio::SetupId addSetupForFrame(studio::Edit& edit, const studio::Contents& contents, studio::ShootId shoot,
                                 const std::string& path);
/// A new setup with the first frame's body and lens, and all of these frames in it; 0 where there are none.
studio::SetupId addSetupWith(studio::Edit& edit, const studio::Contents& contents, studio::ShootId shoot,
                             const std::vector<studio::FrameId>& frames);
/// Names a setup's light and place. A place that is named later tells nothing of a move.
void nameSetup(studio::Edit& edit, const studio::Contents& contents, studio::SetupId setup,
               const std::string& place, const std::string& light);

}  // namespace refero::workflow
