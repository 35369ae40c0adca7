// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "studio/edit.h"

namespace refero::studio {

/// A new setup at the end of a shoot, alike the last one there in all that a correction depends on.
SetupId addSetup(Edit& edit, const Contents& contents, ShootId shoot);

/// A setup alike `model`, next after it in shooting order; it begins where that one ends. Nothing where
/// `model` is not there.
SetupId duplicateSetup(Edit& edit, const Contents& contents, SetupId model);

/// Puts a setup at another place in the shooting order, 0 first.
void moveSetup(Edit& edit, const Contents& contents, SetupId setup, int to);

/// Says that the chart was shot as the setup stands now: a condition that was entered wrongly is no change.
void restateConditions(Edit& edit, const Contents& contents, SetupId setup);

/// Sets or takes off the tick of a preparation.
void toggleTick(Edit& edit, const Contents& contents, ShootId shoot, const std::string& task,
                const std::string& at);

/// The labels of setups that need this record of the kit, were shot with it, or belong to it.
template <class R>
std::vector<std::string> usersOf(const Contents& contents, decltype(R::id) id);

/// Takes it out of the kit; an error naming the setups where it is in use.
template <class R>
Status removeUnused(Edit& edit, const Contents& contents, decltype(R::id) id);

}  // namespace refero::studio
