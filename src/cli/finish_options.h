// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <CLI/CLI.hpp>
#include <optional>
#include <string>
#include <vector>

#include "core/finish/finish.h"
#include "core/fit/correction.h"

namespace refero::cli {

/// Options that say a finish: a ready one, and changes to it.
class FinishOptions {
  public:
    void declare(CLI::App& verb, const std::string& what);
    /// What they make of a finish that is there already, but for its levels.
    Result<Finish> over(const Finish& finish) const;
    /// The correction with what they make of its finish, levels by its patches too.
    Status applyTo(Correction& correction) const;

  private:
    std::string name_, levelSpace_;
    std::vector<std::string> levels_;
    std::optional<double> exposure_, warmth_, tint_, contrast_, saturation_;
};

}  // namespace refero::cli
