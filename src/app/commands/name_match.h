// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <optional>

namespace refero {

/// How well a name answers what was typed: every typed word must be in it, in any order and case; beginnings
/// of words count more than middles, early ones more than late ones. Nothing where it does not answer.
std::optional<int> nameMatch(const QString& typed, const QString& name);

}  // namespace refero
