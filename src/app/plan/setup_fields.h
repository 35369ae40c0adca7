// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "app/forms/binding.h"
#include "core/plan/due.h"

namespace refero {

/// What a setup's form needs from outside.
struct SetupFieldsContext {
    std::function<const plan::Day&()> day;
    /// A person wants something that is not in the list: the kit, or the places.
    std::function<void()> kitWanted;
};

std::vector<Binding<plan::Setup>> setupFields(const SetupFieldsContext& context);

/// "09:30" of minutes since midnight.
QString clockText(int minutes);

}  // namespace refero
