// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <CLI/CLI.hpp>
#include <optional>
#include <string>

#include "core/finish/finish.h"

namespace refero::cli {

/// Options that say a finish: a ready one, and changes to it.
class FinishOptions {
  public:
    void declare(CLI::App& verb, const std::string& what);
    /// What they make of a finish that is there already.
    Result<Finish> over(const Finish& finish) const;

  private:
    std::string name_;
    std::optional<double> exposure_, warmth_, tint_, contrast_, saturation_;
};

}  // namespace refero::cli
