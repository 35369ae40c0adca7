// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/plan/proposal.h"
#include "studio/studio.h"

namespace refero::workflow {

/// What the shoot's frames that belong to no setup speak for, as a person has changed it; see
/// plan::proposedSetups and plan::changed.
std::vector<plan::SetupProposal> proposals(const studio::Contents& contents, studio::ShootId shoot,
                                           const std::vector<plan::ProposalChange>& changes = {});

/// Why a setup is proposed, in one sentence for a person.
std::string reasonOf(const plan::SetupProposal& proposal);

/// Makes setups of them, with their bodies, lenses and frames, and puts frames into those that are there; all
/// of it is one step. The setups' ids, in the same order.
Result<std::vector<studio::SetupId>> accept(studio::Studio& studio, studio::ShootId shoot,
                                            const std::vector<plan::SetupProposal>& proposals);

}  // namespace refero::workflow
