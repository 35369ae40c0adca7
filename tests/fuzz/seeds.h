// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>

namespace refero::fuzz {

/// Writes the seed corpus, a folder for each target: one small proper file of every kind, as the product
/// itself writes it.
bool writeSeeds(const std::filesystem::path& to);

}  // namespace refero::fuzz
