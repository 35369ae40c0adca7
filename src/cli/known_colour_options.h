// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <CLI/CLI.hpp>
#include <optional>
#include <string>
#include <vector>

#include "core/fit/known_colour.h"

namespace refero::cli {

/// Options that say where in which frame something of known colour is.
class KnownColourOptions {
  public:
    void declare(CLI::App& verb);
    /// Measured in their frames, which are of that encoding where they do not say their own.
    Result<std::vector<KnownColour>> measured(const Transfer& encoding) const;

  private:
    std::vector<std::string> words_;  ///< four a colour
};

}  // namespace refero::cli
